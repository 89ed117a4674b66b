package dev.inlay.find;

import dev.inlay.geom.Box;
import dev.inlay.geom.Interval;
import dev.inlay.page.TextLine;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Makes a frame of a run of lines: takes off what does not belong to it, adds the headings above
 * it, finds its gutters, and drops it where it does not look like a table.
 */
final class BlockBuilder {

  /** A ruling belongs to a block unless the block fills less than this share of its length. */
  private static final double RULING_SHARE = 0.6;

  /** This share of a ruling lies over the block it belongs to. */
  private static final double RULING_OVER_BLOCK = 0.8;

  /** How far above and below its lines a block's outer rulings stand, in type sizes. */
  private static final double RULING_REACH = 2.2;

  /** A heading stands at most this far below the ruling above it, in type sizes. */
  private static final double BELOW_RULING = 2;

  /** A heading of rows stands above them by about a row's step. */
  private static final double SAME_STEP = 1.2;

  /** Notes are set at most this share as large as a table's rows. */
  private static final double SMALL_TYPE = 0.9;

  /** From so many rulings on, they part the rows. */
  private static final int LEAST_RULED_ROWS = 5;

  /** Rows of several lines whose cells share baselines have this share of common lines. */
  private static final double COMMON_LINES = 0.6;

  private final int page;
  private final List<PieceLine> lines;
  private final List<TextLine> turned;
  private final List<Ruling> rulings;
  private final PageMeasure measure;

  BlockBuilder(
      int page,
      List<PieceLine> lines,
      List<TextLine> turned,
      List<Ruling> rulings,
      PageMeasure measure) {
    this.page = page;
    this.lines = lines;
    this.turned = turned;
    this.rulings = rulings;
    this.measure = measure;
  }

  /**
   * The frame of the lines from one index up to another.
   *
   * @param from the index of the first
   * @param to the index behind the last
   * @param taken lines before this index belong to another table already
   * @return empty where they are no table
   */
  Optional<OpenFrame> build(int from, int to, int taken) {
    List<PieceLine> run = lines.subList(from, to);
    BlockTrimmer.Range kept = BlockTrimmer.trim(run, rulingsOf(around(run)));
    int start = from + kept.from();
    int end = from + kept.to();
    Box box = around(lines.subList(start, end));
    List<Ruling> own = rulingsOf(box);
    end = aboveSmallType(start, aboveNotes(start, end, own));
    List<TextLine> heads = turnedHeadings(box);
    start = Math.max(withHeadings(start, end, box, own, heads), Math.min(taken, start));
    int spanned = start;
    start =
        Math.max(
            SpannersAbove.first(lines, start, box, rulings, measure.snap()),
            Math.min(taken, start));
    List<PieceLine> block = withoutAsides(lines.subList(start, end));
    own = rulingsOf(around(block));
    // Spanners stand over the gutters between their columns and say nothing of them.
    List<PieceLine> spanners = lines.subList(start, spanned);
    List<PieceLine> tabular =
        block.stream().filter(l -> l.isTabular() && !spanners.contains(l)).toList();
    // Between rulings lines of one row need not stand on common baselines.
    List<Interval> gutters =
        GutterFinder.find(isRuledInRows(block, tabular, own) ? block : tabular);
    if (!TableSigns.looksLikeTable(block, tabular, gutters, own.size())) {
      return Optional.empty();
    }
    if (start > taken && block.get(0) == lines.get(start)) {
      Optional<List<Interval>> shared = HeadingAbove.gutters(lines.get(start - 1), block, gutters);
      if (shared.isPresent()) {
        gutters = shared.get();
        block = new ArrayList<>(block);
        block.add(0, lines.get(start - 1));
      } else if (HeadingAbove.goesOnIn(lines.get(start - 1), block)) {
        block = new ArrayList<>(block);
        block.add(0, lines.get(start - 1));
      }
    }
    Frame frame = new Frame(page, whole(block, own, heads), own, List.of());
    Optional<Interval> rival = GutterFinder.rival(tabular, gutters);
    return Optional.of(new OpenFrame(frame, block, heads, gutters, false, rival));
  }

  /** Whether rulings part rows whose cells each have baselines of their own. */
  private static boolean isRuledInRows(
      List<PieceLine> block, List<PieceLine> tabular, List<Ruling> rulings) {
    return rulings.size() >= LEAST_RULED_ROWS && tabular.size() < COMMON_LINES * block.size();
  }

  /** The lines without those that stand beside the lines of several pieces, clear of them. */
  private static List<PieceLine> withoutAsides(List<PieceLine> block) {
    List<PieceLine> tabular = block.stream().filter(PieceLine::isTabular).toList();
    if (tabular.isEmpty()) {
      return block;
    }
    Interval extent = around(tabular).horizontal();
    return block.stream()
        .filter(l -> l.box().horizontal().touches(extent, l.line().size()))
        .toList();
  }

