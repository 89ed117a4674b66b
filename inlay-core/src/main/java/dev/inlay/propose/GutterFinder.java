package dev.inlay.propose;

import dev.inlay.evidence.Chunk;
import dev.inlay.evidence.ChunkLine;
import dev.inlay.evidence.WordGaps;
import dev.inlay.evidence.WordOrder;
import dev.inlay.geom.Interval;
import dev.inlay.page.Word;
import dev.inlay.propose.WhiteStrips.Strip;
import dev.inlay.text.TextShape;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Finds the gutters of a block of lines: the strips that no word, or hardly any, crosses over the
 * whole height. The more lines there are, the narrower a strip may be: spaces between words line up
 * by chance in a few lines, never in many. Where texts keep to the edge of a strip, few lines
 * suffice.
 */
public final class GutterFinder {

  /** The least width of a gutter in few lines and in many, in type sizes. */
  private static final double WIDE = 0.8;

  private static final double NARROW = 0.15;

  /** From this many lines on a gutter may be narrow. */
  private static final int MANY_LINES = 8;

  /** Behind a gutter texts begin in at least this share of the lines. */
  private static final double LEAST_BEGINNING = 0.03;

  /** Beside an aligned gutter texts end or begin within this many type sizes of each other. */
  private static final double ALIGNED = 0.12;

  /** This share of the lines with text on both sides of an aligned gutter keeps to its edge. */
  private static final double ALIGNED_SHARE = 0.8;

  /** Fewer lines may be aligned by chance. */
  private static final int LEAST_ALIGNED = 4;

  /** An aligned gutter is at least this wide, in type sizes: a space of ordinary type. */
  private static final double NARROWEST_ALIGNED = 0.22;

  /** Between two edges that texts keep to, a gutter is at least this wide, in type sizes. */
  private static final double NARROWEST_BETWEEN_EDGES = 0.08;

  /** An aligned gutter has text on both sides in at least this share of the lines. */
  private static final double LEAST_BOTH_SIDES = 0.25;

  /** The label of a sum over several columns stands this many type sizes from the left edge. */
  private static final double LABEL_INDENT = 3;

  /** This many gutters show a rhythm. */
  private static final int LEAST_RHYTHM = 3;

  /** A gutter in the rhythm of the others has at least this share of their width. */
  private static final double SAME_WIDTH = 0.95;

  /** This many full rows must be left where labels of sums are set aside. */
  private static final int LEAST_FULL_ROWS = 3;

  /** A strip of at least this share of the width that it takes is nearly a gutter. */
  private static final double ALMOST = 0.85;

  /** In fewer lines strips are clear by chance. */
  private static final int LEAST_RIVAL_LINES = 4;

  private final List<ChunkLine> lines;
  private final WordGaps gaps;
  private final TypewriterGutters typewriter;

  private GutterFinder(List<ChunkLine> lines) {
    this.lines = lines;
    gaps = new WordGaps(lines);
    typewriter = new TypewriterGutters(lines, gaps);
  }

  /**
   * Finds the gutters.
   *
   * @param tabular the lines that have several chunks
   * @return from left to right, in points
   */
  public static List<Interval> find(List<ChunkLine> tabular) {
    return tabular.isEmpty() ? List.of() : new GutterFinder(withoutLabelledSums(tabular)).gutters();
  }

  /**
   * The strip that comes nearest to being one more gutter: clear in every line, more than a space
   * in most, and yet a little too narrow for so few lines.
   */
  public static Optional<Interval> rival(List<ChunkLine> tabular, List<Interval> gutters) {
    List<ChunkLine> lines = withoutLabelledSums(tabular);
    return lines.size() < LEAST_RIVAL_LINES
        ? Optional.empty()
        : new GutterFinder(lines).rivalOf(gutters);
  }

  private Optional<Interval> rivalOf(List<Interval> gutters) {
    double size = gaps.typeSize();
    return WhiteStrips.of(lines, this::isAligned).stream()
        .filter(s -> s.covered() == 0)
        .filter(s -> s.extent().length() >= ALMOST * leastWidth(s.lines()) * size)
        .map(Strip::extent)
        .filter(e -> gutters.stream().noneMatch(g -> g.overlap(e) > 0))
        .filter(this::isWideEnough)
        .max(Comparator.comparingDouble(Interval::length));
  }

