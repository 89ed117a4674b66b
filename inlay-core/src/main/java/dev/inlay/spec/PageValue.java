package dev.inlay.spec;

import java.util.List;
import java.util.Locale;

/**
 * A value printed outside the columns, carried to rows.
 *
 * @param field the field that gets it
 * @param where how its place is given
 * @param label the text that it stands beside or below, or one of {@link #ORIGINS}; empty where a
 *     pattern tells it
 * @param pattern what it looks like, in its line or beside its label; null for all of the text
 * @param per for which rows it holds
 * @param optional whether a file may lack it
 */
public record PageValue(
    String field, Where where, String label, TextPattern pattern, Per per, boolean optional) {

  /** What can be asked of the place that a row comes from. */
  public static final List<String> ORIGINS = List.of("file", "page", "title", "row");

  /** Whether it is a text of the page, that has to be found. */
  public boolean isPrinted() {
    return where != Where.ORIGIN;
  }

  /** How the place of a value is given. */
  public enum Where {
    /** On the line of its label, to the right. */
    BESIDE,
    /** On the line below its label. */
    BELOW,
    /** Wherever the pattern is found. */
    PATTERN,
    /** It is no text of the page: it says where the row comes from. */
    ORIGIN
  }

  /** For which rows a value holds. */
  public enum Per {
    /** The first one found, for all rows of the file. */
    FILE,
    /** The one on the row's page. */
    PAGE,
    /** The last one above the start of the row's table. */
    TABLE,
    /** The last one above the row, until the next. */
    NEXT,
    /** The first one below the row: it is printed below the rows that it holds for. */
    ABOVE;

    /** The word for it in specs. */
    String word() {
      return name().toLowerCase(Locale.ROOT);
    }
  }
}
