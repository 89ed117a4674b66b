package dev.inlay.spec;

import java.text.Normalizer;
import java.util.Collection;
import java.util.Comparator;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;
import org.apache.commons.text.similarity.LevenshteinDistance;

/** How alike two wordings are. */
public final class Wording {

  /** Words that share fewer of their letters are no slip of the pen. */
  private static final double SLIP = 0.5;

  private static final Pattern NO_LETTERS = Pattern.compile("[^\\p{L}\\p{N}]+");

  private Wording() {}

  /**
   * How alike two texts are, from 0 to 1: the share of letters that need no change. Case, accents,
   * white space and punctuation say nothing; figures do.
   */
  public static double similarity(String a, String b) {
    String first = letters(a);
    String second = letters(b);
    int longest = Math.max(first.length(), second.length());
    if (longest == 0) {
      return a.strip().equals(b.strip()) ? 1 : 0;
    }
    int changes = LevenshteinDistance.getDefaultInstance().apply(first, second);
    return 1 - (double) changes / longest;
  }

  /** The letters and figures of a text, each letter in its plain form. */
  public static String letters(String text) {
    String plain = Normalizer.normalize(text, Normalizer.Form.NFKD).toLowerCase(Locale.ROOT);
    return NO_LETTERS.matcher(plain).replaceAll("");
  }

  /** The word that was probably meant by a misspelt one. */
  public static Optional<String> nearest(String word, Collection<String> words) {
    return words.stream()
        .max(Comparator.comparingDouble(w -> similarity(w, word)))
        .filter(w -> similarity(w, word) >= SLIP || startsAlike(w, word));
  }

  private static boolean startsAlike(String word, String written) {
    String a = letters(word);
    String b = letters(written);
    return b.length() > 2 && (a.startsWith(b) || b.startsWith(a));
  }
}
