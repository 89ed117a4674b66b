package dev.inlay.record;

import dev.inlay.number.NumberForm;
import dev.inlay.spec.FieldType;
import dev.inlay.spec.ValueForm;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Tries whether texts read as values of a type. */
public final class TypeTrial {

  private TypeTrial() {}

  /**
   * The decimal mark that texts show, if they do.
   *
   * @param columns the texts of each column of a report
   */
  public static Optional<Character> decimalMark(List<List<String>> columns) {
    List<List<String>> cores = new ArrayList<>();
    ValueForm form = ValueForm.ofType(FieldType.NUMBER);
    for (List<String> column : columns) {
      cores.add(
          column.stream().map(t -> NumberText.core(t, form)).flatMap(Optional::stream).toList());
    }
    return NumberForm.of(cores).decimalMark();
  }

  /** Whether every text that is not empty reads as a value; false where all are empty. */
  public static boolean readsAll(List<String> texts, ValueForm form) {
    ValueReader reader = new ValueReader(form, NumberForm.OPEN);
    boolean any = false;
    for (String text : texts) {
      try {
        any |= !reader.read(new Raw(text, Optional.empty())).isNothing();
      } catch (IllegalArgumentException e) {
        return false;
      }
    }
    return any;
  }
}
