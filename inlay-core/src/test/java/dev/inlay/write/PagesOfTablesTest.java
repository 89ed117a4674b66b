package dev.inlay.write;

import static dev.inlay.TableBuilder.cell;
import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.TableBuilder;
import dev.inlay.model.RowKind;
import dev.inlay.model.Table;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Tables for people to read elsewhere: Markdown and HTML. */
class PagesOfTablesTest {

  private static Table table() {
    return new TableBuilder("Harbour", "Boxed | kg")
        .cells(RowKind.GROUP, cell("North", 0, 2, 1))
        .cells(RowKind.BODY, cell("Oyle <1>", 0, 1, 2), cell("1,204.5*", 1, 1, 1))
        .cells(RowKind.BODY, cell("88.0", 1, 1, 1))
        .row(RowKind.TOTAL, "Total", "1,292.5")
        .note("*", "Without ice.")
        .build();
  }

  private static String html() {
    return HtmlTables.page(List.of(TableBuilder.document("q1.pdf", table())));
  }

  @Test
  void markdownHasOneLineARow() {
    String text = MarkdownTables.text(List.of(TableBuilder.document("q1.pdf", table())));
    assertThat(text.lines())
        .containsSequence(
            "### q1.pdf, p1t1. Table 1. Landings",
            "",
            "| Harbour | Boxed \\| kg |",
            "| --- | ---: |",
            "| **North** | |",
            "| Oyle \\<1> | 1,204.5\\* |",
            "| Oyle \\<1> | 88.0 |",
            "| **Total** | **1,292.5** |",
            "",
            "- \\* Without ice.");
  }

  @Test
  void htmlKeepsMergedCellsAndTellsHeadings() {
    assertThat(html())
        .contains("<th scope=\"col\" class=\"figure\">Boxed | kg</th>")
        .contains("<th scope=\"rowgroup\" colspan=\"2\">North</th>")
        .contains("<td rowspan=\"2\">Oyle &lt;1></td>")
        .contains("<tr class=\"total\" data-page=\"1\">")
        .contains("<li>* Without ice.</li>");
  }

  @Test
  void aRowUnderAMergedCellHasNoCellForIt() {
    String row = html().lines().filter(l -> l.contains("88.0")).findFirst().orElseThrow();
    assertThat(row.split("<td")).hasSize(2);
  }

  @Test
  void jsonTellsNotesAndMarkers() {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    JsonTables.write(List.of(TableBuilder.document("q1.pdf", table())), out);
    assertThat(out.toString(StandardCharsets.UTF_8))
        .contains("\"text\":\"1,204.5*\",\"marker\":\"*\"")
        .contains("\"notes\":[{\"marker\":\"*\",\"text\":\"Without ice.\"}]");
  }
}
