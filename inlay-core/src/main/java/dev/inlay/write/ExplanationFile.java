package dev.inlay.write;

import dev.inlay.extract.Explanation;
import dev.inlay.model.Decision;
import dev.inlay.model.Reason;
import dev.inlay.model.RulingExtent;
import dev.inlay.model.Table;
import dev.inlay.model.TableFrame;
import java.io.OutputStream;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import tools.jackson.core.JsonGenerator;

/** Writes why tables are read as they are, as text or as JSON. */
public final class ExplanationFile {

  private static final String FORMAT = "inlay-explanation/1";

  /** Lines this near above and below a table are shown with it, in points. */
  private static final double REACH = 24;

  /** How many reasons are shown of one decision. */
  private static final int MOST_REASONS = 3;

  /** How many signs are shown for a table, and as many against it. */
  private static final int MOST_SIGNS = 5;

  private static final int TEXT_WIDTH = 46;

  /** A decision that is less sure than this is shown with its reasons. */
  private static final double SURE = 0.95;

  private final Explanation explanation;

  /** Prepares writing. */
  public ExplanationFile(Explanation explanation) {
    this.explanation = explanation;
  }

  /**
   * A table: how sure it is, where it goes on, and what its lines and those around it are read as.
   */
  public List<String> text(Table table) {
    List<String> lines = new ArrayList<>();
    lines.add(table.id() + "  " + table.title().orElse("(no title)"));
    addTable(explanation.ofTable(table), lines);
    List<TableFrame> frames = table.frames();
    for (TableFrame frame : frames) {
      for (Decision link : explanation.on(frame.page(), Decision.Question.CONTINUATION)) {
        boolean here =
            link.place().isEmpty() || link.place().filter(b -> b.meets(frame.box())).isPresent();
        if (here) {
          lines.add("  page " + frame.page() + ": " + ruleOf(link));
        }
      }
    }
    for (TableFrame frame : frames) {
      lines.add("");
      lines.add("  page " + frame.page() + ", " + cells(frame.rulings()));
      explanation.on(frame.page(), Decision.Question.HEADER_ROWS).stream()
          .filter(d -> Explanation.isAt(d, frame, 0))
          .forEach(d -> addHeaderRows(d, lines));
      explanation.on(frame.page(), Decision.Question.STRIPS).stream()
          .filter(d -> Explanation.isAt(d, frame, 0))
          .forEach(d -> addStrip(d, lines));
      addLines(d -> Explanation.isAt(d, frame, REACH), frame.page(), lines);
    }
    lines.add("");
    return lines;
  }

  private static String chosen(Decision decision) {
    return decision.chosen() + " " + percent(decision.probability());
  }

  private static String runnerUp(Decision decision) {
    return decision.runnerUp() + " " + percent(decision.runnerUpProbability());
  }

  private static void addStrip(Decision decision, List<String> lines) {
    double left = decision.place().orElseThrow().left();
    lines.add(
        String.format(Locale.ROOT, "  the white at %.1f, ", left)
            + DisplayWidth.cut(decision.subject(), TEXT_WIDTH)
            + ", "
            + chosen(decision)
            + ", or "
            + runnerUp(decision));
    reasonsOf(decision).forEach(r -> lines.add("    " + r));
  }

  private static void addHeaderRows(Decision decision, List<String> lines) {
    boolean rival = decision.runnerUpProbability() >= 0.005;
    lines.add("  " + chosen(decision) + (rival ? ", or " + runnerUp(decision) : ""));
    if (rival) {
      reasonsOf(decision).forEach(r -> lines.add("    " + r));
    }
  }

  /** All lines of a page. */
  public List<String> text(int page) {
    List<String> lines = new ArrayList<>();
    lines.add("page " + page);
    for (Decision link : explanation.on(page, Decision.Question.CONTINUATION)) {
      lines.add("  " + ruleOf(link));
    }
    explanation.on(page, Decision.Question.STRIPS).forEach(d -> addStrip(d, lines));
    addLines(d -> true, page, lines);
    lines.add("");
    return lines;
  }

  private static String cells(RulingExtent rulings) {
    return switch (rulings) {
      case FULL -> "rulings part all rows and columns";
      case PART -> "rulings part some rows or columns, white the others";
      case NONE -> "white parts rows and columns";
    };
  }

  private static void addTable(Decision right, List<String> lines) {
    lines.add("  " + right.chosen() + ": " + percent(right.probability()));
    List<Reason> all = right.reasons();
    String pro = words(all.stream().filter(r -> r.weight() > 0), MOST_SIGNS);
    String contra = words(all.stream().filter(r -> r.weight() < 0), MOST_SIGNS);
    if (!pro.isEmpty()) {
      lines.add("    for it      " + pro);
    }
    if (!contra.isEmpty()) {
      lines.add("    against it  " + contra);
    }
  }

