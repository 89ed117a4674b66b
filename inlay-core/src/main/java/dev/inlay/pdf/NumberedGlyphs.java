package dev.inlay.pdf;

import java.util.Arrays;
import java.util.BitSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.cos.COSNumber;
import org.apache.pdfbox.pdmodel.font.PDType3Font;

/**
 * Fonts whose glyphs bear no names but their own codes, {@code a65} for code 65: TeX embeds its
 * bitmap fonts so. Which of its encodings such a font has is seen from the codes it holds and from
 * the widths; where that is not sure, its characters stay unknown, for a sign of a mathematical
 * font must never be taken for a digit.
 */
final class NumberedGlyphs {

  private static final Pattern NUMBERED = Pattern.compile("a(\\d{1,3})");

  /**
   * A font of text holds at least this many different small letters: a heading of one word does,
   * and few formulas take as many symbols from that part of a font.
   */
  private static final int LETTERS_OF_TEXT = 5;

  private static final String NARROW_LETTERS = "fijlrt";
  private static final String WIDE_LETTERS = "bdhmnopquw";

  /** In text the narrow letters are clearly narrower: at most this share of the wide ones. */
  private static final double NARROW_SHARE = 0.85;

  /** In text all digits are of one width, in symbol fonts the same codes are not. */
  private static final int EQUAL_DIGITS = 3;

  /** Widths that differ by less than this share of the wider one are the same. */
  private static final double SAME_WIDTH = 0.002;

  private final BitSet codes = new BitSet(256);
  private final COSArray widths;
  private final int first;

  private NumberedGlyphs(COSDictionary font) {
    first = font.getInt(COSName.FIRST_CHAR, 0);
    COSArray given = font.getCOSArray(COSName.WIDTHS);
    widths = given == null ? new COSArray() : given;
  }

  /** Whether a font's code stands for the glyph that bears it as its name. */
  static boolean isOwnCode(PDType3Font font, int code) {
    return font.getEncoding() != null && ("a" + code).equals(font.getEncoding().getName(code));
  }

  /**
   * Whether a dollar sign is what it seems: as wide as the digits. In slanted fonts of the oldest
   * encoding a pound sign has its code, and is far wider.
   */
  static boolean isDollar(PDType3Font font) {
    NumberedGlyphs glyphs = new NumberedGlyphs(font.getCOSObject());
    double sign = glyphs.width('$');
    return IntStream.rangeClosed('0', '9')
        .mapToDouble(glyphs::width)
        .filter(w -> w > 0)
        .anyMatch(w -> Math.abs(w - sign) <= SAME_WIDTH * w);
  }

  /** The encoding of a font whose glyphs bear their codes as names; null where it is not known. */
  static TexEncoding encodingOf(PDType3Font font) {
    if (font.getCharProcs() == null) {
      return null;
    }
    NumberedGlyphs glyphs = new NumberedGlyphs(font.getCOSObject());
    for (COSName name : font.getCharProcs().keySet()) {
      Matcher numbered = NUMBERED.matcher(name.getName());
      if (!numbered.matches() || Integer.parseInt(numbered.group(1)) > 255) {
        return null;
      }
      glyphs.codes.set(Integer.parseInt(numbered.group(1)));
    }
    return glyphs.encoding();
  }

  private TexEncoding encoding() {
    if (isOnlyDigits()) {
      return TexEncoding.OT1_OR_T1;
    }
    if (codes.stream().allMatch(c -> TexEncoding.TS1.text(c) != null)) {
      return TexEncoding.TS1;
    }
    if (!isText()) {
      return null;
    }
    if (isTypewriter()) {
      return TexEncoding.TYPEWRITER;
    }
    boolean original = holds(11, 15);
    boolean european = holds(27, 31) || holds(128, 255);
    if (original == european) {
      return TexEncoding.OT1_OR_T1;
    }
    return original ? TexEncoding.OT1 : TexEncoding.T1;
  }

  private boolean isText() {
    long letters = codes.stream().filter(c -> c >= 'a' && c <= 'z').count();
    boolean vowel = codes.stream().anyMatch(c -> "aeiou".indexOf(c) >= 0);
    return letters >= LETTERS_OF_TEXT && vowel && areDigitsAlike() && areLettersOfTheirWidth();
  }

  private boolean areLettersOfTheirWidth() {
    double narrow = meanWidth(NARROW_LETTERS);
    double wide = meanWidth(WIDE_LETTERS);
    return isTypewriter() || narrow > 0 && wide > 0 && narrow <= NARROW_SHARE * wide;
  }

  /** The mean width of those of some letters that the font holds; 0 where it holds none. */
  private double meanWidth(String letters) {
    return letters.chars().filter(codes::get).mapToDouble(this::width).average().orElse(0);
  }

  private boolean isOnlyDigits() {
    return codes.cardinality() >= EQUAL_DIGITS
        && codes.stream().allMatch(Character::isDigit)
        && areDigitsAlike();
  }

  private boolean areDigitsAlike() {
    return areAlike(codes.stream().filter(Character::isDigit).toArray());
  }

  private boolean isTypewriter() {
    return areAlike(codes.stream().toArray());
  }

  private boolean areAlike(int[] some) {
    double[] wide = Arrays.stream(some).mapToDouble(this::width).sorted().toArray();
    return wide.length == 0
        || wide[wide.length - 1] - wide[0] <= SAME_WIDTH * wide[wide.length - 1];
  }

  private double width(int code) {
    int index = code - first;
    boolean given = index >= 0 && index < widths.size();
    return given && widths.getObject(index) instanceof COSNumber width ? width.floatValue() : 0;
  }

  private boolean holds(int from, int to) {
    int next = codes.nextSetBit(from);
    return next >= 0 && next <= to;
  }
}
