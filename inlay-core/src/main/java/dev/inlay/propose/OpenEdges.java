package dev.inlay.propose;

import dev.inlay.evidence.ChunkLine;
import dev.inlay.evidence.PageMeasure;
import dev.inlay.geom.Interval;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The rows at the ends of a table of which rulings part the rows, but do not end it: headings above
 * the first ruling, and a last row below the last one.
 */
public final class OpenEdges {

  /** Lines of one row stand less than this apart, in type sizes. */
  private static final double SAME_ROW = 0.7;

  /** The row stands this near to the ruling, in type sizes. */
  private static final double NEAR = 1.2;

  /** It leaves this much white around its text, in type sizes. */
  private static final double PADDING = 0.3;

  /** It has texts in at least two columns: one text alone is a title or a note. */
  private static final int LEAST_TEXTS = 2;

  private final List<RowBand> bands;
  private final Interval extent;
  private final List<Double> drawn;
  private final int gutters;
  private final double typeSize;
  private final int mostLines;

  /**
   * Looks at the rows that rulings part.
   *
   * @param bands from top to bottom
   * @param extent from where to where the rows reach
   * @param drawn where vertical rulings part columns, in points
   */
  public OpenEdges(List<RowBand> bands, Interval extent, List<Double> drawn, PageMeasure measure) {
    this.bands = bands.stream().filter(RowBand::isFilled).toList();
    this.extent = extent;
    this.drawn = drawn;
    gutters = BandGutters.find(this.bands, extent, drawn).size();
    typeSize = measure.typeSize();
    mostLines = this.bands.stream().mapToInt(b -> b.lines().size()).max().orElse(0);
  }

  /** The row right above the first band, of what stands above it; empty where there is none. */
  public Optional<RowBand> above(RowBand rest) {
    List<ChunkLine> lines = new ArrayList<>();
    double edge = rest.height().to();
    for (int i = rest.lines().size() - 1; i >= 0; i--) {
      ChunkLine line = rest.lines().get(i);
      if (edge - line.box().bottom() > (lines.isEmpty() ? NEAR : SAME_ROW) * typeSize) {
        break;
      }
      lines.add(0, line);
      edge = Math.min(edge, line.box().top());
    }
    double from = Math.max(rest.height().from(), edge - PADDING * typeSize);
    return row(new RowBand(new Interval(from, rest.height().to()), lines));
  }

  /** The row right below the last band, of what stands below it; empty where there is none. */
  public Optional<RowBand> below(RowBand rest) {
    List<ChunkLine> lines = new ArrayList<>();
    double edge = rest.height().from();
    for (ChunkLine line : rest.lines()) {
      if (line.box().top() - edge > (lines.isEmpty() ? NEAR : SAME_ROW) * typeSize) {
        break;
      }
      lines.add(line);
      edge = Math.max(edge, line.box().bottom());
    }
    double to = Math.min(rest.height().to(), edge + PADDING * typeSize);
    return row(new RowBand(new Interval(rest.height().from(), to), lines));
  }

  /** A band as a row, where it leaves all gutters white. */
  private Optional<RowBand> row(RowBand band) {
    if (band.lines().size() > Math.max(mostLines, LEAST_TEXTS) || !band.isFilled()) {
      return Optional.empty();
    }
    List<RowBand> all = new ArrayList<>(bands);
    all.add(band);
    List<Interval> left = BandGutters.find(all, extent, drawn);
    boolean crossed =
        left.stream()
            .anyMatch(g -> g.length() > 0 && band.isCrossedAt(g, BandGutters.WIDE * typeSize));
    long texts =
        band.stretches().stream().map(s -> OpenFrame.columnAt(s.middle(), left)).distinct().count();
    return left.size() == gutters && !crossed && texts >= LEAST_TEXTS
        ? Optional.of(band)
        : Optional.empty();
  }
}
