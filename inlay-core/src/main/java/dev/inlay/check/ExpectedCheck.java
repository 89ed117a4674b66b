package dev.inlay.check;

import dev.inlay.rows.DataSetPart;
import dev.inlay.rows.Evidence;
import dev.inlay.spec.CheckRule;
import java.util.List;
import java.util.Set;

/** Checks that some texts are all there. */
record ExpectedCheck(CheckRule.Expected rule) implements FileCheck {

  @Override
  public void make(DataSetPart part, CheckReport report) {
    if (part.rows().isEmpty()) {
      return;
    }
    report.asked(part.rows().size());
    List<String> missing = missing(rule, Rows.texts(part, rule.field()));
    if (!missing.isEmpty()) {
      String texts = String.join(", ", missing);
      Evidence evidence = Evidence.of(rule.field(), "", texts);
      report.say(
          new Flaw("missing: " + texts, evidence),
          part.rows().get(0).origin(),
          List.of(),
          part.records());
    }
  }

  /** The texts that are expected and not there. */
  static List<String> missing(CheckRule.Expected rule, Set<String> texts) {
    return rule.texts().stream().filter(t -> !texts.contains(t)).toList();
  }
}
