package dev.inlay.bench;

import dev.inlay.evidence.ChunkLine;
import dev.inlay.geom.Interval;
import dev.inlay.page.TextLine;
import dev.inlay.page.Word;
import dev.inlay.propose.HeaderLayout;
import dev.inlay.propose.Heading;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import tools.jackson.databind.JsonNode;

/**
 * Lays the true heading cells of a table over the lines of its header, so that the right headings
 * of each line are known: each line is parted into stretches of words that go on with what some
 * cells say, and of all such ways the one is taken whose words stand nearest to their columns.
 */
final class HeadingLabels {

  /** A heading cell of the truth, and how much of its text the lines so far have used. */
  private static final class Due {
    final String text;
    final int first;
    final int last;
    int used;

    Due(String text, int first, int last) {
      this.text = text;
      this.first = first;
      this.last = last;
    }
  }

  /** A way to part the words of a line from some word on; null headings where there is none. */
  private record Way(double distance, List<Heading> headings, List<Due> cells) {}

  private final HeaderLayout layout;
  private final List<Due> cells = new ArrayList<>();

  private HeadingLabels(HeaderLayout layout) {
    this.layout = layout;
  }

  /**
   * The headings of each line of a header, from top to bottom.
   *
   * @param table of the truth
   * @return empty where the table has other columns, or its header says something else
   */
  static List<List<Heading>> of(HeaderLayout layout, JsonNode table) {
    HeadingLabels labels = new HeadingLabels(layout);
    return labels.readCells(table) == layout.columns().size() ? labels.lay() : List.of();
  }

  /** Reads the cells of the header; gives the number of the table's columns. */
  private int readCells(JsonNode table) {
    int columns = 0;
    for (int r = 0; r < table.get("grid").size(); r++) {
      boolean header = table.get("kinds").get(r).asString().equals("header");
      for (JsonNode cell : table.get("grid").get(r)) {
        int first = cell.get(1).asInt();
        int last = first + Math.max(1, cell.get(2).asInt()) - 1;
        columns = Math.max(columns, last + 1);
        String text = ComparedText.of(cell.get(0).asString());
        if (header && !text.isEmpty()) {
          cells.add(new Due(text, first, last));
        }
      }
    }
    return columns;
  }

  private List<List<Heading>> lay() {
    for (TextLine turned : layout.turned()) {
      String text = ComparedText.of(turned.text());
      cells.removeIf(c -> c.text.equals(text));
    }
    List<List<Heading>> lines = new ArrayList<>();
    for (ChunkLine line : layout.lines()) {
      Way way = way(line.words(), 0, 0);
      if (way == null) {
        return List.of();
      }
      for (int h = 0; h < way.headings().size(); h++) {
        way.cells().get(h).used += length(way.headings().get(h).words());
      }
      lines.add(way.headings());
    }
    return cells.stream().allMatch(c -> c.used == c.text.length()) ? lines : List.of();
  }

  private static int length(List<Word> words) {
    return words.stream().mapToInt(w -> ComparedText.of(w.text()).length()).sum();
  }

  /** The nearest way to part the words from one on over the columns from one on; null for none. */
  private Way way(List<Word> words, int from, int column) {
    if (from == words.size()) {
      return new Way(0, List.of(), List.of());
    }
    Way best = null;
    for (Due cell : cells) {
      StringBuilder said = new StringBuilder();
      for (int to = from; to < words.size() && cell.first >= column; to++) {
        said.append(ComparedText.of(words.get(to).text()));
        if (!cell.text.startsWith(said.toString(), cell.used)) {
          break;
        }
        Way rest = way(words, to + 1, cell.last + 1);
        Way whole = rest == null ? null : with(words.subList(from, to + 1), cell, rest);
        if (whole != null && (best == null || whole.distance() < best.distance())) {
          best = whole;
        }
      }
    }
    return best;
  }

  private Way with(List<Word> words, Due cell, Way rest) {
    List<Heading> headings = new ArrayList<>(rest.headings());
    headings.add(0, new Heading(words, cell.first, cell.last));
    List<Due> used = new ArrayList<>(rest.cells());
    used.add(0, cell);
    double left = words.get(0).box().left();
    double middle = (left + words.get(words.size() - 1).box().right()) / 2;
    Interval first = layout.columns().get(cell.first);
    Interval last = layout.columns().get(cell.last);
    double distance = Math.abs(middle - first.union(last).middle());
    return new Way(rest.distance() + distance, headings, Collections.unmodifiableList(used));
  }
}
