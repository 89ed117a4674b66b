package dev.inlay.find;

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

  /** Two rulings with room for a line between them, in type sizes, end one table and begin one. */
  private static final double ROOM_FOR_TEXT = 0.9;

  private static final Pattern CAPTION =
      Pattern.compile("(?i)(table|tab\\.|tabelle|tableau|tabla|tabella|figure|fig\\.)\\s.*");

  private final List<PieceLine> lines;
  private final int start;
  private final List<Ruling> rulings;
  private final Optional<RulingStack> stack;

  /** The gaps of the last lines of columns, the latest first. */
  private final Deque<List<Interval>> recent = new ArrayDeque<>();

  private double step = Double.NaN;
  private int end;
  private int singleLines;

  private ColumnRun(
      List<PieceLine> lines, int start, List<Ruling> rulings, List<RulingStack> stacks) {
    this.lines = lines;
    this.start = start;
    this.rulings = rulings;
    stack = stacks.stream().filter(s -> s.holds(lines.get(start).box())).findFirst();
    end = start + 1;
    recent.add(wideGaps(lines.get(start)));
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
      // Between rulings of one width all belongs together, however its lines stand.
      boolean held = stack.get().holds(line.box());
      end = held ? i + 1 : end;
      return held;
    }
    double size = line.line().size();
    double thisStep = line.line().baseline() - lines.get(i - 1).line().baseline();
    double usual = Double.isNaN(step) ? Math.max(FIRST_STEP * size, 1) : step;
    boolean farBelow = thisStep > WIDEST_STEP * Math.max(usual, FIRST_STEP * size);
    boolean apart = thisStep > CAPTION_STEP * usual;
    if (farBelow || apart && isRuledApart(lines.get(i - 1), line) || repeatsHeadings(i)) {
      return false;
    }
    return line.isTabular() ? takeTabular(i, thisStep) : takeSingle(i, apart);
  }

  /** The same headings once more, below other text, begin another table. */
  private boolean repeatsHeadings(int i) {
    return !lines.get(i - 1).isTabular()
        && lines.get(i).line().text().equals(lines.get(start).line().text());
  }

  private boolean takeTabular(int i, double thisStep) {
    PieceLine line = lines.get(i);
    List<Interval> gaps = wideGaps(line);
    if (recent.stream().noneMatch(r -> areAlike(r, gaps, line.line().size()))) {
      return false;
    }
    recent.addFirst(gaps);
    if (recent.size() > REMEMBERED) {
      recent.removeLast();
    }
    singleLines = 0;
    end = i + 1;
    step = Double.isNaN(step) ? thisStep : (1 - LATEST) * step + LATEST * thisStep;
    return true;
  }

  private boolean takeSingle(int i, boolean apart) {
    PieceLine line = lines.get(i);
    boolean inColumn = isInOneColumn(line, recent.element());
    boolean caption = CAPTION.matcher(line.pieces().get(0).text()).matches() || !inColumn && apart;
    // Wrapped lines of one cell may be many; those over several columns are not.
    singleLines += inColumn && !apart ? 0 : 1;
    if (caption || singleLines > MOST_SINGLE_LINES) {
      return false;
    }
    end = inColumn && !apart ? i + 1 : end;
    return true;
  }

  private static List<Interval> wideGaps(PieceLine line) {
    return line.gaps().stream().filter(g -> g.length() >= COLUMN_GAP * line.line().size()).toList();
  }

  /** Whether at least half of the gaps of one line lie over gaps of the other. */
  private static boolean areAlike(List<Interval> a, List<Interval> b, double size) {
    return matched(a, b, size) * 2 >= a.size() || matched(b, a, size) * 2 >= b.size();
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
