package dev.inlay.draft;

import dev.inlay.draft.LabelValues.Labelled;
import dev.inlay.draft.Layout.LayoutColumn;
import dev.inlay.draft.VaryingLines.Varying;
import dev.inlay.model.RowKind;
import dev.inlay.model.Table;
import dev.inlay.rows.TableTexts;
import dev.inlay.rows.TypeTrial;
import java.util.ArrayList;
import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;

/** Writes a first spec from sample files of one kind. */
public final class SpecDraft {

  private static final int MOST_EXAMPLES = 3;

  private final List<SampleFile> files;
  private final List<Layout> layouts = new ArrayList<>();
  private final List<Layout> rare = new ArrayList<>();
  private final VaryingLines lines;
  private final YamlText yaml = new YamlText();
  private final Optional<Character> decimal;

  /** Fields that are read as text since a value of theirs is of no other type, and that value. */
  private final Map<String, String> asText;

  /** Tables that are blocks of labels and values. */
  private final Set<Table> blocks = Collections.newSetFromMap(new IdentityHashMap<>());

  private SpecDraft(List<SampleFile> files, Map<String, String> asText) {
    this.files = files;
    this.asText = asText;
    List<Layout> found = Layout.of(files);
    boolean others = found.stream().anyMatch(l -> !l.isBlockOfLabels());
    for (Layout layout : found) {
      if (others && layout.isBlockOfLabels()) {
        blocks.addAll(layout.all());
      } else {
        (2 * layout.tables().size() > files.size() ? layouts : rare).add(layout);
      }
    }
    lines = new VaryingLines(files);
    List<List<String>> texts = new ArrayList<>();
    layouts.forEach(l -> l.columns().forEach(c -> texts.addAll(c.textsByFile())));
    decimal = TypeTrial.decimalMark(texts);
  }

  /**
   * A spec as text, with comments that say what was seen and what is open to choice.
   *
   * @param files at least one
   * @throws IllegalArgumentException where no table is common to most of them
   */
  public static String of(List<SampleFile> files) {
    Map<String, String> asText = new TreeMap<>();
    SpecDraft draft = new SpecDraft(files, asText);
    if (draft.layouts.isEmpty()) {
      throw new IllegalArgumentException(
          "no table is common to most of the files; inlay survey shows what they hold");
    }
    String text = draft.text();
    DraftTrial trial = DraftTrial.of(text, files, draft.blocks);
    while (!asText.keySet().containsAll(trial.unread().keySet())) {
      trial.unread().forEach(asText::putIfAbsent);
      draft = new SpecDraft(files, asText);
      text = draft.text();
      trial = DraftTrial.of(text, files, draft.blocks);
    }
    return withOutcome(draft.withChecks(text), trial);
  }

  /** Says at the top what the draft reads from its own samples. */
  private static String withOutcome(String text, DraftTrial trial) {
    StringBuilder outcome = new StringBuilder("# It reads ");
    outcome.append(trial.accepted()).append(trial.accepted() == 1 ? " row" : " rows");
    outcome.append(" from them, and holds ").append(trial.held() == 0 ? "none" : trial.held());
    outcome.append(".\n");
    int reported = Math.min(MOST_EXAMPLES, trial.notTaken().size());
    trial.notTaken().subList(0, reported).forEach(t -> outcome.append("# ").append(t).append('\n'));
    if (trial.notTaken().size() > reported) {
      int more = trial.notTaken().size() - reported;
      outcome.append("# ").append(more).append(" more tables were not taken.\n");
    }
    int second = text.indexOf('\n') + 1;
    return text.substring(0, second) + outcome + text.substring(second);
  }

  private String withChecks(String text) {
    String spec = text;
    for (int set = 0; set < layouts.size(); set++) {
      List<String> checks = Relations.of(text, set, files);
      String indent = "  ".repeat(layouts.size() > 1 ? 2 : 0);
      StringBuilder lines = new StringBuilder(checks.isEmpty() ? "" : "checks:");
      checks.forEach(c -> lines.append("\n").append(indent).append("  ").append(c));
      String place = indent + Relations.marker(set) + "\n";
      spec = spec.replace(place, checks.isEmpty() ? "" : indent + lines + "\n");
    }
    return spec;
  }

