package dev.inlay.spec;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.snakeyaml.engine.v2.nodes.MappingNode;
import org.snakeyaml.engine.v2.nodes.Node;

/** Reads which rows are left out. */
final class LeaveOutReader {

  /** What {@code leave out} may name, with the kinds of rows it means. */
  private static final Map<String, String> KINDS =
      Map.of(
          "totals", "total",
          "subtotals", "subtotal",
          "headings", "group",
          "notes", "note",
          "blank rows", "blank");

  /** What is left out where a spec says nothing: rows that are no records. */
  private static final List<String> USUALLY_LEFT_OUT =
      List.of("subtotals", "totals", "headings", "notes");

  private final Section section;
  private final Messages messages;

  LeaveOutReader(Section section) {
    this.section = section;
    messages = section.messages();
  }

  List<LeaveOutRule> read() {
    List<LeaveOutRule> rules = new ArrayList<>();
    if (!section.has("leave out")) {
      USUALLY_LEFT_OUT.forEach(k -> rules.add(LeaveOutRule.ofKind(k, KINDS.get(k))));
      return rules;
    }
    for (Node item : section.items("leave out")) {
      if (item instanceof MappingNode) {
        rules.add(leaveOut(Section.of(item, SpecKeys.LEAVE_OUT, messages)));
      } else {
        String word = section.textOf(item, "'leave out'");
        if (KINDS.containsKey(word)) {
          rules.add(LeaveOutRule.ofKind(word, KINDS.get(word)));
        } else {
          messages.add(item, unknownKind(word));
        }
      }
    }
    return rules;
  }

  private static String unknownKind(String word) {
    return "'"
        + word
        + "' is no kind of row"
        + Wording.nearest(word, KINDS.keySet())
            .map(k -> "; probably '" + k + "'")
            .orElse(
                "; one of totals, subtotals, headings, notes, blank rows, or a rule as {name: small"
                    + " catches, where: boxes < 3}");
  }

  private LeaveOutRule leaveOut(Section one) {
    LeaveOutRule rule =
        new LeaveOutRule(
            one.needed("name"),
            Optional.empty(),
            one.expression("where"),
            one.pattern("text"),
            one.pattern("before"),
            one.pattern("after"));
    boolean says = one.has("where") || one.has("text") || one.has("before") || one.has("after");
    if (!says) {
      messages.add(one.node(), "say which rows: 'where', 'text', 'before' or 'after'");
    }
    return rule;
  }
}
