package dev.inlay.spec;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;

/**
 * What a value must be, by the words of the open Table Schema standard.
 *
 * @param minimum the least number
 * @param maximum the greatest number
 * @param pattern that the printed text meets as a whole
 * @param values the only texts that there may be; empty for any
 */
public record Constraints(
    Optional<BigDecimal> minimum,
    Optional<BigDecimal> maximum,
    Optional<TextPattern> pattern,
    List<String> values) {

  /** Anything goes. */
  public static final Constraints NONE =
      new Constraints(Optional.empty(), Optional.empty(), Optional.empty(), List.of());

  /** Keeps a copy that cannot change. */
  public Constraints {
    values = List.copyOf(values);
  }

  /**
   * What is wrong with a value; empty where nothing is.
   *
   * @param content of its type
   * @param printed its text
   */
  public Optional<String> flaw(Object content, String printed) {
    if (content instanceof BigDecimal number) {
      if (minimum.isPresent() && number.compareTo(minimum.get()) < 0) {
        return Optional.of("'" + printed + "' is less than the minimum " + minimum.get());
      }
      if (maximum.isPresent() && number.compareTo(maximum.get()) > 0) {
        return Optional.of("'" + printed + "' is more than the maximum " + maximum.get());
      }
    }
    String text = content instanceof String s ? s : printed;
    if (pattern.isPresent() && pattern.get().whole(text).isEmpty()) {
      return Optional.of("'" + text + "' does not look like " + pattern.get());
    }
    boolean known = values.isEmpty() || values.contains(text);
    return known
        ? Optional.empty()
        : Optional.of(
            "'"
                + text
                + "' is none of its values"
                + Wording.nearest(text, values)
                    .map(v -> "; the nearest is '" + v + "'")
                    .orElse(""));
  }
}
