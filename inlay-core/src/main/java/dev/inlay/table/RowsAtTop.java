package dev.inlay.table;

import dev.inlay.find.PageLines;
import dev.inlay.find.PieceLine;
import dev.inlay.geom.Box;
import dev.inlay.page.Glyph;
import dev.inlay.page.LineComposer;
import dev.inlay.page.Page;
import dev.inlay.page.Word;
import dev.inlay.text.TextShape;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * The rows at the top of a page that go on with the table that ends the page before: lines that
 * keep to its columns, down to the first that does not. Few rows look like no table of their own,
 * or like one with other columns; where the columns are known they are rows.
 */
final class RowsAtTop {

  /** Rows stand at most this many times as far apart as on the page before. */
  private static final double MOST_STEP = 2.2;

  /** What wraps below a row stands at most this many type sizes below it. */
  private static final double WRAPPED_STEP = 1.45;

  /** A column holds values where at least this share of its texts does. */
  private static final double MOSTLY = 0.6;

  /** Nearly all rows are this share. */
  private static final double NEARLY_ALL = 0.85;

  /** Running text has at least this many words in a line. */
  private static final int WORDS_IN_PROSE = 7;

  /** Running heads and titles above the rows have at most this many lines. */
  private static final int MOST_HEADS = 3;

  /** The left edge of the rows shows in this many lines. */
  private static final int FIRST_LINES = 5;

  /** A running head stands in this share of the page's height. */
  private static final double HEAD_OF_PAGE = 0.09;

  /** A word reaches over a boundary where it does by more than this, in type sizes. */
  private static final double OVER = 0.1;

  /**
   * Rows at the top of a page.
   *
   * @param rows their area and the gutters there
   * @param headingsAgain the characters of headings printed again above them
   */
  record Found(Guidance rows, List<Glyph> headingsAgain) {}

  /** Values end at one place within this many type sizes. */
  private static final double ENDS = 0.3;

  private final PageTable before;
  private final List<PieceLine> lines;
  private final double pageHeight;
  private final boolean[] values;
  private final Set<String> heads = new HashSet<>();
  private final double usualStep;
  private final boolean endsWithSum;

  /** Where the texts of each column of the page before begin and end, in points. */
  private final double[] textsFrom;

  private final double[] textsTo;
  private double shift;

  private RowsAtTop(PageTable first, PageTable before, List<PieceLine> lines, double pageHeight) {
    this.before = before;
    this.lines = lines;
    this.pageHeight = pageHeight;
    for (TableRow row : first.header()) {
      for (TableCell cell : row.cells()) {
        for (String word : cell.text().split("\\s+")) {
          heads.add(LikeParts.plain(word));
        }
      }
    }
    usualStep = usualStepBefore();
    List<TableRow> rows = before.body();
    RowKind last = rows.isEmpty() ? RowKind.BODY : rows.get(rows.size() - 1).kind();
    endsWithSum = last == RowKind.SUBTOTAL || last == RowKind.TOTAL;
    textsFrom = new double[before.columns()];
    textsTo = new double[before.columns()];
    Arrays.fill(textsFrom, Double.POSITIVE_INFINITY);
    Arrays.fill(textsTo, Double.NEGATIVE_INFINITY);
    for (TableRow row : before.body()) {
      for (TableCell cell : row.cells()) {
        if (cell.columnSpan() == 1 && !cell.text().isEmpty()) {
          int c = cell.column();
          textsFrom[c] = Math.min(textsFrom[c], cell.box().left());
          textsTo[c] = Math.max(textsTo[c], cell.box().right());
        }
      }
    }
    values = new boolean[before.columns()];
    for (int c = 0; c < values.length; c++) {
      values[c] = LikeParts.valueShare(before.body(), c) > MOSTLY;
    }
  }

  /**
   * What is known of the rows at the top of a page.
   *
   * @param first the table's first part, which has its header
   * @param before the part that ends the page before
   * @param page without its furniture
   * @return empty where no row goes on
   */
  static Optional<Found> of(PageTable first, PageTable before, Page page) {
    List<PieceLine> lines = PieceLine.of(PageLines.upright(LineComposer.compose(page.glyphs())));
    return lines.isEmpty() || before.columns() < 2
        ? Optional.empty()
        : new RowsAtTop(first, before, lines, page.height()).find();
  }

