package dev.inlay.cli;

import dev.inlay.write.TableFormat;
import java.nio.file.Path;
import java.util.Locale;
import picocli.CommandLine;
import picocli.CommandLine.ParameterException;

/** The formats of commands that list things: text, csv and json. */
final class ListFormats {

  private ListFormats() {}

  /**
   * The format asked for: by name, by the ending of a file, or text.
   *
   * @throws ParameterException where there is no such format
   */
  static TableFormat choose(String to, Path out, CommandLine line) {
    if (to != null) {
      return switch (to.toLowerCase(Locale.ROOT)) {
        case "text" -> TableFormat.TEXT;
        case "csv" -> TableFormat.CSV;
        case "json" -> TableFormat.JSON;
        default ->
            throw new ParameterException(line, "--to: '" + to + "' is none of text, csv, json");
      };
    }
    TableFormat format = out == null ? TableFormat.TEXT : TableFormat.ofEnding(out).orElse(null);
    if (format == null || format == TableFormat.XLSX) {
      throw new ParameterException(
          line, "the ending of '" + out + "' says no format: use .txt, .csv or .json, or add --to");
    }
    return format;
  }
}
