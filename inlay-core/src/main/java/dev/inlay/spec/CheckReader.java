package dev.inlay.spec;

import java.math.BigDecimal;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.snakeyaml.engine.v2.nodes.Node;

/** Reads the checks of a data set. */
final class CheckReader {

  private static final String WITHIN = "within";

  private static final String OVER = "over";
  private static final String RESULT = "result";

  /** Keys of every check. */
  private static final List<String> OF_ALL = List.of("name", "where", "severity", "effect");

  /** Kinds that ask what pages print or how files differ: the rows that are written do not say. */
  private static final Set<Class<? extends CheckRule>> NOT_OF_RESULT =
      Set.of(
          CheckRule.PrintedSums.class,
          CheckRule.SubtotalSums.class,
          CheckRule.Carried.class,
          CheckRule.Same.class,
          CheckRule.Pages.class,
          CheckRule.OneFileEach.class,
          CheckRule.Change.class);

  /** Reads the rule of one check. */
  private interface RuleReader {
    CheckRule read(Section one);
  }

  /**
   * A kind of check.
   *
   * @param more keys that say more of it; others would be passed over
   */
  private record Kind(RuleReader reader, List<String> more) {}

  /** The kinds of checks, by the key that tells each. */
  private final Map<String, Kind> kinds = new LinkedHashMap<>();

