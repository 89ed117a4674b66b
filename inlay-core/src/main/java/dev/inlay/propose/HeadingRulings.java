package dev.inlay.propose;

import dev.inlay.evidence.Chunk;
import dev.inlay.evidence.ChunkLine;
import dev.inlay.evidence.Ruling;
import dev.inlay.geom.Interval;
import java.util.ArrayList;
import java.util.List;

/** What is drawn between the lines of a header. */
final class HeadingRulings {

  /** A ruling over this share of the table's width parts rows, and shows no spanner's reach. */
  private static final double WHOLE = 0.95;

  /** The lines of a heading stand at most this many type sizes above its ruling. */
  private static final double ABOVE_RULING = 2.8;

  /** A heading's own ruling lies at most this many type sizes below its baseline. */
  private static final double RULING_BELOW = 1.6;

  /** A ruling covers a stretch where it lies over this share of it. */
  private static final double COVERED = 0.5;

  private final HeaderLayout layout;

  /** Those between the lines of the header and right below them. */
  private final List<Ruling> rulings;

  /** Rulings below one heading alone, which may show its reach. */
  private final List<Ruling> ofSpanners = new ArrayList<>();

  HeadingRulings(HeaderLayout layout) {
    this.layout = layout;
    ChunkLine last = layout.lines().get(layout.lines().size() - 1);
    double bottom = last.box().bottom() + ABOVE_RULING * last.line().size();
    rulings = layout.rulings().stream().filter(r -> r.at() < bottom).toList();
    for (Ruling ruling : rulings) {
      boolean part = ruling.extent().length() < WHOLE * layout.width();
      if (ruling.isDrawn() && part && isBelowOneText(ruling)) {
        ofSpanners.add(ruling);
      }
    }
  }

  /** Whether only one text stands right above a ruling: then it may be its spanner. */
  private boolean isBelowOneText(Ruling ruling) {
    Interval over = null;
    for (ChunkLine line : layout.lines()) {
      double above = ruling.at() - line.line().baseline();
      for (Chunk chunk : line.chunks()) {
        Interval extent = chunk.box().horizontal();
        boolean near = above > 0 && above < ABOVE_RULING * line.line().size();
        if (near && ruling.extent().overlap(extent) > extent.length() / 2) {
          if (over != null && over.overlap(extent) <= 0) {
            return false;
          }
          over = over == null ? extent : over.union(extent);
        }
      }
    }
    return over != null;
  }

  /** The ruling right below a heading that shows its reach; null where there is none. */
  Ruling below(ChunkLine line, Interval heading) {
    double baseline = line.line().baseline();
    for (Ruling ruling : ofSpanners) {
      double below = ruling.at() - baseline;
      if (below > 0
          && below < RULING_BELOW * line.line().size()
          && ruling.extent().overlap(heading) > heading.length() / 2) {
        return ruling;
      }
    }
    return null;
  }

  /** Whether a ruling lies over just the columns from one to another. */
  boolean coversJust(Ruling ruling, int first, int last) {
    for (int c = 0; c < layout.columns().size(); c++) {
      Interval texts = layout.texts().get(c);
      boolean covered = ruling.extent().overlap(texts) > COVERED * Math.max(1, texts.length());
      if (covered != (c >= first && c <= last)) {
        return false;
      }
    }
    return true;
  }

  /**
   * Whether a ruling or the edge of a shade lies between two heights over most of a stretch.
   *
   * @param from y of the upper height, in points
   * @param to y of the lower one
   */
  boolean isDrawnBetween(double from, double to, Interval stretch) {
    for (Ruling ruling : rulings) {
      if (ruling.at() > from
          && ruling.at() < to
          && ruling.extent().overlap(stretch) > COVERED * stretch.length()) {
        return true;
      }
    }
    return false;
  }
}
