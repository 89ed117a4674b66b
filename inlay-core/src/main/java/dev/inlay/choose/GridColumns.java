package dev.inlay.choose;

import dev.inlay.page.Fill;
import dev.inlay.propose.Cell;
import dev.inlay.propose.Grid;
import dev.inlay.text.LikeTexts;
import dev.inlay.text.TextShape;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.IntPredicate;
import java.util.regex.Pattern;
import java.util.stream.IntStream;

/** The texts of a grid by column, and how those of one row stand to those below it. */
final class GridColumns {

  /** Rows further down say nothing that these do not: their number bounds the work. */
  private static final int MOST_ROWS = 60;

  /** A column is of quantities, or of words, where more than this share of its texts is. */
  private static final double MOSTLY = 0.6;

  /** Where at most this share of a column's texts differ, its values come again and again. */
  private static final double FEW_VALUES = 0.7;

  /** More characters make a text a sentence. */
  private static final int SENTENCE = 45;

  /** At least four words, the last one of small letters: no abbreviation. */
  private static final Pattern SENTENCE_END = Pattern.compile("(\\S+\\s+){3,}\\p{Ll}{3,}\\.");

  /** At least this many numbers rise on purpose. */
  private static final int LEAST_RISING = 3;

  private static final Pattern WHOLE = Pattern.compile("[0-9]{1,6}");

  private final Grid grid;
  private final int rows;
  private final int count;
  private final Cell[][] cells;
  private final TextShape[][] shapes;
  private final List<List<Cell>> filled = new ArrayList<>();

  GridColumns(Grid grid) {
    this.grid = grid;
    rows = Math.min(MOST_ROWS, grid.rows().size());
    count = grid.columns();
    cells = new Cell[rows][count];
    shapes = new TextShape[rows][count];
    for (int r = 0; r < rows; r++) {
      filled.add(grid.rows().get(r).stream().filter(c -> !c.isEmpty()).toList());
      for (Cell cell : filled.get(r)) {
        if (cell.columnSpan() == 1 && cell.column() < count) {
          cells[r][cell.column()] = cell;
          shapes[r][cell.column()] = TextShape.of(cell.text());
        }
      }
    }
  }

  /** How many rows are looked at. */
  int rows() {
    return rows;
  }

  private static boolean isQuantity(TextShape shape) {
    return shape.isValue() && shape != TextShape.MARK;
  }

  /** Whether a quantity rather names its column: a year, or one of numbers that rise in the row. */
  private boolean isName(int row, int column) {
    return TextShape.isYear(cells[row][column].text()) || rises(row);
  }

  /** Whether the whole numbers of a row rise from column to column, as those of trains do. */
  private boolean rises(int row) {
    int numbers = 0;
    int before = -1;
    for (int c = 0; c < count; c++) {
      if (cells[row][c] != null && isQuantity(shapes[row][c])) {
        String digits = cells[row][c].text().replaceAll("[^0-9]*$", "");
        int number = WHOLE.matcher(digits).matches() ? Integer.parseInt(digits) : -1;
        if (number <= before) {
          return false;
        }
        before = number;
        numbers++;
      }
    }
    return numbers >= LEAST_RISING;
  }

  private int below(int row, int column, IntPredicate is) {
    return (int)
        IntStream.range(row + 1, rows).filter(r -> cells[r][column] != null && is.test(r)).count();
  }

  private boolean isMostlyQuantities(int row, int column) {
    int all = below(row, column, r -> true);
    return all > 0 && below(row, column, r -> isQuantity(shapes[r][column])) > MOSTLY * all;
  }

  private boolean isMostlyWords(int row, int column) {
    int all = below(row, column, r -> true);
    return all > 0 && below(row, column, r -> shapes[r][column] == TextShape.WORDS) > MOSTLY * all;
  }

  /** The share of columns, of those filled in a row, of which something holds. */
  private double share(int row, IntPredicate holds) {
    int all = 0;
    int held = 0;
    for (int c = 0; c < count; c++) {
      if (cells[row][c] != null) {
        all++;
        held += holds.test(c) ? 1 : 0;
      }
    }
    return all == 0 ? 0 : (double) held / all;
  }

  double wordsOverQuantities(int row) {
    return share(row, c -> !isQuantity(shapes[row][c]) && isMostlyQuantities(row, c));
  }

  double quantitiesOverQuantities(int row) {
    return share(
        row, c -> isQuantity(shapes[row][c]) && !isName(row, c) && isMostlyQuantities(row, c));
  }

  double namesOverQuantities(int row) {
    return share(
        row, c -> isQuantity(shapes[row][c]) && isName(row, c) && isMostlyQuantities(row, c));
  }

  double quantitiesOverWords(int row) {
    return share(row, c -> isQuantity(shapes[row][c]) && isMostlyWords(row, c));
  }

  double codesOverCodes(int row) {
    return share(
        row,
        c ->
            shapes[row][c] == TextShape.CODE
                && below(row, c, r -> shapes[r][c] == TextShape.CODE)
                    > MOSTLY * below(row, c, r -> true));
  }

  double units(int row) {
    return share(row, c -> shapes[row][c] == TextShape.UNIT);
  }

  /** The share of a row's texts that stand again below in the same column. */
  double saidAgain(int row) {
    return share(row, c -> below(row, c, r -> cells[r][c].text().equals(cells[row][c].text())) > 0);
  }

