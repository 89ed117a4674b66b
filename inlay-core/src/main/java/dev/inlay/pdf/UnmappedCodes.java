package dev.inlay.pdf;

import dev.inlay.page.Glyph;
import java.io.IOException;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDSimpleFont;
import org.apache.pdfbox.pdmodel.font.PDType3Font;
import org.apache.pdfbox.pdmodel.font.PDVectorFont;

/**
 * What the codes of one font stand for where the file does not say: known from the name of the
 * glyph, from the encoding of a bitmap font of TeX, or blank as the reader sees it.
 */
final class UnmappedCodes {

  private static final String BLANK = " ";

  private boolean asked;
  private TexEncoding encoding;

  /**
   * The text of a code, or {@link Glyph#UNKNOWN}.
   *
   * @throws IOException if the font cannot be read
   */
  String text(PDFont font, int code) throws IOException {
    String text = null;
    if (font instanceof PDType3Font drawn) {
      text = drawn(drawn, code);
    } else if (isBlank(font, code)) {
      text = BLANK;
    } else if (font instanceof PDSimpleFont simple && simple.getEncoding() != null) {
      text = GlyphNames.character(simple.getEncoding().getName(code));
    }
    return text == null ? Glyph.UNKNOWN : text;
  }

  private String drawn(PDType3Font font, int code) {
    if (!asked) {
      encoding = NumberedGlyphs.encodingOf(font);
      asked = true;
    }
    boolean known =
        encoding != null
            && NumberedGlyphs.isOwnCode(font, code)
            && (code != '$' || NumberedGlyphs.isDollar(font));
    return known ? encoding.text(code) : null;
  }

  /** An embedded glyph without a stroke: what producers print for line ends and tabs. */
  private static boolean isBlank(PDFont font, int code) throws IOException {
    return font.isEmbedded()
        && font instanceof PDVectorFont outlines
        && outlines.getPath(code).getBounds2D().isEmpty();
  }
}
