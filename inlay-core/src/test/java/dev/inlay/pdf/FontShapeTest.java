package dev.inlay.pdf;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.font.PDType3Font;
import org.junit.jupiter.api.Test;

/** How far the characters of fonts reach that are drawings. */
class FontShapeTest {

  private static FontShape drawn(float[] matrix, float[] box) throws IOException {
    COSDictionary font = new COSDictionary();
    font.setItem(COSName.TYPE, COSName.FONT);
    font.setItem(COSName.SUBTYPE, COSName.TYPE3);
    font.setItem(COSName.FONT_MATRIX, numbers(matrix));
    font.setItem(COSName.FONT_BBOX, numbers(box));
    return FontShape.of(new PDType3Font(font));
  }

  private static COSArray numbers(float[] values) {
    COSArray array = new COSArray();
    array.setFloatArray(values);
    return array;
  }

  @Test
  void aUnitThatPointsUp() throws IOException {
    FontShape shape = drawn(new float[] {.001f, 0, 0, .001f, 0, 0}, new float[] {0, -16, 500, 730});
    assertThat(shape.ascent()).isCloseTo(0.730, within(1e-6));
    assertThat(shape.descent()).isCloseTo(0.016, within(1e-6));
  }

  @Test
  void aUnitThatPointsDownTurnsTheBoxOver() throws IOException {
    FontShape shape =
        drawn(new float[] {.001f, 0, 0, -.001f, 0, 0}, new float[] {63, 16, 521, -730});
    assertThat(shape.ascent()).isCloseTo(0.730, within(1e-6));
    assertThat(shape.descent()).isCloseTo(0.016, within(1e-6));
  }

  @Test
  void aBoxWithoutHeightIsNone() throws IOException {
    FontShape shape = drawn(new float[] {.001f, 0, 0, .001f, 0, 0}, new float[] {0, 0, 0, 0});
    assertThat(shape.ascent()).isCloseTo(0.75, within(1e-6));
    assertThat(shape.height()).isEqualTo(1);
  }
}
