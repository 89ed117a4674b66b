package dev.inlay.bench;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Random;

/**
 * Holds the confidence in tables against how many of them are right: band by band, and as the
 * expected calibration error, the mean distance of the two over ten bands, each by its share of the
 * tables (Naeini, Cooper and Hauskrecht 2015, "Obtaining Well Calibrated Probabilities Using
 * Bayesian Binning").
 */
final class Calibration {

  private static final double[] BANDS = {0, 0.5, 0.7, 0.8, 0.9, 1.01};

  private static final int TENTHS = 10;

  /** Draws with replacement, for the interval. */
  private static final int DRAWS = 1000;

  private static final double OUTSIDE_INTERVAL = 0.025;

  /** What was said of a table that was found, and what came of it. */
  private record Said(double confidence, boolean right) {}

  private final List<Said> all = new ArrayList<>();

  void add(CaseScore score) {
    for (TableScore table : score.tables()) {
      if (table.found()) {
        add(table.confidence(), table.perfect());
      }
    }
  }

  void add(double confidence, boolean right) {
    all.add(new Said(confidence, right));
  }

  List<String> lines() {
    List<String> lines = new ArrayList<>();
    for (int i = 0; i + 1 < BANDS.length; i++) {
      double from = BANDS[i];
      double to = BANDS[i + 1];
      List<Said> band =
          all.stream().filter(s -> s.confidence() >= from && s.confidence() < to).toList();
      long right = band.stream().filter(Said::right).count();
      lines.add(
          String.format(
              Locale.ROOT,
              "confidence %.1f to %.1f: %3d tables, %3d right%s",
              from,
              Math.min(1, to),
              band.size(),
              right,
              band.isEmpty()
                  ? ""
                  : String.format(Locale.ROOT, " (%d %%)", 100 * right / band.size())));
    }
    if (!all.isEmpty()) {
      double[] interval = interval();
      lines.add(
          String.format(
              Locale.ROOT,
              "expected calibration error %.3f (95 %% of %d draws: %.3f to %.3f)",
              error(all),
              DRAWS,
              interval[0],
              interval[1]));
    }
    return lines;
  }

  /** The expected calibration error, 0 to 1; 0 where there is no table. */
  double error() {
    return error(all);
  }

  private static double error(List<Said> some) {
    double[] said = new double[TENTHS];
    int[] right = new int[TENTHS];
    for (Said one : some) {
      int band = Math.min(TENTHS - 1, (int) (one.confidence() * TENTHS));
      said[band] += one.confidence();
      right[band] += one.right() ? 1 : 0;
    }
    double apart = 0;
    for (int band = 0; band < TENTHS; band++) {
      apart += Math.abs(said[band] - right[band]);
    }
    return some.isEmpty() ? 0 : apart / some.size();
  }

  /** The interval that holds the errors of most draws of as many tables. */
  private double[] interval() {
    Random random = new Random(1); // the same figures each time
    double[] errors = new double[DRAWS];
    for (int d = 0; d < DRAWS; d++) {
      List<Said> drawn = new ArrayList<>();
      for (int i = 0; i < all.size(); i++) {
        drawn.add(all.get(random.nextInt(all.size())));
      }
      errors[d] = error(drawn);
    }
    Arrays.sort(errors);
    int cut = (int) (OUTSIDE_INTERVAL * DRAWS);
    return new double[] {errors[cut], errors[DRAWS - 1 - cut]};
  }
}
