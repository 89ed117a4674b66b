package dev.inlay.pdf;

import dev.inlay.geom.Box;
import dev.inlay.page.DropReason;
import dev.inlay.page.DroppedGlyph;
import dev.inlay.page.Glyph;
import dev.inlay.page.Turn;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** Parts the glyphs that a reader sees from those left aside, and counts the latter by reason. */
final class GlyphSieve {

  /**
   * The same character again within this share of its size is a stand-in for bold type. Two like
   * letters side by side stand at least the width of an {@code i} apart, a good fifth.
   */
  private static final double SAME_PLACE = 0.1;

  /** How many reaches a square is wide: so wide that most glyphs have to be sought in one only. */
  private static final int SQUARE = 8;

  /** Type this many times the usual size is no heading when it slants. */
  private static final double LARGE_TYPE = 1.5;

  private boolean slanting;
  private final List<Glyph> visible = new ArrayList<>();
  private final List<Glyph> invisible = new ArrayList<>();
  private final List<DroppedGlyph> dropped = new ArrayList<>();

  /** The glyphs seen, by the square of the page that they stand in. */
  private final GlyphsBySquare seen = new GlyphsBySquare();

  /**
   * Takes the next glyph.
   *
   * @param unseen why a reader does not see it, as far as its drawing tells, or null
   * @param clip the box that drawing is confined to
   */
  void add(Glyph glyph, DropReason unseen, Box clip) {
    Box box = glyph.box();
    if (!clip.contains(box.centreX(), box.centreY())) {
      drop(glyph, DropReason.OUTSIDE_PAGE);
    } else if (unseen == DropReason.INVISIBLE) {
      invisible.add(glyph);
    } else if (unseen != null) {
      drop(glyph, unseen);
    } else if (!glyph.isBlank() && isRepeat(glyph)) {
      drop(glyph, DropReason.PRINTED_TWICE);
    } else {
      slanting |= glyph.turn() == Turn.SLANTED;
      visible.add(glyph);
    }
  }

  private boolean isRepeat(Glyph glyph) {
    // A repeat lies in the same square, or beside it where the glyph's corner is near its edge.
    double reach = SAME_PLACE * glyph.size();
    double side = SQUARE * reach;
    long column = (long) Math.floor(glyph.box().left() / side);
    long row = (long) Math.floor(glyph.box().top() / side);
    long besideColumn = column + step(glyph.box().left() - column * side, reach, side);
    long besideRow = row + step(glyph.box().top() - row * side, reach, side);
    boolean repeat =
        holdsNear(column, row, glyph, reach)
            || besideColumn != column && holdsNear(besideColumn, row, glyph, reach)
            || besideRow != row && holdsNear(column, besideRow, glyph, reach)
            || besideColumn != column
                && besideRow != row
                && holdsNear(besideColumn, besideRow, glyph, reach);
    if (!repeat) {
      seen.add(square(column, row), glyph);
    }
    return repeat;
  }

  /** To which side of its square a place is within reach of the next one. */
  private static int step(double into, double reach, double side) {
    return into <= reach ? -1 : into >= side - reach ? 1 : 0;
  }

  /** Mixed so that squares side by side are spread; two squares that meet cost time, no more. */
  private static long square(long column, long row) {
    return (column * 0x9E3779B97F4A7C15L) ^ row;
  }

  private boolean holdsNear(long column, long row, Glyph glyph, double reach) {
    int at = seen.first(square(column, row));
    for (; at >= 0; at = seen.next(at)) {
      Glyph other = seen.glyph(at);
      if (Math.abs(other.box().left() - glyph.box().left()) <= reach
          && Math.abs(other.box().top() - glyph.box().top()) <= reach
          && other.text().equals(glyph.text())) {
        return true;
      }
    }
    return false;
  }

  private void drop(Glyph glyph, DropReason reason) {
    if (!glyph.isBlank()) {
      dropped.add(new DroppedGlyph(glyph, reason));
    }
  }

  /** What a reader sees; over a scanned picture, the invisible text that stands for it. */
  List<Glyph> visible() {
    dropWatermarks();
    return onlyInvisible() ? invisible : visible;
  }

  /** What nobody sees; ask for it after {@link #visible()}. */
  List<DroppedGlyph> dropped() {
    if (!onlyInvisible()) {
      invisible.forEach(g -> drop(g, DropReason.INVISIBLE));
      invisible.clear();
    }
    return dropped;
  }

  /** Takes large slanting text off the page: it stands behind the text, as a stamp or a draft's. */
  private void dropWatermarks() {
    if (!slanting) {
      return;
    }
    double[] sizes =
        visible.stream()
            .filter(g -> !g.isBlank() && g.turn() != Turn.SLANTED)
            .mapToDouble(Glyph::size)
            .sorted()
            .toArray();
    if (sizes.length == 0) {
      return;
    }
    double least = LARGE_TYPE * sizes[sizes.length / 2];
    List<Glyph> marks =
        visible.stream().filter(g -> g.turn() == Turn.SLANTED && g.size() >= least).toList();
    if (!marks.isEmpty()) {
      visible.removeAll(Set.copyOf(marks));
      marks.forEach(g -> drop(g, DropReason.WATERMARK));
    }
  }

  private boolean onlyInvisible() {
    return visible.stream().allMatch(Glyph::isBlank);
  }
}
