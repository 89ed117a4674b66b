package dev.inlay.propose;

import dev.inlay.evidence.Chunk;
import dev.inlay.evidence.ChunkLine;
import dev.inlay.geom.Interval;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Finds the gutter behind labels that have no heading, where the first heading stands over white
 * right of them all, and over the few texts in that white: notes, of which a row or two have one.
 */
final class UnheadedLabels {

  /** The heading begins at least this many type sizes behind the longest label: no space. */
  private static final double LEAST_GAP = 0.8;

  /** A text below the heading may stand out from it by this many type sizes. */
  private static final double BESIDE = 0.5;

  private UnheadedLabels() {}

  /**
   * The gutter behind the labels.
   *
   * @param headings the lines of the header
   * @param records the lines that begin or continue records
   * @param gutters those found so far, from left to right
   * @return empty where the first heading stands over labels, or over nothing
   */
  static Optional<Interval> gutter(
      List<ChunkLine> headings, List<ChunkLine> records, List<Interval> gutters) {
    Optional<Chunk> first =
        headings.stream()
            .flatMap(l -> l.chunks().stream())
            .min(Comparator.comparingDouble(c -> c.box().left()));
    if (first.isEmpty() || gutters.isEmpty() || records.isEmpty()) {
      return Optional.empty();
    }
    double end = gutters.get(0).to();
    if (first.get().box().right() > end) {
      return Optional.empty();
    }
    double size = records.get(0).line().size();
    Interval heading = first.get().box().horizontal();
    Interval reach = new Interval(heading.from() - BESIDE * size, heading.to() + BESIDE * size);
    double labels = Double.NEGATIVE_INFINITY;
    List<Chunk> below = new ArrayList<>();
    for (ChunkLine record : records) {
      for (Chunk chunk : record.chunks()) {
        Interval own = chunk.box().horizontal();
        boolean label = chunk == record.chunks().get(0);
        if (own.from() >= reach.from() && own.to() <= reach.to() && !label) {
          below.add(chunk);
        } else if (own.from() < end) {
          labels = Math.max(labels, own.to());
        }
      }
    }
    double begin = below.stream().mapToDouble(c -> c.box().left()).min().orElse(labels);
    begin = Math.min(begin, heading.from());
    return begin - labels >= LEAST_GAP * size
        ? Optional.of(new Interval(labels, begin))
        : Optional.empty();
  }
}
