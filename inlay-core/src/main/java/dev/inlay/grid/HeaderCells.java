package dev.inlay.grid;

import dev.inlay.find.Ruling;
import dev.inlay.geom.Box;
import dev.inlay.geom.Interval;
import dev.inlay.grid.LineCells.Part;
import dev.inlay.page.TextLine;
import dev.inlay.page.Word;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * The headings of an open frame. Words of a wrapped heading are one cell; a heading that reaches
 * over several columns is a spanner, a level above those below it.
 */
final class HeaderCells {

  /** A spanner's own ruling lies at most this many type sizes below its baseline. */
  private static final double RULE_BELOW = 1.2;

  /** A spanner stands over the middle of its ruling, give or take this share of its length. */
  private static final double CENTRED = 0.15;

  /** A ruling stands over a column where it covers this share of it. */
  private static final double COVERED = 0.4;

  /** A ruling over this share of the table's width parts rows, and tells no spanner. */
  private static final double WHOLE = 0.95;

  /**
   * A run of columns must fit a heading's middle better by this many type sizes to take it over.
   */
  private static final double CLEARLY_NEARER = 0.6;

  /**
   * A heading.
   *
   * @param words its words, line by line
   * @param first the first column it stands over, from 0
   * @param last the last column
   * @param level 0 for the uppermost
   * @param lowest whether no heading stands below it
   */
  record Head(List<Word> words, int first, int last, int level, boolean lowest) {

    int rowSpan(int levels) {
      return lowest ? levels - level : 1;
    }
  }

  private static final class Draft {
    final List<Word> words = new ArrayList<>();
    final int first;
    final int last;
    int level;
    boolean lowest = true;

    Draft(int first, int last) {
      this.first = first;
      this.last = last;
    }
  }

  private final List<Draft> drafts = new ArrayList<>();
  private final List<Interval> columns;
  private final List<Interval> texts;
  private final List<Ruling> rulings;
  private int levels;

  /**
   * Places the headings.
   *
   * @param lines those of the header
   * @param turned headings turned by a quarter; each stands over one column
   * @param columns the stretches between boundaries
   * @param texts the stretches that the texts of each column fill
   * @param rulings those that cross the frame
   */
  HeaderCells(
      List<LineCells> lines,
      List<TextLine> turned,
      List<Interval> columns,
      List<Interval> texts,
      List<Ruling> rulings) {
    this.columns = columns;
    this.texts = texts;
    this.rulings = rulings;
    Draft[] open = new Draft[columns.size()];
    for (TextLine line : turned) {
      int at = columnAt(line.box().centreX());
      Interval column = new Interval(at, at);
      place(new Part(line.words(), at, at), column, open);
    }
    for (int i = 0; i < lines.size(); i++) {
      for (Part part : lines.get(i).parts()) {
        place(part, reach(part, lines, i), open);
      }
    }
    for (Draft draft : drafts) {
      levels = Math.max(levels, draft.level + 1);
    }
  }

  /** Adds a part to the heading of the same reach above it, or begins a heading below those. */
  private void place(Part part, Interval reach, Draft[] open) {
    int first = (int) reach.from();
    int last = (int) reach.to();
    Draft above = open[first];
    boolean same = above != null && above.first == first && above.last == last;
    if (!same) {
      Draft fresh = new Draft(first, last);
      for (int c = first; c <= last; c++) {
        if (open[c] != null) {
          fresh.level = Math.max(fresh.level, open[c].level + 1);
          open[c].lowest = false;
        }
        open[c] = fresh;
      }
      drafts.add(fresh);
      above = fresh;
    }
    above.words.addAll(part.words());
  }

  /** The columns that a part stands over, as numbers from 0. */
  private Interval reach(Part part, List<LineCells> lines, int line) {
    LineCells own = lines.get(line);
    Ruling below = rulingBelow(part, own);
    if (below != null) {
      Interval over = columnsOver(below.extent());
      List<Part> beside =
          own.parts().stream()
              .filter(p -> p.box().horizontal().overlap(below.extent()) > 0)
              .toList();
      boolean centred =
          Math.abs(below.extent().middle() - part.box().centreX())
              < CENTRED * below.extent().length();
      if (over != null && beside.size() == 1 && centred) {
        return over;
      }
      if (over != null && beside.size() > 1 && over.length() + 1 > beside.size()) {
        return HeadingShares.of(over, beside, this::offCentre).get(beside.indexOf(part));
      }
    }
    return centredReach(part, lines, line);
  }

  /**
   * The columns that a heading is centred over: of all runs of columns that hold no other heading
   * of its line and have headings below, the one whose middle is nearest.
   */
  private Interval centredReach(Part part, List<LineCells> lines, int line) {
    boolean[] free = new boolean[columns.size()];
    for (LineCells below : lines.subList(line + 1, lines.size())) {
      for (Part p : below.parts()) {
        Arrays.fill(free, p.first(), p.last() + 1, true);
      }
    }
    for (Part p : lines.get(line).parts()) {
      if (p != part) {
        Arrays.fill(free, p.first(), p.last() + 1, false);
      }
    }
    Interval best = new Interval(part.first(), part.last());
    double nearest = offCentre(best, part) - CLEARLY_NEARER * line(lines, line);
    for (int first = part.first(); first >= 0 && (first == part.first() || free[first]); first--) {
      int last = part.last();
      for (; last < columns.size() && (last == part.last() || free[last]); last++) {
        Interval run = new Interval(first, last);
        boolean headed = first == last || free[part.first()];
        if (headed && offCentre(run, part) < nearest) {
          nearest = offCentre(run, part);
          best = run;
        }
      }
    }
    return best;
  }

  private static double line(List<LineCells> lines, int line) {
    return lines.get(line).line().line().size();
  }

  private double offCentre(Interval run, Part part) {
    double from = texts.get((int) run.from()).from();
    double to = texts.get((int) run.to()).to();
    return Math.abs((from + to) / 2 - part.box().centreX());
  }

  /** The ruling right below a part that is at least as wide as it and not the header's own. */
  private Ruling rulingBelow(Part part, LineCells line) {
    Box box = part.box();
    double baseline = line.line().line().baseline();
    double whole = columns.get(columns.size() - 1).to() - columns.get(0).from();
    for (Ruling ruling : rulings) {
      boolean below =
          ruling.at() > baseline && ruling.at() - baseline < RULE_BELOW * line.line().line().size();
      boolean own =
          ruling.extent().from() <= box.left() + 1 && ruling.extent().to() >= box.right() - 1;
      if (below && own && ruling.extent().length() < WHOLE * whole) {
        return ruling;
      }
    }
    return null;
  }

  private Interval columnsOver(Interval extent) {
    int first = -1;
    int last = -1;
    for (int c = 0; c < columns.size(); c++) {
      Interval column = columns.get(c);
      if (extent.overlap(column) > COVERED * Math.min(column.length(), extent.length())) {
        first = first < 0 ? c : first;
        last = c;
      }
    }
    return first < 0 || last == first ? null : new Interval(first, last);
  }

  private int columnAt(double x) {
    int column = 0;
    while (column < columns.size() - 1 && x > columns.get(column).to()) {
      column++;
    }
    return column;
  }

  /** How many rows the header has. */
  int levels() {
    return levels;
  }

  /** The headings, level by level in each column. */
  List<Head> heads() {
    return drafts.stream()
        .map(d -> new Head(List.copyOf(d.words), d.first, d.last, d.level, d.lowest))
        .toList();
  }
}
