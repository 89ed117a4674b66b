package dev.inlay.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** Holds the confidence in tables against how many of them are right, band by band. */
final class Calibration {

  private static final double[] BANDS = {0, 0.5, 0.7, 0.8, 0.9, 1.01};

  private final int[] right = new int[BANDS.length - 1];
  private final int[] all = new int[BANDS.length - 1];

  void add(CaseScore score) {
    for (TableScore table : score.tables()) {
      if (table.found()) {
        int band = 0;
        while (table.confidence() >= BANDS[band + 1]) {
          band++;
        }
        all[band]++;
        right[band] += table.perfect() ? 1 : 0;
      }
    }
  }

  List<String> lines() {
    List<String> lines = new ArrayList<>();
    for (int i = 0; i < all.length; i++) {
      lines.add(
          String.format(
              Locale.ROOT,
              "confidence %.1f to %.1f: %3d tables, %3d right%s",
              BANDS[i],
              Math.min(1, BANDS[i + 1]),
              all[i],
              right[i],
              all[i] == 0 ? "" : String.format(Locale.ROOT, " (%d %%)", 100 * right[i] / all[i])));
    }
    return lines;
  }
}
