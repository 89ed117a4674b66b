package dev.inlay.choose;

import dev.inlay.page.Fill;
import dev.inlay.propose.Cell;
import dev.inlay.propose.Grid;
import dev.inlay.propose.NumericTexts;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;

/**
 * Tells how many rows at the top of a grid are header, by what sets them off from the rows below:
 * bold type, shading, words over columns of figures, and cells that span.
 */
final class HeaderFinder {

  /**
   * What was found.
   *
   * @param rows how many rows at the top are header
   * @param sure whether something on the page says so; else it is the custom that the first row is
   */
  record Header(int rows, boolean sure) {}

  /** A column holds figures where at least this share of its filled cells does. */
  private static final double FIGURE_COLUMN = 0.6;

  /** A heading is unlike its column where more than this share of the texts below is. */
  private static final double UNLIKE_SHARE = 0.6;

  private static final int WORDS_OF_NAME = 3;

  private static final Pattern QUANTITY = Pattern.compile("\\P{L}*\\d[.,]\\d+\\s*\\P{Nd}{0,6}");

  private final Grid grid;
  private final boolean[] figureColumns;
  private final boolean boldBody;
  private boolean firstIsStyled;

  private HeaderFinder(Grid grid) {
    this.grid = grid;
    // The first row is left out: where it is the header, it says nothing about what is below.
    List<Cell> below = grid.rows().stream().skip(1).flatMap(List::stream).toList();
    figureColumns = new boolean[grid.columns()];
    for (int c = 0; c < figureColumns.length; c++) {
      figureColumns[c] = holdsFigures(below, c);
    }
    long filled = below.stream().filter(c -> !c.isEmpty()).count();
    boldBody = below.stream().filter(Cell::bold).count() * 2 > filled;
  }

  private static boolean holdsFigures(List<Cell> cells, int column) {
    List<String> texts =
        cells.stream()
            .filter(c -> c.column() == column && c.columnSpan() == 1 && !c.isEmpty())
            .map(Cell::text)
            .toList();
    long figures = texts.stream().filter(NumericTexts::isFigure).count();
    return figures > 0 && figures >= FIGURE_COLUMN * texts.size();
  }

  static Header find(Grid grid) {
    return new HeaderFinder(grid).find();
  }

  private Header find() {
    int all = grid.rows().size();
    int rows = 0;
    while (rows < all && isSetOff(rows)) {
      rows = reach(rows);
    }
    if (rows == all) {
      // Everything looks alike after all, so nothing sets the top off.
      rows = 0;
    }
    if (rows > 0) {
      return new Header(rows, true);
    }
    return firstRowIsHeading()
        ? new Header(reach(0), isUnlikeBody())
        : new Header(0, hasFiguresOnTop());
  }

  /** The first row behind the given one that none of its cells reaches into or heads. */
  private int reach(int row) {
    int end = row + 1;
    for (Cell cell : grid.rows().get(row)) {
      end = Math.max(end, row + cell.rowSpan());
      boolean spanner = cell.columnSpan() > 1 && cell.columnSpan() < grid.columns();
      if (spanner && !cell.isEmpty()) {
        end = Math.max(end, row + cell.rowSpan() + 1);
      }
    }
    return Math.min(end, grid.rows().size());
  }

  private boolean isSetOff(int row) {
    List<Cell> filled = filled(row);
    if (filled.isEmpty() || row > 0 && isGroupHeading(filled)) {
      return false;
    }
    boolean bold = !boldBody && filled.stream().allMatch(Cell::bold) && !isRecord(filled);
    boolean styled = bold || isShaded(row);
    if (row == 0) {
      firstIsStyled = styled;
    }
    // Below a heading in bold or on a shade, words alone make no further heading; elsewhere only
    // those without a label of their own do, such as units.
    boolean further = row == 0 || filled.get(0).column() > 0;
    return styled || !firstIsStyled && further && isWordsOverFigures(filled);
  }

  /**
   * Whether most columns of figures hold figures in this row: a record or sum, however it looks.
   */
  private boolean isRecord(List<Cell> filled) {
    int figures = 0;
    int over = 0;
    for (Cell cell : filled) {
      if (cell.columnSpan() == 1 && figureColumns[cell.column()]) {
        over++;
        // A year or a column's number, or one with letters, names a column.
        boolean name =
            NumericTexts.isShortNumber(cell.text())
                || cell.text().codePoints().anyMatch(Character::isLetter);
        figures += NumericTexts.isFigure(cell.text()) && !name ? 1 : 0;
      }
    }
    return figures >= 2 && figures * 2 > over;
  }

  private boolean isGroupHeading(List<Cell> filled) {
    return filled.size() == 1 && filled.get(0).columnSpan() == grid.columns();
  }

  /**
   * Whether the row has a shade of its own: stripes come back further down, a header's does not.
   */
  private boolean isShaded(int row) {
    Set<Integer> shades = new HashSet<>();
    grid.rows().get(row).forEach(c -> shades.add(c.shade()));
    shades.remove(Fill.WHITE);
    if (shades.isEmpty()) {
      return false;
    }
    int last = grid.rows().size() - 1;
    return grid.rows().subList(Math.min(row + 2, last), last).stream()
        .flatMap(List::stream)
        .noneMatch(c -> shades.contains(c.shade()));
  }

  private boolean isWordsOverFigures(List<Cell> filled) {
    int words = 0;
    for (Cell cell : filled) {
      boolean overFigures = cell.columnSpan() == 1 && figureColumns[cell.column()];
      if (overFigures && (NumericTexts.isFigure(cell.text()) || isQuantity(cell.text()))) {
        return false;
      }
      words += overFigures ? 1 : 0;
    }
    return words > 0;
  }

  /** Whether a text is a decimal number with its unit, as in "48.7 km²": no name of a column. */
  private static boolean isQuantity(String text) {
    return QUANTITY.matcher(text).matches();
  }

  /** By custom, a first row of different texts that are no figures is a header. */
  private boolean firstRowIsHeading() {
    List<Cell> top = grid.rows().get(0);
    List<String> texts = filled(0).stream().map(Cell::text).toList();
    boolean noFigures = texts.stream().noneMatch(t -> NumericTexts.isFigure(t) || isQuantity(t));
    return texts.size() == top.size() && noFigures && Set.copyOf(texts).size() == texts.size();
  }

  /** Whether in most columns the texts below the first row are of another form than its own. */
  private boolean isUnlikeBody() {
    int unlike = 0;
    for (Cell top : filled(0)) {
      List<String> below =
          grid.rows().stream()
              .skip(1)
              .flatMap(List::stream)
              .filter(c -> c.column() == top.column() && !c.isEmpty())
              .map(Cell::text)
              .toList();
      long other = below.stream().filter(t -> !isName(t)).count();
      unlike += isName(top.text()) && other > UNLIKE_SHARE * below.size() ? 1 : 0;
    }
    return unlike * 2 > filled(0).size();
  }

  /** Whether a text looks like the name of a column: few words, the first with a capital. */
  private static boolean isName(String text) {
    boolean plain =
        text.codePoints().allMatch(c -> Character.isLetter(c) || " ()%.-&".indexOf(c) >= 0);
    return plain
        && Character.isUpperCase(text.codePointAt(0))
        && text.split(" ").length <= WORDS_OF_NAME;
  }

  private boolean hasFiguresOnTop() {
    return filled(0).stream().anyMatch(c -> NumericTexts.isFigure(c.text()));
  }

  private List<Cell> filled(int row) {
    return grid.rows().get(row).stream().filter(c -> !c.isEmpty()).toList();
  }
}