  private String text() {
    String names = String.join(", ", files.stream().map(SampleFile::name).toList());
    yaml.comment(0, "Drafted from " + names + ".");
    Optional<String> title = lines.title();
    yaml.entry(0, "report", title.orElse("Report"));
    title.ifPresent(t -> yaml.entry(0, "recognised by", t));
    for (Layout layout : rare) {
      String where = String.join(", ", layout.tables().keySet());
      yaml.comment(0, "Left out: a table that only " + where + " has: " + headings(layout));
    }
    if (!blocks.isEmpty()) {
      yaml.line(0, "other tables: leave out  # blocks of labels, whose values are read below");
    }
    decimal.ifPresent(mark -> yaml.line(0, "numbers: {decimal: \"" + mark + "\"}"));
    if (layouts.size() == 1) {
      yaml.blank();
      dataSet(0, layouts.get(0));
    } else {
      yaml.line(0, "data:");
      Set<String> taken = new LinkedHashSet<>();
      for (Layout layout : layouts) {
        yaml.blank();
        yaml.line(1, name(layout, taken) + ":");
        dataSet(2, layout);
      }
    }
    return yaml.toString();
  }

  private static String headings(Layout layout) {
    return String.join(
        ", ", layout.columns().stream().map(c -> String.join(" / ", c.path())).toList());
  }

