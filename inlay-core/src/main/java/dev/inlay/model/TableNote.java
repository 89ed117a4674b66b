package dev.inlay.model;

import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A note that stands below a table.
 *
 * @param marker the sign that cells refer to it by, e.g. {@code ¹} or {@code *}; empty where it
 *     speaks of the whole table
 * @param text what it says, without the marker
 */
public record TableNote(String marker, String text) {

  private static final String RAISED =
      "[\u2070\u00B9\u00B2\u00B3\u2074-\u2079\u1D43-\u1D5B\u02B0-\u02B8]+";

  private static final Pattern MARKED =
      Pattern.compile("([*†‡§¶#]+|" + RAISED + "|\\(?[a-z0-9]\\))\\s*(?=[\\p{L}\\d(\"“])(.+)");

  private static final Pattern TRAILING_RAISED = Pattern.compile(".*?(" + RAISED + ")");

  /** Reads a note from its text. */
  public static TableNote of(String text) {
    Matcher m = MARKED.matcher(text);
    return m.matches() ? new TableNote(m.group(1), m.group(2)) : new TableNote("", text);
  }

  /** Whether a text begins with the marker of a note. */
  public static boolean isMarked(String text) {
    return MARKED.matcher(text).matches();
  }

  /**
   * The marker that a cell's text ends with: a raised one, or one that a note of the table has.
   *
   * @param text the cell's text, which keeps the marker
   * @param notes those of the table
   */
  public static Optional<String> markerIn(String text, List<TableNote> notes) {
    for (TableNote note : notes) {
      String marker = note.marker();
      if (!marker.isEmpty() && text.length() > marker.length() && text.endsWith(marker)) {
        return Optional.of(marker);
      }
    }
    Matcher m = TRAILING_RAISED.matcher(text);
    return m.matches() && m.start(1) > 0 ? Optional.of(m.group(1)) : Optional.empty();
  }
}
