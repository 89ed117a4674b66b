package dev.inlay.rows;

import java.math.BigDecimal;
import java.util.Optional;

/**
 * A typed value of a field.
 *
 * @param content a {@code String}, {@code BigDecimal}, {@code LocalDate}, {@code YearMonth}, {@code
 *     Year} or {@code Boolean}; null where there is no value
 * @param printed the text on the page that it was read from
 * @param grouped whether a number's thousands are set off on the page
 * @param origin where it stands; none where a spec gives it
 */
public record Value(Object content, String printed, boolean grouped, Optional<Origin> origin) {

  /** No value, and nothing printed. */
  public static final Value NOTHING = new Value(null, "", false, Optional.empty());

  /** A value that is reckoned from others. */
  static Value reckoned(Object content) {
    return new Value(content, "", false, Optional.empty());
  }

  /**
   * The content as expressions take it: days and months as their texts, which compare as they do.
   */
  public Object reckonable() {
    boolean plain = content == null || content instanceof BigDecimal || content instanceof Boolean;
    return plain ? content : content.toString();
  }

  /** Whether there is no value. */
  public boolean isNothing() {
    return content == null;
  }
}
