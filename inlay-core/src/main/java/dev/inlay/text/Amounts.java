package dev.inlay.text;

import java.math.BigDecimal;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Reads amounts as reports print them: with a currency sign or letters of a currency beside the
 * number, and with a minus in front, behind, as brackets or as the letters for credit.
 */
public final class Amounts {

  private static final Pattern AMOUNT =
      Pattern.compile(
          "(?<open>\\()?(?<sign>[-\u2212+])?(?:\\p{Sc}|[A-Z]{3}\\b)?\\s*(?<number>[-\u2212+]?\\d[\\d.,'’]*)"
              + "\\s*(?:\\p{Sc}|[A-Z]{3}\\b|%)?(?<close>\\))?(?<behind>[-\u2212]|\\s?(?:CR|DR))?");

  private static final Pattern INNER_SPACE =
      Pattern.compile("(?<=\\d)[\\s\u00A0\u202F](?=\\d{3}\\b)");

  private Amounts() {}

  /**
   * Reads a text.
   *
   * @param form how its table writes numbers
   * @return empty where the text is no amount, or its brackets do not match
   */
  public static Optional<BigDecimal> read(String text, NumberFormat form) {
    Matcher m = AMOUNT.matcher(INNER_SPACE.matcher(text.strip()).replaceAll(""));
    if (!m.matches() || (m.group("open") == null) != (m.group("close") == null)) {
      return Optional.empty();
    }
    String behind = m.group("behind") == null ? "" : m.group("behind").strip();
    boolean minus =
        m.group("open") != null
            || m.group("sign") != null && !m.group("sign").equals("+")
            || !behind.isEmpty() && !behind.equals("DR");
    Optional<BigDecimal> value = form.read(m.group("number")).map(PlainNumber::value);
    return minus ? value.map(BigDecimal::negate) : value;
  }
}
