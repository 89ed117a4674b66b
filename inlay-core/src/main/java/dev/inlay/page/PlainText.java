package dev.inlay.page;

import java.text.Normalizer;
import java.util.Locale;

/** Texts made equal for comparison. */
public final class PlainText {

  private PlainText() {}

  /** A text in which letters of either case, and any white space, count the same. */
  public static String of(String text) {
    return Normalizer.normalize(text, Normalizer.Form.NFKC)
        .toLowerCase(Locale.ROOT)
        .replaceAll("\\s+", " ")
        .strip();
  }

  /**
   * A text as the name of a file: small letters, digits and single dashes; empty where it has none.
   */
  public static String fileName(String text) {
    return of(text).replaceAll("[^\\p{L}\\p{N}]+", "-").replaceAll("^-|-$", "");
  }
}