  private List<Interval> gutters() {
    List<Interval> gutters = new ArrayList<>();
    List<Interval> narrow = new ArrayList<>();
    Set<Interval> kept = new HashSet<>();
    for (Strip strip : WhiteStrips.of(lines, this::isAligned)) {
      Interval extent = strip.extent();
      boolean wide = isWideEnough(extent);
      if (wide && extent.length() >= leastWidth(strip.lines()) * gaps.typeSize()) {
        gutters.add(extent);
      } else if (isAligned(extent)) {
        gutters.add(extent);
        if (isHeaded(extent)) {
          kept.add(extent);
        }
      } else if (strip.covered() == 0 && typewriter.isGutter(extent)) {
        gutters.add(extent);
        if (typewriter.isBesideDecimals(extent)) {
          kept.add(extent);
        }
      } else if (wide && strip.covered() == 0) {
        narrow.add(extent);
      }
    }
    addAsWideAsOthers(narrow, gutters);
    prune(gutters, kept);
    return gutters;
  }

  private static double leastWidth(int lines) {
    if (lines >= MANY_LINES) {
      return NARROW;
    }
    return WIDE + (NARROW - WIDE) * (lines - 2) / (MANY_LINES - 2.0);
  }

  /** Where columns follow each other in one rhythm, few lines suffice for one more of them. */
  private static void addAsWideAsOthers(List<Interval> narrow, List<Interval> gutters) {
    if (gutters.size() < LEAST_RHYTHM) {
      return;
    }
    double usual =
        gutters.stream().mapToDouble(Interval::length).sorted().toArray()[gutters.size() / 2];
    for (Interval strip : narrow) {
      if (strip.length() >= SAME_WIDTH * usual) {
        gutters.add(strip);
      }
    }
    gutters.sort(Comparator.comparingDouble(Interval::from));
  }

  /**
   * Where hardly a text begins between two gutters, they are one: long texts of the column before
   * end there, or a heading of two words reaches into it. So they are where headings alone begin
   * there and reach beyond the second, over figures that stand to the right. The wider one stays.
   */
  private void prune(List<Interval> gutters, Set<Interval> kept) {
    double least = lines.size() < 4 ? 1 : Math.max(2, LEAST_BEGINNING * lines.size());
    for (int i = gutters.size() - 1; i >= 0; i--) {
      if (kept.contains(gutters.get(i))) {
        continue; // texts that keep to its edge begin there
      }
      boolean last = i + 1 == gutters.size();
      double next = last ? Double.MAX_VALUE : gutters.get(i + 1).middle();
      int beginning = 0;
      boolean allReachOver = true;
      int lastOfThem = 0;
      for (int l = 0; l < lines.size(); l++) {
        if (beginsBetween(lines.get(l), gutters.get(i).middle(), next)) {
          beginning++;
          lastOfThem = l;
          allReachOver &= endOfText(lines.get(l), gutters.get(i).middle()) > next;
        }
      }
      boolean headingsOnly = lastOfThem < beginning && lines.size() > 2 * beginning;
      if (beginning < least || headingsOnly && allReachOver) {
        boolean nextIsNarrower = !last && gutters.get(i + 1).length() < gutters.get(i).length();
        gutters.remove(nextIsNarrower ? i + 1 : i);
      }
    }
  }

  private boolean beginsBetween(ChunkLine line, double from, double to) {
    List<Word> words = line.words();
    for (int i = WordOrder.firstFrom(words, from); i < words.size(); i++) {
      Word word = words.get(i);
      if (word.box().left() >= to) {
        return false;
      }
      Word before = i == 0 ? null : words.get(i - 1);
      if (before == null || before.box().right() <= from) {
        return before == null || gaps.isWide(before, word);
      }
    }
    return false;
  }

  /** Where the words end that follow each other without a wide gap from a place on. */
  private double endOfText(ChunkLine line, double from) {
    List<Word> words = line.words();
    int last = WordOrder.firstFrom(words, from);
    while (last + 1 < words.size() && !gaps.isWide(words.get(last), words.get(last + 1))) {
      last++;
    }
    return words.get(last).box().right();
  }

