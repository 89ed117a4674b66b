package dev.inlay.model;

import dev.inlay.geom.Box;
import dev.inlay.page.Glyph;
import java.util.Optional;

/**
 * A reason to look at a table.
 *
 * @param code what is doubtful
 * @param page the page's number, from 1
 * @param message in words that a person can act on
 * @param box the place on the page, in points, where it concerns one
 */
public record Warning(WarningCode code, int page, String message, Optional<Box> box) {

  private static final int LONGEST_QUOTE = 30;

  /** A warning of no one place. */
  public Warning(WarningCode code, int page, String message) {
    this(code, page, message, Optional.empty());
  }

  /** The same warning with its place. */
  public Warning at(Box place) {
    return new Warning(code, page, message, Optional.of(place));
  }

  /** The message for characters whose meaning the file does not give. */
  public static String unknownCharacters(long count) {
    return count + " character(s) whose meaning the file does not give, shown as " + Glyph.UNKNOWN;
  }

  /** A text, cut where it is too long to be quoted in a message. */
  public static String shortened(String text) {
    return text.length() <= LONGEST_QUOTE ? text : text.substring(0, LONGEST_QUOTE - 1) + "…";
  }
}
