package dev.inlay.choose;

import dev.inlay.evidence.Ruling;
import dev.inlay.propose.Grid;
import dev.inlay.score.Signs;
import java.util.List;
import java.util.stream.IntStream;

/**
 * The signs by which it is weighed how many rows at the top of a grid are header: what the roles of
 * the lines say, what sets the rows above a boundary off from those below, and whether the first
 * row below it is like the rest.
 */
public final class HeaderSigns {

  /** No header is deeper: more rows are weighed only where the lines themselves say so. */
  static final int MOST_ROWS = 4;

  /** A ruling this near to the edge of a row, as a share of the row's height, parts rows there. */
  private static final double AT_EDGE = 0.35;

  private final Grid grid;
  private final int read;
  private final GridColumns columns;

  /** The share of the edges between rows that are ruled. */
  private final double ruledShare;

  /** Prepares the signs of a grid that has at least one row. */
  public HeaderSigns(Grid grid) {
    this.grid = grid;
    read = grid.headerRows().orElse(-1);
    columns = new GridColumns(grid);
    int rows = grid.rows().size();
    long ruled = IntStream.range(1, rows).filter(this::isRuled).count();
    ruledShare = (double) ruled / Math.max(1, rows - 1);
  }

  /** The names of the signs, in the order of their values. */
  public static List<String> names() {
    return NameList.NAMES;
  }

  /** Gathered once, by the code that gathers the values, from a grid that says nothing. */
  private static final class NameList {
    static final List<String> NAMES = gather();

    private static List<String> gather() {
      Signs names = Signs.ofNames();
      new HeaderSigns(SampleGrid.TWO_ROWS).addTo(names, 1);
      return names.names();
    }
  }

  /** How many numbers of header rows are weighed: from none to one less. */
  private int candidates() {
    return Math.min(columns.rows(), Math.max(MOST_ROWS, read) + 1);
  }

  /** The signs of each number of header rows that is weighed, from none on. */
  public double[][] ofCandidates() {
    double[][] values = new double[candidates()][NameList.NAMES.size()];
    for (int depth = 0; depth < values.length; depth++) {
      addTo(Signs.into(values[depth]), depth);
    }
    return values;
  }

  private void addTo(Signs signs, int depth) {
    signs.add("none", depth == 0);
    signs.add("two", depth == 2);
    signs.add("three or more", depth > 2);
    addReading(signs, depth);
    addHeader(signs, depth);
    addFirstRecord(signs, depth);
    addPairs(signs, depth);
  }

  private void addReading(Signs signs, int depth) {
    double sure = read < 0 ? 0 : grid.certainty().header();
    signs.add("as the lines are read", depth == read);
    signs.add("as the lines are surely read", depth == read && sure > 0.9);
    signs.add("as the lines are hardly read", depth == read && sure < 0.6);
    signs.add(
        "as the lines are read, how surely", depth == read ? Math.log(Math.max(1e-3, sure)) : 0);
    signs.add("fewer than the lines are read", Math.max(0, read < 0 ? 0 : read - depth));
    signs.add("none where the lines are read as some", depth == 0 && read > 0);
    signs.add("some where the lines are read as none", depth > 0 && read == 0);
    signs.add("some where no line is read", depth > 0 && read < 0);
  }

