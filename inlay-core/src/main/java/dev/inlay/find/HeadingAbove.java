package dev.inlay.find;

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
