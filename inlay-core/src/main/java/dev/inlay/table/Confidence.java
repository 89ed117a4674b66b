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

  private Confidence() {}

  /** Each kind of doubt counts once: the same doubt on each page is one doubt. */
  static double of(List<Warning> warnings) {
    Set<WarningCode> codes = EnumSet.noneOf(WarningCode.class);
    warnings.forEach(w -> codes.add(w.code()));
    double confidence = UNDOUBTED;
    for (WarningCode code : codes) {
      confidence *= 1 - code.doubt();
    }
    return Math.round(confidence * 100) / 100.0;
  }
}
