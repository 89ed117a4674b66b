package dev.inlay.choose;

import dev.inlay.model.TableCell;
import dev.inlay.model.TableRow;
import dev.inlay.text.Continued;
import dev.inlay.text.TextShape;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** Whether two parts of tables on following pages have the same headings, or the same columns. */
public final class PartComparison {

  /**
   * After one shift and one stretch, inner boundaries of both parts differ by at most this share of
   * the table's mean column width: gutters are found on each page anew.
   */
  private static final double SAME_PLACE = 0.45;

  /** The boundaries of two blocks on one page lie at the same places to this many type sizes. */
  static final double SAME_EDGE = 0.15;

  /** On a later page this share of the words of the headings may be missing or others. */
  private static final double REWORDED_SHARE = 0.2;

  /** A column holds quantities where at least this share of its texts does. */
  private static final double MOSTLY = 0.6;

  /** Shares of values this far apart are of different columns. */
  private static final double MOST_APART = 0.5;

  /** The same where but a few texts are compared: then all others must be of one kind. */
  private static final double NEARLY_ALL = 0.95;

  private static final int FEW = 3;

  /** Headings that say the same have at least this share of their words in common. */
  private static final double COMMON_SHARE = 0.4;

  /** Boxes of one table on two pages lie at the same places to this many points. */
  private static final double EXACT = 1;

  /** Two columns may be as wide as two others by chance. */
  private static final int LEAST_EDGES = 3;

  private PartComparison() {}

  /** Whether a title says that its table began before. */
  public static boolean saysContinued(String title) {
    return Continued.isSaidIn(title);
  }

  /**
   * Whether a part without header has columns like those before it: as many, at the same places but
   * for one shift and one stretch, and with the same kind of content.
   */
  public static boolean continuesColumns(PageTable before, PageTable part) {
    return before.columns() == part.columns()
        && holdTheSame(before, part)
        && sameColumns(before, part);
  }

  /** Whether columns of values hold values in both parts; few texts show it where all others do. */
  public static boolean holdTheSame(PageTable before, PageTable part) {
    boolean sums = part.rows().stream().allMatch(r -> r.kind().isSum());
    for (int c = 0; c < part.columns(); c++) {
      if (sums && valueShare(part.rows(), c) == 0) {
        continue; // the label of a sum may stand in any column
      }
      double old = valueShare(before.body(), c);
      double now = valueShare(part.rows(), c);
      boolean few = texts(part.rows(), c) < FEW;
      double apart = few ? NEARLY_ALL : MOST_APART;
      if (old >= 0 && now >= 0 && old > MOSTLY != now > MOSTLY && Math.abs(old - now) > apart) {
        return false;
      }
    }
    return true;
  }

  private static long texts(List<TableRow> rows, int column) {
    return rows.stream().filter(r -> !r.textAt(column).isEmpty()).count();
  }

  /** Which share of a column's texts are values, marks left out; negative where it has none. */
  static double valueShare(List<TableRow> rows, int column) {
    int values = 0;
    int all = 0;
    for (TableRow row : rows) {
      for (TableCell cell : row.cells()) {
        TextShape shape = TextShape.of(cell.text());
        boolean says = shape != TextShape.EMPTY && shape != TextShape.MARK;
        if (cell.column() == column && cell.columnSpan() == 1 && says) {
          all++;
          values += shape.isValue() ? 1 : 0;
        }
      }
    }
    return all == 0 ? -1 : (double) values / all;
  }

  /**
   * Whether the first header row of a part reads like a record: quantities stand in it where the
   * table before has columns of quantities.
   */
  public static boolean headerIsRecord(PageTable before, PageTable part) {
    if (part.headerRows() == 0 || before.columns() != part.columns()) {
      return false;
    }
    int columns = 0;
    int values = 0;
    for (TableCell cell : part.header().get(0).cells()) {
      if (cell.columnSpan() == 1 && valueShare(before.body(), cell.column()) > MOSTLY) {
        columns++;
        boolean year = TextShape.isYear(cell.text());
        values += TextShape.of(cell.text()).isValue() && !year ? 1 : 0;
      }
    }
    return columns > 0 && values >= MOSTLY * columns;
  }

  /** Whether a part has no header, or one that is not sure or reads like a record. */
  public static boolean isHeadless(PageTable first, PageTable part) {
    return part.headerRows() == 0 || part.hasUnsureHeader() || headerIsRecord(first, part);
  }

  /** Whether a part has a header that says what the one of a table says, wherever it stands. */
  public static boolean repeatsHeader(PageTable first, PageTable part) {
    if (first.headerRows() == 0 || part.headerRows() == 0) {
      return false;
    }
    Map<String, Integer> old = words(first.header());
    Map<String, Integer> now = words(part.header());
    int common = common(old, now);
    int most = Math.max(sum(old), sum(now));
    return most > 0 && most - common <= REWORDED_SHARE * most;
  }