  /** The index of the first line of the block together with the headings that stand above it. */
  private int withHeadings(
      int start, int end, Box box, List<Ruling> own, List<TextLine> turnedHeads) {
    int first = start;
    List<Ruling> reached = own;
    while (first > 0
        && isBelowRuling(lines.get(first - 1), reached)
        && !isRuledBetween(lines.get(first - 1), lines.get(first), box, reached)) {
      first--;
      // Headings may stand on several levels, each with its own rulings above it.
      reached = first == 0 ? List.of() : rulingsOf(box.union(lines.get(first - 1).box()));
    }
    if (first == start && isGroupHeadingAbove(start, end)) {
      boolean parted = isRuledBetween(lines.get(start - 1), lines.get(start), box, own);
      // Where rulings part the rows, one more of them parts no table from another.
      boolean rowsParted =
          isRuledBetween(lines.get(start), lines.get(start + 1), box, own)
              && isBelowRuling(lines.get(start - 1), rulings);
      first -= !parted || rowsParted ? 1 : 0;
    }
    double top = turnedHeads.stream().mapToDouble(l -> l.box().top()).min().orElse(box.top());
    while (first > 0 && lines.get(first - 1).box().centreY() > top) {
      first--;
    }
    return first;
  }

  private static Box whole(List<PieceLine> block, List<Ruling> rulings, List<TextLine> heads) {
    Box whole = around(block);
    for (Ruling ruling : rulings) {
      whole = whole.union(ruling.box());
    }
    for (TextLine head : heads) {
      whole = whole.union(head.box());
    }
    return whole;
  }

  /** Whether a single line right above a block that begins with a record heads its first rows. */
  private boolean isGroupHeadingAbove(int start, int end) {
    if (start == 0 || end - start < 2 || lines.get(start - 1).isTabular()) {
      return false;
    }
    PieceLine above = lines.get(start - 1);
    PieceLine first = lines.get(start);
    PieceLine second = lines.get(start + 1);
    double step = first.line().baseline() - above.line().baseline();
    double next = second.line().baseline() - first.line().baseline();
    double left = around(lines.subList(start, end)).left();
    long figures = TableSigns.figuresIn(first);
    return step <= SAME_STEP * next
        && Math.abs(above.box().left() - left) < above.line().size()
        && figures > 0
        && figures >= TableSigns.figuresIn(second);
  }

  /** Turned lines that stand on the upper edge of a block are headings of its columns. */
  private List<TextLine> turnedHeadings(Box block) {
    double reach = RULING_REACH * measure.typeSize();
    List<TextLine> heads = new ArrayList<>();
    for (TextLine line : turned) {
      Box box = line.box();
      boolean atTop = box.top() < block.top() + reach && box.bottom() > block.top() - reach;
      if (atTop && box.horizontal().overlap(block.horizontal()) > 0) {
        heads.add(line);
      }
    }
    heads.sort(Comparator.comparingDouble(l -> l.box().left()));
    return heads;
  }

  private static Box around(List<PieceLine> lines) {
    return lines.stream().map(PieceLine::box).reduce(Box::union).orElseThrow();
  }

  private List<Ruling> rulingsOf(Box box) {
    double reach = RULING_REACH * measure.typeSize();
    return rulings.stream()
        .filter(r -> r.at() > box.top() - reach && r.at() < box.bottom() + reach)
        .filter(r -> r.extent().length() <= box.width() / RULING_SHARE)
        .filter(
            r -> r.extent().overlap(box.horizontal()) >= RULING_OVER_BLOCK * r.extent().length())
        .toList();
  }

  /** The end of a block without the notes, lines of one piece, below its last ruling. */
  private int aboveNotes(int start, int end, List<Ruling> rulings) {
    if (rulings.size() < 2) {
      return end;
    }
    double lowest = rulings.get(rulings.size() - 1).at();
    int above = end;
    while (above - start > 1
        && !lines.get(above - 1).isTabular()
        && lines.get(above - 1).line().baseline() > lowest) {
      above--;
    }
    return lines.get(above - 1).line().baseline() < lowest ? above : end;
  }

  /** The end of a block without the lines of one piece in small type at its foot: notes. */
  private int aboveSmallType(int start, int end) {
    double[] sizes =
        lines.subList(start, end).stream()
            .filter(PieceLine::isTabular)
            .mapToDouble(l -> l.line().size())
            .sorted()
            .toArray();
    double small = sizes.length == 0 ? 0 : SMALL_TYPE * sizes[sizes.length / 2];
    int above = end;
    while (above - start > 2
        && !lines.get(above - 1).isTabular()
        && lines.get(above - 1).line().size() <= small) {
      above--;
    }
    return above;
  }

  /** Whether a ruling over the block's width parts a line from the one below it. */
  private static boolean isRuledBetween(
      PieceLine line, PieceLine below, Box block, List<Ruling> rulings) {
    return rulings.stream()
        .filter(r -> r.at() > line.line().baseline() && r.at() < below.box().centreY())
        .anyMatch(r -> r.extent().overlap(block.horizontal()) > RULING_OVER_BLOCK * block.width());
  }

  private boolean isBelowRuling(PieceLine line, List<Ruling> rulings) {
    Box box = line.box();
    return rulings.stream()
        .filter(r -> r.at() < box.centreY())
        .filter(r -> box.top() - r.at() < BELOW_RULING * line.line().size())
        .anyMatch(
            r ->
                r.extent().from() <= box.left() + measure.snap()
                    && r.extent().to() >= box.right() - measure.snap());
  }
}