  private Optional<Found> find() {
    int heads = heads();
    int from = heads + headingsAgain(heads);
    int to = from == lines.size() ? from : end(from);
    if (from < lines.size() && to == from) {
      double left =
          lines.stream()
              .skip(from)
              .limit(FIRST_LINES)
              .mapToDouble(l -> l.box().left())
              .min()
              .orElse(0);
      shift = left - before.frame().box().left();
      to = end(from);
    }
    if (to == from) {
      return Optional.empty();
    }
    List<PieceLine> rows = lines.subList(from, to);
    Box area = Box.around(rows, PieceLine::box);
    List<Double> edges = before.columnEdges();
    Box whole =
        new Box(
            Math.min(area.left(), edges.get(0) + shift),
            area.top(),
            Math.max(area.right(), edges.get(edges.size() - 1) + shift),
            area.bottom());
    List<Glyph> again = new ArrayList<>();
    for (PieceLine line : lines.subList(heads, from)) {
      line.line().words().forEach(w -> again.addAll(w.glyphs()));
    }
    return Optional.of(new Found(Guidance.known(whole, gutters(rows)), again));
  }

  /** In each gutter of the page before, the middle of the white between these rows' texts. */
  private List<Double> gutters(List<PieceLine> rows) {
    List<Double> gutters = new ArrayList<>();
    for (int c = 0; c + 1 < before.columns(); c++) {
      double at = before.columnEdges().get(c + 1) + shift;
      double from = Double.NEGATIVE_INFINITY;
      double to = Double.POSITIVE_INFINITY;
      for (PieceLine row : rows) {
        for (Word word : isOneText(row) ? List.<Word>of() : row.words()) {
          boolean left = word.box().centreX() < at;
          from = left ? Math.max(from, word.box().right()) : from;
          to = left ? to : Math.min(to, word.box().left());
        }
      }
      boolean free =
          from < at && to > at || to - from > 0 && to - from < before.frame().box().width();
      gutters.add(free && Double.isFinite(from + to) ? (from + to) / 2 : at);
    }
    return gutters;
  }

  /** How many lines at the top are running heads or say that the table is continued. */
  private int heads() {
    int from = 0;
    while (from < lines.size()
        && from < MOST_HEADS
        && (LikeParts.saysContinued(lines.get(from).line().text()) || isRunningHead(from))) {
      from++;
    }
    return from;
  }

  /** How many lines from one on are headings printed again. */
  private int headingsAgain(int from) {
    int to = from;
    while (to < lines.size() && isHeadingAgain(lines.get(to))) {
      to++;
    }
    return to - from;
  }

  /** Whether a line stands apart at the head of the page and is no row. */
  private boolean isRunningHead(int line) {
    return lines.get(line).box().centreY() < HEAD_OF_PAGE * pageHeight
        && !isRow(lines.get(line), false)
        && (line + 1 == lines.size() || !isNear(line + 1, line));
  }

  /**
   * The line behind the rows that begin at a line, with what wraps below them; that line itself
   * where there is no row.
   */
  private int end(int first) {
    int end = first;
    for (int i = first; i < lines.size() && isNear(i, first) && fits(lines.get(i)); i++) {
      PieceLine line = lines.get(i);
      boolean any = end > first;
      boolean text = isOneText(line) && !isTitleOrProse(line);
      boolean wraps = any && end == i && text && step(i) < WRAPPED_STEP * line.line().size();
      if (isRow(line, any) || wraps && !before.isRuled()) {
        end = i + 1;
      } else if (!text) {
        break;
      }
    }
    return end;
  }

  private static boolean isOneText(PieceLine line) {
    return !line.isTabular();
  }

  private double step(int line) {
    return line == 0 ? 0 : baseline(line) - baseline(line - 1);
  }

  private boolean isNear(int line, int first) {
    double size = lines.get(first).line().size();
    return line == first || step(line) <= MOST_STEP * Math.max(usualStep, WRAPPED_STEP * size);
  }

  /** Whether all words of a line stand in the table's header. */
  private boolean isHeadingAgain(PieceLine line) {
    return line.words().stream().allMatch(w -> heads.contains(LikeParts.plain(w.text())));
  }

  private static boolean isTitleOrProse(PieceLine line) {
    return TitleFinder.isLabelled(line.line().text()) || line.words().size() >= WORDS_IN_PROSE;
  }

