package dev.inlay.find;

import dev.inlay.geom.Interval;
import dev.inlay.page.Word;
import java.util.ArrayList;
import java.util.DoubleSummaryStatistics;
import java.util.List;
import java.util.regex.Pattern;

/**
 * Weighs whether lines with common gutters are a table: contents, lists, letterheads and forms have
 * gutters too.
 */
final class TableSigns {

  private static final int LEAST_LINES = 3;
  private static final int LEAST_RULED_LINES = 2;

  /** Fewer lines must be set in type of one size. */
  private static final int LEAST_OF_ANY_SIZE = 4;

  /** Two columns of words must have so many lines, */
  private static final int LEAST_WORD_LINES = 5;

  /** and this share of them with text in both. */
  private static final double WORD_LINE_SHARE = 0.8;

  /** Type larger than its neighbours' by this factor is on show. */
  private static final double LARGE_TYPE = 1.35;

  /** In a table this share of the lines has text in several columns. */
  private static final double TABULAR_SHARE = 0.4;

  /** Between rulings rows may have many wrapped lines. */
  private static final double RULED_SHARE = 0.25;

  /** Left, right or middle edges of a column's texts this near are aligned, in type sizes. */
  private static final double ALIGNED = 0.35;

  /** In an aligned column this share of the texts is. */
  private static final double ALIGNED_SHARE = 0.7;

  /** In contents and indexes this share of the lines has leader dots. */
  private static final double LEADER_SHARE = 0.3;

  /** What holds for more columns or texts than this share of them holds for the table. */
  private static final double MOST = 0.6;

  private static final double HALF = 0.5;

  /** In contents this share of the entries has a page number. */
  private static final double NUMBERED = 0.7;

  /** In contents page numbers rise, but for a few where lists begin anew. */
  private static final double RISING = 0.9;

  /** Fewer rising numbers may rise by chance. */
  private static final int LEAST_ENTRIES = 5;

  /** So many words stand in a line of a narrow column of running text. */
  private static final double WORDS_IN_PROSE = 3.5;

  private static final Pattern FIGURE =
      Pattern.compile("[^\\p{L}]*\\d[^\\p{L}]*\\p{L}{0,3}|[-–—*n.a/]{1,4}");

  private static final Pattern BULLET =
      Pattern.compile("[•‣▪●◦–—\\-*·]|\\(?\\p{Alnum}{1,3}[.)]|\\[\\d+\\]");

  private TableSigns() {}

  static boolean looksLikeTable(
      List<PieceLine> block, List<PieceLine> tabular, List<Interval> gutters, int rulings) {
    if (gutters.isEmpty()) {
      return false;
    }
    boolean ruled = rulings >= 2;
    int least = ruled ? LEAST_RULED_LINES : LEAST_LINES;
    if (tabular.size() < least
        || tabular.size() < (ruled ? RULED_SHARE : TABULAR_SHARE) * block.size()) {
      return false;
    }
    if (tabular.size() < LEAST_OF_ANY_SIZE && typeSizesDiffer(tabular)) {
      return false;
    }
    List<List<Piece>> columns = columns(tabular, gutters);
    if (isProse(columns)
        || isList(columns)
        || isContents(tabular, columns, ruled)
        || isForm(columns)) {
      return false;
    }
    int aligned = 0;
    int figures = 0;
    for (List<Piece> column : columns) {
      aligned += isAligned(column) ? 1 : 0;
      figures += isFigures(column) ? 1 : 0;
    }
    boolean enough = aligned >= MOST * columns.size();
    if (ruled) {
      return enough || figures > 0;
    }
    if (columns.size() == 2 && figures == 0) {
      return enough && hasHeading(block, tabular);
    }
    return enough && (figures > 0 || tabular.size() > LEAST_LINES);
  }

  /** Whether two columns of words have a bold line above them, and hardly another line is bold. */
  private static boolean hasHeading(List<PieceLine> block, List<PieceLine> tabular) {
    long bold = block.stream().filter(l -> l.line().isBold()).count();
    return tabular.size() >= LEAST_WORD_LINES
        && tabular.size() >= WORD_LINE_SHARE * block.size()
        && tabular.get(0) == block.get(0)
        && tabular.get(0).line().isBold()
        && bold == 1;
  }

  /** Whether one line is set much larger than another: key figures on show, not rows. */
  private static boolean typeSizesDiffer(List<PieceLine> lines) {
    DoubleSummaryStatistics sizes =
        lines.stream().mapToDouble(l -> l.line().size()).summaryStatistics();
    return sizes.getMax() > LARGE_TYPE * sizes.getMin();
  }

  /** The pieces of each column; one that a gutter parts between two words is two. */
  static List<List<Piece>> columns(List<PieceLine> lines, List<Interval> gutters) {
    List<List<Piece>> columns = new ArrayList<>();
    for (int i = 0; i <= gutters.size(); i++) {
      columns.add(new ArrayList<>());
    }
    for (PieceLine line : lines) {
      for (Piece piece : line.pieces()) {
        addParts(piece, gutters, columns);
      }
    }
    return columns;
  }