  /** A number of rows, or the least and the most of them, as "10 to 60". */
  private static final Pattern NUMBERS = Pattern.compile("(\\d{1,9})(?: to (\\d{1,9}))?");

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
    add("row", CheckReader::row, WITHIN);
    add("sum", CheckReader::sum, "is", "by", "of", "on", WITHIN);
    add("carried", o -> new CheckRule.Carried(o.needed("carried"), within(o)), WITHIN);
    add("count", CheckReader::count, "by", "is", OVER);
    add("unique", o -> new CheckRule.Unique(o.texts("unique"), overBatch(o)), OVER);
    add(
        "serial",
        o -> new CheckRule.Serial(o.needed("serial"), o.texts("by"), step(o)),
        "by",
        "step");
    add("rising", o -> new CheckRule.Rising(o.needed("rising"), o.texts("by")), "by");
    add("balance", CheckReader::balance, "plus", "by", WITHIN);
    add("pages", CheckReader::pages);
    add("lowest", o -> extreme(o, "lowest"), "by", "is", WITHIN);
    add("highest", o -> extreme(o, "highest"), "by", "is", WITHIN);
    add(
        "lookup",
        o -> new CheckRule.Lookup(o.needed("lookup"), values(o)),
        "values",
        "in",
        "column");
    add(
        "expected",
        o -> new CheckRule.Expected(o.needed("expected"), values(o), overBatch(o)),
        "values",
        "in",
        "column",
        OVER);
    add("same", o -> new CheckRule.Same(o.texts("same"), scope(o)), "on");
    add("one file each", o -> new CheckRule.OneFileEach(o.texts("one file each")));
    add("change", CheckReader::change, "along", "by", WITHIN);
  }

  private void add(String key, RuleReader reader, String... more) {
    kinds.put(key, new Kind(reader, List.of(more)));
  }

  List<CheckSpec> read() {
    List<CheckSpec> checks = new ArrayList<>();
    for (Node item : section.items("checks")) {
      Section one = Section.of(item, SpecKeys.CHECK, section.messages());
      List<String> reported = kinds.keySet().stream().filter(one::has).toList();
      if (reported.size() != 1) {
        section.messages().add(item, "give one of " + String.join(", ", kinds.keySet()) + " here");
      } else {
        checks.add(check(one, reported.get(0)));
      }
    }
    return checks;
  }

  /** A key that a check passes over would make it look stricter than it is. */
  private void reportIgnored(Section one, String kind) {
    for (Map.Entry<String, Node> entry : one.values().entrySet()) {
      String key = entry.getKey();
      boolean known = SpecKeys.CHECK.names().contains(key);
      boolean result = key.equals(OVER) && isOverResult(one);
      if (known
          && !result
          && !key.equals(kind)
          && !OF_ALL.contains(key)
          && !kinds.get(kind).more().contains(key)) {
        one.messages().add(entry.getValue(), "'" + key + "' means nothing with '" + kind + "'");
      }
    }
  }

  private CheckSpec check(Section one, String kind) {
    reportIgnored(one, kind);
    CheckRule rule = kinds.get(kind).reader().read(one);
    if (percent(one) && !(rule instanceof CheckRule.Change)) {
      one.messages()
          .add(one.get(WITHIN).orElseThrow(), "'within' takes per cent with 'change' only");
    }
    boolean overResult = isOverResult(one);
    if (overResult && NOT_OF_RESULT.contains(rule.getClass())) {
      one.messages()
          .add(
              one.get(OVER).orElseThrow(),
              "'over: result' asks the rows that are written; '"
                  + kind
                  + "' asks what pages print");
    }
    CheckSpec.Effect effect = effect(one);
    if (effect != CheckSpec.Effect.REPORT && (overResult || rule.overBatch())) {
      one.messages()
          .add(
              one.get("effect").orElseThrow(),
              "a check over all files holds no rows; leave it out");
    }
    // an expression is no name: findings say it anyway
    boolean named = List.of("row", "pages").contains(kind);
    String what = String.join(", ", one.texts(kind));
    String usualName = named || what.equals(kind) ? kind : kind + " " + what;
    return new CheckSpec(
        one.text("name").orElse(usualName),
        rule,
        one.expression("where"),
        one.choice("severity", "error", "note", "warning", "error"),
        effect,
        overResult);
  }

  private static CheckRule row(Section one) {
    Node at = one.get("row").orElseThrow();
    String text = one.needed("row");
    if (!one.has(WITHIN)) {
      return new CheckRule.Condition(expression(one, at, text));
    }
    String[] sides = text.split("==", -1);
    if (sides.length != 2) {
      one.messages().add(one.node(), "'within' needs an equation, as 'a * b == c'");
      return new CheckRule.Condition(expression(one, at, text));
    }
    return new CheckRule.Equation(
        expression(one, at, sides[0].strip()), expression(one, at, sides[1].strip()), within(one));
  }

  /** Where it is none, that is reported, and the spec is not used. */
  private static Expression expression(Section one, Node at, String text) {
    return one.read(at, text, Expression::of).orElseGet(() -> Expression.of("true"));
  }

  private static CheckRule sum(Section one) {
    String field = one.needed("sum");
    String is = one.needed("is");
    List<String> by = one.texts("by");
    boolean totals = is.equals("totals");
    boolean onPage = one.has("on") && scope(one) == CheckRule.Scope.PAGE;
    if (one.choice("of", "rows", "rows", "subtotals").equals("subtotals")) {
      if (!totals) {
        one.messages().add(one.node(), "a sum 'of: subtotals' is held against 'is: totals'");
      }
      return new CheckRule.SubtotalSums(field, within(one));
    }
    return totals || is.equals("subtotals")
        ? new CheckRule.PrintedSums(field, totals, by, onPage, within(one))
        : new CheckRule.GroupSum(field, by, is, within(one));
  }

  private static CheckRule balance(Section one) {
    String amount = one.needed("plus");
    Node at = one.get("plus").orElse(one.node());
    return new CheckRule.Balance(
        one.needed("balance"), expression(one, at, amount), one.texts("by"), within(one));
  }

  private static CheckRule pages(Section one) {
    TextPattern pattern = one.pattern("pages").orElseGet(() -> TextPattern.of("()"));
    if (pattern.groupCount() == 0) {
      one.messages()
          .add(
              one.get("pages").orElseThrow(),
              "'pages' needs a group for the number, as 'Page (\\d+) of (\\d+)'");
    }
    return new CheckRule.Pages(pattern);
  }

  private static CheckRule count(Section one) {
    String counted = one.needed("count");
    String of = counted.equals("rows") ? "" : counted;
    String is = one.needed("is");
    Matcher number = NUMBERS.matcher(is);
    if (!number.matches()) {
      if (overBatch(one)) {
        one.messages().add(one.node(), "'count' over the batch is held against a number");
      }
      return new CheckRule.Count(of, one.texts("by"), is, Optional.empty(), overBatch(one));
    }
    int least = Integer.parseInt(number.group(1));
    int most = number.group(2) == null ? least : Integer.parseInt(number.group(2));
    if (most < least) {
      one.messages().add(one.get("is").orElseThrow(), "'" + is + "' ends before it begins");
    }
    CheckRule.Range range = new CheckRule.Range(least, most);
    return new CheckRule.Count(of, one.texts("by"), "", Optional.of(range), overBatch(one));
  }

  /** By how much numbers rise from row to row; 1 where nothing is said. */
  private static BigDecimal step(Section one) {
    return one.read("step", CheckReader::step).orElse(BigDecimal.ONE);
  }

  private static BigDecimal step(String text) {
    BigDecimal step = amount("step", text);
    if (step.signum() == 0) {
      throw new IllegalArgumentException("'step' is how far numbers are apart, and not 0");
    }
    return step;
  }

  private static CheckRule extreme(Section one, String word) {
    return new CheckRule.Extreme(
        word.equals("lowest"), one.needed(word), one.texts("by"), one.needed("is"), within(one));
  }

  private static CheckRule change(Section one) {
    one.needed(WITHIN);
    return new CheckRule.Change(
        one.needed("change"), one.needed("along"), one.texts("by"), within(one), percent(one));
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

  private static boolean overBatch(Section one) {
    return over(one).equals("batch");
  }

  private static boolean isOverResult(Section one) {
    return one.has(OVER) && over(one).equals(RESULT);
  }

  private static String over(Section one) {
    return one.choice(OVER, "file", "file", "batch", RESULT);
  }

  private static CheckRule.Scope scope(Section one) {
    String word = one.choice("on", "file", "page", "table", "file");
    return CheckRule.Scope.valueOf(word.toUpperCase(Locale.ROOT));
  }

  private static boolean percent(Section one) {
    return one.text(WITHIN).orElse("").strip().endsWith("%");
  }

  private static BigDecimal within(Section one) {
    return one.read(WITHIN, t -> amount(WITHIN, t)).orElse(BigDecimal.ZERO);
  }

  private static BigDecimal amount(String key, String text) {
    String number = text.strip();
    try {
      return number.endsWith("%")
          ? new BigDecimal(number.substring(0, number.length() - 1).strip()).movePointLeft(2)
          : new BigDecimal(number);
    } catch (NumberFormatException e) {
      throw new IllegalArgumentException("'" + key + "' takes a number, not '" + text + "'", e);
    }
  }

  private static CheckSpec.Effect effect(Section one) {
    List<CheckSpec.Effect> effects = Arrays.asList(CheckSpec.Effect.values());
    List<String> words = effects.stream().map(CheckSpec.Effect::words).toList();
    return effects.get(words.indexOf(one.choice("effect", "report", words)));
  }
}
