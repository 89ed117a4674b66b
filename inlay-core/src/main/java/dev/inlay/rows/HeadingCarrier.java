package dev.inlay.rows;

import dev.inlay.spec.HeadingRule;
import dev.inlay.text.Continued;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Carries headings among the rows into fields of the rows below. */
final class HeadingCarrier {

  private final List<HeadingRule> rules;
  private final Map<String, PrintedText> carried = new HashMap<>();

  private final RuleUses uses;
  private final List<NearMiss> nearMisses = new ArrayList<>();

  HeadingCarrier(List<HeadingRule> rules, RuleUses uses) {
    this.rules = rules;
    this.uses = uses;
    rules.forEach(r -> uses.name(name(r)));
    rules.forEach(r -> nearMisses.add(r.pattern() == null ? null : new NearMiss(r.pattern())));
  }

  private static String name(HeadingRule rule) {
    return "heading " + String.join(", ", rule.fields());
  }

  /** What the rows below get. */
  Map<String, PrintedText> carried() {
    return carried;
  }

  /** Forgets what was carried. */
  void clear() {
    carried.clear();
  }

  /**
   * Takes a text that may be a heading; that it began on a page before is no part of it.
   *
   * @param level how deep it lies where the table says that it is a heading, else -1: then only
   *     patterns tell
   * @return whether a rule took it
   */
  boolean take(PrintedText printed, int level) {
    PrintedText text = printed.with(Continued.without(printed.text()));
    int plainRules = (int) rules.stream().filter(r -> r.pattern() == null).count();
    int plain = 0;
    for (int i = 0; i < rules.size(); i++) {
      HeadingRule rule = rules.get(i);
      if (rule.pattern() == null) {
        plain++;
        // headings deeper than there are rules go to the last one
        if (level >= 0 && (level == plain - 1 || level >= plain && plain == plainRules)) {
          set(i, Map.of(rule.fields().get(0), text.text()), text);
          return true;
        }
      } else {
        Optional<Map<String, String>> groups = rule.pattern().whole(text.text());
        if (groups.isPresent()) {
          Map<String, String> taken = new HashMap<>(groups.get());
          List<String> whole = new ArrayList<>(rule.fields());
          whole.removeAll(groups.get().keySet());
          whole.forEach(f -> taken.put(f, text.text()));
          set(i, taken, text);
          return true;
        }
      }
    }
    if (level >= 0) {
      reportNearly(text);
    }
    return false;
  }

  /** What the table shows as a heading, and no pattern meets. */
  private void reportNearly(PrintedText text) {
    for (int i = 0; i < rules.size(); i++) {
      String rule = name(rules.get(i));
      if (nearMisses.get(i) != null && uses.wantsMisses(rule)) {
        String why = nearMisses.get(i).atBeginning(text.text()).orElse("");
        uses.missed(rule, RuleUses.quote(text.text(), text.origin().orElseThrow().page()), why);
      }
    }
  }

  private void set(int rule, Map<String, String> taken, PrintedText text) {
    text.origin().ifPresent(o -> uses.took(name(rules.get(rule)), text.text(), o.page()));
    for (HeadingRule deeper : rules.subList(rule, rules.size())) {
      deeper.fields().forEach(carried::remove);
    }
    taken.forEach((field, part) -> carried.put(field, text.with(part)));
  }
}