  private static String name(Layout layout, Set<String> taken) {
    String title = layout.tables().values().iterator().next().title().orElse("table");
    String words = title.replaceFirst("^(?i)\\p{L}+\\s+\\d+[.:]?\\s*", "").replaceFirst(",.*", "");
    String plain = words.toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\p{N}]+", " ").strip();
    String name = plain.isEmpty() ? "table" : plain;
    for (int n = 2; !taken.add(name); n++) {
      name = plain + " " + n;
    }
    return name;
  }

  private void dataSet(int depth, Layout layout) {
    if (layouts.size() > 1) {
      reportTable(depth, layout);
    }
    if (layout.isFolded()) {
      yaml.comment(depth, "The same columns stand side by side: read as one list, block by block.");
      yaml.line(depth, "fold: down");
    }
    reportHeadings(depth, layout);
    yaml.line(depth, "columns:");
    Set<String> fields = new LinkedHashSet<>();
    for (LayoutColumn column : layout.columns()) {
      column(depth + 1, column, layout, fields);
    }
    values(depth, layout, fields);
    leaveOut(depth, layout);
    yaml.line(depth, Relations.marker(layouts.indexOf(layout)));
    reportUnpivot(depth, layout);
  }

  private void reportTable(int depth, Layout layout) {
    List<String> titles = titles(layout);
    String common = titles.size() == layout.tables().size() ? CommonText.of(titles) : "";
    if (!common.isEmpty()) {
      yaml.entry(depth, "table", common);
      return;
    }
    List<String> quoted =
        layout.columns().stream()
            .filter(c -> c.files().size() == layout.tables().size() && !c.path().isEmpty())
            .map(c -> YamlText.quoted(String.join(" / ", c.path())))
            .toList();
    if (quoted.isEmpty()) {
      int order = layouts.indexOf(layout) + 1;
      yaml.line(
          depth, "table: {order: " + order + "}  # it has no headings that could identify it");
    } else {
      yaml.line(depth, "table: {headings: [" + String.join(", ", quoted) + "]}");
    }
  }

  private void reportHeadings(int depth, Layout layout) {
    List<List<String>> levels = new ArrayList<>();
    for (TableTexts texts : layout.texts()) {
      for (int level = 0; level < texts.headings().size(); level++) {
        while (levels.size() <= level) {
          levels.add(new ArrayList<>());
        }
        levels.get(level).addAll(texts.headings().get(level));
      }
    }
    if (levels.isEmpty()) {
      return;
    }
    yaml.line(depth, "headings:");
    for (int level = 0; level < levels.size(); level++) {
      List<String> seen = levels.get(level);
      List<String> some = seen.subList(0, Math.min(MOST_EXAMPLES, seen.size()));
      yaml.comment(
          depth + 1,
          seen.size()
              + (seen.size() == 1 ? " row, like " : " rows, like ")
              + String.join("; ", some));
      if (seen.stream().allMatch(t -> t.contains(", "))) {
        yaml.comment(depth + 1, "to part them: {pattern: \"(?<name>.+), (?<code>.+)\"}");
      }
      yaml.line(depth + 1, "- " + (level == 0 ? "heading" : "heading_" + (level + 1)));
    }
  }

  private void column(int depth, LayoutColumn column, Layout layout, Set<String> fields) {
    String field = FieldNames.of(column.path(), fields, layout.columns());
    List<String> texts = column.textsByFile().stream().flatMap(List::stream).toList();
    ColumnGuess guess =
        corrected(
            ColumnGuess.of(column.textsByFile(), decimal)
                .called(
                    String.join(" ", column.path()),
                    texts.stream().filter(t -> !t.isEmpty()).toList()),
            layout,
            field);
    List<String> parts = new ArrayList<>();
    if (column.path().isEmpty()) {
      parts.add("position: " + (layout.columns().indexOf(column) + 1));
    } else {
      parts.add("from: " + wordings(column));
    }
    parts.addAll(guess.parts());
    if (layout.goesOnDown(column)) {
      parts.add("fill down: yes");
    }
    String remark = guess.remark();
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
  private ColumnGuess corrected(ColumnGuess guess, Layout layout, String field) {
    String why = asText.get(DraftTrial.key(layouts.indexOf(layout), field));
    return why == null ? guess : guess.asText("; read as text, since " + why);
  }

  private static String wordings(LayoutColumn column) {
    List<String> quoted = column.wordings().stream().map(YamlText::quoted).toList();
    return quoted.size() == 1 ? quoted.get(0) : "[" + String.join(", ", quoted) + "]";
  }

  private void values(int depth, Layout layout, Set<String> fields) {
    List<Labelled> labelled =
        LabelValues.of(files, blocks).stream()
            .filter(l -> !lines.title().equals(Optional.of(l.label())))
            .toList();
    List<Varying> varying =
        lines.varying(files.get(0).firstTop(blocks::contains), titles(layout)).stream()
            .filter(v -> !fields.contains(v.name()))
            .filter(v -> labelled.stream().noneMatch(l -> l.values().equals(v.values())))
            .toList();
    List<String> below = labelled.isEmpty() ? lines.belowTitle() : List.of();
    yaml.line(depth, "values:");
    yaml.line(depth + 1, FieldNames.ofLabel("file", fields) + ": {origin: file}");
    List<String> titles = layout.titlesInOneFile();
    if (titles.size() > 1) {
      yaml.line(
          depth + 1,
          FieldNames.ofLabel("title", fields)
              + ": {origin: title}  # "
              + String.join("; ", titles)
              + "; 'table: TITLE' at the top takes one of them");
    }
    for (Labelled value : labelled) {
      String field = FieldNames.ofLabel(value.label(), fields);
      String scope = value.changes() ? ", per: table" : "";
      String beside = "beside: " + YamlText.quoted(value.label()) + scope;
      value(depth + 1, field, beside, value.label(), value.values(), layout);
    }
    for (Varying value : varying) {
      String pattern = "pattern: " + YamlText.doubleQuoted(value.pattern());
      value(depth + 1, value.name(), pattern, value.name(), value.values(), layout);
    }
    if (!below.isEmpty()) {
      String label = YamlText.quoted(lines.title().orElseThrow());
      yaml.comment(depth + 1, "below_title: {below: " + label + "}  # " + String.join("; ", below));
    }
  }

  private void value(
      int depth, String field, String where, String label, List<String> values, Layout layout) {
    List<String> seen = values.stream().filter(v -> !v.isEmpty()).toList();
    ColumnGuess guess =
        corrected(ColumnGuess.of(List.of(seen), decimal).called(label, seen), layout, field);
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

  private static List<String> titles(Layout layout) {
    return layout.tables().values().stream().map(Table::title).flatMap(Optional::stream).toList();
  }

  private void leaveOut(int depth, Layout layout) {
    List<String> kinds = new ArrayList<>();
    for (Map.Entry<RowKind, String> kind :
        List.of(
            Map.entry(RowKind.SUBTOTAL, "subtotals"),
            Map.entry(RowKind.TOTAL, "totals"),
            Map.entry(RowKind.NOTE, "notes"))) {
      int rows =
          layout.texts().stream().mapToInt(t -> t.kinds().getOrDefault(kind.getKey(), 0)).sum();
      if (rows > 0) {
        kinds.add(kind.getValue());
        yaml.comment(depth, kind.getValue() + ": " + rows + (rows == 1 ? " row" : " rows"));
      }
    }
    if (!kinds.isEmpty()) {
      yaml.line(depth, "leave out: [" + String.join(", ", kinds) + "]");
    }
  }

  /** Headings of several levels over columns of one type may mean rows. */
  private void reportUnpivot(int depth, Layout layout) {
    List<LayoutColumn> deep = layout.columns().stream().filter(c -> c.path().size() > 1).toList();
    int levels = deep.stream().mapToInt(c -> c.path().size()).max().orElse(0);
    boolean even = deep.stream().allMatch(c -> c.path().size() == levels);
    if (deep.size() > 2 && even && !layout.isFolded()) {
      List<String> groups = new ArrayList<>();
      for (int level = 1; level <= levels; level++) {
        groups.add("(?<part_" + level + ">.+)");
      }
      yaml.comment(depth, "Open to choice: each number a row of its own, with its headings.");
      yaml.comment(depth, "Take its columns out above, and add 'amount: {type: number}' there.");
      yaml.comment(
          depth, "unpivot: {columns: \"" + String.join(" / ", groups) + "\", value: amount}");
    }
  }
}
