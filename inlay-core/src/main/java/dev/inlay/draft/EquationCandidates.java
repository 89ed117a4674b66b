package dev.inlay.draft;

import dev.inlay.rows.DataRecord;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** One column as the product or the sum of two others. */
final class EquationCandidates {

  private static final int MOST_COLUMNS = 12;

  private EquationCandidates() {}

  static List<Candidate> of(SampleRows samples) {
    List<String> all = samples.numbers();
    List<String> numbers = all.subList(0, Math.min(MOST_COLUMNS, all.size()));
    List<Candidate> candidates = new ArrayList<>();
    for (String result : numbers) {
      for (int i = 0; i < numbers.size(); i++) {
        for (int j = i + 1; j < numbers.size(); j++) {
          if (!result.equals(numbers.get(i)) && !result.equals(numbers.get(j))) {
            candidates.addAll(equations(samples, numbers.get(i), numbers.get(j), result));
          }
        }
      }
    }
    return candidates;
  }

  private static List<Candidate> equations(SampleRows samples, String a, String b, String result) {
    int full = 0;
    Set<BigDecimal> values = new HashSet<>();
    int decimals = 0;
    for (DataRecord row : samples.rows()) {
      Optional<BigDecimal> value = row.number(result);
      if (isFigure(value) && isFigure(row.number(a)) && isFigure(row.number(b))) {
        full++;
        values.add(value.get().stripTrailingZeros());
        decimals = Math.max(decimals, value.get().scale());
      }
    }
    if (full < SampleRows.LEAST_ROWS || values.size() < SampleRows.LEAST_VALUES) {
      return List.of();
    }
    // printed products are rounded to the last decimal
    String half = BigDecimal.valueOf(5, Math.max(0, decimals) + 1).toPlainString();
    List<Candidate> candidates = new ArrayList<>();
    for (String sign : List.of("*", "+")) {
      String equation = a + " " + sign + " " + b + " == " + result;
      String within = sign.equals("*") ? half : "0";
      candidates.add(
          Candidate.of("row: " + equation + ", within: " + within, "held in", full, "rows")
              .failingSeldom());
    }
    return candidates;
  }

  /** Zeros agree with much by chance. */
  private static boolean isFigure(Optional<BigDecimal> number) {
    return number.isPresent() && number.get().signum() != 0;
  }
}
