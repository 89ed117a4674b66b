package dev.inlay.pdf;

import java.io.IOException;
import java.util.HashMap;
import java.util.Map;
import org.apache.pdfbox.pdmodel.font.PDFont;

/**
 * What the codes of a font stand for. The font is asked once for each: most codes come again and
 * again, and its own answer takes several look-ups and rounds of decoding.
 */
final class FontCodes {

  /**
   * What is shown for a code.
   *
   * @param text its Unicode text, or {@link dev.inlay.page.Glyph#UNKNOWN}
   * @param advance how far it moves on, in text space units
   */
  record Sign(String text, float advance) {}

  private static final int SINGLE_BYTES = 256;

  private final FontShape shape;
  private final UnmappedCodes unmapped = new UnmappedCodes();
  private final Sign[] ofBytes = new Sign[SINGLE_BYTES];
  private final Map<Integer, Sign> others = new HashMap<>();

  FontCodes(PDFont font) {
    shape = FontShape.of(font);
  }

  FontShape shape() {
    return shape;
  }

  /**
   * What is shown for a code.
   *
   * @param font the font of this object, which does not keep it
   * @throws IOException if the font cannot be read
   */
  Sign of(PDFont font, int code) throws IOException {
    boolean single = code >= 0 && code < SINGLE_BYTES;
    Sign known = single ? ofBytes[code] : others.get(code);
    if (known != null) {
      return known;
    }
    String text = font.toUnicode(code);
    if (!isKnown(text)) {
      text = unmapped.text(font, code);
    }
    Sign asked = new Sign(text, font.getDisplacement(code).getX());
    if (single) {
      ofBytes[code] = asked;
    } else {
      others.put(code, asked);
    }
    return asked;
  }

  /** Fonts of brackets and other drawn signs give their codes as characters that steer machines. */
  private static boolean isKnown(String text) {
    return text != null
        && !text.isEmpty()
        && !text.codePoints()
            .allMatch(c -> Character.isISOControl(c) && !Character.isWhitespace(c));
  }
}
