package dev.inlay.document;

import dev.inlay.model.RowKind;
import dev.inlay.model.TableCell;
import dev.inlay.model.TableRow;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;

/**
 * How deep headings of rows are nested. Indentation tells, where there is any; else the first word,
 * where headings share it, as in {@code Harbour Oyle} and {@code Vessel Skua}; else their order: a
 * heading right below another lies in it.
 */
public final class HeadingLevels {

  /** Headings that begin within this many points of each other are equally deep. */
  private static final double SAME_INDENT = 2;

  private final Map<TableRow, Integer> levels = new HashMap<>();
  private int count;

  private HeadingLevels() {}

  /** The levels of the headings among some rows. */
  public static HeadingLevels of(List<TableRow> rows) {
    HeadingLevels found = new HeadingLevels();
    List<TableRow> headings = rows.stream().filter(r -> r.kind() == RowKind.GROUP).toList();
    double[] indents = indents(headings);
    Map<String, Integer> words = levelsOfWords(rows);
    int order = 0;
    TableRow before = null;
    for (TableRow row : rows) {
      if (row.kind() == RowKind.GROUP) {
        order = before != null && before.kind() == RowKind.GROUP ? order + 1 : 0;
        int level = order;
        if (indents.length > 1) {
          level = indexOf(indents, row.cells().get(0).box().left());
        } else if (!words.isEmpty()) {
          level = words.get(firstWord(row));
        }
        found.levels.put(row, level);
        found.count = Math.max(found.count, level + 1);
      }
      before = row;
    }
    return found;
  }

  /** The places at which headings begin, from left to right, each once. */
  private static double[] indents(List<TableRow> headings) {
    List<Double> places = new ArrayList<>();
    double[] lefts = headings.stream().mapToDouble(h -> h.cells().get(0).box().left()).toArray();
    Arrays.sort(lefts);
    for (double left : lefts) {
      if (places.isEmpty() || left - places.get(places.size() - 1) > SAME_INDENT) {
        places.add(left);
      }
    }
    return places.stream().mapToDouble(Double::doubleValue).toArray();
  }

  private static int indexOf(double[] places, double left) {
    int at = 0;
    while (at + 1 < places.length && left - places[at] > SAME_INDENT) {
      at++;
    }
    return at;
  }

  /**
   * The levels of the headings' first words, in the order in which they follow each other; empty
   * unless each comes back.
   */
  private static Map<String, Integer> levelsOfWords(List<TableRow> rows) {
    Map<String, Integer> levels = new HashMap<>();
    Map<String, Integer> uses = new HashMap<>();
    Set<String> nested = new HashSet<>();
    TableRow before = null;
    for (TableRow row : rows) {
      if (row.kind() == RowKind.GROUP) {
        String word = firstWord(row);
        uses.merge(word, 1, Integer::sum);
        levels.putIfAbsent(word, levels.size());
        if (before != null && before.kind() == RowKind.GROUP) {
          nested.add(word);
        }
      }
      before = row;
    }
    boolean comeBack = uses.values().stream().filter(n -> n > 1).count() >= levels.size() - 1;
    return comeBack && levels.size() > 1 && !nested.isEmpty() && uses.size() <= 4
        ? levels
        : Map.of();
  }

  private static String firstWord(TableRow row) {
    return row.cells().get(0).text().split("\\s+")[0].toLowerCase(Locale.ROOT);
  }

  /** How many levels there are. */
  int count() {
    return count;
  }

  /** How deep a heading lies, from 0; 0 as well for rows that are none. */
  public int level(TableRow row) {
    return levels.getOrDefault(row, 0);
  }

  /** Puts a heading in its place among those that hold, and ends those that lie deeper. */
  void put(TableRow heading, TableCell[] holding) {
    int level = levels.get(heading);
    Arrays.fill(holding, level, holding.length, null);
    holding[level] = heading.cells().get(0);
  }
}
