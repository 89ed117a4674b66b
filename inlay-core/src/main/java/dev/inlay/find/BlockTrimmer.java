package dev.inlay.find;

import dev.inlay.geom.Interval;
import dev.inlay.page.Word;
import java.util.Arrays;
import java.util.List;

/**
 * Takes running heads, captions and page numbers off the ends of a block of lines: lines with few
 * texts that a wider step sets apart from the rest.
 */
final class BlockTrimmer {

  /** A step this many times the usual one sets lines apart. */
  private static final double APART = 1.35;

  /** Type this many times as large as a block's is that of a title above it. */
  private static final double LARGE_TYPE = 1.35;

  /** A step this many times the usual one leaves a blank line. */
  private static final double BLANK_LINE = 1.8;

  /** Lines of text are at least this many type sizes apart. */
  private static final double LEAST_STEP = 0.9;

  /** Headings fill at least this share of the columns; what fills fewer is none. */
  private static final double HEADING_SHARE = 0.6;

  /** A ruling over this share of the width is one of the whole table. */
  private static final double FULL = 0.8;

  /** Words of running text stand at most this many type sizes apart. */
  private static final double WIDEST_SPACE = 0.6;

  /** Running text has at least so many words in a line. */
  private static final int WORDS_IN_PROSE = 6;

  /** What stands above a table on its page is short. */
  private static final int MOST_LINES = 6;

  private final List<PieceLine> lines;
  private List<Interval> gutters;
  private final double usualStep;

  /** Cells of one row stand on baselines of their own: there are steps smaller than lines. */
  private final boolean hasCellSteps;

  private final int titleLines;
  private final double topRuling;
  private final double bottomRuling;

  private BlockTrimmer(List<PieceLine> lines, List<Ruling> rulings) {
    this.lines = lines;
    double[] full = fullRulings(lines, rulings);
    titleLines = titleLines(lines);
    double below = titleLines == 0 ? 0 : lines.get(titleLines - 1).line().baseline();
    topRuling =
        Arrays.stream(full).filter(at -> at > below).findFirst().orElse(Double.POSITIVE_INFINITY);
    bottomRuling = full.length == 0 ? Double.NEGATIVE_INFINITY : full[full.length - 1];
    double[] steps = new double[lines.size() - 1];
    for (int i = 1; i < lines.size(); i++) {
      steps[i - 1] = step(i);
    }
    Arrays.sort(steps);
    double least = LEAST_STEP * lines.get(0).line().size();
    hasCellSteps = steps.length > 0 && steps[steps.length / 2] < least;
    double[] ofLines = Arrays.stream(steps).filter(s -> s >= least).toArray();
    double[] usual = hasCellSteps || ofLines.length == 0 ? steps : ofLines;
    usualStep = usual.length == 0 ? 0 : usual[usual.length / 2];
  }

  /**
   * Which lines are left.
   *
   * @param from the index of the first
   * @param to the index behind the last
   */
  record Range(int from, int to) {}

  /**
   * Takes lines off the ends that do not belong to the others.
   *
   * @param lines at least one
   * @param rulings those that run through them
   */
  static Range trim(List<PieceLine> lines, List<Ruling> rulings) {
    if (lines.size() < 2) {
      return new Range(0, lines.size());
    }
    BlockTrimmer trimmer = new BlockTrimmer(lines, rulings);
    if (!trimmer.mayTrim()) {
      return new Range(0, lines.size());
    }
    int first = trimmer.first();
    return new Range(first, trimmer.end(first));
  }

  /**
   * The places of the rulings over nearly all of the lines' width, from top to bottom: what stands
   * between the first and the last belongs.
   */
  private static double[] fullRulings(List<PieceLine> lines, List<Ruling> rulings) {
    double left = lines.stream().mapToDouble(l -> l.box().left()).min().orElse(0);
    double right = lines.stream().mapToDouble(l -> l.box().right()).max().orElse(0);
    return rulings.stream()
        .filter(r -> r.extent().overlap(new Interval(left, right)) > FULL * (right - left))
        .mapToDouble(Ruling::at)
        .sorted()
        .toArray();
  }

  /** Whether a wide step, a title or a text of one piece near the ends can set lines apart. */
  private boolean mayTrim() {
    boolean may =
        titleLines > 0 || !lines.get(0).isTabular() || isRunningText(lines.get(lines.size() - 1));
    for (int i = 1; i < lines.size(); i++) {
      boolean nearEnd = i < MOST_LINES + 1 || i > lines.size() - MOST_LINES - 1;
      may |= nearEnd && step(i) >= APART * usualStep;
    }
    return may;
  }

  /** The gutters of the lines, found when they are first asked for. */
  private List<Interval> gutters() {
    if (gutters == null) {
      gutters = GutterFinder.find(lines.stream().filter(PieceLine::isTabular).toList());
    }
    return gutters;
  }

