package dev.inlay.pdf;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.page.Glyph;
import java.io.InputStream;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.font.PDTrueTypeFont;
import org.apache.pdfbox.pdmodel.font.encoding.WinAnsiEncoding;
import org.junit.jupiter.api.Test;

class UnmappedCodesTest {

  @Test
  void anEmbeddedGlyphWithoutAStrokeIsBlank() throws Exception {
    String file = "/org/apache/pdfbox/resources/ttf/LiberationSans-Regular.ttf";
    try (PDDocument document = new PDDocument();
        InputStream bytes = PDDocument.class.getResourceAsStream(file)) {
      PDTrueTypeFont font = PDTrueTypeFont.load(document, bytes, WinAnsiEncoding.INSTANCE);
      UnmappedCodes codes = new UnmappedCodes();
      assertThat(codes.text(font, ' ')).isEqualTo(" ");
      assertThat(codes.text(font, 'A')).as("it has strokes").isEqualTo(Glyph.UNKNOWN);
    }
  }
}
