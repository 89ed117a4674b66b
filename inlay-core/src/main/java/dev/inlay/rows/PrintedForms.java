package dev.inlay.rows;

import dev.inlay.rows.PrintedForm.Aspect;
import dev.inlay.rows.PrintedForm.Seen;
import dev.inlay.spec.FieldSpec;
import dev.inlay.spec.FieldType;
import dev.inlay.text.NumberFormat;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Gathers how the fields of one file are printed, be it in a table or in a listing. */
final class PrintedForms {

  private final Map<PrintedForm, Seen> forms = new HashMap<>();

  /** Notes the heading that a field comes from. */
  void heading(String field, String heading) {
    add(Aspect.HEADING, field, Optional.of(Seen.of(heading)));
  }

  /** Notes the line after which a listing starts. */
  void listingStart(String line) {
    add(Aspect.LISTING_START, "records", Optional.of(Seen.of(line)));
  }

  /** Notes how the values of a field are printed; texts without a value say nothing. */
  void values(FieldSpec field, List<String> texts) {
    if (field.form().type().isNumeric()) {
      List<String> numbers =
          texts.stream()
              .map(t -> NumberText.core(t, field.form()))
              .flatMap(Optional::stream)
              .toList();
      Optional<Character> mark = NumberFormat.of(List.of(numbers)).decimalMark();
      add(Aspect.DECIMAL_MARK, field.name(), mark.map(m -> Seen.of(m.toString())));
      add(Aspect.SIGN, field.name(), PrintedForm.sign(texts).map(Seen::of));
    } else if (field.form().type() == FieldType.DATE) {
      add(Aspect.DATE, field.name(), PrintedForm.date(texts));
    }
  }

  private void add(Aspect aspect, String field, Optional<Seen> form) {
    form.ifPresent(f -> forms.putIfAbsent(new PrintedForm(field, aspect), f));
  }

  /** All that was noted; the first value that shows a form counts. */
  Map<PrintedForm, Seen> all() {
    return forms;
  }
}
