package dev.inlay.spec;

import java.util.List;

/**
 * How headings among the rows are carried into fields. Rules stand in the order of their levels:
 * when one is met, the fields of those behind it begin anew.
 *
 * @param pattern that the heading's text meets as a whole; its groups become fields; null where the
 *     text as a whole goes into one field
 * @param fields that get what is taken
 */
public record HeadingRule(TextPattern pattern, List<String> fields) {

  /** Keeps a copy that cannot change. */
  public HeadingRule {
    fields = List.copyOf(fields);
  }
}
