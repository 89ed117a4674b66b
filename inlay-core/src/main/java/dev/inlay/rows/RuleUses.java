package dev.inlay.rows;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Gathers what the rules of a spec take, and what they nearly take. */
final class RuleUses {

  private static final int MOST_MISSES = 3;

  private final Map<String, Integer> taken = new LinkedHashMap<>();
  private final Map<String, String> examples = new LinkedHashMap<>();
  private final Map<String, List<String>> misses = new LinkedHashMap<>();

  /** Names a rule, so that it is reported even where it takes nothing. */
  void name(String rule) {
    taken.putIfAbsent(rule, 0);
  }

  /** Notes that a rule took a text on a page. */
  void took(String rule, String text, int page) {
    taken.merge(rule, 1, Integer::sum);
    examples.putIfAbsent(rule, quote(text, page));
  }

  /** Whether more near misses of a rule are kept, so that finding one is worth its time. */
  boolean wantsMisses(String rule) {
    return misses.getOrDefault(rule, List.of()).size() < MOST_MISSES;
  }

  /** Notes a text that a rule nearly took; only the first few are kept. */
  void missed(String rule, String text, String why) {
    List<String> list = misses.computeIfAbsent(rule, r -> new ArrayList<>());
    String miss = text + (why.isEmpty() ? "" : ": " + why);
    if (wantsMisses(rule) && !list.contains(miss)) {
      list.add(miss);
    }
  }

  boolean tookNothing(String rule) {
    return taken.getOrDefault(rule, 0) == 0;
  }

  static String quote(String text, int page) {
    return "'" + text + "', page " + page;
  }

  /** All of it, in the order in which the rules were named. */
  List<RuleUse> all() {
    List<RuleUse> all = new ArrayList<>();
    taken.forEach(
        (rule, count) ->
            all.add(
                new RuleUse(
                    rule,
                    count,
                    examples.getOrDefault(rule, ""),
                    misses.getOrDefault(rule, List.of()))));
    return all;
  }
}
