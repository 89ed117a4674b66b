package dev.inlay.choose;

import dev.inlay.geom.Box;
import dev.inlay.model.RowKind;
import dev.inlay.model.RulingExtent;
import dev.inlay.model.TableCell;
import dev.inlay.model.TableFrame;
import dev.inlay.model.TableNote;
import dev.inlay.model.TableRow;
import dev.inlay.model.Warning;
import dev.inlay.model.WarningCode;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/**
 * The part of a table that stands on one page.
 *
 * @param frame where it stands
 * @param title the caption above it, if there is one
 * @param notes what stands below it
 * @param columnEdges x of the boundaries between its columns, in points
 * @param headerRows how many rows at the top are header
 * @param rows from top to bottom
 * @param warnings reasons to look at it
 * @param first whether no other table and no running text stands above it on the page
 * @param last whether no other table and no running text stands below it on the page
 * @param goesOn whether it is known to go on with the table before it
 */
public record PageTable(
    TableFrame frame,
    Optional<String> title,
    List<TableNote> notes,
    List<Double> columnEdges,
    int headerRows,
    List<TableRow> rows,
    List<Warning> warnings,
    boolean first,
    boolean last,
    boolean goesOn) {

  /** Keeps copies that cannot change. */
  public PageTable {
    notes = List.copyOf(notes);
    columnEdges = List.copyOf(columnEdges);
    rows = List.copyOf(rows);
    warnings = List.copyOf(warnings);
  }

  /** The same table, marked as the first or the last of its page. */
  public PageTable placed(boolean isFirst, boolean isLast) {
    return new PageTable(
        frame, title, notes, columnEdges, headerRows, rows, warnings, isFirst, isLast, goesOn);
  }

  /** The same table, known to go on with the table before it. */
  PageTable goingOn() {
    return new PageTable(
        frame, title, notes, columnEdges, headerRows, rows, warnings, first, last, true);
  }

  /** The same table with other rows, some of them header. */
  public PageTable withRows(int header, List<TableRow> others) {
    return new PageTable(
        frame, title, notes, columnEdges, header, others, warnings, first, last, goesOn);
  }

  /** The same table with more reasons to look at it. */
  public PageTable withWarnings(List<Warning> more) {
    List<Warning> all = new ArrayList<>(warnings);
    all.addAll(more);
    return new PageTable(
        frame, title, notes, columnEdges, headerRows, rows, all, first, last, goesOn);
  }

  /** The same table without a caption. */
  PageTable withoutTitle() {
    return new PageTable(
        frame,
        Optional.empty(),
        notes,
        columnEdges,
        headerRows,
        rows,
        warnings,
        first,
        last,
        goesOn);
  }

  /** The same table, its header read as rows: one text alone heads those below it. */
  public PageTable withoutHeader() {
    List<TableRow> all = new ArrayList<>();
    for (TableRow row : rows) {
      List<TableCell> texts = row.cells().stream().filter(c -> !c.text().isEmpty()).toList();
      boolean header = row.kind() == RowKind.HEADER;
      if (header && texts.size() == 1 && columns() > 2) {
        TableCell only = texts.get(0);
        TableCell over = only.at(0, columns());
        all.add(new TableRow(RowKind.GROUP, row.page(), List.of(over)));
      } else {
        all.add(header ? new TableRow(RowKind.BODY, row.page(), row.cells()) : row);
      }
    }
    return withRows(0, all);
  }

  /** The same table with its frame and cells at other places. */
  PageTable at(UnaryOperator<Box> place) {
    TableFrame there = frame.at(place.apply(frame.box()));
    List<TableRow> moved = new ArrayList<>();
    for (TableRow row : rows) {
      List<TableCell> cells = new ArrayList<>();
      for (TableCell c : row.cells()) {
        cells.add(c.at(place.apply(c.box())));
      }
      moved.add(new TableRow(row.kind(), row.page(), cells));
    }
    return new PageTable(
        there, title, notes, columnEdges, headerRows, moved, warnings, first, last, goesOn);
  }

  /** Whether nothing but its place tells its header. */
  public boolean hasUnsureHeader() {
    return headerRows > 0 && warnings.stream().anyMatch(w -> w.code() == WarningCode.HEADER_UNSURE);
  }

  /** Whether rulings part all its rows and columns. */
  public boolean isRuled() {
    return frame.rulings() == RulingExtent.FULL;
  }

  /** How many columns it has. */
  public int columns() {
    return columnEdges.size() - 1;
  }

  /** How many characters its cells hold, blanks not counted. */
  public long printed() {
    return rows.stream()
        .flatMap(r -> r.cells().stream())
        .flatMapToInt(c -> c.text().codePoints())
        .filter(c -> !Character.isWhitespace(c))
        .count();
  }

  public List<TableRow> header() {
    return rows.subList(0, headerRows);
  }

  public List<TableRow> body() {
    return rows.subList(headerRows, rows.size());
  }
}
