package dev.inlay.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;

/**
 * What each warning is worth: how many tables have it and how many of these are wrong, and the same
 * of tables that have no other.
 */
final class WarningWorth {

  private static final class Count {
    private int tables;
    private int wrong;
    private int alone;
    private int wrongAlone;

    private void add(boolean isWrong, boolean isAlone) {
      tables++;
      wrong += isWrong ? 1 : 0;
      alone += isAlone ? 1 : 0;
      wrongAlone += isAlone && isWrong ? 1 : 0;
    }
  }

  private final Map<String, Count> byCode = new TreeMap<>();

  void add(TableScore table) {
    for (String code : table.warnings()) {
      byCode
          .computeIfAbsent(code, c -> new Count())
          .add(!table.perfect(), table.warnings().size() == 1);
    }
  }

  /** A heading, and a line for each warning. */
  List<String> lines() {
    List<String> lines = new ArrayList<>();
    lines.add("                   tables   wrong   alone   wrong");
    byCode.forEach(
        (code, count) ->
            lines.add(
                String.format(
                    Locale.ROOT,
                    "%-18s %6d  %6d  %6d  %6d",
                    code,
                    count.tables,
                    count.wrong,
                    count.alone,
                    count.wrongAlone)));
    return lines;
  }
}
