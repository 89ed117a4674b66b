package dev.inlay.document;

import dev.inlay.model.RowKind;
import dev.inlay.model.TableCell;
import dev.inlay.model.TableRow;
import dev.inlay.model.Warning;
import dev.inlay.model.WarningCode;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Proves by arithmetic which rows are sums: a row whose figures equal the sums of the rows above
 * it, from a boundary on. Boundaries are the top of the table, headings of rows, and sums found
 * before. Words for sums and a row's shape are hints: without them more columns must agree.
 *
 * <p>Sums are exact; where rounded figures were added before they were rounded, half a unit of the
 * last decimal for each row is let pass in a row that a word tells.
 */
final class RowSums {

  /** A row that no hint tells must agree in this many columns. */
  private static final int COLUMNS_WITHOUT_HINT = 2;

  /** As many boundaries are tried, from the nearest; a level more of sums costs one. */
  private static final int MOST_BOUNDARIES = 100;

  /** One proved sum may bear its label by chance. */
  private static final int LEAST_LIKE = 2;

  /** Rows beside the records come at least this many times. */
  private static final int LEAST_BESIDE = 3;

  /** And are at least one of this many rows. */
  private static final int ONE_BESIDE = 4;

  private final List<TableRow> rows;

  /** The label of rows that are no addends; empty where all are. */
  private final String beside;

  private final SumColumns columns;
  private final List<TableRow> recognised = new ArrayList<>();
  private final List<Warning> warnings = new ArrayList<>();
  private final List<Integer> boundaries = new ArrayList<>(List.of(0));
  private int proven;

  private RowSums(List<TableRow> rows, int columnCount, String beside) {
    this.rows = rows;
    this.beside = beside;
    columns = new SumColumns(rows, columnCount);
  }

  /**
   * What arithmetic says of the rows below a header.
   *
   * @param rows the same rows with their kinds
   * @param warnings printed sums that the rows above them contradict
   * @param proven how many sums were proved
   * @param columns the figures that were added
   */
  record Result(List<TableRow> rows, List<Warning> warnings, int proven, SumColumns columns) {}

  /**
   * Looks at the rows of a table.
   *
   * @param rows those below the header
   * @param columns how many columns the table has
   */
  static Result of(List<TableRow> rows, int columns) {
    RowSums sums = new RowSums(rows, columns, "");
    sums.recognise();
    List<TableRow> labelled = sums.withLikeLabels();
    if (!labelled.equals(rows)) {
      sums = new RowSums(labelled, columns, "");
      sums.recognise();
    }
    if (sums.proven == 0 && rows.stream().anyMatch(r -> r.kind().isSum())) {
      sums = sums.withoutSharesBeside().orElse(sums);
    }
    return new Result(sums.recognised, sums.warnings, sums.proven, sums.columns);
  }

  /**
   * The same with rows that are no addends, where sums are proved then: those of one label that
   * comes again and again, as shares below each amount.
   */
  private Optional<RowSums> withoutSharesBeside() {
    Map<String, Integer> labels = new LinkedHashMap<>();
    rows.forEach(r -> labels.merge(label(r), 1, Integer::sum));
    for (Map.Entry<String, Integer> label : labels.entrySet()) {
      int times = label.getValue();
      if (times >= LEAST_BESIDE && times * ONE_BESIDE >= rows.size() && !label.getKey().isEmpty()) {
        RowSums sums = new RowSums(rows, columns.count(), label.getKey());
        sums.recognise();
        if (sums.proven > 0) {
          return Optional.of(sums);
        }
      }
    }
    return Optional.empty();
  }

  private static String label(TableRow row) {
    return row.cells().stream()
        .map(TableCell::text)
        .filter(t -> !t.isEmpty())
        .findFirst()
        .orElse("");
  }

  /**
   * The rows, those known to be sums whose label begins as that of several proved sums does, as in
   * {@code Dues of Skua}: a printed sum that is off shows itself by its label alone.
   */
  private List<TableRow> withLikeLabels() {
    Map<String, Integer> labels = new HashMap<>();
    for (int r = 0; r < rows.size(); r++) {
      if (rows.get(r).kind() == RowKind.BODY && recognised.get(r).kind() == RowKind.SUBTOTAL) {
        labels.merge(beginning(rows.get(r)), 1, Integer::sum);
      }
    }
    List<TableRow> labelled = new ArrayList<>();
    for (int r = 0; r < rows.size(); r++) {
      TableRow row = rows.get(r);
      boolean like =
          recognised.get(r).kind() == RowKind.BODY
              && columns.hasFigures(r)
              && columns.hasFewerTexts(r)
              && !beginning(row).isEmpty()
              && labels.getOrDefault(beginning(row), 0) >= LEAST_LIKE;
      labelled.add(like ? new TableRow(RowKind.SUBTOTAL, row.page(), row.cells()) : row);
    }
    return labelled;
  }

  /** The first two words of a row's first text; empty where it has fewer. */
  private static String beginning(TableRow row) {
    String[] words = label(row).split(" ");
    boolean named = words.length > 1 && Character.isLetter(words[0].charAt(0));
    return named ? words[0] + " " + words[1] : "";
  }

