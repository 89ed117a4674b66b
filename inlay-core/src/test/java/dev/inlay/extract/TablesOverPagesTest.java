package dev.inlay.extract;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.model.RowKind;
import dev.inlay.model.Table;
import dev.inlay.model.TableCell;
import dev.inlay.model.TextLedger;
import dev.inlay.page.PageSelection;
import dev.inlay.pdf.TestPdf;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What only the pages together tell: furniture, and columns that the last page hardly shows. */
class TablesOverPagesTest {

  private static final int[] PLACES = {60, 160, 300, 420};

  @TempDir private Path folder;

  private static void row(PDPageContentStream c, double y, String... texts) throws IOException {
    for (int i = 0; i < texts.length; i++) {
      if (!texts[i].isEmpty()) {
        TestPdf.show(c, texts[i], PLACES[i], (float) y);
      }
    }
  }

  /** A page of a listing whose running head stands right above the headings. */
  private static TestPdf.Drawing page(int number, int rows) {
    return c -> {
      row(c, 800, "Harbour Board", "", "Vessels in port", "Page " + number);
      row(c, 786, "Vessel", "Harbour", "Master", "Fee");
      for (int r = 0; r < rows; r++) {
        String name = (char) ('A' + number) + "vessel " + (char) ('a' + r);
        row(c, 772 - 14 * r, name, "Oyle", "Master " + (char) ('a' + r), (10 + r) + ".50");
      }
      row(c, 40, "", "", "Turn over");
    };
  }

  private DocumentTables extract(int threads, TestPdf.Drawing... pages) throws Exception {
    Path file = TestPdf.savePages(folder.resolve("report.pdf"), pages);
    return new Extractor(PageSelection.ALL, "").onThreads(threads).extract(file);
  }

  private static List<String> texts(Table table, int row) {
    return table.rows().get(row).cells().stream().map(TableCell::text).toList();
  }

  @Test
  void aRunningHeadRightAboveTheHeadingsIsNoHeader() throws Exception {
    DocumentTables document = extract(1, page(1, 20), page(2, 20), page(3, 20));
    assertThat(document.tables()).hasSize(1);
    Table table = document.tables().get(0);
    assertThat(table.headerRows()).isEqualTo(1);
    assertThat(texts(table, 0)).containsExactly("Vessel", "Harbour", "Master", "Fee");
    assertThat(table.bodyRows()).hasSize(60);
  }

  @Test
  void furnitureIsBookedAsSuchAndTheLedgerBalances() throws Exception {
    DocumentTables document = extract(1, page(1, 20), page(2, 20), page(3, 20));
    assertThat(document.ledgers()).hasSize(3);
    for (PageLedger page : document.ledgers()) {
      TextLedger ledger = page.ledger();
      assertThat(ledger.balances()).isTrue();
      assertThat(ledger.furniture()).isEqualTo("HarbourBoardVesselsinportPage1Turnover".length());
    }
    assertThat(document.furnitureOn(2)).hasSize(2);
  }

  @Test
  void theLastPageIsReadByTheHeadingsOfThePageBefore() throws Exception {
    TestPdf.Drawing last =
        c -> {
          row(c, 786, "Vessel", "Harbour", "Master", "Fee");
          row(c, 772, "Total", "", "", "390.00");
          row(c, 730, "Total of all pages", "", "", "780.00");
        };
    DocumentTables document = extract(1, page(1, 20), page(2, 20), last);
    assertThat(document.tables()).hasSize(1);
    Table table = document.tables().get(0);
    assertThat(table.pages()).containsExactly(1, 2, 3);
    List<TableCell> sum = table.rows().get(table.rows().size() - 1).cells();
    assertThat(table.rows().get(table.rows().size() - 1).kind()).isEqualTo(RowKind.TOTAL);
    assertThat(sum.get(sum.size() - 1).column()).isEqualTo(3);
  }

  @Test
  void threadsChangeNothing() throws Exception {
    TestPdf.Drawing[] pages = new TestPdf.Drawing[40];
    for (int i = 0; i < pages.length; i++) {
      pages[i] = page(i + 1, 12);
    }
    DocumentTables alone = extract(1, pages);
    DocumentTables together = extract(4, pages);
    assertThat(together.tables()).isEqualTo(alone.tables());
    assertThat(together.ledgers()).isEqualTo(alone.ledgers());
    assertThat(alone.tables().get(0).bodyRows()).hasSize(480);
  }
}
