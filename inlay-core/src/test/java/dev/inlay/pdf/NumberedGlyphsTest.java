package dev.inlay.pdf;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.page.Glyph;
import java.util.Map;
import java.util.TreeMap;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSFloat;
import org.apache.pdfbox.cos.COSInteger;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.cos.COSStream;
import org.apache.pdfbox.pdmodel.font.PDType3Font;
import org.junit.jupiter.api.Test;

/** Bitmap fonts whose glyphs bear their codes as names. */
class NumberedGlyphsTest {

  /** Widths of letters, digits and signs in an ordinary text font, in thousandths. */
  private static int usualWidth(int code) {
    if ("fijlrt".indexOf(code) >= 0) {
      return 300;
    }
    return Character.isDigit(code) ? 500 : 520;
  }

  private static PDType3Font font(Map<Integer, Integer> widths, String prefix, int shift)
      throws Exception {
    COSDictionary dict = new COSDictionary();
    dict.setItem(COSName.TYPE, COSName.FONT);
    dict.setItem(COSName.SUBTYPE, COSName.TYPE3);
    COSDictionary drawings = new COSDictionary();
    COSArray array = new COSArray();
    for (int code = 0; code < 256; code++) {
      array.add(new COSFloat(widths.getOrDefault(code, 0)));
      if (widths.containsKey(code)) {
        drawings.setItem(COSName.getPDFName(prefix + code), new COSStream());
      }
    }
    dict.setItem(COSName.CHAR_PROCS, drawings);
    dict.setItem(COSName.WIDTHS, array);
    dict.setInt(COSName.FIRST_CHAR, 0);
    COSArray names = new COSArray();
    for (int code : widths.keySet()) {
      names.add(COSInteger.get(code + shift));
      names.add(COSName.getPDFName(prefix + code));
    }
    COSDictionary encoding = new COSDictionary();
    encoding.setItem(COSName.TYPE, COSName.ENCODING);
    encoding.setItem(COSName.DIFFERENCES, names);
    dict.setItem(COSName.ENCODING, encoding);
    return new PDType3Font(dict);
  }

  private static Map<Integer, Integer> text(String letters, int... more) {
    Map<Integer, Integer> widths = new TreeMap<>();
    letters.chars().forEach(c -> widths.put(c, usualWidth(c)));
    for (int code : more) {
      widths.put(code, usualWidth(code));
    }
    return widths;
  }

  private static TexEncoding encoding(Map<Integer, Integer> widths) throws Exception {
    return NumberedGlyphs.encodingOf(font(widths, "a", 0));
  }

  private static String read(Map<Integer, Integer> widths, int code) throws Exception {
    return new UnmappedCodes().text(font(widths, "a", 0), code);
  }

  @Test
  void aFontOfWordsIsReadAsText() throws Exception {
    Map<Integer, Integer> heading = text("Abstract2024.");
    assertThat(read(heading, 'A')).isEqualTo("A");
    assertThat(read(heading, '4')).isEqualTo("4");
    assertThat(read(heading, '.')).isEqualTo(".");
    assertThat(encoding(text("test"))).as("too few letters to be sure").isNull();
  }

  @Test
  void symbolsOnTheCodesOfDigitsAreNeverTakenForDigits() throws Exception {
    Map<Integer, Integer> symbols = new TreeMap<>(Map.of(48, 275, 49, 1000, 50, 667));
    assertThat(encoding(symbols)).isNull();
    assertThat(read(symbols, 49)).isEqualTo(Glyph.UNKNOWN);
    Map<Integer, Integer> withLetters = text("abstract");
    withLetters.putAll(symbols);
    assertThat(encoding(withLetters)).isNull();
    assertThat(encoding(text("1"))).as("one code alone proves nothing").isNull();
  }

