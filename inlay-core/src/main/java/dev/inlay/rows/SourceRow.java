package dev.inlay.rows;

import dev.inlay.geom.Box;
import dev.inlay.model.RowKind;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/**
 * A row of a table on its way to a record.
 *
 * @param kind what it is
 * @param level how deep a heading lies, from 0
 * @param page the number of the page that it is printed on, from 1
 * @param table the id of its table
 * @param box around its texts, in points
 * @param cells as many as the table has columns
 * @param carried texts for fields that do not come from a column
 */
record SourceRow(
    RowKind kind,
    int level,
    int page,
    String table,
    Box box,
    List<PrintedText> cells,
    Map<String, PrintedText> carried) {

  /** The row with other cells and more carried texts. */
  SourceRow with(List<PrintedText> otherCells, Map<String, PrintedText> more) {
    Map<String, PrintedText> all = new LinkedHashMap<>(carried);
    all.putAll(more);
    return new SourceRow(kind, level, page, table, box, otherCells, all);
  }

  /** The same row as one of another kind. */
  SourceRow as(RowKind other) {
    return new SourceRow(other, level, page, table, box, cells, carried);
  }

  /** The same row, of which only what some texts fill is meant. */
  SourceRow around(List<PrintedText> texts) {
    Box around = null;
    for (PrintedText raw : texts) {
      if (raw.origin().isPresent() && !raw.isEmpty()) {
        Box own = raw.origin().get().box();
        around = around == null ? own : around.union(own);
      }
    }
    return around == null ? this : new SourceRow(kind, level, page, table, around, cells, carried);
  }

  /** Its texts from left to right; a label over several columns once. */
  String text() {
    return cells.stream()
        .map(PrintedText::text)
        .filter(t -> !t.isEmpty())
        .collect(Collectors.joining(" "));
  }

  /** Whether a single cell holds all of its text. */
  boolean isOneText() {
    return cells.stream().filter(c -> !c.isEmpty()).count() == 1;
  }

  boolean isBlank() {
    return cells.stream().allMatch(PrintedText::isEmpty);
  }

  Origin origin() {
    return new Origin(page, box, table);
  }
}
