package dev.inlay.page;

import dev.inlay.geom.Box;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Set;

/**
 * All that is printed on one page, as a reader sees it: rotation and crop are applied.
 *
 * @param number from 1
 * @param width in points
 * @param height in points
 * @param glyphs in the order in which they are drawn
 * @param strokes lines along the axes
 * @param fills painted boxes, in the order in which they are drawn
 * @param pictures the places of pictures
 * @param dropped the characters that nobody sees, blanks left out
 * @param furniture what repeats on pages around the tables; not among the glyphs any more
 */
public record Page(
    int number,
    double width,
    double height,
    List<Glyph> glyphs,
    List<Stroke> strokes,
    List<Fill> fills,
    List<Box> pictures,
    List<DroppedGlyph> dropped,
    List<Glyph> furniture) {

  /** Keeps copies that cannot change. */
  public Page {
    glyphs = List.copyOf(glyphs);
    strokes = List.copyOf(strokes);
    fills = List.copyOf(fills);
    pictures = List.copyOf(pictures);
    dropped = List.copyOf(dropped);
    furniture = List.copyOf(furniture);
  }

  /** A page of which no furniture is known. */
  public Page(
      int number,
      double width,
      double height,
      List<Glyph> glyphs,
      List<Stroke> strokes,
      List<Fill> fills,
      List<Box> pictures,
      List<DroppedGlyph> dropped) {
    this(number, width, height, glyphs, strokes, fills, pictures, dropped, List.of());
  }

  /** The page with more of its glyphs, known by identity, set aside as furniture. */
  public Page withFurniture(Collection<Glyph> more) {
    Set<Glyph> aside = Collections.newSetFromMap(new IdentityHashMap<>());
    aside.addAll(furniture);
    aside.addAll(more);
    return new Page(
        number,
        width,
        height,
        glyphs.stream().filter(g -> !aside.contains(g)).toList(),
        strokes,
        fills,
        pictures,
        dropped,
        List.copyOf(aside));
  }

  /** The page, what was set aside as furniture forgotten. */
  public Page withoutFurniture() {
    return new Page(number, width, height, glyphs, strokes, fills, pictures, dropped, List.of());
  }

  /** The page without some of its glyphs, known by identity. */
  public Page withoutGlyphs(Set<Glyph> left) {
    return new Page(
        number,
        width,
        height,
        glyphs.stream().filter(g -> !left.contains(g)).toList(),
        strokes,
        fills,
        pictures,
        dropped,
        furniture);
  }

  /** The page with more lines drawn on it. */
  public Page withStrokes(List<Stroke> more) {
    List<Stroke> all = new ArrayList<>(strokes);
    all.addAll(more);
    return new Page(number, width, height, glyphs, all, fills, pictures, dropped, furniture);
  }

  /** How many characters were left aside for a reason. */
  public int dropped(DropReason reason) {
    int count = 0;
    for (DroppedGlyph drop : dropped) {
      String text = drop.glyph().text();
      count += drop.reason() == reason ? text.codePointCount(0, text.length()) : 0;
    }
    return count;
  }

  /** What stands in a part of it: glyphs, lines and boxes whose middles lie there. */
  public Page within(Box area) {
    return new Page(
        number,
        width,
        height,
        glyphs.stream().filter(g -> holds(area, g.box())).toList(),
        strokes.stream().filter(s -> holds(area, s.box())).toList(),
        fills.stream().filter(f -> holds(area, f.box())).toList(),
        pictures.stream().filter(p -> holds(area, p)).toList(),
        dropped,
        furniture);
  }

  private static boolean holds(Box area, Box box) {
    return area.contains(box.centreX(), box.centreY());
  }

  /** The page without what is drawn on it: its text alone. */
  public Page textOnly() {
    return new Page(
        number, width, height, glyphs, List.of(), List.of(), List.of(), dropped, furniture);
  }

  /** Whether a reader sees any character on it. */
  public boolean hasText() {
    return glyphs.stream().anyMatch(g -> !g.isBlank());
  }

  /**
   * The height of the page's ordinary type: the median over its visible characters. Lengths that
   * depend on how large the page is printed are measured in it.
   *
   * @return points, or 0 where the page has no text
   */
  public double typeSize() {
    double[] sizes = new double[glyphs.size()];
    int count = 0;
    for (Glyph glyph : glyphs) {
      if (!glyph.isBlank()) {
        sizes[count++] = glyph.size();
      }
    }
    Arrays.sort(sizes, 0, count);
    return count == 0 ? 0 : sizes[count / 2];
  }
}
