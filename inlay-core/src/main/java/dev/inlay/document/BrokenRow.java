package dev.inlay.document;

import dev.inlay.choose.PageTable;
import dev.inlay.geom.Edges;
import dev.inlay.model.RowKind;
import dev.inlay.model.TableCell;
import dev.inlay.model.TableRow;
import dev.inlay.propose.NumericTexts;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * A row that a page break parts: the rest of its texts stands at the top of the next page, without
 * the label that every row begins with, or with the rest of it.
 */
final class BrokenRow {

  /** Rows begin with a label where this share of them does. */
  private static final double LABELLED_SHARE = 0.8;

  /** Fewer rows do not show that each begins with a label. */
  private static final int LEAST_ROWS = 3;

  private BrokenRow() {}

  /**
   * The last row before a page break together with the first one behind it. A label alone in its
   * box is the rest of the one before where no other row of the table is so.
   *
   * @param before the rows before the break
   * @param begun the first row behind it
   * @param open whether rulings part the rows before the break and none ends the last
   * @param part the part of the table behind it
   * @return empty where they are two rows
   */
  static Optional<TableRow> join(
      List<TableRow> before, TableRow begun, boolean open, PageTable part) {
    TableRow last = before.get(before.size() - 1);
    boolean label = isLabelAlone(begun) && before.stream().noneMatch(BrokenRow::isLabelAlone);
    TableRow rest =
        label
            ? new TableRow(RowKind.BODY, begun.page(), begun.cells())
            : inItsColumn(begun, part.columnEdges(), open);
    boolean withLabel = label || open && goesOnInLabel(rest, before);
    boolean records = last.kind() == RowKind.BODY && rest.kind() == RowKind.BODY;
    boolean labelled = beginWithLabels(before) && !last.textAt(0).isEmpty();
    return records
            && (labelled || open && hasFewerTexts(rest, last))
            && isRestOf(rest, last, part.isRuled(), withLabel)
        ? Optional.of(joined(last, rest))
        : Optional.empty();
  }

  /** Whether the first box of a row is filled and the others, which are drawn, are empty. */
  private static boolean isLabelAlone(TableRow row) {
    return row.kind() == RowKind.GROUP
        && row.cells().size() > 1
        && !row.textAt(0).isEmpty()
        && row.cells().stream().skip(1).allMatch(c -> c.text().isEmpty());
  }

  /**
   * A text alone that goes on, read as a heading of rows, in the column it stands in: its own box
   * is not the first of its row, it goes on in lower case, or no ruling ends the row before the
   * break.
   */
  private static TableRow inItsColumn(TableRow row, List<Double> edges, boolean open) {
    if (row.kind() != RowKind.GROUP || edges.isEmpty()) {
      return row;
    }
    TableCell only =
        row.cells().stream()
            .filter(c -> !c.text().isEmpty())
            .findFirst()
            .orElse(row.cells().get(0));
    if (only.column() > 0) {
      return new TableRow(RowKind.BODY, row.page(), row.cells()); // boxed, below no label
    }
    if (!beginsInLowerCase(only.text()) && !open) {
      return row;
    }
    int column = Edges.indexOf(edges, only.box().left());
    TableCell moved = only.at(column, 1);
    return new TableRow(RowKind.BODY, row.page(), List.of(moved));
  }

  private static boolean beginWithLabels(List<TableRow> rows) {
    List<TableRow> records = rows.stream().filter(r -> r.kind() == RowKind.BODY).toList();
    long labelled = records.stream().filter(r -> !r.textAt(0).isEmpty()).count();
    return records.size() >= LEAST_ROWS && labelled >= LABELLED_SHARE * records.size();
  }

  /** Whether a row begins in lower case, as no row before the break does. */
  private static boolean goesOnInLabel(TableRow rest, List<TableRow> before) {
    return beginsInLowerCase(rest.textAt(0))
        && before.stream()
            .filter(r -> r.kind() == RowKind.BODY)
            .noneMatch(r -> beginsInLowerCase(r.textAt(0)));
  }

  private static boolean beginsInLowerCase(String text) {
    return !text.isEmpty() && Character.isLowerCase(text.codePointAt(0));
  }

  /**
   * Whether a row adds words alone, each below words of the other row.
   *
   * @param withLabel whether it may add to the label, too
   */
  private static boolean isRestOf(TableRow rest, TableRow row, boolean ruled, boolean withLabel) {
    boolean adds = false;
    for (TableCell cell : rest.cells()) {
      if (!cell.text().isEmpty()) {
        String above = row.textAt(cell.column());
        if (cell.column() == 0 && !withLabel
            || above.isEmpty() && !ruled
            || areTwoFigures(above, cell.text(), ruled)) {
          return false;
        }
        adds = true;
      }
    }
    return adds;
  }

  /** Whether texts are no single text: figures do not go on, within a box only beside words. */
  private static boolean areTwoFigures(String above, String below, boolean ruled) {
    boolean first = NumericTexts.isFigure(above);
    boolean second = NumericTexts.isFigure(below);
    return ruled ? first && second : first || second;
  }

  private static boolean hasFewerTexts(TableRow rest, TableRow row) {
    return texts(rest) < texts(row);
  }

  private static long texts(TableRow row) {
    return row.cells().stream().filter(c -> !c.text().isEmpty()).count();
  }

  private static TableRow joined(TableRow row, TableRow rest) {
    List<TableCell> cells = new ArrayList<>();
    for (TableCell cell : rest.cells()) {
      if (row.textAt(cell.column()).isEmpty() && !cell.text().isEmpty()) {
        cells.add(cell);
      }
    }
    for (TableCell cell : row.cells()) {
      if (cell.text().isEmpty()) {
        continue;
      }
      cells.add(
          rest.cellAt(cell.column())
              .filter(more -> !more.text().isEmpty())
              .map(cell::goingOn)
              .orElse(cell));
    }
    cells.sort(Comparator.comparingInt(TableCell::column));
    return new TableRow(row.kind(), row.page(), cells);
  }
}
