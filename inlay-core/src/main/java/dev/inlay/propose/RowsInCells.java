package dev.inlay.propose;

import dev.inlay.evidence.ChunkLine;
import dev.inlay.page.LineComposer;
import dev.inlay.page.TextLine;
import java.util.ArrayList;
import java.util.List;

/**
 * Whether the cells of a row hold several rows that no ruling parts: their lines stand beside each
 * other, or the lines of one cell keep the distance that the rows beside them take.
 */
final class RowsInCells {

  /** A cell of fewer lines may hold a list of its own, or a text that wraps. */
  private static final int LEAST_LINES = 4;

  /** Lines this many times as far apart as the closest in the row do not wrap. */
  private static final double SPACED_OUT = 1.4;

  /** Between two rows the step is at least this many times that of the lines of one. */
  private static final double PARAGRAPH_STEP = 1.1;

  /** Lines whose baselines differ by at most this share of their type size stand beside another. */
  private static final double SAME_LINE = 0.25;

  private RowsInCells() {}

  /** Looks at the cells of a row that stand in no other. */
  static boolean areIn(List<Cell> row) {
    List<List<TextLine>> cells = new ArrayList<>();
    for (Cell cell : row) {
      if (!cell.isEmpty()) {
        cells.add(cell.lines() < LEAST_LINES ? List.of() : LineComposer.compose(cell.glyphs()));
      }
    }
    if (cells.size() < 2 || cells.stream().allMatch(List::isEmpty)) {
      return false;
    }
    List<TextLine> fullest = cells.get(0);
    for (List<TextLine> cell : cells) {
      fullest = cell.size() > fullest.size() ? cell : fullest;
    }
    double closest = closestStep(cells);
    boolean all = true;
    boolean spaced = labelsParagraphs(cells.get(0), fullest);
    for (List<TextLine> cell : cells) {
      boolean beside = cell.size() >= LEAST_LINES && standBeside(cell, fullest);
      all &= beside && cell.size() == fullest.size();
      spaced |= beside && cell != fullest && ChunkLine.medianStepOf(cell) >= SPACED_OUT * closest;
    }
    return all || spaced;
  }

  /**
   * Whether each label stands beside a line that begins further below the one before than the lines
   * without label do: then these go on, and the labels have rows of their own.
   */
  private static boolean labelsParagraphs(List<TextLine> labels, List<TextLine> lines) {
    if (labels.size() < LEAST_LINES || labels == lines || !standBeside(labels, lines)) {
      return false;
    }
    double widestInside = 0;
    double closestBetween = Double.MAX_VALUE;
    for (int i = 1; i < lines.size(); i++) {
      double step = lines.get(i).baseline() - lines.get(i - 1).baseline();
      if (standBeside(List.of(lines.get(i)), labels)) {
        closestBetween = Math.min(closestBetween, step);
      } else {
        widestInside = Math.max(widestInside, step);
      }
    }
    boolean labelled = standBeside(List.of(lines.get(0)), labels);
    return labelled && closestBetween > PARAGRAPH_STEP * widestInside;
  }

  private static boolean standBeside(List<TextLine> lines, List<TextLine> others) {
    return lines.stream()
        .allMatch(
            line ->
                others.stream()
                    .anyMatch(
                        o -> Math.abs(o.baseline() - line.baseline()) < SAME_LINE * line.size()));
  }

  private static double closestStep(List<List<TextLine>> cells) {
    double closest = Double.MAX_VALUE;
    for (List<TextLine> cell : cells) {
      for (int i = 1; i < cell.size(); i++) {
        closest = Math.min(closest, cell.get(i).baseline() - cell.get(i - 1).baseline());
      }
    }
    return closest;
  }
}
