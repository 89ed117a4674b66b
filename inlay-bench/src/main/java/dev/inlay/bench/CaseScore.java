package dev.inlay.bench;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import tools.jackson.databind.JsonNode;

/**
 * How one case came out.
 *
 * @param name of the case
 * @param producer the program that printed it, empty where the truth does not say
 * @param tables one score for each true table
 * @param extra how many tables the result has that are none
 * @param extraUnflagged how many of those have no warning
 * @param perfectResults the numbers of the result's tables that are perfect, from 0
 */
record CaseScore(
    String name,
    String producer,
    List<TableScore> tables,
    int extra,
    int extraUnflagged,
    Set<Integer> perfectResults) {

  static final String ENDING = ".truth.json";

  /** Less of its text in common makes no table the counterpart of another. */
  private static final double LEAST_COMMON = 0.1;

  /** The cases of a folder: each a truth with the PDF beside it. */
  static List<Path> casesIn(Path folder) throws java.io.IOException {
    try (Stream<Path> files = Files.list(folder)) {
      return files.filter(f -> f.toString().endsWith(ENDING)).sorted().toList();
    }
  }

  /** The PDFs of a folder, in the order of their names. */
  static List<Path> papersIn(Path folder) throws java.io.IOException {
    try (Stream<Path> files = Files.list(folder)) {
      return files.filter(f -> f.toString().endsWith(".pdf")).sorted().toList();
    }
  }

  /** The PDF beside a truth. */
  static Path pdfOf(Path truth) {
    return truth.resolveSibling(nameOf(truth) + ".pdf");
  }

  /** The name of the case of a truth. */
  static String nameOf(Path truth) {
    String file = truth.getFileName().toString();
    return file.substring(0, file.length() - ENDING.length());
  }

  /**
   * Scores a result against a truth.
   *
   * @param name of the case
   * @param truth as the format of cases says
   * @param result a document as {@code extract} writes it to JSON
   */
  static CaseScore of(String name, JsonNode truth, JsonNode result) {
    List<CaseGrid> due = new ArrayList<>();
    truth.get("tables").forEach(t -> due.add(CaseGrid.ofTruth(t)));
    List<JsonNode> tables = new ArrayList<>();
    result.path("tables").forEach(tables::add);
    List<CaseGrid> given = tables.stream().map(CaseGrid::ofResult).toList();
    Map<Integer, Integer> pairs = pairs(due, given);
    List<TableScore> scores = new ArrayList<>();
    for (int i = 0; i < due.size(); i++) {
      Integer at = pairs.get(i);
      scores.add(
          TableScore.of(
              kindsOf(truth, truth.get("tables").get(i)),
              due.get(i),
              at == null ? CaseGrid.NONE : given.get(at),
              at != null,
              codes(at == null ? result.path("problems") : tables.get(at).path("warnings")),
              at == null ? 1 : tables.get(at).path("confidence").asDouble(1)));
    }
    int extra = 0;
    int extraUnflagged = 0;
    for (int i = 0; i < given.size(); i++) {
      if (!pairs.containsValue(i) && given.get(i).cellCount() > 1) {
        extra++;
        extraUnflagged += tables.get(i).path("warnings").isEmpty() ? 1 : 0;
      }
    }
    Set<Integer> perfect = new HashSet<>();
    pairs.forEach(
        (d, g) -> {
          if (scores.get(d).perfect()) {
            perfect.add(g);
          }
        });
    String producer = truth.path("via").asString(truth.path("producer").asString(""));
    return new CaseScore(name, producer, scores, extra, extraUnflagged, perfect);
  }

  /** The codes of warnings or problems, each once. */
  private static List<String> codes(JsonNode reported) {
    Set<String> codes = new TreeSet<>();
    reported.forEach(r -> codes.add(r.path("code").asString()));
    return List.copyOf(codes);
  }

  /** A table's own kinds of difficulty; those of its case where it has none of its own. */
  private static List<String> kindsOf(JsonNode truth, JsonNode table) {
    List<String> kinds = new ArrayList<>();
    JsonNode tags = table.has("tags") ? table.get("tags") : truth.path("tags");
    tags.forEach(t -> kinds.add(t.asString()));
    return kinds;
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
