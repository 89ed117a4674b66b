package dev.inlay.write;

import dev.inlay.extract.DocumentTables;
import dev.inlay.model.Table;
import java.io.BufferedWriter;
import java.io.IOException;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.io.Writer;
import java.nio.charset.StandardCharsets;

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
      CsvLine.write(flat.names(), writer);
    }
    for (FlatTable.FlatRow row : flat.rows()) {
      CsvLine.write(row.values(), writer);
    }
    writer.flush();
  }
}
