package dev.inlay.find;

import dev.inlay.geom.Box;
import dev.inlay.geom.Interval;
import dev.inlay.page.TextLine;
import dev.inlay.page.Turn;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;

/**
 * Finds frames that no lattice of rulings bounds: runs of lines whose pieces leave the same gutters
 * free, down the page.
 */
public final class OpenFrameFinder {

  /** A step between lines beyond this many usual steps of the block ends it. */
  private static final double WIDEST_STEP = 2.3;

  /** The step above a caption is at least this many usual steps. */
  private static final double CAPTION_STEP = 1.6;

  /** So many single lines may stand between two lines of columns: headings, wrapped texts. */
  private static final int MOST_SINGLE_LINES = 4;

  /** The narrowest common gap that holds a run together, in type sizes. */
  private static final double COMMON_GAP = 0.5;

  /** A ruling belongs to a block when it runs along this share of its width. */
  private static final double RULING_SHARE = 0.6;

  /** How far above and below its lines a block's outer rulings stand, in type sizes. */
  private static final double RULING_REACH = 2.2;

  /** A line is held against so many lines of columns above it: not all fill every column. */
  private static final int REMEMBERED = 3;

  /** A heading of rows stands above them by about a row's step. */
  private static final double SAME_STEP = 1.2;

  private static final Pattern CAPTION =
      Pattern.compile("(?i)(table|tab\\.|tabelle|tableau|tabla|tabella|figure|fig\\.)\\s.*");

  private final int page;
  private final PageMeasure measure;
  private final List<Ruling> rulings;
  private final List<RulingStack> stacks;
  private final List<TextLine> turned = new ArrayList<>();
  private final List<OpenFrame> frames = new ArrayList<>();

  private OpenFrameFinder(int page, PageMeasure measure, List<Ruling> rulings) {
    this.page = page;
    this.measure = measure;
    this.rulings = rulings.stream().filter(Ruling::horizontal).toList();
    stacks = RulingStack.of(this.rulings, measure);
  }

  /**
   * Finds the frames among lines that stand in no ruled frame.
   *
   * @param page the page's number, from 1
   * @param lines in any order
   * @param rulings of the page
   * @param measure of the page
   * @return from top to bottom
   */
  public static List<OpenFrame> find(
      int page, List<TextLine> lines, List<Ruling> rulings, PageMeasure measure) {
    OpenFrameFinder finder = new OpenFrameFinder(page, measure, rulings);
    for (TextLine line : lines) {
      if (line.turn() == Turn.UPWARDS || line.turn() == Turn.DOWNWARDS) {
        finder.turned.add(line);
      }
    }
    List<TextLine> sorted =
        new ArrayList<>(lines.stream().filter(l -> l.turn() == Turn.UPRIGHT).toList());
    sorted.sort(Comparator.comparingDouble(TextLine::baseline));
    for (List<TextLine> zone : PageColumns.part(sorted, finder.rulings)) {
      finder.searchZone(PieceLine.of(zone));
    }
    finder.frames.sort(Comparator.comparingDouble(f -> f.frame().box().top()));
    return finder.frames;
  }

  /**
   * The frame of a ruled table seen as lines, for one whose rows no ruling parts.
   *
   * @param frame the ruled frame
   * @param lines those inside it
   * @return empty where the lines leave no gutter
   */
  public static Optional<OpenFrame> within(Frame frame, List<TextLine> lines, PageMeasure measure) {
    List<TextLine> upright = new ArrayList<>(lines);
    upright.sort(Comparator.comparingDouble(TextLine::baseline));
    List<PieceLine> block = PieceLine.of(upright);
    List<PieceLine> tabular = block.stream().filter(PieceLine::isTabular).toList();
    List<Interval> gutters = new ArrayList<>(GutterFinder.find(tabular, measure));
    for (Ruling ruling : frame.verticals()) {
      boolean inner =
          ruling.at() > frame.box().left() + measure.typeSize()
              && ruling.at() < frame.box().right() - measure.typeSize();
      boolean known =
          gutters.stream()
              .anyMatch(
                  g ->
                      ruling.at() > g.from() - measure.snap()
                          && ruling.at() < g.to() + measure.snap());
      if (inner && !known && ruling.extent().length() > RULING_SHARE * frame.box().height()) {
        gutters.add(new Interval(ruling.at(), ruling.at()));
      }
    }
    gutters.sort(Comparator.comparingDouble(Interval::from));
    return gutters.isEmpty() || tabular.isEmpty()
        ? Optional.empty()
        : Optional.of(new OpenFrame(frame, block, List.of(), gutters));
  }

