package dev.inlay.write;

import dev.inlay.model.Table;
import dev.inlay.survey.LookAlikes;
import dev.inlay.survey.LookAlikes.Group;
import dev.inlay.survey.PaperKind;
import dev.inlay.survey.PaperSummary;
import dev.inlay.survey.TableSummary;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/**
 * Shows a survey as text: documents that look alike in one block, with the tables of the first of
 * them, then those without tables and those that cannot be read.
 */
public final class SurveyText {

  private static final String INDENT = "   ";

  private final int width;
  private final int mostPapers;
  private final List<String> lines = new ArrayList<>();

  private SurveyText(int width, int mostPapers) {
    this.width = width;
    this.mostPapers = mostPapers;
  }

  /**
   * The lines of a survey.
   *
   * @param papers in the order given
   * @param width places in a line, 0 for as many as it takes
   * @param mostPapers how many documents of one block are named, 0 for all
   */
  public static List<String> lines(List<PaperSummary> papers, int width, int mostPapers) {
    SurveyText text = new SurveyText(width, mostPapers);
    text.lines.add(counts(papers));
    List<Group> groups = LookAlikes.group(papers);
    for (int i = 0; i < groups.size(); i++) {
      text.group(SurveyFile.groupName(i), groups.get(i));
    }
    text.others("Without tables", papers, true);
    text.others("Not read", papers, false);
    return text.lines;
  }

  /** How many files, pages, tables and rows there are. */
  static String counts(List<PaperSummary> papers) {
    int pages = papers.stream().mapToInt(PaperSummary::pages).sum();
    int tables = papers.stream().mapToInt(p -> p.tables().size()).sum();
    int rows = papers.stream().mapToInt(PaperSummary::rows).sum();
    return TextTables.counted(papers.size(), "file")
        + ", "
        + TextTables.counted(pages, "page")
        + ", "
        + TextTables.counted(tables, "table")
        + ", "
        + TextTables.counted(rows, "row");
  }

  private void group(String name, Group group) {
    int count = group.papers().size();
    PaperSummary first = group.first();
    lines.add("");
    lines.add(name + "  " + (count == 1 ? alone(first) : count + " files that look alike"));
    TextColumns tables = new TextColumns("<<<<<<");
    for (TableSummary table : first.tables()) {
      tables.add(
          table.id(),
          TextTables.pages(table.pages()),
          table.rows() + " × " + table.columns(),
          rulings(table),
          doubt(table.confidence(), table.warnings()),
          table.title().orElse(""));
    }
    List<String> described = tables.lines(INDENT, width);
    for (int i = 0; i < described.size(); i++) {
      lines.add(described.get(i));
      String headings = String.join(" | ", first.tables().get(i).headings());
      if (!headings.replace("|", "").isBlank()) {
        lines.add(cut(INDENT + "      " + headings));
      }
    }
    if (count > 1) {
      files(group.papers());
    }
  }

  private static String alone(PaperSummary paper) {
    String producer = paper.producer().isEmpty() ? "" : ", " + paper.producer();
    String pages = TextTables.counted(paper.pages(), "page");
    return fileName(paper) + "  " + pages + ", " + paper.kind().word() + producer;
  }

  /** A line for each document of a group. */
  private void files(List<PaperSummary> papers) {
    int shown = mostPapers == 0 ? papers.size() : Math.min(mostPapers, papers.size());
    TextColumns files = new TextColumns("<>>>><<");
    files.add("file", "pages", "tables", "rows", "confidence", "kind", "producer");
    for (PaperSummary paper : papers.subList(0, shown)) {
      files.add(
          fileName(paper),
          String.valueOf(paper.pages()),
          String.valueOf(paper.tables().size()),
          String.valueOf(paper.rows()),
          Table.confidenceText(paper.leastConfidence()),
          paper.kind().word(),
          paper.producer());
    }
    lines.addAll(files.lines(INDENT, width));
    more(papers.size() - shown);
  }

  private void others(String heading, List<PaperSummary> papers, boolean read) {
    List<PaperSummary> wanted =
        papers.stream().filter(p -> p.tables().isEmpty() && isRead(p) == read).toList();
    if (wanted.isEmpty()) {
      return;
    }
    lines.add("");
    lines.add(heading + "  " + TextTables.counted(wanted.size(), "file"));
    int shown = mostPapers == 0 ? wanted.size() : Math.min(mostPapers, wanted.size());
    TextColumns files = new TextColumns("<><<");
    for (PaperSummary paper : wanted.subList(0, shown)) {
      String why = paper.problems().isEmpty() ? "" : paper.problems().get(0).message();
      String pages = read ? TextTables.counted(paper.pages(), "page") : "";
      files.add(fileName(paper), pages, paper.kind().word(), why);
    }
    lines.addAll(files.lines(INDENT, width));
    more(wanted.size() - shown);
  }

  private static boolean isRead(PaperSummary paper) {
    return paper.kind() != PaperKind.LOCKED && paper.kind() != PaperKind.BROKEN;
  }

  private void more(int left) {
    if (left > 0) {
      lines.add(INDENT + "and " + TextTables.counted(left, "more file") + "; --details shows all");
    }
  }

  static String fileName(PaperSummary paper) {
    Path name = paper.path().getFileName();
    return name == null ? paper.path().toString() : name.toString();
  }

  private static String rulings(TableSummary table) {
    return TextTables.rulings(table.rulings());
  }

  private static String doubt(double confidence, int warnings) {
    return Table.confidenceText(confidence) + (warnings > 0 ? " !" : "");
  }

  private String cut(String line) {
    return width > 0 ? DisplayWidth.cut(line, width) : line;
  }
}
