package dev.inlay.survey;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.model.RulingExtent;
import dev.inlay.write.SurveyFile;
import dev.inlay.write.SurveyOverview;
import dev.inlay.write.SurveyText;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class LookAlikesTest {

  private static PaperSummary paper(String name, String... headings) {
    TableSummary table =
        new TableSummary(
            "p1t1",
            Optional.of("Landings"),
            List.of(1, 2),
            12,
            List.of(headings),
            RulingExtent.PART,
            0.97,
            0);
    List<TableSummary> tables = headings.length == 0 ? List.of() : List.of(table);
    return new PaperSummary(Path.of(name), 2, PaperKind.TEXT, "press", List.of(), tables);
  }

  @Test
  void papersWithTheSameHeadingsAreOneGroupWhateverTheYear() {
    List<LookAlikes.Group> groups =
        LookAlikes.group(
            List.of(
                paper("a.pdf", "Species", "2024", "Boxed"),
                paper("b.pdf", "Vessel", "Owner", "Port", "Built"),
                paper("c.pdf", "Species", "2025", "Boxed"),
                paper("none.pdf")));
    assertThat(groups).hasSize(2);
    assertThat(groups.get(0).papers())
        .extracting(p -> p.path().toString())
        .containsExactly("a.pdf", "c.pdf");
  }

  @Test
  void theTextNamesEachGroupAndWhatHoldsNoTable() {
    List<PaperSummary> papers =
        List.of(paper("a.pdf", "Species"), paper("b.pdf", "Species"), paper("none.pdf"));
    List<String> lines = SurveyText.lines(papers, 0, 1);
    assertThat(lines.get(0)).isEqualTo("3 files, 6 pages, 2 tables, 24 rows");
    assertThat(String.join("\n", lines))
        .contains("A  2 files that look alike", "Species", "and 1 more file; --details shows all")
        .contains("Without tables  1 file", "none.pdf");
  }

  @Test
  void manyFilesAreShownOnOneScreenTheLargestGroupsFirst() {
    List<PaperSummary> papers = new ArrayList<>();
    for (int i = 0; i < 26; i++) {
      String letter = String.valueOf((char) ('a' + i)).repeat(6);
      papers.add(paper(letter + ".pdf", letter + " weight", letter + " price"));
    }
    papers.add(paper("x1.pdf", "Species", "Boxed"));
    papers.add(paper("x2.pdf", "Species", "Boxed"));
    papers.add(paper("none.pdf"));
    List<String> lines = SurveyOverview.lines(papers, 80);
    assertThat(lines).hasSizeLessThanOrEqualTo(30);
    assertThat(lines).allMatch(line -> line.length() <= 80);
    assertThat(lines.get(3)).contains("   A  ", "x1.pdf", "Species | Boxed").matches(".*\\b2\\b.*");
    assertThat(String.join("\n", lines))
        .contains("and 7 smaller groups of 7 files", "Without tables  1 file: 1 text")
        .contains("--details shows every file");
  }

  @Test
  void csvHasALineForEachTableAndForEachFileWithout() throws Exception {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    new SurveyFile(List.of(paper("a.pdf", "Species", "Boxed"), paper("none.pdf"))).csv(out);
    List<String> lines = out.toString(StandardCharsets.UTF_8).lines().toList();
    assertThat(lines).hasSize(3);
    assertThat(lines.get(1))
        .isEqualTo("a.pdf,2,text,press,A,p1t1,Landings,1 2,12,2,part,0.97,0,Species | Boxed,");
    assertThat(lines.get(2)).startsWith("none.pdf,2,text,press,,");
  }
}
