package dev.inlay.find;

import dev.inlay.geom.Box;
import dev.inlay.geom.Interval;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;

/**
 * Follows columns down the page from one line with several pieces: as long as lines leave white
 * where those above did, and nothing parts them.
 */
final class ColumnRun {

  /** A step between lines beyond this many usual steps of the run ends it. */
  private static final double WIDEST_STEP = 2.3;

  /** The step above a caption is at least this many usual steps. */
  private static final double CAPTION_STEP = 1.6;

  /** A headline's type is at least this many times as large as that of the rows above it. */
  private static final double LARGER_TYPE = 1.12;

  /** Before there are two lines, the usual step is this many type sizes. */
  private static final double FIRST_STEP = 1.4;

  /** How much the latest step tells of the usual one. */
  private static final double LATEST = 0.3;

  /** So many single lines may stand between two lines of columns: headings, wrapped texts. */
  private static final int MOST_SINGLE_LINES = 4;

  /** The narrowest gap that tells a column, in type sizes. */
  private static final double COLUMN_GAP = 0.5;

  /** A line is held against so many lines of columns above it: not all fill every column. */
  private static final int REMEMBERED = 3;

  /** Edges of texts this near stand under each other, in type sizes. */
  private static final double SAME_EDGE = 0.15;

  /** Running text has at least so many words in a line. */
  private static final int WORDS_IN_PROSE = 6;

  /** Two rulings with room for a line between them, in type sizes, end one table and begin one. */
  private static final double ROOM_FOR_TEXT = 0.9;

  private static final Pattern CAPTION =
      Pattern.compile("(?i)(table|tab\\.|tabelle|tableau|tabla|tabella|figure|fig\\.)\\s.*");

  private final List<PieceLine> lines;
  private final int start;
  private final List<Ruling> rulings;
  private final Optional<RulingStack> stack;

  /** The last lines of columns, the latest first. */
  private final Deque<PieceLine> recent = new ArrayDeque<>();

  /** From where to where the lines of columns run. */
  private Interval extent;

  private double step = Double.NaN;
  private int end;
  private int singleLines;

  private ColumnRun(
      List<PieceLine> lines, int start, List<Ruling> rulings, List<RulingStack> stacks) {
    this.lines = lines;
    this.start = start;
    this.rulings = rulings;
    PieceLine first = lines.get(start);
    stack = stacks.stream().filter(s -> s.holds(first.box()) || isUnder(first, s)).findFirst();
    end = start + 1;
    recent.add(lines.get(start));
    extent = lines.get(start).box().horizontal();
  }

  /**
   * The index behind the last line of a run.
   *
   * @param start the index of its first line, which has several pieces
   * @param lines of one zone of the page, from top to bottom
   * @param rulings horizontal ones, from top to bottom
   * @param stacks those among the rulings that make stacks
   */
  static int end(int start, List<PieceLine> lines, List<Ruling> rulings, List<RulingStack> stacks) {
    ColumnRun run = new ColumnRun(lines, start, rulings, stacks);
    int next = start + 1;
    while (next < lines.size() && run.take(next)) {
      next++;
    }
    return run.end;
  }

  /** Takes the line of an index into the run; false where it ends the run. */
  private boolean take(int i) {
    PieceLine line = lines.get(i);
    if (stack.isPresent()) {
      return takeBetweenRulings(i);
    }
    double size = line.line().size();
    double thisStep = line.line().baseline() - lines.get(i - 1).line().baseline();
    double usual = Double.isNaN(step) ? Math.max(FIRST_STEP * size, 1) : step;
    boolean farBelow = thisStep > WIDEST_STEP * Math.max(usual, FIRST_STEP * size);
    // headings may stand further above the rows than these do from each other
    boolean apart = i > start + 1 && thisStep > CAPTION_STEP * usual;
    if (farBelow || apart && isRuledApart(lines.get(i - 1), line) || repeatsHeadings(i)) {
      return false;
    }
    return line.isTabular() ? takeTabular(i, thisStep) : takeSingle(i, apart);
  }

  /** Whether a stack begins right under headings and holds the line that follows them. */
  private boolean isUnder(PieceLine headings, RulingStack stack) {
    return stack.isRightBelow(headings.box(), headings.line().size())
        && lines.subList(start + 1, lines.size()).stream()
            .filter(l -> !stack.isBeside(l.box()))
            .findFirst()
            .filter(l -> stack.holds(l.box()))
            .isPresent();
  }

  /** Between rulings of one width all belongs together, however its lines stand. */
  private boolean takeBetweenRulings(int i) {
    PieceLine line = lines.get(i);
    if (stack.get().isBeside(line.box())) {
      return true; // left aside, as what stands there belongs to something else
    }
    boolean held = stack.get().holds(line.box());
    // No ruling need close the last row.
    boolean last = stack.get().isRightAbove(line.box(), line.line().size());
    boolean alike = line.isTabular() && recent.stream().anyMatch(r -> areAlike(r, line));
    if (isCaption(line) || !held && !(last && alike)) {
      return false;
    }
    if (line.isTabular()) {
      remember(line);
    }
    end = i + 1;
    return true;
  }