  @Test
  void digitsAloneAreKnownByTheirOneWidth() throws Exception {
    assertThat(read(text("123"), '2')).isEqualTo("2");
    assertThat(encoding(text("12"))).isNull();
    assertThat(encoding(Map.of(49, 500, 50, 500, 51, 501))).isNotNull();
    assertThat(encoding(Map.of(49, 500, 50, 500, 51, 502))).isNull();
  }

  @Test
  void lettersHaveTheirWidths() throws Exception {
    Map<Integer, Integer> widths = text("abstract");
    widths.put((int) 't', 442);
    widths.put((int) 'r', 442);
    assertThat(encoding(widths)).isNotNull();
    widths.put((int) 't', 443);
    widths.put((int) 'r', 443);
    assertThat(encoding(widths)).as("t and r are as wide as b").isNull();
  }

  @Test
  void ligaturesAndAccentsShowTheEncoding() throws Exception {
    assertThat(read(text("office", 12), 12)).isEqualTo("\uFB01");
    assertThat(read(text("office", 28), 28)).isEqualTo("\uFB01");
    assertThat(encoding(text("office", 14))).isEqualTo(TexEncoding.OT1);
    assertThat(encoding(text("office", 30))).isEqualTo(TexEncoding.T1);
    assertThat(encoding(text("office", 14, 30))).isEqualTo(TexEncoding.OT1_OR_T1);
    assertThat(read(text("maire", 0xE9), 0xE9)).isEqualTo("é");
    assertThat(read(text("maire", 0xBF), 0xBF)).isEqualTo("£");
    assertThat(read(text("strassen", 0xFF), 0xFF)).isEqualTo("ß");
  }

  @Test
  void whatTheEncodingsPartOverStaysUnknown() throws Exception {
    assertThat(read(text("abstract<"), '<')).isEqualTo(Glyph.UNKNOWN);
    assertThat(read(text("abstract<", 28), '<')).isEqualTo("<");
    assertThat(read(text("abstract<", 12), '<')).isEqualTo("¡");
    assertThat(read(text("abstract", 12, 25), 25)).isEqualTo("ß");
  }

  @Test
  void typewritersKeepAscii() throws Exception {
    Map<Integer, Integer> widths = new TreeMap<>();
    "int x <ail_>{}".chars().filter(c -> c > ' ').forEach(c -> widths.put(c, 525));
    assertThat(encoding(widths)).isEqualTo(TexEncoding.TYPEWRITER);
    assertThat(read(widths, '{')).isEqualTo("{");
    assertThat(read(widths, '_')).isEqualTo("_");
  }

  @Test
  void signsAloneAreTheCompanionOfT1() throws Exception {
    assertThat(read(Map.of(136, 500), 136)).isEqualTo("•");
    assertThat(read(Map.of(136, 500, 174, 700), 174)).isEqualTo("®");
    assertThat(encoding(Map.of(136, 500, 33, 700))).isNull();
  }

  @Test
  void otherNamesSayNothing() throws Exception {
    assertThat(NumberedGlyphs.encodingOf(font(text("Abstract"), "a", 0))).isNotNull();
    assertThat(NumberedGlyphs.encodingOf(font(text("Abstract"), "g", 0)))
        .as("numbers of glyphs, perhaps")
        .isNull();
  }

  @Test
  void aCodeThatIsNotTheNumberOfItsGlyphStaysUnknown() throws Exception {
    PDType3Font moved = font(text("Abstract"), "a", 1);
    assertThat(new UnmappedCodes().text(moved, 'A' + 1)).isEqualTo(Glyph.UNKNOWN);
  }

  @Test
  void aDollarIsAsWideAsTheDigits() throws Exception {
    Map<Integer, Integer> widths = text("abstract12");
    widths.put((int) '$', 501);
    assertThat(read(widths, '$')).isEqualTo("$");
    widths.put((int) '$', 502);
    assertThat(read(widths, '$')).as("a pound sign in slanted type").isEqualTo(Glyph.UNKNOWN);
  }
}