  /** The share of a row's words that are new over a column whose words come again and again. */
  double newOverRepeated(int row) {
    return share(row, c -> isMostlyWords(row, c) && repeats(row, c) && isNew(row, c));
  }

  private boolean isNew(int row, int column) {
    return below(row, column, r -> cells[r][column].text().equals(cells[row][column].text())) == 0;
  }

  private boolean repeats(int row, int column) {
    Set<String> texts = new HashSet<>();
    int all = below(row, column, r -> texts.add(cells[r][column].text()) || true);
    return all > 2 && texts.size() <= FEW_VALUES * all;
  }

  /** The share of a row's texts that have the shape of most below them. */
  double likeBelow(int row) {
    return share(
        row,
        c -> {
          int all = below(row, c, r -> true);
          return all > 0 && below(row, c, r -> shapes[r][c] == shapes[row][c]) > MOSTLY * all;
        });
  }

  /** The share of a row's cells that are bold. */
  double bold(int row) {
    List<Cell> cells = filled.get(row);
    return cells.isEmpty() ? 0 : (double) cells.stream().filter(Cell::bold).count() / cells.size();
  }

  /** The share of the cells below a row that are bold. */
  double boldBelow(int row) {
    return IntStream.range(row + 1, rows).mapToDouble(this::bold).average().orElse(0);
  }

  /** Whether a row has a shade that no row below has but perhaps the last, which may be a sum. */
  boolean isShadedAlone(int row) {
    Set<Integer> shades = shades(row);
    shades.remove(Fill.WHITE);
    return !shades.isEmpty()
        && IntStream.range(row + 1, Math.max(row + 2, rows - 1))
            .filter(r -> r < rows)
            .noneMatch(r -> shades(r).stream().anyMatch(shades::contains));
  }

  private Set<Integer> shades(int row) {
    Set<Integer> shades = new HashSet<>();
    grid.rows().get(row).forEach(c -> shades.add(c.shade()));
    return shades;
  }

  /** The share of columns, but the first, that no cell of the rows above a boundary heads. */
  double withoutHeading(int depth) {
    boolean[] headed = new boolean[count];
    for (int r = 0; r < depth; r++) {
      for (Cell cell : filled.get(r)) {
        int end = Math.min(count, cell.column() + cell.columnSpan());
        for (int c = cell.column(); c < end; c++) {
          headed[c] = true;
        }
      }
    }
    long without = IntStream.range(1, count).filter(c -> !headed[c]).count();
    return (double) without / Math.max(1, count - 1);
  }

  boolean isFilled(int row, int column) {
    return filled.get(row).stream()
        .anyMatch(c -> c.column() <= column && column < c.column() + c.columnSpan());
  }

  boolean hasSpanner(int row) {
    return filled.get(row).stream().anyMatch(c -> c.columnSpan() > 1);
  }

  int filled(int row) {
    return filled.get(row).size();
  }

  /** The share of a row's texts that begin with a capital over a column that has hardly any. */
  double capitals(int row) {
    return share(
        row,
        c ->
            beginsWithCapital(row, c)
                && below(row, c, r -> beginsWithCapital(r, c)) * 3
                    < below(row, c, r -> shapes[r][c] == TextShape.WORDS));
  }

  private boolean beginsWithCapital(int row, int column) {
    return Character.isUpperCase(cells[row][column].text().codePointAt(0));
  }

  double sentences(int row) {
    return share(row, c -> cells[row][c].text().length() > SENTENCE);
  }

  /** The share of a row's texts that are whole sentences: several words and a full stop. */
  double fullStops(int row) {
    return share(row, c -> SENTENCE_END.matcher(cells[row][c].text()).matches());
  }

  /** The share of a row's texts that are longer than all below them, of those over words. */
  double longer(int row) {
    return share(
        row,
        c ->
            isMostlyWords(row, c)
                && below(row, c, r -> cells[r][c].text().length() >= cells[row][c].text().length())
                    == 0);
  }

  /** The share of a row's texts that hold a word by which columns are named. */
  double columnNames(int row) {
    return share(row, c -> ColumnNames.holds(cells[row][c].text()));
  }

  /** The share of a row's texts that are worded like the next text below them, numbers left out. */
  double wordedAsBelow(int row) {
    return share(
        row,
        c ->
            !isQuantity(shapes[row][c])
                && IntStream.range(row + 1, rows)
                    .filter(r -> cells[r][c] != null)
                    .limit(1)
                    .anyMatch(r -> LikeTexts.are(cells[row][c].text(), cells[r][c].text())));
  }

  double colons(int row) {
    return share(row, c -> cells[row][c].text().endsWith(":"));
  }

  /** How many fewer texts a row has than the usual row below it, as a share. */
  double emptier(int row) {
    int[] below = IntStream.range(row + 1, rows).map(this::filled).sorted().toArray();
    int usual = below.length == 0 ? 0 : below[below.length / 2];
    return usual == 0 ? 0 : Math.max(0, 1 - (double) filled(row) / usual);
  }

  /** How evenly the texts of a column are of different shapes: 0 for one shape, up to 1. */
  double mixed(int column) {
    int[] counts = new int[TextShape.values().length];
    int all = 0;
    for (int r = 0; r < rows; r++) {
      if (cells[r][column] != null) {
        counts[shapes[r][column].ordinal()]++;
        all++;
      }
    }
    double most = 0;
    for (int n : counts) {
      most = Math.max(most, n);
    }
    return all == 0 ? 0 : 1 - most / all;
  }
}
