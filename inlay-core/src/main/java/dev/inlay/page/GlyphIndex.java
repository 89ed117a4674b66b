package dev.inlay.page;

import dev.inlay.geom.Box;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

/** The glyphs of a page by height, to find those in a box without walking all of them. */
public final class GlyphIndex {

  private final Glyph[] byCentre;
  private final double[] centres;

  /** Sorts the page's glyphs. */
  public GlyphIndex(Page page) {
    byCentre = page.glyphs().toArray(Glyph[]::new);
    Arrays.sort(byCentre, Comparator.comparingDouble(g -> g.box().centreY()));
    centres = Arrays.stream(byCentre).mapToDouble(g -> g.box().centreY()).toArray();
  }

  /** The glyphs whose centres lie in the box, blank ones too, from top to bottom. */
  public List<Glyph> within(Box box) {
    int at = Arrays.binarySearch(centres, box.top());
    int start = at < 0 ? -at - 1 : at;
    while (start > 0 && centres[start - 1] == box.top()) {
      start--;
    }
    List<Glyph> found = new ArrayList<>();
    for (int i = start; i < centres.length && centres[i] <= box.bottom(); i++) {
      double x = byCentre[i].box().centreX();
      if (x >= box.left() && x <= box.right()) {
        found.add(byCentre[i]);
      }
    }
    return found;
  }
}
