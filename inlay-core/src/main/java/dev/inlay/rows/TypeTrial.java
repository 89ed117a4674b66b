package dev.inlay.rows;

import dev.inlay.spec.FieldType;
import dev.inlay.spec.ValueFormat;
import dev.inlay.text.NumberFormat;
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
    ValueFormat form = ValueFormat.ofType(FieldType.NUMBER);
    for (List<String> column : columns) {
      cores.add(
          column.stream().map(t -> NumberText.core(t, form)).flatMap(Optional::stream).toList());
    }
    return NumberFormat.of(cores).decimalMark();
  }

  /** Whether every text that is not empty reads as a value; false where all are empty. */
  public static boolean readsAll(List<String> texts, ValueFormat form) {
    ValueReader reader = new ValueReader(form, NumberFormat.OPEN);
    boolean any = false;
    for (String text : texts) {
      try {
        any |= !reader.read(new PrintedText(text, Optional.empty())).isNothing();
      } catch (IllegalArgumentException e) {
        return false;
      }
    }
    return any;
  }
}
