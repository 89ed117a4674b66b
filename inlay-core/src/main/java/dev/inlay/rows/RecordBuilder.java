package dev.inlay.rows;

import dev.inlay.spec.DataSetSpec;
import dev.inlay.spec.FieldSpec;
import dev.inlay.spec.Shape;
import dev.inlay.text.NumberFormat;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Makes records of the texts of rows; what cannot be read is held and reported. */
final class RecordBuilder {

  private final DataSetSpec set;
  private final List<FieldSpec> fields;

  /** Fields whose year another one completes are read after all others. */
  private final List<FieldSpec> yearsLast;

  private final PartTally tally;
  private final RowFilter filter;
  private final FieldTexts texts;
  private final Map<String, ValueReader> readers = new HashMap<>();

  /**
   * Prepares a builder.
   *
   * @param fields of the records
   * @param numbers how the file writes numbers, where the spec does not say
   */
  RecordBuilder(
      DataSetSpec set,
      List<FieldSpec> fields,
      PartTally tally,
      RowFilter filter,
      NumberFormat numbers) {
    this.set = set;
    this.fields = fields;
    this.tally = tally;
    this.filter = filter;
    texts = new FieldTexts(fields);
    yearsLast = new ArrayList<>(fields);
    yearsLast.sort(Comparator.comparing(f -> f.form().yearFrom().isPresent()));
    fields.forEach(f -> readers.put(f.name(), new ValueReader(f.form(), numbers)));
  }

  /** Makes a record of the texts of its fields, and counts where it ends. */
  void add(Map<String, PrintedText> raws, Origin origin) {
    List<Finding> reasons = new ArrayList<>();
    for (String field : texts.prepare(raws)) {
      String text = raws.get(field).text();
      reasons.add(flaw("not-split", field + ": '" + text + "' does not fit 'split'", origin));
    }
    Map<String, Value> values = new LinkedHashMap<>();
    Map<String, Object> contents = new HashMap<>();
    Set<String> unread = new HashSet<>();
    for (FieldSpec field : fields) {
      values.put(field.name(), Value.NOTHING); // keeps their order
    }
    for (FieldSpec field : yearsLast) {
      PrintedText raw = raws.getOrDefault(field.name(), PrintedText.NOTHING);
      Object near =
          field
              .form()
              .yearFrom()
              .map(f -> values.getOrDefault(f, Value.NOTHING).content())
              .orElse(null);
      Value value = read(field, raw, near, origin, reasons, unread);
      values.put(field.name(), value);
      contents.put(field.name(), value.reckonable());
    }
    Optional<String> rule = Optional.empty();
    try {
      compute(values, contents);
      rule = filter.ruleFor(contents, unread);
    } catch (IllegalArgumentException e) {
      reasons.add(flaw("not-calculated", e.getMessage(), origin));
    }
    DataRecord record = new DataRecord(tally.file(), origin, values);
    tally.row(record);
    if (rule.isPresent()) {
      tally.leaveOut(rule.get(), text(values), origin.page());
    } else if (reasons.isEmpty()) {
      tally.accept(record);
    } else {
      tally.hold(record, reasons);
    }
  }

  private static String text(Map<String, Value> values) {
    return String.join(" ", values.values().stream().map(Value::printed).toList()).strip();
  }

  private Value read(
      FieldSpec field,
      PrintedText raw,
      Object near,
      Origin row,
      List<Finding> reasons,
      Set<String> unread) {
    Origin at = raw.origin().orElse(row);
    try {
      Value value = readers.get(field.name()).read(raw, near);
      if (value.isNothing() && field.form().required()) {
        reasons.add(flaw("missing-value", field, "nothing is printed", raw, at));
      }
      field
          .constraints()
          .flaw(value.content(), value.printed())
          .filter(f -> !value.isNothing())
          .ifPresent(f -> reasons.add(flaw("not-allowed", field, f, raw, at)));
      String name = "field " + field.name();
      if (value.isNothing()) {
        tally.uses().name(name);
      } else {
        tally.uses().took(name, raw.text(), at.page());
      }
      return value;
    } catch (IllegalArgumentException e) {
      String code = "not-" + field.form().type().word();
      reasons.add(flaw(code, field, e.getMessage(), raw, at));
      unread.add(field.name());
      tally.uses().missed("field " + field.name(), RuleUses.quote(raw.text(), at.page()), "");
      return new Value(null, raw.text(), false, raw.origin());
    }
  }

  private Finding flaw(
      String code, FieldSpec field, String message, PrintedText raw, Origin origin) {
    return flaw(code, field.name() + ": " + message, origin)
        .with(Evidence.seen(field.name(), raw.text()));
  }

  private Finding flaw(String code, String message, Origin origin) {
    return Finding.at(Severity.ERROR, code, tally.file(), message, origin);
  }

  private void compute(Map<String, Value> values, Map<String, Object> contents) {
    for (Shape.Computed computed : set.shape().computed()) {
      Object content = computed.content(contents);
      values.put(computed.field(), Value.reckoned(content));
      contents.put(computed.field(), content);
    }
  }

  /** Begins a table: nothing goes on from the one before. */
  void beginTable() {
    texts.beginTable();
    filter.beginTable();
  }
}
