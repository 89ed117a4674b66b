package dev.inlay.propose;

import dev.inlay.evidence.Chunk;
import dev.inlay.evidence.ChunkLine;
import dev.inlay.geom.Interval;
import dev.inlay.text.TextShape;
import java.util.List;
import java.util.Optional;

/**
 * Finds a first column that holds one label for all rows: every row begins at one place, and one
 * text alone stands to the left of it, as the label of a merged cell beside the rows.
 */
final class LoneLabel {

  private static final int LEAST_RECORDS = 3;

  /** Rows begin at one place within this many type sizes. */
  private static final double SAME_PLACE = 0.3;

  /** The label ends at least this many type sizes before the rows begin. */
  private static final double LEAST_GAP = 0.5;

  /** Shorter texts are marks or numbers of rows. */
  private static final int LEAST_LETTERS = 3;

  private LoneLabel() {}

  /**
   * The gutter behind the label.
   *
   * @param records the lines that begin or continue records
   * @return empty where there is no such label
   */
  static Optional<Interval> gutter(List<ChunkLine> records) {
    ChunkLine labelled = null;
    for (ChunkLine line : records) {
      labelled = labelled == null || line.box().left() < labelled.box().left() ? line : labelled;
    }
    if (labelled == null || records.size() < LEAST_RECORDS) {
      return Optional.empty();
    }
    Chunk label = labelled.chunks().get(0);
    double begin = Double.MAX_VALUE;
    double furthest = 0;
    for (ChunkLine line : records) {
      int first = line == labelled ? 1 : 0;
      if (line.chunks().size() > first && line.isTabular()) {
        begin = Math.min(begin, line.chunks().get(first).box().left());
        furthest = Math.max(furthest, line.chunks().get(first).box().left());
      }
    }
    double size = labelled.line().size();
    long letters = label.text().codePoints().filter(Character::isLetter).count();
    boolean word = letters >= LEAST_LETTERS && !TextShape.of(label.text()).isValue();
    return word
            && furthest > 0
            && furthest - begin < SAME_PLACE * size
            && label.box().right() + LEAST_GAP * size < begin
        ? Optional.of(new Interval(label.box().right(), begin))
        : Optional.empty();
  }
}
