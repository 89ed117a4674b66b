package dev.inlay.page;

import dev.inlay.geom.Box;
import java.util.List;

/**
 * A page laid on its side, so that text that ran up or down it stands upright.
 *
 * @param page the page as it is printed
 * @param turn the direction of the text that is to stand upright: {@link Turn#UPWARDS} or {@link
 *     Turn#DOWNWARDS}
 */
public record QuarterTurn(Page page, Turn turn) {

  /** The page with the text of that direction alone, upright, and all lines and boxes. */
  public Page upright() {
    return new Page(
        page.number(),
        page.height(),
        page.width(),
        page.glyphs().stream().filter(g -> g.turn() == turn).map(this::upright).toList(),
        page.strokes().stream().map(this::upright).toList(),
        page.fills().stream().map(f -> new Fill(upright(f.box()), f.colour())).toList(),
        page.pictures().stream().map(this::upright).toList(),
        List.of());
  }

  private Glyph upright(Glyph glyph) {
    double baseline = isUpwards() ? glyph.baseline() : page.width() - glyph.baseline();
    return new Glyph(
        glyph.text(), upright(glyph.box()), baseline, glyph.size(), Turn.UPRIGHT, glyph.face());
  }

  private Stroke upright(Stroke stroke) {
    Box box = upright(stroke.box());
    boolean horizontal = !stroke.horizontal();
    return new Stroke(
        horizontal,
        horizontal ? box.top() : box.left(),
        horizontal ? box.horizontal() : box.vertical(),
        stroke.thickness());
  }

  private boolean isUpwards() {
    return turn == Turn.UPWARDS;
  }

  private Box upright(Box box) {
    return isUpwards()
        ? new Box(page.height() - box.bottom(), box.left(), page.height() - box.top(), box.right())
        : new Box(box.top(), page.width() - box.right(), box.bottom(), page.width() - box.left());
  }

  /** A box on the upright page back at its place on the page as printed. */
  public Box asPrinted(Box box) {
    return isUpwards()
        ? new Box(box.top(), page.height() - box.right(), box.bottom(), page.height() - box.left())
        : new Box(page.width() - box.bottom(), box.left(), page.width() - box.top(), box.right());
  }
}