  /** The same headings once more, below other text, begin another table. */
  private boolean repeatsHeadings(int i) {
    return !lines.get(i - 1).isTabular()
        && lines.get(i).line().text().equals(lines.get(start).line().text());
  }

  private boolean takeTabular(int i, double thisStep) {
    PieceLine line = lines.get(i);
    if (recent.stream().noneMatch(r -> areAlike(r, line))) {
      return false;
    }
    remember(line);
    singleLines = 0;
    end = i + 1;
    step = Double.isNaN(step) ? thisStep : (1 - LATEST) * step + LATEST * thisStep;
    return true;
  }

  private void remember(PieceLine line) {
    recent.addFirst(line);
    extent = extent.union(line.box().horizontal());
    if (recent.size() > REMEMBERED) {
      recent.removeLast();
    }
  }

  private boolean takeSingle(int i, boolean apart) {
    PieceLine line = lines.get(i);
    boolean inColumn = isInOneColumn(line, wideGaps(recent.element()));
    boolean caption =
        apart && isHeadline(i) || isCaption(line) || !inColumn && (apart || isProseBeyond(line));
    // Wrapped lines of one cell may be many; those over several columns are not.
    singleLines += inColumn && !apart ? 0 : 1;
    if (caption || singleLines > MOST_SINGLE_LINES) {
      return false;
    }
    end = inColumn && !apart ? i + 1 : end;
    return true;
  }

  /** Whether a line in larger type stands over lines with far fewer columns than those above it. */
  private boolean isHeadline(int i) {
    int above = recent.stream().mapToInt(r -> r.pieces().size()).max().orElse(0);
    return i + 1 < lines.size()
        && lines.get(i).line().size() > LARGER_TYPE * recent.element().line().size()
        && lines.get(i + 1).pieces().size() * 2 <= above;
  }

  private static List<Interval> wideGaps(PieceLine line) {
    return line.gaps().stream().filter(g -> g.length() >= COLUMN_GAP * line.line().size()).toList();
  }

  private static boolean isCaption(PieceLine line) {
    return CAPTION.matcher(line.pieces().get(0).text()).matches();
  }

  /** Whether a line is running text that reaches beyond the columns. */
  private boolean isProseBeyond(PieceLine line) {
    Box box = line.box();
    double size = line.line().size();
    boolean beyond = box.right() > extent.to() + size || box.left() < extent.from() - size;
    return beyond && line.words().size() >= WORDS_IN_PROSE;
  }

  /**
   * Whether at least half of the gaps of one line lie over gaps of the other, or, where gaps are
   * narrow, half of its words begin or end below the other's.
   */
  private static boolean areAlike(PieceLine a, PieceLine b) {
    double size = b.line().size();
    List<Interval> above = wideGaps(a);
    List<Interval> below = wideGaps(b);
    return matched(above, below, size) * 2 >= above.size()
        || matched(below, above, size) * 2 >= below.size()
        || sameEdges(a, b, size) * 2 >= Math.max(a.words().size(), b.words().size());
  }

  /** How many words of a line begin or end where words of the other do. */
  private static long sameEdges(PieceLine a, PieceLine b, double size) {
    double near = SAME_EDGE * size;
    return a.words().stream()
        .filter(
            v ->
                b.words().stream()
                    .anyMatch(
                        w ->
                            Math.abs(v.box().left() - w.box().left()) < near
                                || Math.abs(v.box().right() - w.box().right()) < near))
        .count();
  }

  private static int matched(List<Interval> gaps, List<Interval> others, double size) {
    int matched = 0;
    for (Interval gap : gaps) {
      matched += others.stream().anyMatch(o -> o.overlap(gap) >= COLUMN_GAP * size) ? 1 : 0;
    }
    return matched;
  }

  private static boolean isInOneColumn(PieceLine line, List<Interval> gutters) {
    Interval extent = line.box().horizontal();
    return gutters.stream().noneMatch(g -> extent.from() < g.middle() && extent.to() > g.middle());
  }

  private boolean isRuledApart(PieceLine above, PieceLine below) {
    List<Ruling> between = new ArrayList<>();
    for (Ruling ruling : rulings) {
      boolean parts = ruling.at() > above.line().baseline() && ruling.at() < below.box().centreY();
      if (parts && ruling.extent().overlap(below.box().horizontal()) > 0) {
        between.add(ruling);
      }
    }
    return between.size() > 1
        && between.get(between.size() - 1).at() - between.get(0).at()
            > ROOM_FOR_TEXT * below.line().size();
  }
}