  private void searchZone(List<PieceLine> lines) {
    int i = 0;
    while (i < lines.size()) {
      if (lines.get(i).isTabular()) {
        int end = runFrom(i, lines);
        addIfTable(i, end, lines);
        i = end;
      } else {
        i++;
      }
    }
  }

  /** The index behind the last line of the run of columns that begins at a line. */
  private int runFrom(int start, List<PieceLine> lines) {
    Optional<RulingStack> stack =
        stacks.stream().filter(s -> s.holds(lines.get(start).box())).findFirst();
    Deque<List<Interval>> recent = new ArrayDeque<>();
    recent.add(wideGaps(lines.get(start)));
    int end = start + 1;
    int single = 0;
    double step = Double.NaN;
    for (int i = start + 1; i < lines.size(); i++) {
      PieceLine line = lines.get(i);
      double thisStep = line.line().baseline() - lines.get(i - 1).line().baseline();
      double usual = Double.isNaN(step) ? Math.max(1.4 * line.line().size(), 1) : step;
      if (stack.isPresent() && stack.get().holds(line.box())) {
        // Between rulings of one width all belongs together, however its lines stand.
        end = i + 1;
        recent.addFirst(wideGaps(line));
        continue;
      }
      boolean ruledApart =
          stack.isPresent()
              || thisStep > CAPTION_STEP * usual && isRuledApart(lines.get(i - 1), line);
      if (thisStep > WIDEST_STEP * Math.max(usual, 1.2 * line.line().size()) || ruledApart) {
        break;
      }
      boolean again = line.line().text().equals(lines.get(start).line().text());
      if (again && !lines.get(i - 1).isTabular()) {
        break; // the same headings once more, below other text: another table
      }
      if (line.isTabular()) {
        List<Interval> gaps = wideGaps(line);
        if (recent.stream().noneMatch(r -> areAlike(r, gaps, line.line().size()))) {
          break;
        }
        recent.addFirst(gaps);
        if (recent.size() > REMEMBERED) {
          recent.removeLast();
        }
        single = 0;
        end = i + 1;
        step = Double.isNaN(step) ? thisStep : 0.7 * step + 0.3 * thisStep;
      } else {
        boolean inColumn = isInOneColumn(line, recent.element());
        boolean caption =
            CAPTION.matcher(line.pieces().get(0).text()).matches()
                || !inColumn && thisStep > CAPTION_STEP * usual;
        single++;
        if (caption || single > MOST_SINGLE_LINES) {
          break;
        }
        if (inColumn && thisStep <= CAPTION_STEP * usual) {
          end = i + 1;
        }
      }
    }
    return end;
  }

  private List<Interval> wideGaps(PieceLine line) {
    return line.gaps().stream().filter(g -> g.length() >= COMMON_GAP * line.line().size()).toList();
  }

  /** Whether at least half of the gaps of one line lie over gaps of the other. */
  private static boolean areAlike(List<Interval> a, List<Interval> b, double size) {
    return matched(a, b, size) * 2 >= a.size() || matched(b, a, size) * 2 >= b.size();
  }

  private static int matched(List<Interval> gaps, List<Interval> others, double size) {
    int matched = 0;
    for (Interval gap : gaps) {
      matched += others.stream().anyMatch(o -> o.overlap(gap) >= COMMON_GAP * size) ? 1 : 0;
    }
    return matched;
  }

  private static boolean isInOneColumn(PieceLine line, List<Interval> gutters) {
    Interval extent = line.box().horizontal();
    return gutters.stream().noneMatch(g -> extent.from() < g.middle() && extent.to() > g.middle());
  }

  /** Whether two long rulings with room between them part the lines: one table ends, one begins. */
  private boolean isRuledApart(PieceLine above, PieceLine below) {
    List<Ruling> between =
        rulings.stream()
            .filter(r -> r.at() > above.line().baseline() && r.at() < below.box().top() + 1)
            .filter(r -> r.extent().overlap(below.box().horizontal()) > 0)
            .toList();
    double apart =
        between.size() < 2 ? 0 : between.get(between.size() - 1).at() - between.get(0).at();
    return apart > 0.9 * measure.typeSize();
  }

