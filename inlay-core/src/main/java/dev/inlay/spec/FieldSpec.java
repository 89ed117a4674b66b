package dev.inlay.spec;

import java.util.List;
import java.util.OptionalInt;

/**
 * A field and the column it comes from.
 *
 * @param name of letters, figures and _
 * @param headings wordings of the heading, or of the path of headings; empty where a pattern, a
 *     value outside the table or its position gives it
 * @param position of the column, from 1, where headings do not tell
 * @param similar how alike a heading must be, from 0 to 1
 * @param optional whether the column may be missing
 * @param form how texts become values
 * @param constraints what the values must be
 */
public record FieldSpec(
    String name,
    List<String> headings,
    OptionalInt position,
    double similar,
    boolean optional,
    ValueFormat form,
    Constraints constraints) {

  /** Headings that differ in a letter or two, or in a short word, are the same heading. */
  public static final double USUAL_SIMILARITY = 0.8;

  /** Keeps a copy that cannot change. */
  public FieldSpec {
    headings = List.copyOf(headings);
  }

  /** A field whose values may be anything. */
  public FieldSpec(
      String name,
      List<String> headings,
      OptionalInt position,
      double similar,
      boolean optional,
      ValueFormat form) {
    this(name, headings, position, similar, optional, form, Constraints.NONE);
  }

  /** A field that no column gives. */
  static FieldSpec made(String name, ValueFormat form) {
    return new FieldSpec(name, List.of(), OptionalInt.empty(), USUAL_SIMILARITY, true, form);
  }

  /** Whether a column of the table gives it. */
  public boolean isColumn() {
    return !headings.isEmpty() || position.isPresent();
  }
}
