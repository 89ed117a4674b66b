package dev.inlay.document;

import dev.inlay.model.RowKind;
import dev.inlay.model.RulingExtent;
import dev.inlay.model.TableCell;
import dev.inlay.model.TableFrame;
import dev.inlay.model.TableRow;
import dev.inlay.model.Warning;
import dev.inlay.model.WarningCode;
import dev.inlay.propose.NumericTexts;
import java.util.ArrayList;
import java.util.List;

/**
 * Signs that a whole table, over all its pages, may be read wrongly: it is not as even as tables
 * are.
 */
final class TableDoubts {

  /** Rows with at most half of the usual texts may be this share of all. */
  private static final double UNEVEN_SHARE = 0.1;

  /** A column holds figures where this share of its texts does; the others then break its type. */
  private static final double FIGURE_COLUMN = 0.7;

  /** A column with texts in at most this share of the rows may be part of its neighbour. */
  private static final double SPARSE_SHARE = 0.1;

  /** At least this many of them are figures and nothing else: short words may be marks. */
  private static final double REAL_SHARE = 0.5;

  /** In a triangle of figures each column has at most this many texts fewer than the one before. */
  private static final int TRIANGLE_STEP = 2;

  /** In fewer rows a column may well have one text. */
  private static final int ROWS_TO_FILL = 5;

  /** Fewer rows show no common columns. */
  private static final int FEW_ROWS = 3;

  private static final String OMISSION = ".\u2026\u22EE\u00B7 ";

  private final int headerRows;
  private final int columns;
  private final List<TableRow> body;
  private final TableFrame frame;
  private final List<Warning> warnings = new ArrayList<>();

  private TableDoubts(int headerRows, int columns, List<TableRow> rows, TableFrame frame) {
    this.headerRows = headerRows;
    this.columns = columns;
    this.frame = frame;
    body =
        rows.stream()
            .skip(headerRows)
            .filter(r -> r.kind() != RowKind.GROUP && r.kind() != RowKind.NOTE)
            .toList();
  }

  /**
   * Looks at a table.
   *
   * @param headerRows how many rows at the top are header
   * @param columns how many columns it has
   * @param rows all of its rows
   * @param frame where it begins
   */
  static List<Warning> of(int headerRows, int columns, List<TableRow> rows, TableFrame frame) {
    TableDoubts doubts = new TableDoubts(headerRows, columns, rows, frame);
    if (frame.rulings() != RulingExtent.FULL) {
      doubts.checkRows(rows);
      doubts.checkColumns();
    }
    return doubts.warnings;
  }

  private void checkRows(List<TableRow> rows) {
    if (headerRows == 0) {
      warn(WarningCode.HEADER_UNSURE, "no heading was found over its columns");
    }
    if (body.size() < FEW_ROWS && frame.rulings() == RulingExtent.NONE) {
      warn(WarningCode.FEW_ROWS, "it has " + body.size() + " row(s), too few to show its columns");
    }
    int[] filled = body.stream().mapToInt(TableDoubts::filled).sorted().toArray();
    if (filled.length > 0) {
      int usual = filled[filled.length / 2];
      // A label and a sum fill few columns, and are no less even for it.
      long uneven =
          body.stream()
              .filter(r -> filled(r) * 2 <= usual)
              .filter(r -> !r.kind().isSum() && !isLabelledSum(r) && !isOmission(r))
              .count();
      if (uneven > UNEVEN_SHARE * body.size()) {
        warn(WarningCode.UNEVEN_ROWS, uneven + " row(s) have at most half of the usual texts");
      }
    }
    long headings = rows.stream().filter(r -> r.kind() == RowKind.GROUP).count();
    if (headings * 2 > body.size()) {
      warn(WarningCode.LOOSE_HEADING, "it has a heading for hardly more than each row");
    }
  }

  private static boolean isLabelledSum(TableRow row) {
    List<TableCell> cells = row.cells().stream().filter(c -> !c.text().isEmpty()).toList();
    return cells.size() > 1
        && !NumericTexts.isFigure(cells.get(0).text())
        && cells.stream().skip(1).allMatch(c -> NumericTexts.isFigure(c.text()));
  }

  /** A row of dots alone says that rows were left out. */
  private static boolean isOmission(TableRow row) {
    return row.cells().stream()
        .allMatch(c -> c.text().chars().allMatch(ch -> OMISSION.indexOf(ch) >= 0));
  }

  private static int filled(TableRow row) {
    return (int) row.cells().stream().filter(c -> !c.text().isEmpty()).count();
  }

  private void checkColumns() {
    int before = 0;
    for (int c = 0; c < columns; c++) {
      int column = c;
      List<String> texts =
          body.stream()
              .filter(r -> !r.kind().isSum())
              .flatMap(r -> r.cells().stream())
              .filter(cell -> cell.column() == column && cell.columnSpan() == 1)
              .map(TableCell::text)
              .filter(t -> !t.isEmpty())
              .toList();
      boolean few = body.size() < ROWS_TO_FILL || before - texts.size() <= TRIANGLE_STEP && c > 0;
      before = texts.size();
      if (!few && !texts.isEmpty() && texts.size() <= Math.max(1, SPARSE_SHARE * body.size())) {
        warn(
            WarningCode.SPARSE_COLUMN,
            "column " + (c + 1) + " has " + texts.size() + " text(s) in " + body.size() + " rows");
      }
      long figures = texts.stream().filter(TableDoubts::isFigureOrMark).count();
      long real = texts.stream().filter(NumericTexts::isFigure).count();
      boolean mostly =
          texts.size() >= FEW_ROWS
              && figures >= FIGURE_COLUMN * texts.size()
              && real >= REAL_SHARE * texts.size();
      if (mostly && figures < texts.size()) {
        warnTypeBreak(c);
      }
    }
  }

  private void warnTypeBreak(int column) {
    for (TableRow row : body) {
      for (TableCell cell : row.cells()) {
        boolean here = cell.column() == column && cell.columnSpan() == 1 && !row.kind().isSum();
        if (here && !cell.text().isEmpty() && !isFigureOrMark(cell.text())) {
          String odd = Warning.shortened(cell.text());
          String message = "column " + (column + 1) + " holds numbers, but also \"" + odd + "\"";
          Warning warning = new Warning(WarningCode.TYPE_BREAK, row.page(), message);
          warnings.add(warning.at(cell.box()));
          return;
        }
      }
    }
  }

  /** Figures, with a unit or a marker, and short marks that stand for nothing. */
  private static boolean isFigureOrMark(String text) {
    boolean digits = text.chars().anyMatch(Character::isDigit);
    return NumericTexts.isFigure(text) || digits && text.length() <= 8 || text.length() <= 3;
  }

  private void warn(WarningCode code, String message) {
    warnings.add(new Warning(code, frame.page(), message));
  }
}
