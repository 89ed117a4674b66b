package dev.inlay.pdf;

import dev.inlay.geom.Box;
import dev.inlay.page.DropReason;
import dev.inlay.page.Glyph;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSName;

/**
 * The text that a file gives for a marked stretch of its content (ISO 32000-2, 14.9.4). It is taken
 * where a font does not say what a character of the stretch stands for; a font that does is
 * believed, since it says which character stands where.
 */
final class ActualText {

  /**
   * A glyph as it was drawn.
   *
   * @param unseen why a reader does not see it, or null
   * @param clip the box that drawing was confined to
   */
  record Drawn(Glyph glyph, DropReason unseen, Box clip) {}

  private final List<Drawn> held = new ArrayList<>();

  /** How many stretches of marked content are open. */
  private int depth;

  /** Which of them has a text; 0 where none has. */
  private int depthOfText;

  private String text;

  void begin(COSDictionary properties) {
    depth++;
    String given = properties == null ? null : properties.getString(COSName.ACTUAL_TEXT);
    if (depthOfText == 0 && given != null && !given.isBlank()) {
      depthOfText = depth;
      text = given;
    }
  }

  /** Ends the innermost stretch; yields the glyphs that were held for its text. */
  List<Drawn> end() {
    boolean ends = depth > 0 && depth == depthOfText;
    depth = Math.max(0, depth - 1);
    return ends ? rest() : List.of();
  }

  /** Takes a glyph, if a text is given for it. */
  boolean holds(Drawn drawn) {
    return depthOfText > 0 && held.add(drawn);
  }

  /**
   * The glyphs held so far, those of a stretch that never ends too; one where its text is taken.
   */
  List<Drawn> rest() {
    List<Drawn> drawn = new ArrayList<>(held);
    held.clear();
    depthOfText = 0;
    if (drawn.stream().noneMatch(d -> d.glyph().text().equals(Glyph.UNKNOWN))) {
      return drawn;
    }
    Drawn first = drawn.get(0);
    Glyph glyph = first.glyph();
    Box box = Box.around(drawn, d -> d.glyph().box());
    Glyph whole = new Glyph(text, box, glyph.baseline(), glyph.size(), glyph.turn(), glyph.face());
    return List.of(new Drawn(whole, first.unseen(), first.clip()));
  }
}
