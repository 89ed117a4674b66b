package dev.inlay.evidence;

import dev.inlay.page.TextLine;
import java.util.Arrays;
import java.util.List;

/**
 * Knows running text by its lines: one phrase of several words each, all at one step but where a
 * paragraph begins. Cells of a column that hold sentences leave more white between rows.
 */
final class RunningText {

  /** Fewer lines may be a cell or a note. */
  private static final int LEAST_LINES = 5;

  /** At least this share of the lines is one phrase of several words. */
  private static final double NEARLY_ALL = 0.7;

  /** Shorter lines are hardly those of running text. */
  private static final int LEAST_WORDS = 4;

  /** At most this share of the steps begins a paragraph. */
  private static final double MOST_PARAGRAPHS = 0.25;

  /** Steps that differ by less than this share are one. */
  private static final double SAME_STEP = 0.06;

  private RunningText() {}

  /** Whether lines, from top to bottom, are running text. */
  static boolean is(List<TextLine> lines) {
    if (lines.size() < LEAST_LINES) {
      return false;
    }
    long phrases =
        lines.stream()
            .filter(l -> l.words().size() >= LEAST_WORDS)
            .filter(l -> Chunk.split(l.words(), l.size()).size() == 1)
            .count();
    if (phrases < NEARLY_ALL * lines.size()) {
      return false;
    }
    double[] steps = new double[lines.size() - 1];
    for (int i = 0; i < steps.length; i++) {
      steps[i] = baseline(lines.get(i + 1)) - baseline(lines.get(i));
    }
    double usual = Arrays.stream(steps).sorted().toArray()[steps.length / 2];
    long others = Arrays.stream(steps).filter(s -> Math.abs(s - usual) > SAME_STEP * usual).count();
    return others <= MOST_PARAGRAPHS * steps.length;
  }

  /** That of the line's own words: it may have been read with words beside it. */
  private static double baseline(TextLine line) {
    return line.words().get(0).glyphs().get(0).baseline();
  }
}