  private void addHeader(Signs signs, int depth) {
    boolean any = depth > 0;
    int last = depth - 1;
    signs.add("words over quantities", any ? columns.wordsOverQuantities(last) : 0);
    signs.add("quantities over quantities", any ? columns.quantitiesOverQuantities(last) : 0);
    signs.add("any quantity over quantities", any && columns.quantitiesOverQuantities(last) > 0);
    signs.add("any said again below", any && columns.saidAgain(last) > 0);
    signs.add("years or counts over quantities", any ? columns.namesOverQuantities(last) : 0);
    signs.add("quantities over words", any ? columns.quantitiesOverWords(last) : 0);
    signs.add("codes over codes", any ? columns.codesOverCodes(last) : 0);
    signs.add("said again below", any ? columns.saidAgain(last) : 0);
    signs.add("none said again where columns repeat", any ? columns.newOverRepeated(last) : 0);
    signs.add("bolder than the rows below", any ? columns.bold(last) - columns.boldBelow(last) : 0);
    signs.add("shaded unlike the rows below", any && columns.isShadedAlone(last));
    signs.add("columns without heading", any ? columns.withoutHeading(depth) : 0);
    signs.add("corner empty", any && !columns.isFilled(last, 0));
    signs.add("ends with a spanner", any && columns.hasSpanner(last));
    signs.add("one text alone", any && columns.filled(last) == 1);
    signs.add("capitals above, none below", any ? columns.capitals(last) : 0);
    signs.add("names of columns", any ? columns.columnNames(last) : 0);
    signs.add("sentences", any ? columns.sentences(last) : 0);
    signs.add("longer than the texts below", any ? columns.longer(last) : 0);
    signs.add("any ends with a full stop", any && columns.fullStops(last) > 0);
    signs.add("any worded like the row below", any && columns.wordedAsBelow(last) > 0);
    signs.add("ends with a colon", any ? columns.colons(last) : 0);
    signs.add("ruled off as no other row", any && isRuledOff(depth));
    signs.add("ruled as all rows", any && isRuled(depth) && !isRuledOff(depth));
    signs.add("not ruled where rows are", any && !isRuled(depth) && ruledShare > 0);
  }

  private void addFirstRecord(Signs signs, int depth) {
    int rows = grid.rows().size();
    boolean several = depth + 1 < rows;
    signs.add("first record: one shape with the rest", several ? columns.likeBelow(depth) : 0);
    signs.add(
        "first record: quantities over words", several ? columns.quantitiesOverWords(depth) : 0);
    signs.add(
        "first record: words over quantities", several ? columns.wordsOverQuantities(depth) : 0);
    signs.add(
        "first record: years or counts over quantities",
        several ? columns.namesOverQuantities(depth) : 0);
    signs.add("first record: said again below", several ? columns.saidAgain(depth) : 0);
    signs.add(
        "first record: none said again where columns repeat",
        several ? columns.newOverRepeated(depth) : 0);
    signs.add(
        "first record: bolder than the rest",
        several ? columns.bold(depth) - columns.boldBelow(depth) : 0);
    signs.add("first record: shaded alone", several && columns.isShadedAlone(depth));
    signs.add("first record: without label", several && !columns.isFilled(depth, 0));
    signs.add("first record: names of columns", several ? columns.columnNames(depth) : 0);
    signs.add("first record: units", several ? columns.units(depth) : 0);
    signs.add("first record: spanner", several && columns.hasSpanner(depth));
    signs.add("first record: emptier than the rest", several ? columns.emptier(depth) : 0);
    signs.add("first record: ruled off as no other row", several && isRuledOff(depth + 1));
    signs.add("one record", !several);
  }

  private void addPairs(Signs signs, int depth) {
    boolean pairs = grid.columns() == 2;
    signs.add("none over labels and values", depth == 0 && pairs);
    signs.add("none over values of many shapes", depth == 0 && pairs ? columns.mixed(1) : 0);
    signs.add("none over few rows", depth == 0 ? 1.0 / grid.rows().size() : 0);
    signs.add("none where the grid is closed", depth == 0 && grid.isClosed());
    boolean plain = depth > 0 && columns.bold(depth - 1) <= columns.boldBelow(depth - 1);
    boolean off = depth > 0 && (columns.isShadedAlone(depth - 1) || isRuledOff(depth));
    signs.add("nothing sets off", plain && !off);
    double unlike = depth > 0 ? columns.wordsOverQuantities(depth - 1) : 0;
    signs.add("nothing sets off, nor words over quantities", plain && !off && unlike == 0);
  }

  private boolean isRuledOff(int edge) {
    return isRuled(edge) && ruledShare <= 0.5;
  }

  /** Whether a ruling over half the width parts the rows at an edge. */
  private boolean isRuled(int edge) {
    if (edge >= grid.rows().size()) {
      return false;
    }
    List<Double> edges = grid.rowEdges();
    double y = edges.get(edge);
    double above = AT_EDGE * (y - edges.get(edge - 1));
    double below = AT_EDGE * (edges.get(edge + 1) - y);
    double half = grid.frame().box().width() / 2;
    double width = 0;
    for (Ruling ruling : grid.frame().horizontals()) {
      boolean here = ruling.at() > y - above && ruling.at() < y + below;
      width += here ? ruling.extent().length() : 0;
    }
    return width > half;
  }
}
