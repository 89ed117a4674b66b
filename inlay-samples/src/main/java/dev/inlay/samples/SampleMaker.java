package dev.inlay.samples;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** Makes all sample papers. The same program makes the same bytes on every run. */
public final class SampleMaker {

  private SampleMaker() {}

  /**
   * The samples that ship with the product.
   *
   * @throws IOException if the PDF library cannot write one
   */
  public static List<Sample> shipped() throws IOException {
    List<Sample> samples = new ArrayList<>(LandingsBulletin.all());
    samples.addAll(QuayPriceList.all());
    samples.addAll(DuesStatement.all());
    samples.addAll(SeasonSummary.all());
    samples.addAll(CashBook.all());
    return samples;
  }

  /**
   * Papers that ship for the specs, without a truth of their tables: later weeks of the price list,
   * some of which do not fit, and a book with all kinds of values.
   *
   * @throws IOException if the PDF library cannot write one
   */
  public static List<Sample> forSpecs() throws IOException {
    List<Sample> samples = new ArrayList<>(PriceListBatch.all());
    samples.add(DepositBook.print());
    return samples;
  }

  /**
   * A statement of dues with an error in it.
   *
   * @throws IOException if the PDF library cannot write it
   */
  public static Sample planted(Plant plant) throws IOException {
    return DuesStatement.planted(plant);
  }

  /**
   * A cash book with an error in it.
   *
   * @throws IOException if the PDF library cannot write it
   */
  public static Sample planted(CashPlant plant) throws IOException {
    return CashBook.planted(plant);
  }

  /** The password of the locked file in the batch. */
  public static String batchPassword() {
    return PriceListBatch.PASSWORD;
  }

  /**
   * The data that the specs beside the samples make of each family, by file name, as CSV.
   *
   * @throws IOException if the PDF library cannot write a sample
   */
  public static Map<String, String> expectedData() throws IOException {
    List<Sample> samples = new ArrayList<>(all());
    samples.addAll(forSpecs());
    return ExpectedData.of(samples);
  }

  /**
   * All samples of all families, those too large to ship among them.
   *
   * @throws IOException if the PDF library cannot write one
   */
  public static List<Sample> all() throws IOException {
    List<Sample> samples = new ArrayList<>(shipped());
    samples.addAll(VesselRegister.all());
    return samples;
  }

  /**
   * Writes samples and their truths into a folder.
   *
   * @param args the folder, and {@code all} for those too large to ship as well
   * @throws IOException if a file cannot be written
   */
  public static void main(String[] args) throws IOException {
    Path folder = Path.of(args[0]);
    Files.createDirectories(folder);
    boolean all = args.length > 1 && args[1].equals("all");
    for (Sample sample : all ? all() : shipped()) {
      Files.write(folder.resolve(sample.name() + ".pdf"), sample.pdf());
      Files.write(folder.resolve(sample.name() + ".truth.json"), sample.truth());
    }
    for (Sample sample : forSpecs()) {
      Files.write(folder.resolve(sample.name() + ".pdf"), sample.pdf());
    }
    Path expected = Files.createDirectories(folder.resolve("expected"));
    for (Map.Entry<String, String> data : expectedData().entrySet()) {
      if (!data.getKey().startsWith("vessel-register")) {
        Files.writeString(expected.resolve(data.getKey()), data.getValue());
      }
    }
  }
}
