package dev.inlay.write;

import dev.inlay.model.RowKind;
import dev.inlay.model.Table;
import dev.inlay.model.TableCell;
import dev.inlay.write.TextTables.Limits;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Set;

/**
 * One table drawn with box characters. Merged cells are drawn merged; between rows of the body a
 * line stands only where a merged cell ends and above sums, so that long tables stay readable.
 */
final class BoxDrawing {

  /**
   * The characters of corners and crossings, by the lines that meet: up 8, down 4, left 2, right 1.
   */
  private static final String JOINTS = " ╶╴─╷┌┐┬╵└┘┴│├┤┼";

  /** Of a long table its end is shown too: sums stand there. */
  private static final int LAST_ROWS = 3;

  private final Table table;
  private final Limits limits;
  private final TableCell[][] owner;
  private final List<Integer> shown;
  private final ColumnWidths widths;
  private final boolean[] right;
  private int shortened;

  BoxDrawing(Table table, Limits limits) {
    this.table = table;
    this.limits = limits;
    owner = owners(table);
    shown = shownRows();
    widths = ColumnWidths.of(shownCells(), table.columns().size(), limits.width());
    right = FlatTable.figureColumns(table);
  }

  /** For each row and column the cell that covers it. */
  static TableCell[][] owners(Table table) {
    int rows = table.rows().size();
    int columns = table.columns().size();
    TableCell[][] owner = new TableCell[rows][columns];
    for (int r = 0; r < rows; r++) {
      for (TableCell cell : table.rows().get(r).cells()) {
        for (int i = r; i < Math.min(rows, r + cell.rowSpan()); i++) {
          for (int c = cell.column(); c < cell.column() + cell.columnSpan(); c++) {
            owner[i][c] = cell;
          }
        }
      }
    }
    return owner;
  }

  private List<Integer> shownRows() {
    int all = table.rows().size();
    int most = limits.rows() == 0 ? all : table.headerRows() + limits.rows();
    List<Integer> rows = new ArrayList<>();
    for (int r = 0; r < all; r++) {
      if (all <= most || r < most - LAST_ROWS || r >= all - LAST_ROWS) {
        rows.add(r);
      }
    }
    return rows;
  }

  /** Each cell of which a part is shown, once. */
  private Set<TableCell> shownCells() {
    Set<TableCell> cells = Collections.newSetFromMap(new IdentityHashMap<>());
    shown.forEach(row -> cells.addAll(Arrays.asList(owner[row])));
    cells.remove(null);
    return cells;
  }

  List<String> lines() {
    List<String> lines = new ArrayList<>();
    lines.add(border(-1, shown.get(0)));
    for (int i = 0; i < shown.size(); i++) {
      int row = shown.get(i);
      lines.add(content(row, i == 0 ? -1 : shown.get(i - 1)));
      boolean last = i == shown.size() - 1;
      int next = last ? table.rows().size() : shown.get(i + 1);
      if (next > row + 1) {
        lines.add(skipped(next - row - 1));
      } else if (last || needsBorder(row)) {
        lines.add(border(row, last ? -1 : next));
      }
    }
    reported(lines);
    return lines;
  }

  private void reported(List<String> lines) {
    List<String> cuts = new ArrayList<>();
    int hiddenRows = table.rows().size() - shown.size();
    if (hiddenRows > 0) {
      cuts.add(TextTables.counted(hiddenRows, "row"));
    }
    if (widths.hidden() > 0) {
      cuts.add(TextTables.counted(widths.hidden(), "column"));
    }
    List<String> said = new ArrayList<>();
    if (!cuts.isEmpty()) {
      said.add("not shown: " + String.join(" and ", cuts));
    }
    if (shortened > 0) {
      said.add("shortened to fit: " + TextTables.counted(shortened, "text"));
    }
    if (!said.isEmpty()) {
      lines.add("(" + String.join("; ", said) + ")");
    }
  }

  /** Whether a line is drawn below a row that is not the last. */
  private boolean needsBorder(int row) {
    RowKind kind = table.rows().get(row).kind();
    RowKind next = table.rows().get(row + 1).kind();
    boolean header = row < table.headerRows();
    boolean sums = next != kind && next.isSum();
    return header || sums || endsMergedCell(row);
  }

  private boolean endsMergedCell(int row) {
    for (int c = 0; c < owner[row].length; c++) {
      TableCell here = owner[row][c];
      TableCell below = owner[row + 1][c];
      if (here != below && (isMerged(here) || isMerged(below))) {
        return true;
      }
    }
    return false;
  }

  private static boolean isMerged(TableCell cell) {
    return cell != null && cell.rowSpan() > 1;
  }

  /** The line between two rows; -1 stands for outside the table. */
  private String border(int above, int below) {
    StringBuilder line = new StringBuilder();
    int columns = widths.shown();
    for (int c = 0; c <= columns; c++) {
      boolean up = above >= 0 && isBar(above, c);
      boolean down = below >= 0 && isBar(below, c);
      boolean left = c > 0 && isDash(above, below, c - 1);
      boolean rightward = c < columns && isDash(above, below, c);
      line.append(joint(up, down, left, rightward));
      if (c < columns) {
        line.append((rightward ? "─" : " ").repeat(widths.of(c) + 2));
      }
    }
    return line.toString();
  }

  private static char joint(boolean up, boolean down, boolean left, boolean right) {
    int index = (up ? 8 : 0) | (down ? 4 : 0) | (left ? 2 : 0) | (right ? 1 : 0);
    return JOINTS.charAt(index);
  }

  /** Whether a bar stands in a row before the given column. */
  private boolean isBar(int row, int column) {
    return column == 0
        || column == widths.shown()
        || owner[row][column] == null
        || owner[row][column] != owner[row][column - 1];
  }

  private boolean isDash(int above, int below, int column) {
    return above < 0
        || below < 0
        || owner[above][column] == null
        || owner[above][column] != owner[below][column];
  }

  private boolean isNew(TableCell cell, int rowBefore, int column) {
    return rowBefore < 0 || owner[rowBefore][column] != cell;
  }

  /** A row's texts; a merged cell's stands in its first row, and again where rows were left out. */
  private String content(int row, int rowBefore) {
    StringBuilder line = new StringBuilder("│");
    int columns = widths.shown();
    for (int c = 0; c < columns; ) {
      TableCell cell = owner[row][c];
      int end = c + 1;
      while (end < columns && !isBar(row, end)) {
        end++;
      }
      boolean starts = cell != null && (rowBefore != row - 1 || isNew(cell, rowBefore, c));
      line.append(' ').append(shownText(starts ? cell.text() : "", c, end)).append(" │");
      c = end;
    }
    return line.toString();
  }

  private String shownText(String text, int from, int to) {
    int width = widths.over(from, to);
    String line = text.replace('\n', ' ');
    String cut = DisplayWidth.cut(line, width);
    shortened += cut.equals(line) ? 0 : 1;
    return DisplayWidth.pad(cut, width, to == from + 1 && right[from]);
  }

  private String skipped(int rows) {
    String text = "… " + TextTables.counted(rows, "more row");
    int width = widths.over(0, widths.shown());
    return "│ " + DisplayWidth.pad(DisplayWidth.cut(text, width), width, false) + " │";
  }
}
