package dev.inlay.draft;

import dev.inlay.draft.Layout.LayoutColumn;
import dev.inlay.model.RowKind;
import dev.inlay.rows.TableTexts;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** Writes what a draft says of one data set. */
final class DataSetDraft {

  private static final int MOST_EXAMPLES = 3;

  private final DraftSamples samples;
  private final Corrections corrections;
  private final int set;
  private final Layout layout;
  private final YamlText yaml;
  private final int depth;

  /**
   * A part of a draft.
   *
   * @param set the number of the data set, from 0
   * @param depth how deep its lines stand in the spec
   */
  DataSetDraft(DraftSamples samples, Corrections corrections, int set, YamlText yaml, int depth) {
    this.samples = samples;
    this.corrections = corrections;
    this.set = set;
    this.layout = samples.layouts().get(set);
    this.yaml = yaml;
    this.depth = depth;
  }

  void write() {
    if (samples.layouts().size() > 1) {
      reportTable();
    }
    if (layout.isFolded()) {
      yaml.comment(depth, "The same columns stand side by side: read as one list, block by block.");
      yaml.line(depth, "fold: down");
    }
    reportHeadings();
    yaml.line(depth, "columns:");
    FieldDraft fields = new FieldDraft(samples, corrections, set, yaml, depth + 1);
    fields.columns();
    yaml.line(depth, "values:");
    fields.values();
    leaveOut();
    yaml.line(depth, Relations.marker(set));
    reportUnpivot();
  }

  private void reportTable() {
    List<String> titles = layout.firstTitles();
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
      int order = set + 1;
      yaml.line(
          depth, "table: {order: " + order + "}  # it has no headings that could identify it");
    } else {
      yaml.line(depth, "table: {headings: [" + String.join(", ", quoted) + "]}");
    }
  }

  private void reportHeadings() {
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

  private void leaveOut() {
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

  /** Headings of several levels, and those that count time, may mean rows. */
  private void reportUnpivot() {
    List<LayoutColumn> deep = layout.columns().stream().filter(c -> c.path().size() > 1).toList();
    int levels = deep.stream().mapToInt(c -> c.path().size()).max().orElse(0);
    boolean even = deep.stream().allMatch(c -> c.path().size() == levels);
    if (deep.size() > 2 && even && !layout.isFolded()) {
      List<String> groups = new ArrayList<>();
      for (int level = 1; level <= levels; level++) {
        groups.add("(?<part_" + level + ">.+)");
      }
      unpivot(String.join(" / ", groups));
    } else if (!layout.isFolded()) {
      TimeHeadings.of(layout.columns().stream().map(LayoutColumn::path).toList())
          .ifPresent(t -> unpivot(t.pattern()));
    }
  }

  private void unpivot(String pattern) {
    yaml.comment(depth, "Open to choice: each number a row of its own, with its headings.");
    yaml.comment(depth, "Take its columns out above, and add 'amount: {type: number}' there.");
    String quoted = YamlText.doubleQuoted(pattern);
    yaml.comment(depth, "unpivot: {columns: " + quoted + ", value: amount}");
  }
}
