package dev.inlay.bench;

import dev.inlay.extract.DocumentTables;
import dev.inlay.extract.Extractor;
import dev.inlay.page.PageSelection;
import dev.inlay.table.Table;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * How one case came out.
 *
 * @param name of the case
 * @param tags kinds of difficulty
 * @param tables one score for each true table
 * @param extra how many tables the result has that are none
 */
record CaseScore(String name, List<String> tags, List<TableScore> tables, int extra) {

  private static final String ENDING = ".truth.json";

  /** Less of its text in common makes no table the counterpart of another. */
  private static final double LEAST_COMMON = 0.1;

  /** Below this confidence a person is told to look at a table. */
  private static final double SURE = 0.9;

  /** The cases of a folder: each a truth with the PDF beside it. */
  static List<Path> casesIn(Path folder) throws java.io.IOException {
    try (Stream<Path> files = Files.list(folder)) {
      return files.filter(f -> f.toString().endsWith(ENDING)).sorted().toList();
    }
  }

  /**
   * Extracts and scores a case.
   *
   * @param truth the path of its truth
   */
  static CaseScore of(Path truth) throws InterruptedException {
    JsonNode json = JsonMapper.shared().readTree(truth.toFile());
    Extractor extractor = new Extractor(PageSelection.ALL, "");
    return of(nameOf(truth), json, extractor.extract(pdfOf(truth)));
  }

  /** The PDF beside a truth. */
  static Path pdfOf(Path truth) {
    return truth.resolveSibling(nameOf(truth) + ".pdf");
  }

  private static String nameOf(Path truth) {
    String file = truth.getFileName().toString();
    return file.substring(0, file.length() - ENDING.length());
  }

  static CaseScore of(String name, JsonNode truth, DocumentTables result) {
    List<CaseGrid> due = new ArrayList<>();
    truth.get("tables").forEach(t -> due.add(CaseGrid.ofTruth(t)));
    List<CaseGrid> given = result.tables().stream().map(CaseGrid::ofResult).toList();
    Map<Integer, Integer> pairs = pairs(due, given);
    List<TableScore> scores = new ArrayList<>();
    for (int i = 0; i < due.size(); i++) {
      Integer at = pairs.get(i);
      Table table = at == null ? null : result.tables().get(at);
      boolean flagged =
          table == null
              ? !result.problems().isEmpty()
              : !table.warnings().isEmpty() || table.confidence() < SURE;
      scores.add(
          TableScore.of(
              due.get(i),
              at == null ? CaseGrid.NONE : given.get(at),
              at != null,
              flagged,
              table == null ? 1 : table.confidence()));
    }
    int extra = 0;
    for (int i = 0; i < given.size(); i++) {
      extra += !pairs.containsValue(i) && given.get(i).cellCount() > 1 ? 1 : 0;
    }
    List<String> tags = new ArrayList<>();
    truth.path("tags").forEach(t -> tags.add(t.asString()));
    return new CaseScore(name, tags, scores, extra);
  }

  /** Which table of the result stands for which true one: those with most text in common first. */
  private static Map<Integer, Integer> pairs(List<CaseGrid> due, List<CaseGrid> given) {
    record Pair(double likeness, int due, int given) {}
    List<Pair> all = new ArrayList<>();
    for (int d = 0; d < due.size(); d++) {
      for (int g = 0; g < given.size(); g++) {
        Tally<String> a = due.get(d).texts();
        Tally<String> b = given.get(g).texts();
        all.add(new Pair((double) a.common(b) / Math.max(1, a.size() + b.size()), d, g));
      }
    }
    all.sort(
        Comparator.comparingDouble(Pair::likeness)
            .thenComparingInt(Pair::due)
            .thenComparingInt(Pair::given)
            .reversed());
    Map<Integer, Integer> pairs = new HashMap<>();
    for (Pair pair : all) {
      boolean free = !pairs.containsKey(pair.due()) && !pairs.containsValue(pair.given());
      if (pair.likeness() > LEAST_COMMON && free) {
        pairs.put(pair.due(), pair.given());
      }
    }
    return pairs;
  }
}
