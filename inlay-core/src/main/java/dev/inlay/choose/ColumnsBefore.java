package dev.inlay.choose;

import dev.inlay.evidence.ChunkLine;
import dev.inlay.geom.Edges;
import dev.inlay.geom.Interval;
import dev.inlay.model.TableCell;
import dev.inlay.model.TableRow;
import dev.inlay.page.Word;
import dev.inlay.text.CarriedOver;
import dev.inlay.text.TextShape;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * The columns of a table on the page before, laid over the next page: where each begins and ends,
 * and what its texts are.
 */
final class ColumnsBefore {

  /** A column holds values where at least this share of its texts does. */
  private static final double MOSTLY = 0.6;

  /** Nearly all rows are this share. */
  private static final double NEARLY_ALL = 0.85;

  /** A word reaches over a boundary where it does by more than this, in type sizes. */
  private static final double OVER = 0.1;

  /** Values end at one place within this many type sizes. */
  private static final double ENDS = 0.3;

  /** Texts end within this many type sizes of the ruling behind them. */
  private static final double CELL_PADDING = 1.2;

  private final PageTable before;
  private final double shift;
  private final double usualStep;
  private final boolean endsWithSum;

  /** Whether a column holds values. */
  private final boolean[] values;

  /** Where the texts of each column begin and end on the page before, in points. */
  private final double[] textsFrom;

  private final double[] textsTo;

  /**
   * Lays the columns.
   *
   * @param before the part on the page before
   * @param shift how much further right they stand, in points
   */
  ColumnsBefore(PageTable before, double shift) {
    this.before = before;
    this.shift = shift;
    usualStep = usualStep(before);
    List<TableRow> rows = before.body();
    endsWithSum = !rows.isEmpty() && isSum(rows.get(rows.size() - 1));
    textsFrom = new double[before.columns()];
    textsTo = new double[before.columns()];
    Arrays.fill(textsFrom, Double.POSITIVE_INFINITY);
    Arrays.fill(textsTo, Double.NEGATIVE_INFINITY);
    values = new boolean[before.columns()];
    for (int c = 0; c < values.length; c++) {
      values[c] = PartComparison.valueShare(rows, c) > MOSTLY;
    }
    rows.forEach(this::noteTexts);
  }

  /** Whether a row is a sum: by its name, or as its label reaches over columns before values. */
  private static boolean isSum(TableRow row) {
    if (row.kind().isSum()) {
      return true;
    }
    List<TableCell> texts = row.cells().stream().filter(c -> !c.text().isEmpty()).toList();
    return texts.size() > 1
        && texts.get(0).columnSpan() > 1
        && texts.stream().skip(1).allMatch(c -> TextShape.of(c.text()).isValue());
  }

  private void noteTexts(TableRow row) {
    for (TableCell cell : row.cells()) {
      if (cell.columnSpan() == 1 && !cell.text().isEmpty()) {
        int c = cell.column();
        textsFrom[c] = Math.min(textsFrom[c], cell.box().left());
        textsTo[c] = Math.max(textsTo[c], cell.box().right());
      }
    }
  }

  /** From the first edge to the last, in points. */
  Interval extent() {
    List<Double> edges = before.columnEdges();
    return new Interval(edges.get(0) + shift, edges.get(edges.size() - 1) + shift);
  }

  /** The median distance of the rows, in points. */
  double usualStep() {
    return usualStep;
  }

