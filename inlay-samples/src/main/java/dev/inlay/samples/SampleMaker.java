package dev.inlay.samples;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;

/** Makes all sample papers. The same program makes the same bytes on every run. */
public final class SampleMaker {

  private SampleMaker() {}

  /**
   * All samples of all families.
   *
   * @throws IOException if the PDF library cannot write one
   */
  public static List<Sample> all() throws IOException {
    return LandingsBulletin.all();
  }

  /**
   * Writes the samples and their truths into a folder.
   *
   * @param args the folder
   * @throws IOException if a file cannot be written
   */
  public static void main(String[] args) throws IOException {
    Path folder = Path.of(args[0]);
    Files.createDirectories(folder);
    for (Sample sample : all()) {
      Files.write(folder.resolve(sample.name() + ".pdf"), sample.pdf());
      Files.write(folder.resolve(sample.name() + ".truth.json"), sample.truth());
    }
  }
}