  private void addIfTable(int from, int end, List<PieceLine> lines) {
    List<PieceLine> run = lines.subList(from, end);
    List<PieceLine> block = BlockTrimmer.trimmed(run, rulingsOf(around(run)), measure);
    int start = lines.indexOf(block.get(0));
    Box box = around(block);
    List<Ruling> own = rulingsOf(box);
    while (block.size() > 1
        && isRuledOff(block.get(block.size() - 2), block.get(block.size() - 1), own)) {
      block.remove(block.size() - 1);
    }
    int first = start;
    // Headings between the upper ruling and the first line of columns belong to it.
    while (first > 0
        && isBelowRuling(lines.get(first - 1), own)
        && !isRuledBetween(lines.get(first - 1), block.get(0), box, own)) {
      first--;
      block.add(0, lines.get(first));
    }
    if (first == start
        && start > 0
        && isGroupHeadingOf(block, lines.get(start - 1))
        && !isRuledBetween(lines.get(start - 1), block.get(0), box, own)) {
      first--;
      block.add(0, lines.get(first));
    }
    List<TextLine> heads = turnedHeadings(box);
    double headsTop = heads.stream().mapToDouble(l -> l.box().top()).min().orElse(box.top());
    while (first > 0 && lines.get(first - 1).box().centreY() > headsTop) {
      first--;
      block.add(0, lines.get(first));
    }
    List<PieceLine> tabular = block.stream().filter(PieceLine::isTabular).toList();
    List<Interval> gutters = GutterFinder.find(tabular, measure);
    if (TableSigns.looksLikeTable(block, tabular, gutters, own.size())) {
      Box whole = around(block);
      for (Ruling ruling : own) {
        whole =
            whole.union(
                new Box(ruling.extent().from(), ruling.at(), ruling.extent().to(), ruling.at()));
      }
      for (TextLine head : heads) {
        whole = whole.union(head.box());
      }
      frames.add(new OpenFrame(new Frame(page, whole, own, List.of()), block, heads, gutters));
    }
  }

  /** Whether a single line right above a block that begins with a record heads its first rows. */
  private static boolean isGroupHeadingOf(List<PieceLine> block, PieceLine above) {
    if (above.isTabular() || block.size() < 2) {
      return false;
    }
    double step = block.get(0).line().baseline() - above.line().baseline();
    double next = block.get(1).line().baseline() - block.get(0).line().baseline();
    double left = block.stream().mapToDouble(l -> l.box().left()).min().orElse(0);
    boolean near = step <= SAME_STEP * next;
    boolean atLeft = Math.abs(above.box().left() - left) < above.line().size();
    return near
        && atLeft
        && TableSigns.figuresIn(block.get(0)) > 0
        && TableSigns.figuresIn(block.get(0)) >= TableSigns.figuresIn(block.get(1));
  }

  /** Turned lines that stand on the upper edge of a block are headings of its columns. */
  private List<TextLine> turnedHeadings(Box block) {
    double reach = RULING_REACH * measure.typeSize();
    return turned.stream()
        .filter(l -> l.box().top() < block.top() + reach && l.box().bottom() > block.top() - reach)
        .filter(l -> l.box().horizontal().overlap(block.horizontal()) > 0)
        .sorted(Comparator.comparingDouble(l -> l.box().left()))
        .toList();
  }

  private static Box around(List<PieceLine> lines) {
    return lines.stream().map(PieceLine::box).reduce(Box::union).orElseThrow();
  }

  private List<Ruling> rulingsOf(Box box) {
    double reach = RULING_REACH * measure.typeSize();
    return rulings.stream()
        .filter(r -> r.at() > box.top() - reach && r.at() < box.bottom() + reach)
        .filter(r -> r.extent().overlap(box.horizontal()) > 0)
        .filter(
            r ->
                r.extent().length() <= box.width() / RULING_SHARE
                    && r.extent().overlap(box.horizontal()) >= 0.8 * r.extent().length())
        .toList();
  }

  /** Whether a single line below the last ruling of a block is a note to it, not a row. */
  private static boolean isRuledOff(PieceLine above, PieceLine last, List<Ruling> rulings) {
    if (last.isTabular() || rulings.size() < 2) {
      return false;
    }
    double lowest = rulings.get(rulings.size() - 1).at();
    return lowest > above.line().baseline() && lowest < last.line().baseline();
  }

  /** Whether a ruling over the block's width parts a line from the block's first. */
  private static boolean isRuledBetween(
      PieceLine line, PieceLine first, Box block, List<Ruling> rulings) {
    return rulings.stream()
        .anyMatch(
            r ->
                r.at() > line.line().baseline()
                    && r.at() < first.box().centreY()
                    && r.extent().overlap(block.horizontal()) > 0.8 * block.width());
  }

  private static boolean isBelowRuling(PieceLine line, List<Ruling> rulings) {
    Box box = line.box();
    return rulings.stream()
        .anyMatch(
            r ->
                r.at() < box.centreY()
                    && r.extent().from() <= box.left() + 1
                    && r.extent().to() >= box.right() - 1
                    && box.top() - r.at() < 2 * line.line().size());
  }
}
