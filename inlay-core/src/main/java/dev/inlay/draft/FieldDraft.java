package dev.inlay.draft;

import dev.inlay.draft.LabelValues.Labelled;
import dev.inlay.draft.LabelValues.Scope;
import dev.inlay.draft.Layout.LayoutColumn;
import dev.inlay.draft.VaryingLines.Varying;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Writes the fields of one data set of a draft: where they come from, and of what type. */
final class FieldDraft {

  private static final int MOST_EXAMPLES = 3;

  private final DraftSamples samples;
  private final Corrections corrections;
  private final int set;
  private final Layout layout;
  private final YamlText yaml;
  private final int depth;
  private final Set<String> fields = new LinkedHashSet<>();

  /**
   * The fields of a data set.
   *
   * @param set its number, from 0
   * @param depth how deep the lines of fields stand in the spec
   */
  FieldDraft(DraftSamples samples, Corrections corrections, int set, YamlText yaml, int depth) {
    this.samples = samples;
    this.corrections = corrections;
    this.set = set;
    this.layout = samples.layouts().get(set);
    this.yaml = yaml;
    this.depth = depth;
  }

  /** Writes those of its columns. */
  void columns() {
    layout.columns().forEach(this::column);
  }

  private void column(LayoutColumn column) {
    String field = FieldNames.of(column.path(), fields, layout.columns());
    List<String> texts = column.textsByFile().stream().flatMap(List::stream).toList();
    ColumnGuess guess =
        corrected(
            ColumnGuess.of(column.textsByFile(), samples.decimal())
                .called(
                    String.join(" ", column.path()),
                    texts.stream().filter(t -> !t.isEmpty()).toList()),
            field);
    List<String> parts = new ArrayList<>();
    if (column.path().isEmpty()) {
      parts.add("position: " + (layout.columns().indexOf(column) + 1));
    } else {
      parts.add("from: " + wordings(column));
    }
    parts.addAll(guess.parts());
    String remark = guess.remark();
    if (!guess.nothing().isEmpty() && corrections.takesBlankForZero(set, field)) {
      parts.add("default: \"0\"");
      remark += "; the balance shows that '" + guess.nothing().get(0) + "' means 0";
    }
    if (layout.goesOnDown(column)) {
      parts.add("fill down: yes");
    }
    if (column.files().size() < layout.tables().size()) {
      parts.add("optional: yes");
      remark += "; not in all files: only in " + String.join(", ", column.files());
    }
    for (Map.Entry<String, List<String>> other : column.reworded().entrySet()) {
      remark +=
          "; '" + other.getKey() + "' is its heading in " + String.join(", ", other.getValue());
    }
    boolean plain = parts.size() == 1 && !column.path().isEmpty() && column.wordings().size() == 1;
    String value = plain ? wordings(column) : "{" + String.join(", ", parts) + "}";
    yaml.line(depth, field + ": " + value + "  # " + remark);
  }

  /** The guess, or text where the draft has been tried and a value did not fit it. */
  private ColumnGuess corrected(ColumnGuess guess, String field) {
    return corrections
        .asText(set, field)
        .map(why -> guess.asText("; read as text, since " + why))
        .orElse(guess);
  }

  private static String wordings(LayoutColumn column) {
    List<String> quoted = column.wordings().stream().map(YamlText::quoted).toList();
    return quoted.size() == 1 ? quoted.get(0) : "[" + String.join(", ", quoted) + "]";
  }

  /** Writes the values outside its columns. */
  void values() {
    List<Labelled> labelled = samples.labelled();
    List<Varying> varying =
        samples
            .lines()
            .varying(
                samples.files().get(0).firstTop(samples.blocks()::contains), layout.firstTitles())
            .stream()
            .filter(v -> !fields.contains(v.name()))
            .filter(v -> labelled.stream().noneMatch(l -> l.values().equals(v.values())))
            .toList();
    List<String> below = subtitles(labelled);
    yaml.line(depth, FieldNames.ofLabel("file", fields) + ": {origin: file}");
    List<String> titles = layout.titlesInOneFile();
    if (titles.size() > 1) {
      yaml.line(
          depth,
          FieldNames.ofLabel("title", fields)
              + ": {origin: title}  # "
              + String.join("; ", titles)
              + "; 'table: TITLE' at the top takes one of them");
    }
    for (Labelled value : labelled) {
      String field = FieldNames.ofLabel(value.label(), fields);
      String scope = value.scope() == Scope.FILE ? "" : ", per: " + value.scope().word();
      String beside = "beside: " + YamlText.quoted(value.label()) + scope;
      value(field, beside, value.label(), value.values());
    }
    for (Varying value : varying) {
      String pattern = "pattern: " + YamlText.doubleQuoted(value.pattern());
      value(value.name(), pattern, value.name(), value.values());
    }
    if (!below.isEmpty()) {
      String field = FieldNames.ofLabel("subtitle", fields);
      String where = "below: " + YamlText.quoted(samples.lines().title().orElseThrow());
      value(field, where, field, below);
    }
  }

  /** The lines below the title, file by file; none where they hold values that have a label. */
  private List<String> subtitles(List<Labelled> labelled) {
    List<String> below = samples.lines().belowTitle();
    boolean known =
        labelled.stream()
            .flatMap(l -> l.values().stream())
            .anyMatch(v -> !v.isEmpty() && below.stream().anyMatch(b -> b.contains(v)));
    return known ? List.of() : below;
  }

  private void value(String field, String where, String label, List<String> values) {
    List<String> seen = values.stream().filter(v -> !v.isEmpty()).toList();
    ColumnGuess guess =
        corrected(ColumnGuess.of(List.of(seen), samples.decimal()).called(label, seen), field);
    List<String> parts = new ArrayList<>(List.of(where));
    parts.addAll(guess.parts());
    if (seen.size() < values.size()) {
      parts.add("optional: yes");
    }
    String why =
        guess.remark().contains("; read as text") ? guess.remark().replaceFirst("^[^;]*", "") : "";
    String shown = String.join("; ", seen.stream().distinct().limit(MOST_EXAMPLES).toList());
    yaml.line(depth, field + ": {" + String.join(", ", parts) + "}  # " + shown + why);
  }
}
