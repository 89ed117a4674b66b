package dev.inlay.pdf;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.page.Glyph;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.cos.COSStream;
import org.apache.pdfbox.pdmodel.font.PDType1Font;
import org.junit.jupiter.api.Test;

class FontCodesTest {

  /** What a code of a font means that gives a text, in UTF-16, for it. */
  private static String meaning(String text) throws Exception {
    COSStream map = new COSStream();
    try (OutputStream out = map.createOutputStream()) {
      String codes =
          "begincmap\n1 begincodespacerange\n<00> <FF>\nendcodespacerange\n1 beginbfchar\n<41> <"
              + text
              + ">\nendbfchar\nendcmap\n";
      out.write(codes.getBytes(StandardCharsets.US_ASCII));
    }
    COSDictionary font = new COSDictionary();
    font.setItem(COSName.TYPE, COSName.FONT);
    font.setItem(COSName.SUBTYPE, COSName.TYPE1);
    font.setItem(COSName.BASE_FONT, COSName.getPDFName("Helvetica"));
    font.setItem(COSName.TO_UNICODE, map);
    PDType1Font made = new PDType1Font(font);
    return new FontCodes(made).of(made, 0x41).text();
  }

  @Test
  void aCodeMeansWhatTheFontSays() throws Exception {
    assertThat(meaning("00C5")).isEqualTo("Å");
    assertThat(meaning("00660069")).isEqualTo("fi");
  }

  @Test
  void charactersThatSteerMachinesMeanNothing() throws Exception {
    assertThat(meaning("0003")).isEqualTo(Glyph.UNKNOWN);
    assertThat(meaning("0000")).isEqualTo(Glyph.UNKNOWN);
    assertThat(meaning("0009")).as("white space is known").isNotEqualTo(Glyph.UNKNOWN);
  }
}