  /** The median distance of the rows on the page before, in points. */
  private static double usualStep(PageTable before) {
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

  /** The gutters of the page before, each in the middle of the white that these rows leave. */
  List<Double> gutters(List<ChunkLine> rows) {
    double[] begin = new double[before.columns()];
    double[] end = new double[before.columns()];
    Arrays.fill(begin, Double.POSITIVE_INFINITY);
    Arrays.fill(end, Double.NEGATIVE_INFINITY);
    for (ChunkLine row : rows) {
      for (Word word : row.isTabular() ? row.words() : List.<Word>of()) {
        int column = column(word.box().centreX());
        begin[column] = Math.min(begin[column], word.box().left());
        end[column] = Math.max(end[column], word.box().right());
      }
    }
    List<Double> gutters = new ArrayList<>();
    for (int c = 0; c + 1 < before.columns(); c++) {
      boolean white = Double.isFinite(end[c] + begin[c + 1]) && end[c] < begin[c + 1];
      double known = before.columnEdges().get(c + 1) + shift;
      gutters.add(white ? (end[c] + begin[c + 1]) / 2 : known);
    }
    return gutters;
  }

  /** Whether no word reaches into the texts of another column, and none beyond the table. */
  boolean fit(ChunkLine line) {
    List<Double> edges = before.columnEdges();
    double size = line.line().size();
    boolean within =
        line.box().left() > edges.get(0) + shift - size
            && line.box().right() < edges.get(edges.size() - 1) + shift + size;
    return within && (!line.isTabular() || wordsFit(line));
  }

  private boolean wordsFit(ChunkLine line) {
    return line.words().stream().allMatch(w -> fits(w, line.line().size()));
  }

  private boolean fits(Word word, double size) {
    int column = column(word.box().centreX());
    double from = column == 0 ? Double.NEGATIVE_INFINITY : textsTo[column - 1];
    double to = column + 1 == textsFrom.length ? Double.POSITIVE_INFINITY : textsFrom[column + 1];
    return word.box().left() > from + shift - OVER * size
        && word.box().right() < to + shift + OVER * size;
  }

  /** Whether a line has a text in the first column, if nearly all rows before have one. */
  private boolean fillsFirstColumn(ChunkLine line) {
    int all = 0;
    int filled = 0;
    for (TableRow row : before.body()) {
      all += row.cells().isEmpty() ? 0 : 1;
      filled += row.textAt(0).isEmpty() ? 0 : 1;
    }
    return filled < NEARLY_ALL * all || !beginsInside(line);
  }

  /** Whether a line begins in another column than the first, as titles and running text do not. */
  boolean beginsInside(ChunkLine line) {
    return column(line.box().left() + OVER * line.line().size()) > 0;
  }

  private int column(double x) {
    return Edges.indexOf(before.columnEdges(), x - shift);
  }

  /**
   * Whether a line is the label of a sum, not in the first column, and values that end exactly
   * where those of their columns ended on the page before.
   */
  boolean isSum(ChunkLine line) {
    List<Word> words = line.words();
    int labelled = labelled(line);
    String label = Word.join(words.subList(0, labelled));
    boolean named = endsWithSum || RowKinds.namesSum(label) || CarriedOver.isSaidBesideBreak(label);
    if (labelled == words.size() || !named || TextShape.of(label).isValue()) {
      return false;
    }
    double near = (before.isRuled() ? CELL_PADDING : ENDS) * line.line().size();
    List<Word> figures = words.subList(labelled, words.size());
    String[] texts = textsByColumn(figures);
    double[] ends = new double[texts.length];
    figures.forEach(w -> ends[column(w.box().centreX())] = w.box().right());
    for (int c = 0; c < texts.length; c++) {
      boolean ended = Math.abs(ends[c] - textsTo[c] - shift) < near;
      if (texts[c] != null && !(values[c] && ended && TextShape.of(texts[c]).isValue())) {
        return false;
      }
    }
    return true;
  }

  /** How many words are the label of a sum: its figures may stand no further away than a space. */
  private static int labelled(ChunkLine line) {
    return line.chunks().size() > 1
        ? line.chunks().get(0).words().size()
        : (int) line.words().stream().takeWhile(w -> !TextShape.of(w.text()).isValue()).count();
  }

  /** What words say in each column, null where none stands. */
  private String[] textsByColumn(List<Word> words) {
    String[] texts = new String[values.length];
    for (Word word : words) {
      int column = column(word.box().centreX());
      texts[column] = texts[column] == null ? word.text() : texts[column] + " " + word.text();
    }
    return texts;
  }

  /**
   * Whether a line fills several columns as the rows before do: values stand where values stood.
   *
   * @param belowRows whether rows stand above it; then it may be a sum, its label before the value
   */
  boolean isRow(ChunkLine line, boolean belowRows) {
    if (isSum(line)) {
      return true;
    }
    if (!line.isTabular() && (line.isProse() || !wordsFit(line))) {
      return false;
    }
    String[] texts = textsByColumn(line.words());
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