  private void recognise() {
    List<Integer> unproven = new ArrayList<>();
    List<Integer> from = new ArrayList<>();
    for (int r = 0; r < rows.size(); r++) {
      TableRow row = rows.get(r);
      RowKind kind = row.kind();
      if (kind == RowKind.GROUP) {
        boundaries.add(r);
      } else if (kind != RowKind.NOTE && columns.hasFigures(r)) {
        boolean word = kind.isSum();
        boolean carried = CarriedRows.isCarried(rows, r);
        int start = carried ? -1 : start(r, word);
        if (start >= 0) {
          proven++;
          kind = word ? kind : kindOf(r, start);
          columns.prove(start, r);
        } else if (carried) {
          kind = RowKind.SUBTOTAL;
        } else if (word) {
          unproven.add(r);
          from.add(boundaries.get(boundaries.size() - 1));
        }
        if (kind != RowKind.BODY) {
          boundaries.add(r + 1);
        }
      }
      boolean isBeside = !beside.isEmpty() && label(row).equals(beside);
      columns.end(r, kind == RowKind.BODY && !isBeside);
      recognised.add(kind == row.kind() ? row : new TableRow(kind, row.page(), row.cells()));
    }
    reportClosingRows();
    reportRowsBetweenSums();
    for (int i = 0; i < unproven.size(); i++) {
      contradict(from.get(i), unproven.get(i));
    }
  }

  /** What follows the last sum and has fewer texts than records, as taxes do, is of its kind. */
  private void reportClosingRows() {
    int row = rows.size();
    while (row > 0 && closesTable(row - 1)) {
      row--;
    }
    boolean afterSum =
        row > 0
            && row < rows.size()
            && columns.hasFigures(row - 1)
            && recognised.get(row - 1).kind() != RowKind.BODY;
    for (int r = row; afterSum && r < rows.size(); r++) {
      recognised.set(r, new TableRow(RowKind.TOTAL, rows.get(r).page(), rows.get(r).cells()));
    }
  }

  /**
   * At the end of a table, what stands between two sums and fills the same columns as the first of
   * them is no record, as a freight charge between the sum of the goods and that of the order.
   */
  private void reportRowsBetweenSums() {
    int last = rows.size() - 1;
    while (last >= 0 && recognised.get(last).kind() != RowKind.TOTAL) {
      last--;
    }
    int row = last - 1;
    while (row >= 0 && closesTable(row)) {
      row--;
    }
    boolean between = row >= 0 && row < last - 1 && recognised.get(row).kind().isSum();
    for (int r = row + 1; between && r < last; r++) {
      if (filled(rows.get(r)).equals(filled(rows.get(row)))) {
        recognised.set(r, new TableRow(RowKind.TOTAL, rows.get(r).page(), rows.get(r).cells()));
      }
    }
  }

  /** The columns in which a row has texts. */
  private static List<Integer> filled(TableRow row) {
    return row.cells().stream().filter(c -> !c.text().isEmpty()).map(TableCell::column).toList();
  }

  private boolean closesTable(int row) {
    return recognised.get(row).kind() == RowKind.BODY
        && columns.hasFigures(row)
        && columns.hasFewerTexts(row);
  }

  /** The row from which on the rows above add up to this one; negative where there is none. */
  private int start(int row, boolean word) {
    boolean shaped = word || columns.hasFewerTexts(row);
    int last = Math.max(0, boundaries.size() - MOST_BOUNDARIES);
    for (int b = boundaries.size() - 1; b >= last; b--) {
      int from = boundaries.get(b);
      int addends = columns.addends(from, row);
      SumColumns.Match match = columns.match(from, row, word);
      boolean agrees =
          word
              ? addends > 0 && match.agree() > 0 && match.agree() >= match.differ()
              : addends > 1
                  && (shaped && match.differ() == 0 && match.agree() > 0
                      || match.agree() >= COLUMNS_WITHOUT_HINT && match.agree() > match.differ());
      if (agrees) {
        return from;
      }
    }
    return -1;
  }

  private RowKind kindOf(int row, int start) {
    boolean all = start == 0;
    for (int r = row + 1; r < rows.size(); r++) {
      all &= rows.get(r).kind() != RowKind.BODY || !columns.hasFigures(r);
    }
    return all ? RowKind.TOTAL : RowKind.SUBTOTAL;
  }

  /** Names a printed sum that differs, in a column whose other sums were proved. */
  private void contradict(int from, int row) {
    for (int c = 0; c < columns.count(); c++) {
      BigDecimal sum = columns.sum(from, row, c);
      BigDecimal printed = columns.figure(row, c);
      boolean differs = printed != null && !columns.agrees(row, c, sum);
      if (differs && columns.isProven(c) && columns.addends(from, row) > 1) {
        String message =
            "\""
                + Warning.shortened(rows.get(row).cells().get(0).text())
                + "\" prints "
                + printed.toPlainString()
                + " in column "
                + (c + 1)
                + ", but the rows above add up to "
                + sum.toPlainString();
        Warning warning = new Warning(WarningCode.SUM_OFF, rows.get(row).page(), message);
        warnings.add(warning.at(columns.cell(row, c).box()));
        return;
      }
    }
  }
}
