package dev.inlay.rows;

import dev.inlay.spec.FieldSpec;
import dev.inlay.spec.ValueFormat;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Prepares the texts of a row's fields before they are read as values: replacements, footnote
 * markers, splits, values that go on downwards, defaults. Takes the rows of a table in order.
 */
final class FieldTexts {

  private static final Pattern MARKERS =
      Pattern.compile("\\s*(?<marks>[\u00B9\u00B2\u00B3\u2070-\u209C*\u2020\u2021\u00A7]+)$");

  /** What lines and splits give is prepared after them. */
  private final List<FieldSpec> partedFirst;

  private final Map<String, PrintedText> above = new HashMap<>();

  FieldTexts(List<FieldSpec> fields) {
    partedFirst = new ArrayList<>(fields);
    partedFirst.sort(Comparator.comparing(f -> f.form().parts().isEmpty()));
  }

  /** Begins a table: nothing goes on from the one before. */
  void beginTable() {
    above.clear();
  }

  /**
   * Prepares a row.
   *
   * @param raws the texts by field; changed
   * @return the fields whose text does not fit the pattern that splits it
   */
  List<String> prepare(Map<String, PrintedText> raws) {
    Map<String, String> unfit = new LinkedHashMap<>();
    for (FieldSpec field : partedFirst) {
      ValueFormat form = field.form();
      PrintedText raw = raws.getOrDefault(field.name(), PrintedText.NOTHING);
      List<PrintedText> lines = raw.inLines(form.lines().size());
      for (int i = 0; i < lines.size(); i++) {
        raws.put(form.lines().get(i), lines.get(i));
      }
      String text = raw.text();
      for (ValueFormat.Replacement r : form.replacements()) {
        text = r.pattern().replace(text, r.with()).strip();
      }
      raw = markers(raw.with(text), form, raws);
      raw = filled(field, raw);
      if (isNothing(raw, form) && form.defaultText().isPresent()) {
        raw = new PrintedText(form.defaultText().get(), Optional.empty());
      }
      raws.put(field.name(), raw);
      if (form.split().isPresent() && !raw.isEmpty()) {
        Optional<Map<String, String>> parts = form.split().get().whole(raw.text());
        PrintedText whole = raw;
        parts.ifPresentOrElse(
            p -> p.forEach((name, part) -> raws.put(name, whole.with(part))),
            () -> unfit.put(field.name(), whole.text()));
      }
    }
    return List.copyOf(unfit.keySet());
  }

  private static PrintedText markers(
      PrintedText raw, ValueFormat form, Map<String, PrintedText> raws) {
    if (!form.markersOff()) {
      return raw;
    }
    Matcher m = MARKERS.matcher(raw.text());
    if (!m.find()) {
      return raw;
    }
    form.markersTo().ifPresent(field -> raws.put(field, raw.with(m.group("marks"))));
    return raw.with(raw.text().substring(0, m.start()));
  }

  private static boolean isNothing(PrintedText raw, ValueFormat form) {
    return raw.isEmpty() || form.meansNothing(raw.text());
  }

  private PrintedText filled(FieldSpec field, PrintedText raw) {
    boolean nothing = isNothing(raw, field.form());
    if (!field.form().fillDown()) {
      return raw;
    }
    if (nothing) {
      return above.getOrDefault(field.name(), raw);
    }
    above.put(field.name(), raw);
    return raw;
  }
}
