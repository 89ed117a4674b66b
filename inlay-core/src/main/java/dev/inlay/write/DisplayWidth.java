package dev.inlay.write;

import org.jline.utils.WCWidth;

/** How wide texts are shown in a fixed-width font: East Asian characters take two places. */
final class DisplayWidth {

  /** The height of a line of the usual font, in points. */
  static final double LINE_HEIGHT = 16;

  private DisplayWidth() {}

  /** The width in places. */
  static int of(String text) {
    return text.codePoints().map(DisplayWidth::of).sum();
  }

  private static int of(int codePoint) {
    return Math.max(0, WCWidth.wcwidth(codePoint));
  }

  /** The text, cut to the width with a … at its end where it is wider. */
  static String cut(String text, int width) {
    if (of(text) <= width) {
      return text;
    }
    StringBuilder cut = new StringBuilder();
    int used = 0;
    for (int c : text.codePoints().toArray()) {
      if (used + of(c) > width - 1) {
        break;
      }
      used += of(c);
      cut.appendCodePoint(c);
    }
    return cut.append('…').toString();
  }

  /** The text with spaces before or after it up to the width. */
  static String pad(String text, int width, boolean right) {
    String space = " ".repeat(Math.max(0, width - of(text)));
    return right ? space + text : text + space;
  }

  /** How many lines a text takes, broken between words. */
  static int lines(String text, int width) {
    int lines = 1;
    int used = 0;
    for (String word : text.split("\\s+")) {
      int wide = DisplayWidth.of(word);
      if (used > 0 && used + 1 + wide > width) {
        lines++;
        used = wide;
      } else {
        used += (used > 0 ? 1 : 0) + wide;
      }
    }
    return lines;
  }
}
