package dev.inlay.grid;

/**
 * A reason to look at a table.
 *
 * @param code what is doubtful
 * @param page the page's number, from 1
 * @param message in words that a person can act on
 */
public record Warning(WarningCode code, int page, String message) {

  private static final int LONGEST_QUOTE = 30;

  /** A text, cut where it is too long to be quoted in a message. */
  public static String shortened(String text) {
    return text.length() <= LONGEST_QUOTE ? text : text.substring(0, LONGEST_QUOTE - 1) + "…";
  }
}
