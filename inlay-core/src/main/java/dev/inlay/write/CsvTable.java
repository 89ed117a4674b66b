package dev.inlay.write;

import dev.inlay.extract.DocumentTables;
import dev.inlay.table.Table;
import java.io.BufferedWriter;
import java.io.IOException;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.util.List;

/** Writes one table as CSV after RFC 4180: UTF-8, commas, CRLF, quotes where they are needed. */
public final class CsvTable {

  private CsvTable() {}

  /**
   * Writes the table and leaves the stream open.
   *
   * @param document the document it comes from
   * @throws IOException if the stream fails
   */
  public static void write(DocumentTables document, Table table, OutputStream out)
      throws IOException {
    FlatTable flat = new FlatTable(table, FlatTable.numberForm(document));
    Writer writer = new BufferedWriter(new OutputStreamWriter(out, StandardCharsets.UTF_8));
    if (flat.hasHeader()) {
      line(flat.names(), writer);
    }
    for (FlatTable.FlatRow row : flat.rows()) {
      line(row.values(), writer);
    }
    writer.flush();
  }

  private static void line(List<String> values, Writer to) throws IOException {
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
