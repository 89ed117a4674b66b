package dev.inlay.bench;

import dev.inlay.evidence.ChunkLine;
import dev.inlay.evidence.LineRole;
import dev.inlay.page.Word;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Deque;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
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

  /** Shorter words are no part of a longer one. */
  private static final int LEAST_PART = 4;

  /** All lines of a row together hold at least this share of its letters. */
  private static final double LEAST_PRINTED = 0.5;

  /** Rows of tables beside each other hold at least this share of a line, which holds them so. */
  private static final double NEARLY_ALL = 0.9;

  /** Where two tables hold nearly as much of a line, they stand side by side. */
  private static final double RIVAL_SHARE = 0.6;

  /**
   * A line of the paper.
   *
   * @param page its number, from 1
   */
  record PaperLine(int page, ChunkLine line) {

    List<String> words() {
      return line.words().stream().map(Word::text).map(ComparedText::of).toList();
    }
  }

  /**
   * A row of the truth.
   *
   * @param texts its cells, without white space
   * @param words of its cells
   * @param ownLetters of the cells that start in it
   */
  private record Row(String kind, List<String> texts, Set<String> words, int ownLetters) {

    double holds(List<String> printed) {
      double held = 0;
      for (String word : printed) {
        held += holds(word) ? word.length() : -FOREIGN * word.length();
      }
      return held;
    }

    /** A short word as a page number stands in many a longer one by chance. */
    private boolean holds(String word) {
      return words.contains(word)
          || word.length() >= LEAST_PART && texts.stream().anyMatch(t -> t.contains(word));
    }

    LineRole role(boolean first) {
      return switch (kind) {
        case "header" -> LineRole.HEADER;
        case "group" -> LineRole.GROUP;
        case "note" -> LineRole.NOTE;
        default -> first ? LineRole.RECORD : LineRole.GOES_ON;
      };
    }

    int lettersIn(List<String> printed) {
      return printed.stream().filter(this::holds).mapToInt(String::length).sum();
    }

    int letters() {
      return texts.stream().mapToInt(String::length).sum();
    }
  }

  private final List<PaperLine> lines;
  private final List<List<String>> words;
  private final LineRole[] roles;
  private final double[] held;
  private final boolean[] ambiguous;

  /**
   * Of each line that no row holds alone, how many letters rows of tables beside each other hold.
   */
  private final int[] heldBeside;

  /** The role of the row that holds most of them. */
  private final LineRole[] roleBeside;

  private RoleLabels(List<PaperLine> lines) {
    this.lines = lines;
    words = lines.stream().map(PaperLine::words).toList();
    roles = new LineRole[lines.size()];
    Arrays.fill(roles, LineRole.OUTSIDE);
    held = new double[lines.size()];
    ambiguous = new boolean[lines.size()];
    heldBeside = new int[lines.size()];
    roleBeside = new LineRole[lines.size()];
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
      boolean beside =
          labels.roles[i] == LineRole.OUTSIDE
              && labels.heldBeside[i] >= NEARLY_ALL * labels.letters(i);
      LineRole role = beside ? labels.roleBeside[i] : labels.roles[i];
      result.add(labels.ambiguous[i] ? null : role);
    }
    return result;
  }

  private void lay(JsonNode table) {
    List<Row> rows = rowsOf(table);
    List<Integer> here = new ArrayList<>();
    for (int i = 0; i < lines.size(); i++) {
      if (TruthRows.isOn(table, lines.get(i).page())) {
        here.add(i);
      }
    }
    int[] rowOf = align(here, rows);
    leaveOutBeyond(here, rowOf, rows);
    for (int k = 0; k < rowOf.length; k++) {
      if (rowOf[k] >= 0) {
        boolean first = k == 0 || rowOf[k - 1] != rowOf[k] || !isNext(here, k);
        label(here.get(k), rows.get(rowOf[k]), first);
      }
    }
    labelRepeats(here, rowOf, rows);
    noteBeside(here, rowOf, rows);
  }

  /**
   * Lines that hold hardly anything of their row, or more than it holds, belong to none, as a page
   * number that stands in a row by chance: the shorter of the first and the last line goes, until
   * the row holds the rest.
   */
  private void leaveOutBeyond(List<Integer> here, int[] rowOf, List<Row> rows) {
    for (int r = 0; r < rows.size(); r++) {
      Deque<Integer> own = new ArrayDeque<>();
      int letters = 0;
      for (int k = 0; k < rowOf.length; k++) {
        if (rowOf[k] == r) {
          own.add(k);
          letters += letters(here.get(k));
        }
      }
      while (own.size() > 1 && letters > rows.get(r).letters()) {
        boolean firstGoes = letters(here.get(own.getFirst())) <= letters(here.get(own.getLast()));
        int goes = firstGoes ? own.removeFirst() : own.removeLast();
        rowOf[goes] = -1;
        letters -= letters(here.get(goes));
      }
      boolean header = rows.get(r).kind().equals("header");
      if (!header && letters < LEAST_PRINTED * rows.get(r).ownLetters()) {
        own.forEach(k -> rowOf[k] = -1);
      }
    }
  }

  /** Notes lines that hold all of a row and more: another table's row may hold the rest. */
  private void noteBeside(List<Integer> here, int[] rowOf, List<Row> rows) {
    Set<Integer> laid = new HashSet<>();
    Arrays.stream(rowOf).forEach(laid::add);
    for (int k = 0; k < rowOf.length; k++) {
      int line = here.get(k);
      int most = 0;
      LineRole role = null;
      for (int r = 0; rowOf[k] < 0 && r < rows.size(); r++) {
        Row row = rows.get(r);
        int own = laid.contains(r) ? 0 : row.lettersIn(words.get(line));
        if (own > most && own >= NEARLY_ALL * row.ownLetters()) {
          most = own;
          role = row.role(true);
        }
      }
      roleBeside[line] = most > heldBeside[line] ? role : roleBeside[line];
      heldBeside[line] += most;
    }
  }

  private int letters(int line) {
    return words.get(line).stream().mapToInt(String::length).sum();
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
      int letters = letters(line);
      for (Row row : rows) {
        boolean repeated = row.kind().equals("header") || row.kind().equals("group");
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
    roles[line] = row.role(first);
  }

  /** For each line the row that it belongs to, or -1. */
  private int[] align(List<Integer> here, List<Row> rows) {
    int count = rows.size();
    double[] best = new double[count + 1]; // by the number of rows begun; 0 for none
    int[][] from = new int[here.size()][count + 1];
    for (int k = 0; k < here.size(); k++) {
      List<String> own = words.get(here.get(k));
      int letters = letters(here.get(k));
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
    List<Set<String>> words = new ArrayList<>();
    for (int r = 0; r < grid.size(); r++) {
      texts.add(new ArrayList<>());
      words.add(new HashSet<>());
    }
    for (int r = 0; r < grid.size(); r++) {
      for (JsonNode cell : grid.get(r)) {
        String text = ComparedText.of(cell.get(0).asString());
        int last = Math.min(grid.size(), r + Math.max(1, cell.get(3).asInt()));
        for (int covered = r; covered < last; covered++) {
          texts.get(covered).add(text);
          for (String word : cell.get(0).asString().split("(?U)\\s+")) {
            words.get(covered).add(ComparedText.of(word));
          }
        }
      }
    }
    List<Row> rows = new ArrayList<>();
    for (int r = 0; r < grid.size(); r++) {
      int own = 0;
      for (JsonNode cell : grid.get(r)) {
        own += ComparedText.of(cell.get(0).asString()).length();
      }
      rows.add(new Row(table.get("kinds").get(r).asString(), texts.get(r), words.get(r), own));
    }
    return rows;
  }
}
