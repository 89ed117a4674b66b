package dev.inlay.cli;

import dev.inlay.write.TableFormat;
import java.nio.file.Path;
import java.util.Locale;
import picocli.CommandLine;
import picocli.CommandLine.ParameterException;

/** The forms of commands that list things: text, csv and json. */
final class ListForms {

  private ListForms() {}

  /**
   * The form asked for: by name, by the ending of a file, or text.
   *
   * @throws ParameterException where there is no such form
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
    TableFormat form = out == null ? TableFormat.TEXT : TableFormat.ofEnding(out).orElse(null);
    if (form == null || form == TableFormat.XLSX) {
      throw new ParameterException(
          line, "the ending of '" + out + "' tells no form: use .txt, .csv or .json, or add --to");
    }
    return form;
  }
}
