package dev.inlay.bench;

import dev.inlay.choose.Proposal;
import dev.inlay.choose.RulingUse;
import dev.inlay.extract.DocumentTables;
import dev.inlay.extract.Extractor;
import dev.inlay.page.PageSelection;
import dev.inlay.score.RoleChoice;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * How many tables are perfect in some possible reading, beside how many are in the one that is
 * chosen. Where both are alike, a proposal is missing, and no better choice helps.
 */
final class Oracle {

  /**
   * How many of the best sequences of roles are read: those after them hardly add a right table.
   */
  private static final int ROLE_RANKS = 6;

  /** Where a rival reading decides otherwise. */
  enum Stage {
    ROLES,
    CUSTOMS,
    RULINGS,
    GUTTERS,
    HEADER
  }

  /** A possible reading and the stage that decides otherwise in it. */
  record Rival(Stage stage, Proposal proposal) {}

  /** What came out for some tables. */
  private static final class Share {
    private int tables;
    private int chosen;
    private int possible;
    private final Map<Stage, Integer> byStage = new TreeMap<>();

    void add(boolean right, Set<Stage> rightIn) {
      tables++;
      chosen += right ? 1 : 0;
      possible += right || !rightIn.isEmpty() ? 1 : 0;
      if (!right) {
        rightIn.forEach(s -> byStage.merge(s, 1, Integer::sum));
      }
    }

    String line(String name) {
      StringBuilder line =
          new StringBuilder(
              String.format(
                  Locale.ROOT,
                  "%-24s %6d %7.1f%% %7.1f%%",
                  name,
                  tables,
                  100.0 * chosen / Math.max(1, tables),
                  100.0 * possible / Math.max(1, tables)));
      for (Stage stage : Stage.values()) {
        line.append(String.format(Locale.ROOT, "%9d", byStage.getOrDefault(stage, 0)));
      }
      return line.toString();
    }
  }

  private final Share all = new Share();
  private final Map<String, Share> byKind = new TreeMap<>();

  private Oracle() {}

  /** The readings that are possible beside the chosen one. */
  static List<Rival> rivals() {
    List<Rival> rivals = new ArrayList<>();
    Proposal chosen = Proposal.CHOSEN;
    for (int rank = 1; rank < ROLE_RANKS; rank++) {
      rivals.add(new Rival(Stage.ROLES, chosen.with(new RoleChoice(rank, true))));
    }
    rivals.add(new Rival(Stage.CUSTOMS, chosen.with(new RoleChoice(0, false))));
    rivals.add(new Rival(Stage.RULINGS, Proposal.of(RulingUse.IGNORE)));
    rivals.add(new Rival(Stage.RULINGS, Proposal.of(RulingUse.USE)));
    rivals.add(new Rival(Stage.GUTTERS, chosen.withRivalGutters()));
    rivals.add(new Rival(Stage.HEADER, chosen.withOtherHeader()));
    return rivals;
  }

  /**
   * Measures folders of papers with truth.
   *
   * @param args the folders
   * @throws IOException if a folder cannot be listed
   * @throws InterruptedException if stopped from outside
   */
  static void main(String[] args, PrintStream out) throws IOException, InterruptedException {
    out.println(
        "a table counts under each stage whose rival makes it perfect where the chosen one");
    out.println("is not; 'possible' counts tables that are perfect in the chosen or any rival one");
    StringBuilder heading = new StringBuilder("                         tables   chosen possible");
    for (Stage stage : Stage.values()) {
      heading.append(String.format("%9s", stage.name().toLowerCase(Locale.ROOT)));
    }
    out.println(heading);
    Oracle oracle = new Oracle();
    for (String folder : args) {
      Share share = new Share();
      for (Path truth : CaseScore.casesIn(Path.of(folder))) {
        oracle.add(truth, share);
      }
      out.println(share.line(String.valueOf(Path.of(folder).getFileName())));
    }
    out.println(oracle.all.line("all"));
    out.println();
    oracle.byKind.entrySet().stream()
        .sorted((a, b) -> Integer.compare(b.getValue().tables, a.getValue().tables))
        .forEach(e -> out.println(e.getValue().line(e.getKey())));
  }

  private void add(Path truth, Share share) throws InterruptedException {
    JsonNode due = JsonMapper.shared().readTree(truth.toFile());
    List<TableScore> chosen = scores(truth, due, Proposal.CHOSEN);
    List<Set<Stage>> rightIn = new ArrayList<>();
    chosen.forEach(t -> rightIn.add(EnumSet.noneOf(Stage.class)));
    if (!chosen.stream().allMatch(TableScore::perfect)) {
      for (Rival rival : rivals()) {
        List<TableScore> scores = scores(truth, due, rival.proposal());
        for (int i = 0; i < scores.size(); i++) {
          if (scores.get(i).perfect()) {
            rightIn.get(i).add(rival.stage());
          }
        }
      }
    }
    for (int i = 0; i < chosen.size(); i++) {
      boolean right = chosen.get(i).perfect();
      Set<Stage> stages = rightIn.get(i);
      share.add(right, stages);
      all.add(right, stages);
      for (String kind : chosen.get(i).kinds()) {
        byKind.computeIfAbsent(kind, k -> new Share()).add(right, stages);
      }
    }
  }

  private static List<TableScore> scores(Path truth, JsonNode due, Proposal proposal)
      throws InterruptedException {
    DocumentTables document =
        new Extractor(PageSelection.ALL, "").proposing(proposal).extract(CaseScore.pdfOf(truth));
    return CaseScore.of(CaseScore.nameOf(truth), due, CaseReading.asJson(document)).tables();
  }
}