  /**
   * The lines without those that hold a label and a sum far from the left edge: such a label stands
   * over several columns and says nothing of their gutters.
   */
  private static List<ChunkLine> withoutLabelledSums(List<ChunkLine> lines) {
    double left = lines.stream().mapToDouble(l -> l.box().left()).min().orElse(0);
    List<ChunkLine> full = lines.stream().filter(l -> !isLabelledSum(l, left)).toList();
    return full.size() >= LEAST_FULL_ROWS ? full : lines;
  }

  private static boolean isLabelledSum(ChunkLine line, double left) {
    return line.chunks().size() == 2
        && line.box().left() - left > LABEL_INDENT * line.line().size()
        && valuesIn(line) == 1;
  }

  private static long valuesIn(ChunkLine line) {
    return line.chunks().stream().filter(p -> TextShape.of(p.text()).isValue()).count();
  }

  /**
   * Whether texts beside a strip end, or begin, at one place in nearly all lines. Where texts begin
   * behind it at one place in fewer lines, or with hardly any white, a heading must say the same.
   */
  private boolean isAligned(Interval strip) {
    double size = gaps.typeSize();
    if (lines.size() < LEAST_ALIGNED
        || strip.length() < NARROWEST_BETWEEN_EDGES * size
        || gaps.isFixedWidth()) {
      return false;
    }
    double[] ends = new double[lines.size()];
    double[] begins = new double[lines.size()];
    int count = 0;
    for (ChunkLine line : lines) {
      List<Word> words = line.words();
      int right = WordOrder.firstFrom(words, strip.to());
      if (right == 0 || right == words.size()) {
        continue;
      }
      Word before = words.get(right - 1);
      Word behind = words.get(right);
      boolean clear = before.box().right() <= strip.from();
      if (clear && !Chunk.isGroupedFigure(before.text(), behind.text())) {
        ends[count] = before.box().right();
        begins[count++] = behind.box().left();
      }
    }
    int all = (int) Math.ceil(ALIGNED_SHARE * lines.size());
    int alignedEnds = atOnePlace(ends, count, size);
    int alignedBegins = atOnePlace(begins, count, size);
    boolean plain = strip.length() >= NARROWEST_ALIGNED * size;
    if (plain && count >= all && Math.max(alignedEnds, alignedBegins) >= all) {
      return true;
    }
    boolean enough = count >= Math.max(LEAST_ALIGNED, LEAST_BOTH_SIDES * lines.size());
    return enough && alignedBegins >= ALIGNED_SHARE * count && isHeaded(strip);
  }

  /**
   * Whether the first line leaves much white over a strip and has a text that begins right behind
   * it, as a heading does: words of one cell that line up by chance have none.
   */
  private boolean isHeaded(Interval strip) {
    double size = gaps.typeSize();
    List<Word> words = lines.get(0).words();
    int right = WordOrder.firstFrom(words, strip.to());
    if (right == 0 || right == words.size()) {
      return false;
    }
    double from = words.get(right - 1).box().right();
    double to = words.get(right).box().left();
    boolean wide = from <= strip.from() && to - from >= WIDE * size;
    return wide && to - strip.to() <= ALIGNED * size;
  }

  /** The most places that lie within the aligning distance of each other. */
  private static int atOnePlace(double[] places, int count, double size) {
    Arrays.sort(places, 0, count);
    int most = 0;
    int from = 0;
    for (int to = 0; to < count; to++) {
      while (places[to] - places[from] > ALIGNED * size) {
        from++;
      }
      most = Math.max(most, to - from + 1);
    }
    return most;
  }

  /** Whether the lines with text on both sides usually leave more than a space there. */
  private boolean isWideEnough(Interval strip) {
    int all = 0;
    int wide = 0;
    for (ChunkLine line : lines) {
      List<Word> words = line.words();
      int first = Math.max(1, WordOrder.firstFrom(words, strip.from()));
      for (int i = first; i < words.size(); i++) {
        double from = words.get(i - 1).box().right();
        if (from >= strip.to()) {
          break;
        }
        if (Math.max(from, strip.from()) < Math.min(words.get(i).box().left(), strip.to())) {
          all++;
          wide += gaps.isWide(words.get(i - 1), words.get(i)) ? 1 : 0;
        }
      }
    }
    boolean few = lines.size() <= 2;
    return wide * 2 > all && wide >= (few ? 1 : 2);
  }
}
