package dev.inlay.write;

import java.util.regex.Pattern;

/**
 * Keeps texts in CSV files from being run as formulas by a spreadsheet that opens them. CSV has no
 * types, so an apostrophe in front, which spreadsheets read as "this is text", is the only means.
 */
final class FormulaGuard {

  /**
   * With a sign in front only a call, a reference or a link makes a formula; {@code -12 kg} is
   * none.
   */
  private static final Pattern FORMULA =
      Pattern.compile("[=@\\t\\r].*|[+\\-].*([(|!=]|[A-Za-z]\\$?\\d).*", Pattern.DOTALL);

  private FormulaGuard() {}

  static String asText(String value) {
    return FORMULA.matcher(value).matches() ? "'" + value : value;
  }
}
