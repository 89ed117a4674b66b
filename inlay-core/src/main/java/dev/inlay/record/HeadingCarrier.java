package dev.inlay.record;

import dev.inlay.spec.HeadingRule;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Carries headings among the rows into fields of the rows below. */
final class HeadingCarrier {

  private final List<HeadingRule> rules;
  private final Map<String, Raw> carried = new HashMap<>();

  HeadingCarrier(List<HeadingRule> rules) {
    this.rules = rules;
  }

  /** What the rows below get. */
  Map<String, Raw> carried() {
    return carried;
  }

  /** Forgets what was carried. */
  void clear() {
    carried.clear();
  }

  /**
   * Takes a text that may be a heading.
   *
   * @param level how deep it lies where the table says that it is a heading, else -1: then only
   *     patterns tell
   * @return whether a rule took it
   */
  boolean take(Raw text, int level) {
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
    return false;
  }

  private void set(int rule, Map<String, String> taken, Raw text) {
    for (HeadingRule deeper : rules.subList(rule, rules.size())) {
      deeper.fields().forEach(carried::remove);
    }
    taken.forEach((field, part) -> carried.put(field, text.with(part)));
  }
}