  private static void addParts(Piece piece, List<Interval> gutters, List<List<Piece>> columns) {
    List<Word> words = piece.words();
    int from = 0;
    for (int i = 1; i <= words.size(); i++) {
      if (i == words.size() || isParted(words.get(i - 1), words.get(i), gutters)) {
        Piece part = from == 0 && i == words.size() ? piece : Piece.of(words.subList(from, i));
        columns.get(OpenFrame.columnAt(part.box().centreX(), gutters)).add(part);
        from = i;
      }
    }
  }

  private static boolean isParted(Word left, Word right, List<Interval> gutters) {
    return gutters.stream()
        .anyMatch(g -> left.box().right() <= g.middle() && g.middle() <= right.box().left());
  }

  /** How many figures stand in a line. */
  static long figuresIn(PieceLine line) {
    return line.pieces().stream().filter(p -> FIGURE.matcher(p.text()).matches()).count();
  }

  /** Whether most columns are running text: newspaper columns, not cells. */
  private static boolean isProse(List<List<Piece>> columns) {
    int prose = 0;
    for (List<Piece> column : columns) {
      double words = column.stream().mapToInt(p -> p.words().size()).average().orElse(0);
      prose += words >= WORDS_IN_PROSE ? 1 : 0;
    }
    return prose >= 2 && prose >= MOST * columns.size();
  }

  private static boolean isList(List<List<Piece>> columns) {
    long bullets = columns.get(0).stream().filter(p -> BULLET.matcher(p.text()).matches()).count();
    return columns.size() == 2 && bullets > MOST * columns.get(0).size();
  }

  /** Titles and page numbers that rise, most often with leaders between them. */
  private static boolean isContents(
      List<PieceLine> lines, List<List<Piece>> columns, boolean ruled) {
    List<Piece> last = columns.get(columns.size() - 1);
    long leaders = lines.stream().filter(PieceLine::hasLeader).count();
    int rising = 0;
    int numbers = 0;
    int before = 0;
    for (Piece piece : last) {
      if (piece.text().matches("\\d{1,4}")) {
        int number = Integer.parseInt(piece.text());
        rising += number >= before ? 1 : 0;
        before = number;
        numbers++;
      }
    }
    boolean index =
        leaders > LEADER_SHARE * lines.size()
            && columns.stream().skip(1).noneMatch(c -> isFigures(c) && hasDecimals(c));
    if (index && numbers > 0) {
      return true;
    }
    boolean rise = numbers > NUMBERED * last.size() && rising > RISING * numbers;
    // A column of a table has a heading; the page numbers of contents have none, and stand alone.
    boolean alone =
        columns.size() > 2
            && columns.subList(1, columns.size() - 1).stream().noneMatch(TableSigns::isFigures);
    boolean bare = alone && numbers == last.size() && numbers >= LEAST_ENTRIES;
    boolean headed = !last.isEmpty() && !last.get(0).text().matches("\\d{1,4}");
    boolean two = !ruled && !headed && columns.size() == 2 && numbers >= LEAST_ENTRIES;
    return rise && (leaders > LEADER_SHARE * lines.size() || bare || two);
  }

  private static boolean hasDecimals(List<Piece> column) {
    return column.stream().anyMatch(p -> p.text().matches(".*\\d[.,]\\d.*"));
  }

  private static boolean isForm(List<List<Piece>> columns) {
    long labels = columns.get(0).stream().filter(p -> p.text().endsWith(":")).count();
    return columns.size() <= 3 && labels > HALF * columns.get(0).size();
  }

  private static boolean isFigures(List<Piece> column) {
    long figures = column.stream().filter(p -> FIGURE.matcher(p.text()).matches()).count();
    return figures >= 2 && figures >= HALF * column.size();
  }

  private static boolean isAligned(List<Piece> column) {
    if (column.size() < 2) {
      return false;
    }
    double size = column.get(0).words().get(0).glyphs().get(0).size();
    double[] best = new double[3];
    best[0] = share(column.stream().mapToDouble(p -> p.box().left()).sorted().toArray(), size);
    best[1] = share(column.stream().mapToDouble(p -> p.box().right()).sorted().toArray(), size);
    best[2] = share(column.stream().mapToDouble(p -> p.box().centreX()).sorted().toArray(), size);
    return Math.max(best[0], Math.max(best[1], best[2])) >= ALIGNED_SHARE;
  }

  /** The largest share of sorted places within the aligning distance of each other. */
  private static double share(double[] sorted, double size) {
    int most = 0;
    int from = 0;
    for (int to = 0; to < sorted.length; to++) {
      while (sorted[to] - sorted[from] > ALIGNED * size) {
        from++;
      }
      most = Math.max(most, to - from + 1);
    }
    return (double) most / sorted.length;
  }
}
