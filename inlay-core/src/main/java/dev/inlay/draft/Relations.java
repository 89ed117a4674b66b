package dev.inlay.draft;

import dev.inlay.check.Checks;
import dev.inlay.record.DataRecord;
import dev.inlay.record.DataSetPart;
import dev.inlay.record.DataSetReading;
import dev.inlay.record.Finding;
import dev.inlay.record.PrintedSum;
import dev.inlay.spec.CheckSpec;
import dev.inlay.spec.DataSetSpec;
import dev.inlay.spec.FieldSpec;
import dev.inlay.spec.FieldType;
import dev.inlay.spec.SpecException;
import dev.inlay.spec.SpecReader;
import dev.inlay.table.RowKind;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * Relations that hold in all samples, as checks with their evidence: one column the product or the
 * sum of two others, printed sums, keys. Each is tried as the check that it would become. What
 * holds in few rows, or of zeros, may hold by chance and is not proposed.
 */
final class Relations {

  /** What holds in fewer rows may hold by chance. */
  private static final int LEAST_ROWS = 8;

  /** And so may what holds of fewer different values. */
  private static final int LEAST_VALUES = 5;

  private static final int MOST_COLUMNS = 12;

  private final String spec;
  private final int set;
  private final List<DataSetPart> parts = new ArrayList<>();
  private final DataSetSpec fields;
  private final List<String> lines = new ArrayList<>();

  private Relations(String spec, int set, List<SampleFile> files) throws SpecException {
    this.spec = spec;
    this.set = set;
    fields = SpecReader.read(spec).dataSets().get(set);
    for (SampleFile file : files) {
      parts.add(DataSetReading.read(fields, file.name(), file.tables(), file.lines()));
    }
  }

  /**
   * The checks that a data set's samples pass, as lines of a spec.
   *
   * @param spec the draft without checks
   * @param set the number of the data set, from 0
   */
  static List<String> of(String spec, int set, List<SampleFile> files) {
    try {
      Relations relations = new Relations(spec, set, files);
      relations.mine();
      return relations.lines;
    } catch (SpecException e) {
      throw new IllegalStateException("a draft must be a spec: " + e.messages(), e);
    }
  }

  private void mine() throws SpecException {
    List<String> numbers = new ArrayList<>();
    for (FieldSpec field : fields.fields()) {
      boolean number =
          field.form().type() == FieldType.NUMBER || field.form().type() == FieldType.INTEGER;
      if (number && field.isColumn() && numbers.size() < MOST_COLUMNS) {
        numbers.add(field.name());
      }
    }
    for (String result : numbers) {
      for (int i = 0; i < numbers.size(); i++) {
        for (int j = i + 1; j < numbers.size(); j++) {
          equation(numbers.get(i), numbers.get(j), result);
        }
      }
    }
    for (String number : numbers) {
      sum(number, RowKind.SUBTOTAL, "subtotals");
      sum(number, RowKind.TOTAL, "totals");
    }
    for (FieldSpec field : fields.fields()) {
      if (field.isColumn() && field.form().type() == FieldType.STRING) {
        key(field.name());
      }
    }
  }

  private void equation(String a, String b, String result) throws SpecException {
    if (result.equals(a) || result.equals(b)) {
      return;
    }
    List<DataRecord> full = new ArrayList<>();
    Set<BigDecimal> values = new HashSet<>();
    int decimals = 0;
    for (DataSetPart part : parts) {
      for (DataRecord row : part.rows()) {
        BigDecimal value = number(row, result);
        if (value != null && isNot(number(row, a)) && isNot(number(row, b)) && isNot(value)) {
          full.add(row);
          values.add(value.stripTrailingZeros());
          decimals = Math.max(decimals, value.scale());
        }
      }
    }
    if (full.size() < LEAST_ROWS || values.size() < LEAST_VALUES) {
      return;
    }
    // printed products are rounded to the last decimal
    String half = BigDecimal.valueOf(5, Math.max(0, decimals) + 1).toPlainString();
    for (String sign : List.of("*", "+")) {
      String equation = a + " " + sign + " " + b + " == " + result;
      String within = sign.equals("*") ? half : "0";
      propose("row: " + equation + ", within: " + within, "held in " + of(full.size()) + " rows");
    }
  }

  /** All that have a say hold, or the relation would not be proposed. */
  private static String of(int count) {
    return count + " of " + count;
  }

  private static boolean isNot(BigDecimal number) {
    return number != null && number.signum() != 0;
  }

  private static BigDecimal number(DataRecord row, String field) {
    return row.value(field).content() instanceof BigDecimal n ? n : null;
  }

  private void sum(String field, RowKind kind, String word) throws SpecException {
    int sums = 0;
    boolean real = false;
    for (DataSetPart part : parts) {
      for (PrintedSum sum : part.sums()) {
        BigDecimal value = sum.values().get(field);
        if (sum.kind() == kind && !sum.carried() && value != null) {
          sums++;
          real |= value.signum() != 0 && sum.rowsBefore() - sum.firstRow() > 2;
        }
      }
    }
    if (!real) {
      return;
    }
    List<String> groups = new ArrayList<>();
    fields.headings().forEach(h -> groups.addAll(h.fields()));
    boolean grouped = kind == RowKind.SUBTOTAL && !groups.isEmpty();
    String by = grouped ? ", by: [" + String.join(", ", groups) + "]" : "";
    propose("sum: " + field + by + ", is: " + word, "held for " + of(sums) + " printed sums");
  }

  private void key(String field) throws SpecException {
    int rows = parts.stream().mapToInt(p -> p.rows().size()).sum();
    boolean full =
        parts.stream().flatMap(p -> p.rows().stream()).noneMatch(r -> r.value(field).isNothing());
    if (full && rows >= LEAST_ROWS * parts.size()) {
      propose("unique: " + field, "held in " + of(rows) + " rows");
    }
  }

  /** Makes a check of a relation, and keeps it where no sample contradicts it. */
  private void propose(String check, String evidence) throws SpecException {
    String line = "- {" + check + "}";
    CheckSpec made = checkOf(line);
    for (DataSetPart part : parts) {
      List<Finding> before = part.findings();
      if (Checks.made(List.of(made), part, "").findings().size() > before.size()) {
        return;
      }
    }
    lines.add(line + "  # " + evidence);
  }

  private CheckSpec checkOf(String line) throws SpecException {
    String marked = spec.replace(marker(set), "checks: [" + line.substring(2) + "]");
    return SpecReader.read(marked).dataSets().get(set).checks().get(0);
  }

  /** Where the checks of a data set go in a draft; to a reader of the spec, a comment. */
  static String marker(int set) {
    return "#checks-" + set + "#";
  }
}
