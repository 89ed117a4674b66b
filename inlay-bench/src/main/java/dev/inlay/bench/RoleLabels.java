package dev.inlay.bench;

import dev.inlay.find.LineRole;
import dev.inlay.find.PieceLine;
import dev.inlay.page.Word;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import tools.jackson.databind.JsonNode;

/**
 * Lays the rows of a paper's true tables over the lines of its pages, so that the right role of
 * each line is known. Rows and lines keep their order (a dynamic programme over both); a line
 * belongs to the row that holds most of its words.
 */
final class RoleLabels {

  /** A line belongs to a row where the row holds this share of its letters. */
  private static final double LEAST_SHARE = 0.6;

  /** Letters that a row does not hold count against it so much. */
  private static final double FOREIGN = 1.5;

  /** Where two tables hold nearly as much of a line, they stand side by side. */
  private static final double RIVAL_SHARE = 0.6;

  /**
   * A line of the paper.
   *
   * @param page its number, from 1
   */
  record PaperLine(int page, PieceLine line) {

    List<String> words() {
      return line.words().stream().map(Word::text).map(ComparedText::of).toList();
    }
  }

  private record Row(String kind, List<String> texts) {

    double holds(List<String> words) {
      double held = 0;
      for (String word : words) {
        boolean found = !word.isEmpty() && texts.stream().anyMatch(t -> t.contains(word));
        held += found ? word.length() : -FOREIGN * word.length();
      }
      return held;
    }
  }

  private final List<PaperLine> lines;
  private final List<List<String>> words;
  private final LineRole[] roles;
  private final double[] held;
  private final boolean[] ambiguous;

  private RoleLabels(List<PaperLine> lines) {
    this.lines = lines;
    words = lines.stream().map(PaperLine::words).toList();
    roles = new LineRole[lines.size()];
    Arrays.fill(roles, LineRole.OUTSIDE);
    held = new double[lines.size()];
    ambiguous = new boolean[lines.size()];
  }

  /**
   * The roles of the lines of a paper.
   *
   * @param lines in the order in which they are read
   * @param truth of the paper
   * @return for each line its role, or null where two tables hold it
   */
  static List<LineRole> of(List<PaperLine> lines, JsonNode truth) {
    RoleLabels labels = new RoleLabels(lines);
    truth.get("tables").forEach(labels::lay);
    List<LineRole> result = new ArrayList<>();
    for (int i = 0; i < lines.size(); i++) {
      result.add(labels.ambiguous[i] ? null : labels.roles[i]);
    }
    return result;
  }

  private void lay(JsonNode table) {
    List<Row> rows = rowsOf(table);
    List<Integer> pages = new ArrayList<>();
    table.get("pages").forEach(p -> pages.add(p.asInt()));
    List<Integer> here = new ArrayList<>();
    for (int i = 0; i < lines.size(); i++) {
      if (pages.contains(lines.get(i).page())) {
        here.add(i);
      }
    }
    int[] rowOf = align(here, rows);
    for (int k = 0; k < rowOf.length; k++) {
      if (rowOf[k] >= 0) {
        boolean first = k == 0 || rowOf[k - 1] != rowOf[k] || !isNext(here, k);
        label(here.get(k), rows.get(rowOf[k]), first);
      }
    }
    labelRepeats(here, rowOf, rows);
  }

  private boolean isNext(List<Integer> here, int k) {
    return lines.get(here.get(k)).page() == lines.get(here.get(k - 1)).page();
  }

  /** Headings and group headings printed again on a later page. */
  private void labelRepeats(List<Integer> here, int[] rowOf, List<Row> rows) {
    for (int k = 0; k < rowOf.length; k++) {
      int line = here.get(k);
      if (rowOf[k] >= 0 || lines.get(line).page() == lines.get(here.get(0)).page()) {
        continue;
      }
      for (Row row : rows) {
        boolean repeated = row.kind().equals("header") || row.kind().equals("group");
        int letters = words.get(line).stream().mapToInt(String::length).sum();
        if (repeated && letters > 2 && row.holds(words.get(line)) >= 0.9 * letters) {
          label(line, row, true);
        }
      }
    }
  }

  private void label(int line, Row row, boolean first) {
    double now = row.holds(words.get(line));
    if (roles[line] != LineRole.OUTSIDE) {
      ambiguous[line] |= Math.min(now, held[line]) > RIVAL_SHARE * Math.max(now, held[line]);
      if (now <= held[line]) {
        return;
      }
    }
    held[line] = now;
    roles[line] =
        switch (row.kind()) {
          case "header" -> LineRole.HEADER;
          case "group" -> LineRole.GROUP;
          case "note" -> LineRole.NOTE;
          default -> first ? LineRole.RECORD : LineRole.GOES_ON;
        };
  }

  /** For each line the row that it belongs to, or -1. */
  private int[] align(List<Integer> here, List<Row> rows) {
    int count = rows.size();
    double[] best = new double[count + 1]; // by the number of rows begun; 0 for none
    int[][] from = new int[here.size()][count + 1];
    for (int k = 0; k < here.size(); k++) {
      List<String> own = words.get(here.get(k));
      int letters = own.stream().mapToInt(String::length).sum();
      double[] next = best.clone();
      double reach = best[0];
      int reachAt = 0;
      for (int r = 1; r <= count; r++) {
        from[k][r] = -1; // outside, the same rows begun
        if (best[r] > reach) {
          reach = best[r];
          reachAt = r;
        }
        double fits = rows.get(r - 1).holds(own);
        if (fits >= LEAST_SHARE * letters && letters > 0 && reach + fits > next[r]) {
          next[r] = reach + fits;
          from[k][r] = reachAt;
        }
      }
      from[k][0] = -1;
      best = next;
    }
    int at = 0;
    for (int r = 1; r <= count; r++) {
      at = best[r] > best[at] ? r : at;
    }
    int[] rowOf = new int[here.size()];
    for (int k = here.size() - 1; k >= 0; k--) {
      rowOf[k] = from[k][at] < 0 ? -1 : at - 1;
      at = from[k][at] < 0 ? at : from[k][at];
    }
    return rowOf;
  }

  private static List<Row> rowsOf(JsonNode table) {
    JsonNode grid = table.get("grid");
    List<List<String>> texts = new ArrayList<>();
    for (int r = 0; r < grid.size(); r++) {
      texts.add(new ArrayList<>());
    }
    for (int r = 0; r < grid.size(); r++) {
      for (JsonNode cell : grid.get(r)) {
        String text = ComparedText.of(cell.get(0).asString());
        int last = Math.min(grid.size(), r + Math.max(1, cell.get(3).asInt()));
        for (int covered = r; covered < last; covered++) {
          texts.get(covered).add(text);
        }
      }
    }
    List<Row> rows = new ArrayList<>();
    for (int r = 0; r < grid.size(); r++) {
      rows.add(new Row(table.get("kinds").get(r).asString(), texts.get(r)));
    }
    return rows;
  }
}
