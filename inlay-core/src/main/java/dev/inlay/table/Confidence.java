package dev.inlay.table;

import dev.inlay.grid.Warning;
import dev.inlay.grid.WarningCode;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/** Estimates how likely a table is right as a whole. */
final class Confidence {

  /** A table whose rulings leave nothing to guess is still not certain. */
  private static final double UNDOUBTED = 0.97;

  /** Figures that add up, or follow from each other, stand in their rows and columns. */
  private static final double PROVED = 0.99;

  /** So much of a doubt about rows and columns is left where figures are proved. */
  private static final double LEFT_OF_DOUBT = 0.5;

  private static final Set<WarningCode> ABOUT_COLUMNS =
      EnumSet.of(
          WarningCode.NARROW_GUTTER,
          WarningCode.CROSSED_GUTTER,
          WarningCode.UNEVEN_ROWS,
          WarningCode.SPARSE_COLUMN,
          WarningCode.TYPE_BREAK);

  private Confidence() {}

  /**
   * Each kind of doubt counts once: the same doubt on each page is one doubt.
   *
   * @param warnings the doubts
   * @param proven how many printed sums, and columns that follow from others, were proved
   */
  static double of(List<Warning> warnings, int proven) {
    Set<WarningCode> codes = EnumSet.noneOf(WarningCode.class);
    warnings.forEach(w -> codes.add(w.code()));
    double confidence = proven > 0 ? PROVED : UNDOUBTED;
    for (WarningCode code : codes) {
      boolean weaker = proven > 0 && ABOUT_COLUMNS.contains(code);
      confidence *= 1 - code.doubt() * (weaker ? LEFT_OF_DOUBT : 1);
    }
    return Math.round(confidence * 100) / 100.0;
  }
}
