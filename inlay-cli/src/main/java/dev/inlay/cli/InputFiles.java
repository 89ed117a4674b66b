package dev.inlay.cli;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;

/** The PDF files that a person names: files, and folders for all in them and below. */
final class InputFiles {

  private InputFiles() {}

  /**
   * The files, those of a folder in the order of their names.
   *
   * @throws IOException if a folder cannot be listed
   */
  static List<Path> of(List<Path> named) throws IOException {
    List<Path> files = new ArrayList<>();
    for (Path path : named) {
      if (Files.isDirectory(path)) {
        try (Stream<Path> inside = Files.walk(path)) {
          inside.filter(InputFiles::isPdf).sorted().forEach(files::add);
        }
      } else {
        files.add(path);
      }
    }
    return files;
  }

  private static boolean isPdf(Path path) {
    String name = String.valueOf(path.getFileName()).toLowerCase(Locale.ROOT);
    return name.endsWith(".pdf") && Files.isRegularFile(path);
  }
}