  /** Whether a line has a text in the first column, if nearly all rows before have one. */
  private boolean fillsFirstColumn(PieceLine line) {
    int all = 0;
    int filled = 0;
    for (TableRow row : before.body()) {
      all += row.cells().isEmpty() ? 0 : 1;
      filled += row.textAt(0).isEmpty() ? 0 : 1;
    }
    double left = line.pieces().get(0).box().left() + OVER * line.line().size();
    return filled < NEARLY_ALL * all || column(left) == 0;
  }

  private double baseline(int line) {
    return lines.get(line).line().baseline();
  }

  /** The median distance of the rows on the page before, in points. */
  private double usualStepBefore() {
    double[] tops =
        before.rows().stream()
            .filter(r -> !r.cells().isEmpty())
            .mapToDouble(r -> r.cells().stream().mapToDouble(c -> c.box().top()).min().orElse(0))
            .toArray();
    double[] steps = new double[Math.max(0, tops.length - 1)];
    for (int i = 0; i < steps.length; i++) {
      steps[i] = tops[i + 1] - tops[i];
    }
    Arrays.sort(steps);
    return steps.length == 0 ? 0 : steps[steps.length / 2];
  }

  /** Whether no word reaches into the texts of another column, and none beyond the table. */
  private boolean fits(PieceLine line) {
    List<Double> edges = before.columnEdges();
    double size = line.line().size();
    boolean within =
        line.box().left() > edges.get(0) + shift - size
            && line.box().right() < edges.get(edges.size() - 1) + shift + size;
    return within && (isOneText(line) || line.words().stream().allMatch(w -> fits(w, size)));
  }

  private boolean fits(Word word, double size) {
    int column = column(word.box().centreX());
    double from = column == 0 ? Double.NEGATIVE_INFINITY : textsTo[column - 1];
    double to = column + 1 == textsFrom.length ? Double.POSITIVE_INFINITY : textsFrom[column + 1];
    return word.box().left() > from + shift - OVER * size
        && word.box().right() < to + shift + OVER * size;
  }

  private int column(double x) {
    List<Double> edges = before.columnEdges();
    int column = 0;
    while (column < before.columns() - 1 && x > edges.get(column + 1) + shift) {
      column++;
    }
    return column;
  }

  /**
   * Whether a line is the label of a sum, not in the first column, and values that end exactly
   * where those of their columns ended on the page before.
   */
  private boolean isSum(PieceLine line) {
    List<Word> words = line.words();
    int label = 0;
    while (label < words.size() && !TextShape.of(words.get(label).text()).isValue()) {
      label++;
    }
    if (label == 0 || label == words.size() || column(words.get(0).box().centreX()) == 0) {
      return false;
    }
    if (!endsWithSum && !RowKinds.namesSum(words.get(0).text())) {
      return false;
    }
    double size = line.line().size();
    Set<Integer> ended = new HashSet<>();
    Set<Integer> filled = new HashSet<>();
    for (Word word : words.subList(label, words.size())) {
      int column = column(word.box().centreX());
      if (!values[column]) {
        return false;
      }
      filled.add(column);
      if (Math.abs(word.box().right() - textsTo[column] - shift) < ENDS * size) {
        ended.add(column);
      }
    }
    return ended.equals(filled);
  }

  /**
   * Whether a line fills several columns as the rows before do: values stand where values stood.
   *
   * @param belowRows whether rows stand above it; then it may be a sum, its label before the value
   */
  private boolean isRow(PieceLine line, boolean belowRows) {
    if (isSum(line)) {
      return true;
    }
    String[] texts = new String[values.length];
    for (Word word : line.words()) {
      int column = column(word.box().centreX());
      texts[column] = texts[column] == null ? word.text() : texts[column] + " " + word.text();
    }
    int filled = 0;
    int asBefore = 0;
    int otherwise = 0;
    int years = 0;
    boolean anyValues = false;
    for (int c = 0; c < texts.length; c++) {
      anyValues |= values[c];
      if (texts[c] == null) {
        continue;
      }
      filled++;
      TextShape shape = TextShape.of(texts[c]);
      asBefore += values[c] && (shape.isValue() || shape == TextShape.CODE) ? 1 : 0;
      otherwise += values[c] && shape == TextShape.WORDS ? 1 : 0;
      years += values[c] && TextShape.isYear(texts[c]) ? 1 : 0;
    }
    // A first row with words where values stood, or with nothing but years, heads another table.
    boolean values =
        belowRows ? asBefore > 0 && asBefore >= otherwise : asBefore > years && otherwise == 0;
    return filled > 1
        && (belowRows || fillsFirstColumn(line))
        && (anyValues ? values : 2 * filled > texts.length);
  }
}
