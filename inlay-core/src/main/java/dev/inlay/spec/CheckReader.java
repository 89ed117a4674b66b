package dev.inlay.spec;

import java.math.BigDecimal;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import org.snakeyaml.engine.v2.nodes.Node;

/** Reads the checks of a data set. */
final class CheckReader {

  private static final List<String> KINDS =
      Arrays.stream(CheckSpec.Kind.values()).map(CheckSpec.Kind::words).toList();

  private static final Set<CheckSpec.Kind> PRINTED =
      EnumSet.of(
          CheckSpec.Kind.SUM, CheckSpec.Kind.COUNT, CheckSpec.Kind.LOWEST, CheckSpec.Kind.HIGHEST);

  private static final Set<CheckSpec.Kind> LISTED =
      EnumSet.of(CheckSpec.Kind.LOOKUP, CheckSpec.Kind.EXPECTED);

  private static final Set<CheckSpec.Kind> BATCH =
      EnumSet.of(CheckSpec.Kind.ONE_FILE_EACH, CheckSpec.Kind.CHANGE);

  private final Section section;
  private final Path folder;

  /**
   * Prepares the reading.
   *
   * @param section the data set's
   * @param folder where lists of codes lie
   */
  CheckReader(Section section, Path folder) {
    this.section = section;
    this.folder = folder;
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
    CheckSpec.Kind kind = CheckSpec.Kind.valueOf(word.toUpperCase(Locale.ROOT).replace(' ', '_'));
    Sides sides = kind == CheckSpec.Kind.ROW ? sides(one) : Sides.NONE;
    List<String> fields = fields(one, kind, word);
    String is = "";
    if (PRINTED.contains(kind)) {
      is = one.needed("is");
    } else if (kind == CheckSpec.Kind.SAME) {
      is = one.choice("on", "file", "page", "table", "file");
    }
    boolean inShare = one.text("within").orElse("").strip().endsWith("%");
    if (inShare && kind != CheckSpec.Kind.CHANGE) {
      one.messages()
          .add(one.get("within").orElseThrow(), "'within' takes per cent with 'change' only");
    }
    boolean overBatch = one.choice("over", "file", "file", "batch").equals("batch");
    CheckSpec.Effect effect = effect(one);
    if (effect != CheckSpec.Effect.REPORT && (overBatch || BATCH.contains(kind))) {
      one.messages()
          .add(
              one.get("effect").orElseThrow(),
              "a check over all files holds no rows; leave it out");
    }
    return new CheckSpec(
        one.text("name").orElse(word + " " + String.join(", ", fields)),
        kind,
        sides.left(),
        sides.right(),
        one.read("within", CheckReader::amount).orElse(BigDecimal.ZERO),
        fields,
        one.texts("by"),
        is,
        overBatch,
        LISTED.contains(kind) ? values(one) : List.of(),
        inShare,
        one.choice("severity", "error", "note", "warning", "error"),
        effect);
  }

  /** The sides of an equation, or a condition alone. */
  private record Sides(Expression left, Expression right) {
    static final Sides NONE = new Sides(null, null);
  }

  private static Sides sides(Section one) {
    String[] sides = one.needed("row").split("==", -1);
    boolean equation = one.has("within") && sides.length == 2;
    if (one.has("within") && !equation) {
      one.messages().add(one.node(), "'within' needs an equation, as 'a * b == c'");
    }
    Node at = one.get("row").orElseThrow();
    String first = equation ? sides[0].strip() : one.needed("row");
    return new Sides(
        one.read(at, first, Expression::of).orElse(null),
        equation ? one.read(at, sides[1].strip(), Expression::of).orElse(null) : null);
  }

  private static List<String> fields(Section one, CheckSpec.Kind kind, String word) {
    List<String> fields = new ArrayList<>();
    if (kind != CheckSpec.Kind.ROW && kind != CheckSpec.Kind.COUNT) {
      fields.addAll(one.texts(word));
    }
    if (kind == CheckSpec.Kind.BALANCE) {
      fields.add(one.needed("plus"));
    }
    if (kind == CheckSpec.Kind.CHANGE) {
      fields.add(one.needed("along"));
      one.needed("within");
    }
    return fields;
  }

  /** The texts of a check that names them, or a list of them. */
  private List<String> values(Section one) {
    if (one.has("values") == one.has("in")) {
      one.messages().add(one.node(), "give either 'values' or 'in', a CSV file with them");
      return List.of();
    }
    return one.has("values")
        ? one.texts("values")
        : one.read("in", file -> CodeList.read(folder.resolve(file), one.text("column")))
            .orElse(List.of());
  }

  private static BigDecimal amount(String text) {
    String number = text.strip();
    try {
      return number.endsWith("%")
          ? new BigDecimal(number.substring(0, number.length() - 1).strip()).movePointLeft(2)
          : new BigDecimal(number);
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
