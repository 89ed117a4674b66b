package dev.inlay.pdf;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import dev.inlay.geom.Box;
import dev.inlay.page.DropReason;
import dev.inlay.page.Glyph;
import dev.inlay.page.Page;
import dev.inlay.page.Turn;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.PDPageContentStream.AppendMode;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.pdfbox.text.TextPosition;
import org.apache.pdfbox.util.Matrix;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class GlyphPlacesTest {

  @TempDir private Path folder;

  @Test
  void glyphsHaveTheirPlaceFromTheUpperLeft() throws Exception {
    Page page = TestPdf.read(folder, TestPdf.page(200, 300), c -> TestPdf.show(c, "Cod", 20, 250));
    assertThat(TestPdf.text(page)).isEqualTo("Cod");
    Glyph first = page.glyphs().get(0);
    assertThat(first.baseline()).isCloseTo(50, within(0.01));
    assertThat(first.size()).isCloseTo(10, within(0.01));
    assertThat(first.box().left()).isCloseTo(20, within(0.01));
    // Helvetica's C is 722 thousandths wide.
    assertThat(first.box().right()).isCloseTo(27.22, within(0.01));
    assertThat(first.turn()).isEqualTo(Turn.UPRIGHT);
  }

  /** Where the text that stands at (20, 250) of a 200 by 300 page begins, as the reader sees it. */
  @ParameterizedTest
  @CsvSource({
    "0, 200, 300, UPRIGHT, 20, 50",
    "90, 300, 200, DOWNWARDS, 250, 20",
    "180, 200, 300, UPSIDE_DOWN, 180, 250",
    "270, 300, 200, UPWARDS, 50, 180"
  })
  void aRotatedPageIsSeenRotated(
      int rotation, double width, double height, Turn turn, double x, double y) throws Exception {
    PDPage pdPage = TestPdf.page(200, 300);
    pdPage.setRotation(rotation);
    Page page = TestPdf.read(folder, pdPage, c -> TestPdf.show(c, "Cod", 20, 250));
    assertThat(page.width()).isEqualTo(width);
    assertThat(page.height()).isEqualTo(height);
    Box box = page.glyphs().get(0).box();
    assertThat(page.glyphs().get(0).turn()).isEqualTo(turn);
    assertThat(x).isBetween(box.left() - 0.01, box.right() + 0.01);
    assertThat(y).isBetween(box.top() - 0.01, box.bottom() + 0.01);
  }

  @Test
  void cropAndUserUnitAreApplied() throws Exception {
    PDPage pdPage = TestPdf.page(200, 300);
    pdPage.setCropBox(new PDRectangle(10, 100, 150, 180));
    pdPage.setUserUnit(2);
    Page page =
        TestPdf.read(
            folder,
            pdPage,
            c -> {
              TestPdf.show(c, "Cod", 20, 250);
              TestPdf.show(c, "cut away", 20, 50);
            });
    assertThat(page.width()).isEqualTo(300);
    assertThat(page.glyphs().get(0).box().left()).isCloseTo(20, within(0.01));
    assertThat(page.glyphs().get(0).baseline()).isCloseTo(60, within(0.01));
    assertThat(page.glyphs().get(0).size()).isCloseTo(20, within(0.01));
    assertThat(TestPdf.text(page)).isEqualTo("Cod");
    assertThat(page.dropped(DropReason.OUTSIDE_PAGE)).isEqualTo(7);
  }

  /**
   * The library's own placing is the measure: {@link PageReader} places the glyphs of a text
   * itself.
   *
   * @param word spaces between words, points
   * @param letter spaces between letters, points
   * @param wide width of the characters, per cent
   * @param rise above the baseline, points
   * @param angle of the text, degrees
   */
  @ParameterizedTest
  @CsvSource({
    "0, 0, 100, 0, 0",
    "6, 0, 100, 0, 0",
    "0, 1.5, 100, 0, 0",
    "3, -0.5, 80, 0, 0",
    "0, 0, 150, 4, 0",
    "2, 1, 120, -3, 90",
    "2, 1, 70, 3, 30"
  })
  void spacingWidthRiseAndAngleAreThoseOfTheLibrary(
      float word, float letter, float wide, float rise, double angle) throws Exception {
    TestPdf.Drawing drawing =
        c -> {
          c.transform(new Matrix(1.2f, 0, 0, 1.2f, 5, 7));
          c.beginText();
          c.setFont(TestPdf.font(), 10);
          c.setWordSpacing(word);
          c.setCharacterSpacing(letter);
          c.setHorizontalScaling(wide);
          c.setTextRise(rise);
          c.setTextMatrix(Matrix.getRotateInstance(Math.toRadians(angle), 60, 60));
          c.showTextWithPositioning(new Object[] {"Cod ", -250f, "and ling"});
          c.endText();
        };
    Page page = TestPdf.read(folder, TestPdf.page(300, 300), drawing);
    List<Matrix> expected = placesOfTheLibrary(folder.resolve("a.pdf"));
    assertThat(TestPdf.text(page)).isEqualTo("Cod and ling");
    for (int i = 0; i < expected.size(); i++) {
      Box box = page.glyphs().get(i).box();
      double x = expected.get(i).getTranslateX();
      double y = 300 - expected.get(i).getTranslateY();
      if (angle == 0) {
        assertThat(box.left()).isCloseTo(x, within(0.001));
        assertThat(page.glyphs().get(i).baseline()).isCloseTo(y, within(0.001));
      }
      assertThat(box.left()).isLessThan(x + 0.001);
      assertThat(box.right()).isGreaterThan(x - 0.001);
      assertThat(box.top()).isLessThan(y + 0.001);
      assertThat(box.bottom()).isGreaterThan(y - 0.001);
    }
  }

  private static List<Matrix> placesOfTheLibrary(Path file) throws IOException {
    List<Matrix> places = new ArrayList<>();
    PDFTextStripper stripper =
        new PDFTextStripper() {
          @Override
          protected void processTextPosition(TextPosition position) {
            places.add(position.getTextMatrix());
          }
        };
    try (PDDocument document = Loader.loadPDF(file.toFile())) {
      stripper.getText(document);
    }
    return places;
  }

  @Test
  void aPageOfSeveralStreamsIsReadAsOne() throws Exception {
    Path file = folder.resolve("streams.pdf");
    try (PDDocument document = new PDDocument()) {
      PDPage page = TestPdf.page(200, 300);
      document.addPage(page);
      for (String word : List.of("Cod", "Ling", "Hake")) {
        try (PDPageContentStream content =
            new PDPageContentStream(document, page, AppendMode.APPEND, word.equals("Ling"))) {
          TestPdf.show(content, word, 20, 250);
        }
      }
      document.save(file.toFile());
    }
    try (PdfFile pdf = PdfFile.open(file, "")) {
      assertThat(TestPdf.text(pdf.page(1))).isEqualTo("CodLingHake");
    }
  }
}
