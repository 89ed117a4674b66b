package dev.inlay.draft;

import dev.inlay.draft.Layout.LayoutColumn;
import dev.inlay.draft.VaryingLines.Varying;
import dev.inlay.model.RowKind;
import dev.inlay.model.Table;
import dev.inlay.rows.TableTexts;
import dev.inlay.rows.TypeTrial;
import dev.inlay.spec.FieldType;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Writes a first spec from sample files of one kind. */
public final class SpecDraft {

  private static final int MOST_EXAMPLES = 3;

  private final List<SampleFile> files;
  private final List<Layout> layouts = new ArrayList<>();
  private final List<Layout> rare = new ArrayList<>();
  private final VaryingLines lines;
  private final YamlText yaml = new YamlText();
  private final Optional<Character> decimal;

  private SpecDraft(List<SampleFile> files) {
    this.files = files;
    for (Layout layout : Layout.of(files)) {
      (2 * layout.tables().size() > files.size() ? layouts : rare).add(layout);
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
    SpecDraft draft = new SpecDraft(files);
    if (draft.layouts.isEmpty()) {
      throw new IllegalArgumentException(
          "no table is common to most of the files; inlay survey shows what they hold");
    }
    return draft.withChecks(draft.text());
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
      tellTable(depth, layout);
    }
    if (layout.isFolded()) {
      yaml.comment(depth, "The same columns stand side by side: read as one list, block by block.");
      yaml.line(depth, "fold: down");
    }
    tellHeadings(depth, layout);
    yaml.line(depth, "columns:");
    Set<String> fields = new LinkedHashSet<>();
    for (LayoutColumn column : layout.columns()) {
      column(depth + 1, column, layout, fields);
    }
    values(depth, layout, fields);
    leaveOut(depth, layout);
    yaml.line(depth, Relations.marker(layouts.indexOf(layout)));
    tellUnpivot(depth, layout);
  }

  private void tellTable(int depth, Layout layout) {
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
      yaml.line(depth, "table: {order: " + order + "}  # it has no headings that could tell it");
    } else {
      yaml.line(depth, "table: {headings: [" + String.join(", ", quoted) + "]}");
    }
  }

  private void tellHeadings(int depth, Layout layout) {
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
    ColumnGuess guess = ColumnGuess.of(column.textsByFile(), decimal);
    String field = FieldNames.of(column.path(), fields, layout.columns());
    List<String> parts = new ArrayList<>();
    if (column.path().isEmpty()) {
      parts.add("position: " + (layout.columns().indexOf(column) + 1));
    } else {
      parts.add("from: " + wordings(column));
    }
    if (guess.type() != FieldType.STRING) {
      parts.add("type: " + guess.type().word());
    }
    if (!guess.dateForm().isEmpty()) {
      parts.add("form: " + YamlText.quoted(guess.dateForm()));
    }
    if (!guess.nothing().isEmpty()) {
      List<String> marks = guess.nothing().stream().map(YamlText::quoted).toList();
      parts.add("nothing: [" + String.join(", ", marks) + "]");
    }
    if (guess.markers()) {
      parts.add("markers: off");
    }
    String remark = guess.remark();
    if (column.files().size() < layout.tables().size()) {
      parts.add("optional: yes");
      remark += "; not in all files: only in " + String.join(", ", column.files());
    }
    boolean plain = parts.size() == 1 && !column.path().isEmpty() && column.wordings().size() == 1;
    String value = plain ? wordings(column) : "{" + String.join(", ", parts) + "}";
    yaml.line(depth, field + ": " + value + "  # " + remark);
  }

  private static String wordings(LayoutColumn column) {
    List<String> quoted = column.wordings().stream().map(YamlText::quoted).toList();
    return quoted.size() == 1 ? quoted.get(0) : "[" + String.join(", ", quoted) + "]";
  }

  private void values(int depth, Layout layout, Set<String> fields) {
    List<Varying> varying =
        lines.varying(firstTop(), titles(layout)).stream()
            .filter(v -> !fields.contains(v.name()))
            .toList();
    List<String> below = lines.belowTitle();
    if (varying.isEmpty() && below.isEmpty()) {
      return;
    }
    if (varying.isEmpty()) {
      yaml.comment(depth, "values:");
    } else {
      yaml.line(depth, "values:");
    }
    for (Varying value : varying) {
      ColumnGuess guess = ColumnGuess.of(List.of(value.values()), decimal);
      boolean typed =
          guess.type() == FieldType.DATE
              || guess.type() == FieldType.YEARMONTH
              || guess.type() == FieldType.YEAR
              || guess.type() == FieldType.INTEGER;
      String type = typed ? ", type: " + guess.type().word() : "";
      String pattern = YamlText.doubleQuoted(value.pattern());
      String seen = String.join("; ", value.values());
      yaml.line(depth + 1, value.name() + ": {pattern: " + pattern + type + "}  # " + seen);
    }
    if (!below.isEmpty()) {
      String label = YamlText.quoted(lines.title().orElseThrow());
      yaml.comment(depth + 1, "below_title: {below: " + label + "}  # " + String.join("; ", below));
    }
  }

  /** Where the tables of the first file's first page begin, in points. */
  private double firstTop() {
    int page = files.get(0).lines().get(0).page();
    return files.get(0).tables().stream()
        .flatMap(t -> t.frames().stream())
        .filter(f -> f.page() == page)
        .mapToDouble(f -> f.box().top())
        .min()
        .orElse(Double.MAX_VALUE);
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
  private void tellUnpivot(int depth, Layout layout) {
    List<LayoutColumn> deep = layout.columns().stream().filter(c -> c.path().size() > 1).toList();
    int levels = deep.stream().mapToInt(c -> c.path().size()).max().orElse(0);
    boolean even = deep.stream().allMatch(c -> c.path().size() == levels);
    if (deep.size() > 2 && even && !layout.isFolded()) {
      List<String> groups = new ArrayList<>();
      for (int level = 1; level <= levels; level++) {
        groups.add("(?<part_" + level + ">.+)");
      }
      yaml.comment(depth, "Open to choice: each figure a row of its own, with its headings.");
      yaml.comment(depth, "Take its columns out above, and add 'amount: {type: number}' there.");
      yaml.comment(
          depth, "unpivot: {columns: \"" + String.join(" / ", groups) + "\", value: amount}");
    }
  }
}
