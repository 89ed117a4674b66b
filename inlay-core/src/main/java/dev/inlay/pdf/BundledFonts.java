package dev.inlay.pdf;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import org.apache.fontbox.FontBoxFont;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.fontbox.ttf.TrueTypeFont;
import org.apache.pdfbox.io.RandomAccessReadBuffer;
import org.apache.pdfbox.pdmodel.font.CIDFontMapping;
import org.apache.pdfbox.pdmodel.font.FontMapper;
import org.apache.pdfbox.pdmodel.font.FontMappers;
import org.apache.pdfbox.pdmodel.font.FontMapping;
import org.apache.pdfbox.pdmodel.font.PDCIDSystemInfo;
import org.apache.pdfbox.pdmodel.font.PDFontDescriptor;

/**
 * Stands one font that ships with the PDF library in for each font that a file names and does not
 * hold.
 *
 * <p>The library's own way is to look through the system's fonts, which takes seconds and makes
 * results differ from machine to machine. Places of text do not depend on it: a file that leaves a
 * font out gives the widths of its characters, or names a font whose widths the library knows.
 */
final class BundledFonts implements FontMapper {

  private static final String FONT = "/org/apache/pdfbox/resources/ttf/LiberationSans-Regular.ttf";

  private static final BundledFonts SHARED = new BundledFonts();

  /** Parsed when a file first needs it, then shared: it is only read. */
  private TrueTypeFont font;

  private BundledFonts() {}

  /** Makes the PDF library use this mapper; the library has one for the whole process. */
  static void install() {
    FontMappers.set(SHARED);
  }

  @Override
  public FontMapping<TrueTypeFont> getTrueTypeFont(String name, PDFontDescriptor descriptor) {
    return new FontMapping<>(font(), true);
  }

  @Override
  public FontMapping<FontBoxFont> getFontBoxFont(String name, PDFontDescriptor descriptor) {
    return new FontMapping<>(font(), true);
  }

  @Override
  public CIDFontMapping getCIDFont(
      String name, PDFontDescriptor descriptor, PDCIDSystemInfo collection) {
    return new CIDFontMapping(null, font(), true);
  }

  private synchronized TrueTypeFont font() {
    if (font == null) {
      try (InputStream bytes = FontMapper.class.getResourceAsStream(FONT)) {
        font = new TTFParser().parse(new RandomAccessReadBuffer(bytes));
      } catch (IOException e) {
        throw new UncheckedIOException("the PDF library's own font cannot be read", e);
      }
    }
    return font;
  }
}
