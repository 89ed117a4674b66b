package dev.inlay.write;

import java.io.IOException;
import java.io.Writer;
import java.util.List;

/** A line of a CSV file, after RFC 4180. */
final class CsvLine {

  private CsvLine() {}

  /** Writes values as one line; none of them runs as a formula in a spreadsheet. */
  static void write(List<String> values, Writer to) throws IOException {
    for (int i = 0; i < values.size(); i++) {
      if (i > 0) {
        to.write(',');
      }
      to.write(quoted(FormulaGuard.asText(values.get(i))));
    }
    to.write("\r\n");
  }

  private static String quoted(String value) {
    boolean plain = value.chars().noneMatch(c -> c == ',' || c == '"' || c == '\n' || c == '\r');
    return plain ? value : '"' + value.replace("\"", "\"\"") + '"';
  }
}
