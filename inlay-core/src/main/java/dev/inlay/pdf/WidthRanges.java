package dev.inlay.pdf;

import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSInteger;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.cos.COSNumber;

/**
 * The widths that a composite font gives for ranges of characters (ISO 32000-1, 9.7.4.3): the
 * library keeps a width for each character of a range, however long it is.
 */
final class WidthRanges {

  /** Characters of a composite font have numbers of two bytes. */
  private static final int LAST_CHARACTER = 0xFFFF;

  private WidthRanges() {}

  /**
   * Ends ranges at the last character that there can be.
   *
   * @return whether any range reached beyond it
   */
  static boolean shorten(COSDictionary font) {
    return font.getDictionaryObject(COSName.W) instanceof COSArray widths && shorten(widths);
  }

  private static boolean shorten(COSArray widths) {
    boolean any = false;
    for (int i = 0; i + 1 < widths.size(); ) {
      boolean range = widths.getObject(i + 1) instanceof COSNumber;
      if (range && ((COSNumber) widths.getObject(i + 1)).longValue() > LAST_CHARACTER) {
        widths.set(i + 1, COSInteger.get(LAST_CHARACTER));
        any = true;
      }
      if (range
          && widths.getObject(i) instanceof COSNumber first
          && first.longValue() < 0) { // a range from far below would be as long
        widths.set(i, COSInteger.ZERO);
        any = true;
      }
      i += range ? 3 : 2;
    }
    return any;
  }
}