  private void addLines(Predicate<Decision> shown, int page, List<String> lines) {
    TextColumns columns = new TextColumns("><<><");
    columns.add("top", "line", "read as", "sure", "or");
    List<List<String>> below = new ArrayList<>();
    below.add(List.of());
    String before = "";
    for (Decision decision : decisionsOn(page, shown)) {
      if (decision.question() != Decision.Question.LINE) {
        String what = decision.question().name().toLowerCase(Locale.ROOT);
        below.get(below.size() - 1).addAll(placed(what, decision));
        continue;
      }
      boolean other = decision.runnerUpProbability() >= 0.005;
      columns.add(
          String.format(Locale.ROOT, "%.1f", decision.place().orElseThrow().top()),
          DisplayWidth.cut(decision.subject(), TEXT_WIDTH),
          decision.chosen(),
          percent(decision.probability()),
          other ? runnerUp(decision) : "");
      boolean changes = !decision.chosen().equals(before);
      before = decision.chosen();
      List<String> why = new ArrayList<>();
      if (changes || decision.probability() < SURE) {
        why.addAll(decision.runnerUp().isEmpty() ? List.of() : reasonsOf(decision));
      }
      below.add(why);
    }
    List<String> rows = columns.lines("  ", 0);
    for (int i = 0; i < rows.size(); i++) {
      lines.add(rows.get(i));
      below.get(i).forEach(why -> lines.add("             " + why));
    }
  }

  /** The decisions about lines, each with those about its headings or texts behind it. */
  private List<Decision> decisionsOn(int page, Predicate<Decision> shown) {
    List<Decision> all = new ArrayList<>();
    List<Decision> placed = new ArrayList<>(explanation.on(page, Decision.Question.HEADINGS));
    placed.addAll(explanation.on(page, Decision.Question.TEXTS));
    for (Decision line : explanation.on(page, Decision.Question.LINE)) {
      if (shown.test(line)) {
        all.add(line);
        placed.stream().filter(p -> p.place().equals(line.place())).forEach(all::add);
      }
    }
    return all;
  }

  /** Which columns headings or a text stand over. */
  private static List<String> placed(String what, Decision decision) {
    List<String> lines = new ArrayList<>();
    lines.add(what + " " + decision.chosen() + "   " + percent(decision.probability()));
    if (decision.probability() < SURE && !decision.runnerUp().isEmpty()) {
      lines.add(
          "or"
              + " ".repeat(what.length() - 1)
              + decision.runnerUp()
              + "   "
              + percent(decision.runnerUpProbability()));
      lines.addAll(reasonsOf(decision));
    }
    return lines;
  }

  /** The weightiest reasons for the answer taken, and below them the weightiest against it. */
  private static List<String> reasonsOf(Decision decision) {
    List<String> lines = new ArrayList<>();
    String pro = words(decision.reasons().stream().filter(r -> r.weight() > 0), MOST_REASONS);
    String contra = words(decision.reasons().stream().filter(r -> r.weight() < 0), 1);
    if (!pro.isEmpty()) {
      lines.add("because  " + pro);
    }
    if (!contra.isEmpty()) {
      lines.add("but      " + contra);
    }
    return lines;
  }

  private static String ruleOf(Decision decision) {
    return decision.chosen() + ": " + decision.reasons().get(0).name();
  }

  private static String words(Stream<Reason> reasons, int most) {
    return reasons
        .limit(most)
        .map(r -> r.name() + String.format(Locale.ROOT, " %+.1f", r.weight()))
        .collect(Collectors.joining("; "));
  }

  private static String percent(double probability) {
    return Math.round(100 * probability) + " %";
  }

  /** Writes JSON of the form {@code inlay-explanation/1} and leaves the stream open. */
  public void json(OutputStream out, Predicate<Decision> wanted) {
    JsonOutput.write(
        out,
        json -> {
          json.writeStringProperty("format", FORMAT);
          json.writeStringProperty("file", explanation.document().fileName());
          json.writeArrayPropertyStart("decisions");
          explanation.decisions().stream().filter(wanted).forEach(d -> write(d, json));
          json.writeEndArray();
        });
  }

  private static void write(Decision decision, JsonGenerator json) {
    JsonOutput.newLine(json, " ");
    json.writeStartObject();
    json.writeStringProperty("question", decision.question().name().toLowerCase(Locale.ROOT));
    json.writeNumberProperty("page", decision.page());
    decision.place().ifPresent(box -> JsonOutput.box(json, box));
    json.writeStringProperty("subject", decision.subject());
    json.writeStringProperty("chosen", decision.chosen());
    json.writeNumberProperty("probability", rounded(decision.probability()));
    if (!decision.runnerUp().isEmpty()) {
      json.writeStringProperty("runnerUp", decision.runnerUp());
      json.writeNumberProperty("runnerUpProbability", rounded(decision.runnerUpProbability()));
      json.writeNumberProperty("margin", rounded(decision.margin()));
    }
    json.writeArrayPropertyStart("reasons");
    for (Reason reason : decision.reasons()) {
      json.writeStartObject();
      json.writeStringProperty("name", reason.name());
      json.writeNumberProperty("weight", rounded(reason.weight()));
      json.writeEndObject();
    }
    json.writeEndArray();
    json.writeEndObject();
  }

  private static BigDecimal rounded(double value) {
    return BigDecimal.valueOf(Math.round(1000 * value), 3);
  }
}
