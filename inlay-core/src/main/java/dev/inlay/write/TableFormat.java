package dev.inlay.write;

import java.nio.file.Path;
import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** The forms in which tables are written. */
public enum TableFormat {
  /** Drawn boxes, for reading. */
  TEXT("txt"),
  /** Comma-separated values, a file for each table. */
  CSV("csv"),
  /** All that is known, for programs. */
  JSON("json"),
  /** Tables with pipes, as notes and web pages take them. */
  MARKDOWN("md"),
  /** A web page, cells merged as printed. */
  HTML("html"),
  /** A workbook, a sheet for each table. */
  XLSX("xlsx");

  private final String ending;

  TableFormat(String ending) {
    this.ending = ending;
  }

  /** The ending of its files, without the dot. */
  public String ending() {
    return ending;
  }

  /** The word for it on the command line. */
  public String word() {
    return name().toLowerCase(Locale.ROOT);
  }

  /** The form that a file's ending stands for. */
  public static Optional<TableFormat> ofEnding(Path file) {
    String name = file.getFileName().toString().toLowerCase(Locale.ROOT);
    return Arrays.stream(values()).filter(f -> name.endsWith("." + f.ending)).findFirst();
  }
}
