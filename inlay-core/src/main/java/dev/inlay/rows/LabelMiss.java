package dev.inlay.rows;

import dev.inlay.spec.Wording;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Finds the texts that come nearest to a label which stands nowhere. */
final class LabelMiss {

  private static final double LEAST_ALIKE = 0.5;
  private static final int MOST_TOLD = 3;

  private LabelMiss() {}

  /** The nearest phrases of as many words, with how alike they are, as texts to tell. */
  static List<String> nearest(String label, List<PageLine> lines) {
    record Miss(double alike, String words) {}

    int words = label.strip().split("\\s+").length;
    List<Miss> misses = new ArrayList<>();
    for (PageLine line : lines) {
      Miss best = null;
      for (int at = 0; at + words <= line.words().size(); at++) {
        List<String> phrase =
            line.words().subList(at, at + words).stream().map(PageLine.LineWord::text).toList();
        double alike = Wording.similarity(label, String.join(" ", phrase));
        if (alike >= LEAST_ALIKE && (best == null || alike > best.alike())) {
          String quoted = RuleUses.quote(line.text(), line.page());
          best = new Miss(alike, quoted + ": " + TableFit.percent(alike) + " alike");
        }
      }
      if (best != null) {
        misses.add(best);
      }
    }
    return misses.stream()
        .sorted(Comparator.comparingDouble(Miss::alike).reversed())
        .map(Miss::words)
        .distinct()
        .limit(MOST_TOLD)
        .toList();
  }
}
