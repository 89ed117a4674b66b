package dev.inlay.pdf;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.page.Glyph;
import dev.inlay.page.Page;
import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSInteger;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDResources;
import org.apache.pdfbox.pdmodel.common.PDStream;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType1Font;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Text that a file gives for marked content, where its font does not say what is printed. */
class ActualTextTest {

  @TempDir private Path folder;

  /** A font whose codes 65 and 66 stand for glyphs with names that say nothing. */
  private static PDFont silentFont() throws Exception {
    COSArray differences = new COSArray();
    differences.add(COSInteger.get(65));
    differences.add(COSName.getPDFName("glyph901"));
    differences.add(COSName.getPDFName("glyph902"));
    COSDictionary encoding = new COSDictionary();
    encoding.setItem(COSName.TYPE, COSName.ENCODING);
    encoding.setItem(COSName.DIFFERENCES, differences);
    COSDictionary font = new COSDictionary();
    font.setItem(COSName.TYPE, COSName.FONT);
    font.setItem(COSName.SUBTYPE, COSName.TYPE1);
    font.setItem(COSName.BASE_FONT, COSName.getPDFName("Helvetica"));
    font.setItem(COSName.ENCODING, encoding);
    return new PDType1Font(font);
  }

  private Page marked(String begin, String codes, String end) throws Exception {
    Path file = folder.resolve("marked.pdf");
    try (PDDocument document = new PDDocument()) {
      PDPage page = TestPdf.page(200, 300);
      PDResources resources = new PDResources();
      resources.put(COSName.getPDFName("F1"), silentFont());
      page.setResources(resources);
      String text = begin + "BT /F1 10 Tf 20 250 Td (" + codes + ") Tj ET\n" + end;
      String last = "BT /F1 10 Tf 20 200 Td (end) Tj ET\n";
      byte[] content = (text + last).getBytes(StandardCharsets.US_ASCII);
      page.setContents(new PDStream(document, new ByteArrayInputStream(content)));
      document.addPage(page);
      document.save(file.toFile());
    }
    try (PdfFile pdf = PdfFile.open(file, "")) {
      return pdf.page(1);
    }
  }

  @Test
  void theTextGivenStandsForGlyphsWithoutMeaning() throws Exception {
    Page page = marked("/Span <</ActualText (4.50)>> BDC\n", "AB", "EMC\n");
    assertThat(TestPdf.text(page)).isEqualTo("4.50end");
    Glyph whole = page.glyphs().get(0);
    assertThat(whole.box().left()).isEqualTo(20);
    assertThat(whole.size()).isEqualTo(10);
  }

  @Test
  void aFontThatSaysWhatIsPrintedIsBelieved() throws Exception {
    Page page = marked("/Span <</ActualText (something else)>> BDC\n", "CD", "EMC\n");
    assertThat(TestPdf.text(page)).isEqualTo("CDend");
  }

  @Test
  void withoutATextGlyphsStayUnknown() throws Exception {
    Page page = marked("/Span <</MCID 1>> BDC\n", "AB", "EMC\n");
    assertThat(TestPdf.text(page)).isEqualTo(Glyph.UNKNOWN + Glyph.UNKNOWN + "end");
  }

  @Test
  void theInnerOfTwoStretchesEndsNothing() throws Exception {
    Page page = marked("/Span <</ActualText (7)>> BDC /P BMC\n", "A", "EMC\nEMC EMC EMC\n");
    assertThat(TestPdf.text(page)).isEqualTo("7end");
  }

  @Test
  void aStretchThatNeverEndsLosesNothing() throws Exception {
    Page page = marked("/Span <</ActualText (7)>> BDC\n", "C", "");
    assertThat(TestPdf.text(page)).isEqualTo("Cend");
  }
}
