package dev.inlay.evidence;

import dev.inlay.geom.Box;
import dev.inlay.page.Glyph;
import dev.inlay.page.GlyphIndex;
import dev.inlay.page.LineComposer;
import dev.inlay.page.Page;
import dev.inlay.page.TextLine;
import java.util.Collection;
import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Set;

/**
 * What the eye takes in of one page before it decides anything: the size of its type, its rulings,
 * its lines of text. Each is found once, when it is first asked for, and shared by all that decide
 * about the page.
 *
 * <p>For use by one thread.
 */
public final class PageEvidence {

  private final Page page;
  private final PageMeasure measure;
  private GlyphIndex index;
  private List<Ruling> horizontals;
  private List<Ruling> verticals;
  private List<Ruling> rulings;
  private List<TextLine> lines;

  private PageEvidence(Page page, PageMeasure measure) {
    this.page = page;
    this.measure = measure;
  }

  /** The evidence of a page. */
  public static PageEvidence of(Page page) {
    return new PageEvidence(page, PageMeasure.of(page));
  }

  /** The same page taken by another measure. */
  public PageEvidence with(PageMeasure other) {
    return new PageEvidence(page, other);
  }

  /** The page. */
  public Page page() {
    return page;
  }

  /** The page's number, from 1. */
  public int number() {
    return page.number();
  }

  /** What its type makes near and thin. */
  public PageMeasure measure() {
    return measure;
  }

  /** The height of its ordinary type, in points. */
  public double typeSize() {
    return measure.typeSize();
  }

  /** All rulings and shade edges, horizontal ones first. */
  public List<Ruling> rulings() {
    if (rulings == null) {
      rulings = List.copyOf(RulingFinder.find(page, measure));
    }
    return rulings;
  }

  /** The horizontal rulings and shade edges. */
  public List<Ruling> horizontals() {
    if (horizontals == null) {
      horizontals = List.copyOf(rulings().stream().filter(Ruling::horizontal).toList());
    }
    return horizontals;
  }

  /** The vertical rulings and shade edges. */
  public List<Ruling> verticals() {
    if (verticals == null) {
      verticals = List.copyOf(rulings().stream().filter(r -> !r.horizontal()).toList());
    }
    return verticals;
  }

  /** All lines of text, turned ones too. */
  public List<TextLine> lines() {
    if (lines == null) {
      lines = List.copyOf(LineComposer.compose(page.glyphs()));
    }
    return lines;
  }

  /** The upright lines in chunks, from top to bottom. */
  public List<ChunkLine> chunkLines() {
    return ChunkLine.of(PageLines.upright(lines()));
  }

  /** The glyphs whose centres lie in a box, blank ones too, from top to bottom. */
  public List<Glyph> glyphsIn(Box box) {
    if (index == null) {
      index = new GlyphIndex(page);
    }
    return index.within(box);
  }

  /** The lines of text made of the glyphs whose centres lie in a box, turned ones too. */
  public List<TextLine> linesIn(Box box) {
    return LineComposer.compose(glyphsIn(box));
  }

  /** The upright lines in a box in chunks, from top to bottom. */
  public List<ChunkLine> chunkLinesIn(Box box) {
    return ChunkLine.of(PageLines.upright(linesIn(box)));
  }

  /** The lines of text made of the glyphs whose centres lie in none of some boxes. */
  public List<TextLine> linesOutside(Collection<Box> boxes) {
    if (boxes.isEmpty()) {
      return lines();
    }
    Set<Glyph> inside = Collections.newSetFromMap(new IdentityHashMap<>());
    boxes.forEach(box -> inside.addAll(glyphsIn(box)));
    return LineComposer.compose(page.glyphs().stream().filter(g -> !inside.contains(g)).toList());
  }
}