  /**
   * Whether the words of a table's header stand in that of a part, or in its first row, with or
   * without other words: too few rows do not show the columns, and a row may be read as header.
   */
  public static boolean holdsHeader(PageTable first, PageTable part) {
    Map<String, Integer> old = words(first.header());
    int all = sum(old);
    List<TableRow> top = part.rows().stream().limit(Math.max(1, part.headerRows())).toList();
    return all > 0 && all - common(old, words(top)) <= REWORDED_SHARE * all;
  }

  /**
   * Whether a part has headings, over half of its columns or more, that are hardly those of a table
   * and hardly values.
   */
  public static boolean hasOtherHeader(PageTable first, PageTable part) {
    if (part.headerRows() == 0 || part.hasUnsureHeader()) {
      return false;
    }
    List<String> lowest =
        part.header().get(part.headerRows() - 1).cells().stream()
            .map(TableCell::text)
            .filter(t -> !t.isEmpty())
            .toList();
    long values = lowest.stream().filter(t -> TextShape.of(t).isValue()).count();
    Map<String, Integer> old = words(first.header());
    Map<String, Integer> now = words(part.header());
    int common = common(old, now);
    boolean whole = 2 * lowest.size() >= part.columns();
    return whole
        && (part.headerRows() > 1 || values <= MOSTLY * lowest.size())
        && common < COMMON_SHARE * sum(now);
  }

  private static Map<String, Integer> words(List<TableRow> header) {
    Map<String, Integer> words = new HashMap<>();
    for (TableRow row : header) {
      for (TableCell cell : row.cells()) {
        for (String word : plain(cell.text()).split(" ")) {
          if (!word.isEmpty()) {
            words.merge(word, 1, Integer::sum);
          }
        }
      }
    }
    return words;
  }

  private static int common(Map<String, Integer> some, Map<String, Integer> others) {
    return some.entrySet().stream()
        .mapToInt(e -> Math.min(e.getValue(), others.getOrDefault(e.getKey(), 0)))
        .sum();
  }

  private static int sum(Map<String, Integer> counts) {
    return counts.values().stream().mapToInt(Integer::intValue).sum();
  }

  /**
   * Whether two boxed parts have just the same columns, so that the first row of the second is
   * rather a record than a heading.
   */
  public static boolean goesOnInBoxes(PageTable before, PageTable part) {
    List<Double> old = before.columnEdges();
    List<Double> now = part.columnEdges();
    boolean boxed = before.isRuled() && part.isRuled() && part.headerRows() == 1;
    boolean same = boxed && old.size() == now.size() && old.size() > LEAST_EDGES;
    for (int i = 0; same && i < old.size(); i++) {
      same = Math.abs(old.get(i) - now.get(i)) < EXACT;
    }
    return same;
  }

  /**
   * Whether two parts have as many columns, and their boundaries lie at the same places after a
   * shift.
   *
   * @param within to this many points
   */
  static boolean sameEdges(PageTable before, PageTable part, double within) {
    List<Double> old = before.columnEdges();
    List<Double> now = part.columnEdges();
    double shift = now.get(0) - old.get(0);
    boolean same = old.size() == now.size();
    for (int i = 0; same && i < old.size(); i++) {
      same = Math.abs(now.get(i) - old.get(i) - shift) <= within;
    }
    return same;
  }

  /** Whether the boundaries of both parts lie at the same places after a shift and a stretch. */
  static boolean sameColumns(PageTable before, PageTable part) {
    List<Double> old = before.columnEdges();
    List<Double> now = part.columnEdges();
    if (old.size() != now.size()) {
      return false;
    }
    int last = old.size() - 1;
    double width = old.get(last) - old.get(0);
    double stretch = (now.get(last) - now.get(0)) / Math.max(1, width);
    double near = SAME_PLACE * width / before.columns();
    boolean plain = true;
    boolean stretched = true;
    for (int i = 0; i <= last; i++) {
      double shifted = old.get(i) - old.get(0) + now.get(0);
      double mapped = (old.get(i) - old.get(0)) * stretch + now.get(0);
      plain &= i == last || Math.abs(shifted - now.get(i)) <= near;
      stretched &= Math.abs(mapped - now.get(i)) <= near;
    }
    return plain || stretched;
  }

  /** A title or heading without what stands in brackets, points and case. */
  public static String plain(String title) {
    String bare =
        title.toLowerCase(Locale.ROOT).replaceAll("\\((cont|fort|suite|jatk|c\\.d)[^)]*\\)", " ");
    return bare.replaceAll("[\\s.:,]+", " ").strip();
  }
}
