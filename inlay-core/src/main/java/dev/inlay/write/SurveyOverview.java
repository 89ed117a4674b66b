package dev.inlay.write;

import dev.inlay.model.Table;
import dev.inlay.survey.LookAlikes;
import dev.inlay.survey.LookAlikes.Group;
import dev.inlay.survey.PaperKind;
import dev.inlay.survey.PaperSummary;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.IntStream;

/** Shows a survey of many documents on one screen: a line for each of the largest groups. */
public final class SurveyOverview {

  /** With what stands around them they fill a screen of thirty lines. */
  private static final int MOST_GROUPS = 20;

  /** The name of a file takes at most this part of a line: one in this many. */
  private static final int NAME_SHARE = 4;

  private static final String INDENT = "   ";

  private SurveyOverview() {}

  /** A group and the name that it has in other formats. */
  private record Named(String name, Group group) {}

  /**
   * The lines of an overview.
   *
   * @param papers in the order given
   * @param width places in a line, 0 for as many as it takes
   */
  public static List<String> lines(List<PaperSummary> papers, int width) {
    List<String> lines = new ArrayList<>();
    lines.add(SurveyText.counts(papers));
    lines.add("");
    List<Group> groups = LookAlikes.group(papers);
    List<Named> largest =
        IntStream.range(0, groups.size())
            .mapToObj(i -> new Named(SurveyFile.groupName(i), groups.get(i)))
            .sorted(Comparator.comparingInt((Named n) -> -n.group().papers().size()))
            .toList();
    int shown = Math.min(MOST_GROUPS, largest.size());
    lines.addAll(table(largest.subList(0, shown), width).lines(INDENT, width));
    List<Named> others = largest.subList(shown, largest.size());
    if (!others.isEmpty()) {
      int files = others.stream().mapToInt(n -> n.group().papers().size()).sum();
      lines.add(
          INDENT
              + "and "
              + TextTables.counted(others.size(), "smaller group")
              + " of "
              + TextTables.counted(files, "file"));
    }
    String rest = withoutTables(papers);
    if (!rest.isEmpty()) {
      lines.add("");
      lines.add(rest);
    }
    lines.add("");
    lines.add("--details shows every file and table here; -o survey.csv lists them in a file");
    return lines;
  }

  private static TextColumns table(List<Named> groups, int width) {
    TextColumns table = new TextColumns("<>>>><<");
    table.add("group", "files", "pages", "tables", "confidence", "first file", "headings");
    for (Named named : groups) {
      List<PaperSummary> papers = named.group().papers();
      PaperSummary first = named.group().first();
      table.add(
          named.name(),
          String.valueOf(papers.size()),
          String.valueOf(papers.stream().mapToInt(PaperSummary::pages).sum()),
          String.valueOf(papers.stream().mapToInt(p -> p.tables().size()).sum()),
          Table.confidenceText(
              papers.stream().mapToDouble(PaperSummary::leastConfidence).min().orElse(1)),
          width > 0 ? DisplayWidth.cut(name(first), width / NAME_SHARE) : name(first),
          String.join(" | ", first.tables().get(0).headings()));
    }
    return table;
  }

  private static String name(PaperSummary paper) {
    return SurveyText.fileName(paper);
  }

  /** How many files have no table, by what can be read in them. */
  private static String withoutTables(List<PaperSummary> papers) {
    Map<PaperKind, Integer> kinds = new TreeMap<>();
    papers.stream()
        .filter(p -> p.tables().isEmpty())
        .forEach(p -> kinds.merge(p.kind(), 1, Integer::sum));
    int all = kinds.values().stream().mapToInt(n -> n).sum();
    List<String> counts = new ArrayList<>();
    kinds.forEach((kind, count) -> counts.add(count + " " + kind.word()));
    return all == 0
        ? ""
        : "Without tables  " + TextTables.counted(all, "file") + ": " + String.join(", ", counts);
  }
}
