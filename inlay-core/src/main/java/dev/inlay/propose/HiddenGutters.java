package dev.inlay.propose;

import dev.inlay.evidence.ChunkLine;
import dev.inlay.geom.Interval;
import dev.inlay.page.Word;
import dev.inlay.score.Signs;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Proposes gutters that are hardly wider than the space between words, or no wider: strips inside
 * one column at which the words of most of its rows are parted. Whether one is a gutter, the eye
 * tells from what stands before and behind it, and how that is set.
 */
final class HiddenGutters {

  /** A strip that parts a smaller share of the texts of its column is but white between words. */
  private static final double LEAST_PARTED = 0.5;

  private static final int LEAST_ROWS = 2;

  /** A strip that words of more rows cross is none. */
  private static final double MOST_CROSSED = 0.05;

  private static final int SIGNS = HiddenGutterModel.names().size();

  private final List<ChunkLine> headings;
  private final List<ChunkLine> records;
  private final List<Interval> gutters;

  /**
   * Prepares the search.
   *
   * @param headings the lines of the header
   * @param records the lines that begin or continue records
   * @param gutters those known, from left to right, at least one
   */
  HiddenGutters(List<ChunkLine> headings, List<ChunkLine> records, List<Interval> gutters) {
    this.headings = headings;
    this.records = records;
    this.gutters = gutters;
  }

  /** The strips, from left to right, none over another. */
  List<HiddenGutter> candidates() {
    List<HiddenGutter> found = new ArrayList<>();
    for (int column = 0; column <= gutters.size(); column++) {
      for (PartedColumn strip : strips(column)) {
        found.add(hidden(strip, column));
      }
    }
    return found;
  }

  /** The possible strips of a column, of several over each other the best. */
  private List<PartedColumn> strips(int column) {
    Interval bounds = bounds(column);
    List<PartedColumn> possible =
        gapsIn(bounds).stream()
            .map(x -> new PartedColumn(records, bounds, x))
            .filter(p -> p.isPossible(LEAST_ROWS, LEAST_PARTED, MOST_CROSSED))
            .sorted(Comparator.comparingDouble(p -> -p.weight()))
            .toList();
    List<PartedColumn> best = new ArrayList<>();
    for (PartedColumn strip : possible) {
      if (best.stream().noneMatch(b -> b.strip().overlap(strip.strip()) >= 0)) {
        best.add(strip);
      }
    }
    best.sort(Comparator.comparingDouble(p -> p.strip().from()));
    return best;
  }

  private HiddenGutter hidden(PartedColumn parted, int column) {
    double[] values = new double[SIGNS];
    new HiddenGutterSigns(parted, headings, column, gutters.size() + 1).add(Signs.into(values));
    return new HiddenGutter(parted.strip(), values, parted.rows());
  }

  /** From the middle of the gutter before a column to that of the one behind it. */
  private Interval bounds(int column) {
    double from = column == 0 ? -Double.MAX_VALUE : gutters.get(column - 1).middle();
    double to = column == gutters.size() ? Double.MAX_VALUE : gutters.get(column).middle();
    return new Interval(from, to);
  }

  /** The middles of the gaps between the words of a column, each once. */
  private List<Double> gapsIn(Interval bounds) {
    List<Double> middles = new ArrayList<>();
    for (ChunkLine line : records) {
      List<Word> words = line.words();
      for (int w = 1; w < words.size(); w++) {
        double left = words.get(w - 1).box().right();
        double right = words.get(w).box().left();
        if (words.get(w - 1).box().left() > bounds.from()
            && words.get(w).box().right() < bounds.to()) {
          middles.add((left + right) / 2);
        }
      }
    }
    return middles.stream().map(x -> Math.round(4 * x) / 4.0).distinct().sorted().toList();
  }
}
