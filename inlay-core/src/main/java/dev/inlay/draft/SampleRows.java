package dev.inlay.draft;

import dev.inlay.rows.DataRecord;
import dev.inlay.rows.DataSetPart;
import dev.inlay.spec.DataSetSpec;
import dev.inlay.spec.FieldSpec;
import dev.inlay.spec.FieldType;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * The rows that a drafted data set reads from all samples.
 *
 * @param set the data set
 * @param parts what each file gives
 */
record SampleRows(DataSetSpec set, List<DataSetPart> parts) {

  /** What holds in fewer rows may hold by chance. */
  static final int LEAST_ROWS = 8;

  /** And so may what holds of fewer different values. */
  static final int LEAST_VALUES = 5;

  /** Rows beside the others are at least one of this many. */
  private static final int BESIDES = 4;

  /** All rows, those of the first file first. */
  List<DataRecord> rows() {
    return parts.stream().flatMap(p -> p.rows().stream()).toList();
  }

  /** The fields that columns give. */
  List<FieldSpec> columns() {
    return set.fields().stream().filter(FieldSpec::isColumn).toList();
  }

  /** The names of those with numbers. */
  List<String> numbers() {
    return columns().stream().filter(SampleRows::isNumber).map(FieldSpec::name).toList();
  }

  /** The names of numbers outside the columns. */
  List<String> numericValues() {
    return set.fields().stream()
        .filter(f -> !f.isColumn() && isNumber(f))
        .map(FieldSpec::name)
        .toList();
  }

  /** The fields that headings among the rows give. */
  List<String> groups() {
    List<String> groups = new ArrayList<>();
    set.headings().forEach(h -> groups.addAll(h.fields()));
    return groups;
  }

  /**
   * Conditions that leave out rows of one label which comes again and again among others, as shares
   * below each amount.
   */
  List<String> besides() {
    List<DataRecord> all = rows();
    List<String> conditions = new ArrayList<>();
    for (FieldSpec field : columns()) {
      if (field.form().type() == FieldType.STRING) {
        Map<String, Integer> times = new LinkedHashMap<>();
        all.forEach(
            r -> times.merge(String.valueOf(r.value(field.name()).content()), 1, Integer::sum));
        times.forEach(
            (label, count) -> {
              boolean often = count >= LEAST_ROWS && BESIDES * count >= all.size();
              if (often && count < all.size() && label.matches("[\\p{L}\\d %.]+")) {
                conditions.add("\"" + field.name() + " != '" + label + "'\"");
              }
            });
      }
    }
    return conditions;
  }

  private static boolean isNumber(FieldSpec field) {
    return switch (field.form().type()) {
      case NUMBER, INTEGER -> true;
      default -> false;
    };
  }
}
