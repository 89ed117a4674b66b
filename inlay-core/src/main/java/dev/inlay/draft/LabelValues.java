package dev.inlay.draft;

import dev.inlay.model.Table;
import dev.inlay.model.TableFrame;
import dev.inlay.rows.PageLine;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;

/**
 * Values that stand beside a label, above the tables of the first page or below the last table: a
 * label ends with a colon, or stands in one half of the phrases of its line in all files.
 */
final class LabelValues {

  /** Blocks of labels are no deeper: what stands further below a pair is of another block. */
  private static final int NEXT_LINE = 1;

  /**
   * A label and its values.
   *
   * @param label as printed, its colon too
   * @param values file by file; empty where a file lacks it
   * @param scope the rows for which a value holds
   */
  record Labelled(String label, List<String> values, Scope scope) {

    Labelled {
      values = List.copyOf(values);
    }

    boolean differs() {
      return values.stream().filter(v -> !v.isEmpty()).distinct().count() > 1;
    }
  }

  /**
   * For which rows a value holds, as the word that a spec has for it; nothing for all of a file.
   */
  enum Scope {
    FILE(""),
    /** Some file has it again, further on, with another value. */
    TABLE("table"),
    /** Some file has another value within a table. */
    NEXT("next");

    private final String word;

    Scope(String word) {
      this.word = word;
    }

    String word() {
      return word;
    }
  }

  /** What stands beside a label in one file, and in which of the lines looked at. */
  private record Pair(String value, int line) {}

  /** A block of labels has at most two pairs in a line, and few lines. */
  private static final int MOST_COLUMNS = 4;

  private static final int MOST_ROWS = 12;

  /** More words are a sentence. */
  private static final int MOST_WORDS = 6;

  private LabelValues() {}

  /** Whether a table is a block of labels and values: small, and without headings. */
  static boolean isBlock(Table table) {
    boolean headed = table.columns().stream().anyMatch(c -> !c.path().isEmpty());
    return !headed && table.columns().size() <= MOST_COLUMNS && table.rows().size() <= MOST_ROWS;
  }

  /**
   * The values of labels that most files have.
   *
   * @param blocks tables that are blocks of labels: their lines are looked at, too
   */
  static List<Labelled> of(List<SampleFile> files, Set<Table> blocks) {
    List<Map<String, Pair>> byFile = new ArrayList<>();
    files.forEach(f -> byFile.add(pairs(lines(f, blocks))));
    Map<String, Scope> scopes = new HashMap<>();
    files.forEach(f -> noteChanges(f, scopes));
    Map<String, Labelled> all = new LinkedHashMap<>();
    byFile.forEach(
        pairs ->
            pairs
                .keySet()
                .forEach(label -> all.computeIfAbsent(label, l -> of(l, byFile, scopes))));
    all.values()
        .removeIf(l -> 2 * l.values().stream().filter(String::isEmpty).count() >= files.size());
    Set<Integer> sure = new TreeSet<>();
    for (Labelled one : all.values()) {
      Pair first = byFile.get(0).get(one.label());
      if (first != null && (one.label().endsWith(":") || one.differs())) {
        sure.add(first.line());
      }
    }
    return all.values().stream()
        .filter(
            l ->
                l.label().endsWith(":")
                    || l.differs()
                    || isBeside(byFile.get(0).get(l.label()), sure))
        .toList();
  }

  private static Labelled of(
      String label, List<Map<String, Pair>> byFile, Map<String, Scope> scopes) {
    List<String> values =
        byFile.stream()
            .map(p -> Optional.ofNullable(p.get(label)).map(Pair::value).orElse(""))
            .toList();
    return new Labelled(label, values, scopes.getOrDefault(label, Scope.FILE));
  }

  /** Notes the labels that stand beside several values in a file. */
  private static void noteChanges(SampleFile file, Map<String, Scope> scopes) {
    Map<String, String> first = new HashMap<>();
    for (PageLine line : file.lines()) {
      pairs(List.of(line))
          .forEach(
              (label, pair) -> {
                String before = first.putIfAbsent(label, pair.value());
                if (before != null && !before.equals(pair.value())) {
                  Scope scope = isWithinTable(line, file) ? Scope.NEXT : Scope.TABLE;
                  scopes.merge(label, scope, (a, b) -> a.compareTo(b) > 0 ? a : b);
                }
              });
    }
  }

  /** Whether a table begins above a line and goes on below it, or on a later page. */
  private static boolean isWithinTable(PageLine line, SampleFile file) {
    double y = line.box().centreY();
    return file.tables().stream()
        .map(Table::frames)
        .anyMatch(
            frames -> {
              TableFrame start = frames.get(0);
              TableFrame end = frames.get(frames.size() - 1);
              boolean begun =
                  start.page() < line.page()
                      || start.page() == line.page() && start.box().top() < y;
              boolean goesOn =
                  end.page() > line.page() || end.page() == line.page() && end.box().bottom() > y;
              return begun && goesOn;
            });
  }

  /** Whether a pair stands on a line with a sure one, or next to it: a value that all share. */
  private static boolean isBeside(Pair pair, Set<Integer> sure) {
    return pair != null
        && sure.stream().anyMatch(line -> Math.abs(line - pair.line()) <= NEXT_LINE);
  }

  /** The lines of the first page above its tables, and those below the last table. */
  private static List<PageLine> lines(SampleFile file, Set<Table> blocks) {
    int page = file.firstPage();
    double top = file.firstTop(blocks::contains);
    List<PageLine> lines =
        new ArrayList<>(
            file.lines().stream().filter(l -> l.page() == page && l.box().bottom() < top).toList());
    file.closing().stream().filter(l -> !lines.contains(l)).forEach(lines::add);
    return lines;
  }

  private static boolean isSentence(String value) {
    return value.split(" ").length > MOST_WORDS;
  }

  private static Map<String, Pair> pairs(List<PageLine> lines) {
    Map<String, Pair> pairs = new LinkedHashMap<>();
    for (int l = 0; l < lines.size(); l++) {
      List<Phrase> phrases = Phrase.of(lines.get(l));
      boolean even = phrases.size() % 2 == 0;
      for (int i = 0; i < phrases.size(); i++) {
        String text = phrases.get(i).text();
        int colon = text.indexOf(':');
        boolean ends = colon == text.length() - 1;
        String next = i + 1 < phrases.size() ? phrases.get(i + 1).text() : "";
        if (colon > 0 && !ends && text.charAt(colon + 1) == ' ') {
          pairs.putIfAbsent(text.substring(0, colon + 1), new Pair(text.substring(colon + 2), l));
        } else if (ends && !next.isEmpty()) {
          pairs.putIfAbsent(text, new Pair(next, l));
          i++;
        } else if (even && i % 2 == 0 && phrases.get(i).mayBeLabel() && !next.contains(":")) {
          pairs.putIfAbsent(text, new Pair(next, l));
        }
      }
    }
    pairs.keySet().removeIf(label -> label.chars().anyMatch(Character::isDigit));
    pairs.values().removeIf(p -> isSentence(p.value()) || VaryingLines.isPageNumber(p.value()));
    return pairs;
  }
}
