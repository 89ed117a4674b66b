package dev.inlay.rows;

import java.math.BigDecimal;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * A row of the result.
 *
 * @param file the name of the file that it comes from
 * @param origin where its row stands
 * @param values by the names of the fields, in their order
 */
public record DataRecord(String file, Origin origin, Map<String, Value> values) {

  private static final int MOST_WORDS = 3;

  /** Keeps a copy of the values that cannot change. */
  public DataRecord {
    values = Collections.unmodifiableMap(new LinkedHashMap<>(values));
  }

  /** Its first texts of its own, at most three, by which a person finds it on the page. */
  public String words() {
    return values.values().stream()
        .filter(v -> v.origin().map(o -> o.page() == origin.page()).orElse(false))
        .map(Value::printed)
        .filter(t -> !t.isBlank())
        .limit(MOST_WORDS)
        .collect(Collectors.joining(" "));
  }

  /** The value of a field; none where it has no such field. */
  public Value value(String field) {
    return values.getOrDefault(field, Value.NOTHING);
  }

  /** Where a field's value stands; its row's place where it has none of its own. */
  public Origin originOf(String field) {
    return value(field).origin().orElse(origin);
  }

  /** The number in a field, where there is one. */
  public Optional<BigDecimal> number(String field) {
    return value(field).content() instanceof BigDecimal n ? Optional.of(n) : Optional.empty();
  }
}
