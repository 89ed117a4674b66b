package dev.inlay.spec;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.snakeyaml.engine.v2.nodes.Node;

/** Reads the checks of a data set. */
final class CheckReader {

  private static final List<String> KINDS =
      List.of("row", "sum", "count", "unique", "serial", "balance");

  private final Section section;

  CheckReader(Section section) {
    this.section = section;
  }

  List<CheckSpec> read() {
    List<CheckSpec> checks = new ArrayList<>();
    for (Node item : section.items("checks")) {
      Section one = Section.of(item, SpecKeys.CHECK, section.messages());
      List<String> kinds = KINDS.stream().filter(one::has).toList();
      if (kinds.size() != 1) {
        section.messages().add(item, "give one of " + String.join(", ", KINDS) + " here");
      } else {
        checks.add(check(one, kinds.get(0)));
      }
    }
    return checks;
  }

  private CheckSpec check(Section one, String word) {
    CheckSpec.Kind kind = CheckSpec.Kind.valueOf(word.toUpperCase(Locale.ROOT));
    Expression left = null;
    Expression right = null;
    if (kind == CheckSpec.Kind.ROW) {
      String[] sides = one.needed("row").split("==", -1);
      boolean equation = one.has("within") && sides.length == 2;
      if (one.has("within") && !equation) {
        one.messages().add(one.node(), "'within' needs an equation, as 'a * b == c'");
      }
      Node at = one.get("row").orElseThrow();
      left =
          one.read(at, equation ? sides[0].strip() : one.needed("row"), Expression::of)
              .orElse(null);
      right = equation ? one.read(at, sides[1].strip(), Expression::of).orElse(null) : null;
    }
    List<String> fields = new ArrayList<>();
    if (kind != CheckSpec.Kind.ROW && kind != CheckSpec.Kind.COUNT) {
      fields.addAll(one.texts(word));
    }
    if (kind == CheckSpec.Kind.BALANCE) {
      fields.add(one.needed("plus"));
    }
    boolean printed = kind == CheckSpec.Kind.SUM || kind == CheckSpec.Kind.COUNT;
    String is = printed ? one.needed("is") : "";
    return new CheckSpec(
        one.text("name").orElse(word + " " + String.join(", ", fields)),
        kind,
        left,
        right,
        one.read("within", CheckReader::amount).orElse(BigDecimal.ZERO),
        fields,
        one.texts("by"),
        is,
        one.choice("over", "file", "file", "batch").equals("batch"),
        one.choice("severity", "error", "note", "warning", "error"),
        effect(one));
  }

  private static BigDecimal amount(String text) {
    try {
      return new BigDecimal(text.strip());
    } catch (NumberFormatException e) {
      throw new IllegalArgumentException("'within' takes a number, not '" + text + "'", e);
    }
  }

  private static CheckSpec.Effect effect(Section one) {
    List<String> words =
        Arrays.stream(CheckSpec.Effect.values()).map(CheckSpec.Effect::words).toList();
    String word = one.choice("effect", "report", words);
    Optional<CheckSpec.Effect> effect =
        Arrays.stream(CheckSpec.Effect.values()).filter(e -> e.words().equals(word)).findFirst();
    return effect.orElse(CheckSpec.Effect.REPORT);
  }
}
