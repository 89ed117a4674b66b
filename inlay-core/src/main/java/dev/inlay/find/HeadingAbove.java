package dev.inlay.find;

import dev.inlay.geom.Box;
import dev.inlay.geom.Interval;
import dev.inlay.page.Word;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Tells whether the line right above a block holds its headings though they stand hardly a space
 * apart, as over the narrow columns of sheets: it follows in the step of the rows, and has a word
 * over nearly every column.
 */
final class HeadingAbove {

  /** Headings stand over at least this share of the columns. */
  private static final double FILLED = 0.8;

  /** The first step is at most so many times that of the rows. */
  private static final double SAME_STEP = 1.25;

  private static final int LEAST_COLUMNS = 3;

  /** The lines of one heading keep to their edge and their step exactly, in type sizes. */
  private static final double EXACT = 0.06;

  private HeadingAbove() {}

  /**
   * The gutters that a block and the line above it leave together.
   *
   * @return empty where the line holds no headings
   */
  static Optional<List<Interval>> gutters(
      PieceLine line, List<PieceLine> block, List<Interval> gutters) {
    if (block.size() < 2
        || gutters.size() + 1 < LEAST_COLUMNS
        || TableSigns.figuresIn(block.get(0)) == 0
        || line.words().stream().anyMatch(w -> w.text().chars().allMatch(Character::isDigit))) {
      return Optional.empty();
    }
    double step = block.get(0).line().baseline() - line.line().baseline();
    double next = block.get(1).line().baseline() - block.get(0).line().baseline();
    if (step > SAME_STEP * next) {
      return Optional.empty();
    }
    List<PieceLine> all = new ArrayList<>(block);
    all.add(0, line);
    List<Interval> shared = GutterFinder.find(all);
    return shared.size() == gutters.size() && stands(line, shared)
        ? Optional.of(shared)
        : Optional.empty();
  }

  /**
   * Whether a line of one text is the top of a heading that goes on in the block's first line: it
   * stands in the same step, or closer where both are bold and the rows are not, and begins, ends
   * or centres where the text below it does.
   */
  static boolean goesOnIn(PieceLine line, List<PieceLine> block) {
    PieceLine first = block.get(0);
    if (block.size() < 3 || line.isTabular() || TableSigns.figuresIn(first) > 0) {
      return false;
    }
    double size = line.line().size();
    double step = first.line().baseline() - line.line().baseline();
    double next = block.get(1).line().baseline() - first.line().baseline();
    Box box = line.box();
    double left = block.stream().mapToDouble(l -> l.box().left()).min().orElse(0);
    PieceLine last = block.get(block.size() - 1);
    double mean = (last.line().baseline() - first.line().baseline()) / (block.size() - 1);
    boolean boldOverPlain = line.isBold() && first.isBold() && !block.get(1).isBold();
    boolean steps = Math.abs(step - next) < EXACT * size || boldOverPlain && step <= next;
    return steps
        && step <= SAME_STEP * mean
        && box.left() > left + size
        && first.pieces().stream().anyMatch(p -> isAligned(p.box(), box, EXACT * size));
  }

  private static boolean isAligned(Box a, Box b, double exact) {
    return Math.abs(a.left() - b.left()) < exact
        || Math.abs(a.right() - b.right()) < exact
        || Math.abs(a.centreX() - b.centreX()) < exact;
  }

  private static boolean stands(PieceLine line, List<Interval> gutters) {
    Set<Integer> filled = new HashSet<>();
    for (Word word : line.words()) {
      for (Interval gutter : gutters) {
        if (word.box().left() < gutter.from() - 1 && word.box().right() > gutter.to() + 1) {
          return false;
        }
      }
      filled.add(OpenFrame.columnAt(word.box().centreX(), gutters));
    }
    return filled.size() >= FILLED * (gutters.size() + 1);
  }
}