  /** How many lines at the top end with one in type much larger than the rest: a title. */
  private static int titleLines(List<PieceLine> lines) {
    double[] sizes = lines.stream().mapToDouble(l -> l.line().size()).sorted().toArray();
    double large = LARGE_TYPE * sizes[sizes.length / 2];
    int titles = 0;
    for (int i = 0; i < Math.min(MOST_LINES, lines.size() - 1); i++) {
      titles = lines.get(i).line().size() > large ? i + 1 : titles;
    }
    return titles;
  }

  private int first() {
    int first = Math.max(titleLines, belowBlankLines());
    for (int i = first + 1; i < Math.min(MOST_LINES, lines.size() - 1); i++) {
      PieceLine line = lines.get(i - 1);
      if (fills(line) || line.line().baseline() > topRuling) {
        break;
      }
      if (step(i) >= APART * usualStep) {
        first = i;
      }
    }
    // A single line from the left edge over the gutters is a caption; a spanner stands elsewhere.
    while (first < lines.size() - 1
        && isCaption(lines.get(first))
        && lines.get(first).line().baseline() < topRuling) {
      first++;
    }
    return first;
  }

  /**
   * Where headings stand between two blank lines, what is above the first of them is the page's: a
   * running head may fill as many columns by chance.
   */
  private int belowBlankLines() {
    int first = 0;
    int above = 0;
    boolean blank = false;
    if (hasCellSteps) {
      return 0; // their steps are no line spacing
    }
    for (int i = Math.min(MOST_LINES, lines.size() - 1); i > 0; i--) {
      if (step(i) >= BLANK_LINE * usualStep) {
        if (blank && first == 0 && fills(lines.get(i))) {
          first = i;
        }
        blank = true;
      }
    }
    for (int i = 0; i < first; i++) {
      above = Math.max(above, lines.get(i).pieces().size());
    }
    return first > 0 && lines.get(first).pieces().size() > above ? first : 0;
  }

  private int end(int first) {
    int end = lines.size();
    for (int i = lines.size() - 1; i > Math.max(first + 1, lines.size() - MOST_LINES); i--) {
      boolean ruledIn = lines.get(i).line().baseline() < bottomRuling;
      if (fills(lines.get(i)) || isSum(lines.get(i)) || ruledIn) {
        break;
      }
      if (step(i) >= APART * usualStep || i == end - 1 && isProse(i)) {
        end = i;
      }
    }
    return end;
  }

  /** Whether a line is running text from the left edge over the gutters, not closer than rows. */
  private boolean isProse(int line) {
    PieceLine text = lines.get(line);
    double left = lines.stream().mapToDouble(l -> l.box().left()).min().orElse(0);
    return isRunningText(text)
        && text.box().left() - left < text.line().size()
        && step(line) >= usualStep
        && gutters().stream()
            .anyMatch(
                g ->
                    text.words().stream()
                        .anyMatch(
                            w -> w.box().left() < g.middle() && w.box().right() > g.middle()));
  }

  /** Whether a line has many words with no more than spaces between them. */
  private static boolean isRunningText(PieceLine line) {
    List<Word> words = line.words();
    for (int i = 1; i < words.size(); i++) {
      double gap = words.get(i).box().left() - words.get(i - 1).box().right();
      if (gap > WIDEST_SPACE * line.line().size()) {
        return false;
      }
    }
    return words.size() >= WORDS_IN_PROSE;
  }

  private double step(int line) {
    return lines.get(line).line().baseline() - lines.get(line - 1).line().baseline();
  }

  /** Whether so many texts of a line keep to a column that it can be a row or its headings. */
  private boolean fills(PieceLine line) {
    long fitting = line.pieces().stream().filter(p -> fits(p, line)).count();
    return fitting >= HEADING_SHARE * (gutters().size() + 1);
  }

  /** Whether a text keeps to one column, over or below other texts. */
  private boolean fits(Piece piece, PieceLine own) {
    Interval extent = piece.box().horizontal();
    return gutters().stream().noneMatch(g -> crosses(piece, g))
        && lines.stream()
            .filter(l -> l != own)
            .flatMap(l -> l.pieces().stream())
            .anyMatch(p -> p.box().horizontal().overlap(extent) > 0);
  }

  /** Whether a line has a label and a figure: sums stand apart below their rows. */
  private static boolean isSum(PieceLine line) {
    return line.isTabular() && TableSigns.figuresIn(line) > 0;
  }

  private boolean isCaption(PieceLine line) {
    double left = lines.stream().mapToDouble(l -> l.box().left()).min().orElse(0);
    return !line.isTabular()
        && line.box().left() - left < line.line().size()
        && gutters().stream().anyMatch(g -> crosses(line.pieces().get(0), g));
  }

  private static boolean crosses(Piece piece, Interval gutter) {
    return piece.box().left() < gutter.middle() && piece.box().right() > gutter.middle();
  }
}
