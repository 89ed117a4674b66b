package dev.inlay.extract;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.choose.PageTables;
import dev.inlay.model.RowKind;
import dev.inlay.model.RulingExtent;
import dev.inlay.model.Table;
import dev.inlay.model.TextLedger;
import dev.inlay.page.Page;
import dev.inlay.page.PageSelection;
import dev.inlay.pdf.PdfFile;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The core on the demo papers. */
class SamplesTest {

  private static final Path SAMPLES = Path.of("..", "samples");

  @ParameterizedTest
  @ValueSource(ints = {1, 2, 3, 4})
  void everyCharacterOfEveryPageEndsInOnePlace(int quarter) throws Exception {
    try (PdfFile pdf = PdfFile.open(SAMPLES.resolve("landings-2025-q" + quarter + ".pdf"), "")) {
      int inCells = 0;
      for (int number = 1; number <= pdf.pageCount(); number++) {
        Page page = pdf.page(number);
        TextLedger ledger = PageTables.of(page).ledger();
        assertThat(ledger.balances()).as("page %d: %s", number, ledger).isTrue();
        assertThat(ledger.stray()).isZero();
        inCells += ledger.inCells();
        assertThat(ledger.outside()).isPositive();
      }
      assertThat(inCells).isGreaterThan(1000);
    }
  }

  @ParameterizedTest
  @ValueSource(ints = {1, 2, 3, 4})
  void bothTablesAreRuledWhollyAndUndoubted(int quarter) throws Exception {
    DocumentTables document =
        new Extractor(PageSelection.ALL, "")
            .extract(SAMPLES.resolve("landings-2025-q" + quarter + ".pdf"));
    List<Table> tables = document.tables();
    assertThat(tables).hasSize(2);
    assertThat(tables).allMatch(t -> t.warnings().isEmpty() && t.confidence() > 0.9);
    assertThat(tables.get(0).frames()).allMatch(f -> f.rulings() == RulingExtent.FULL);
    assertThat(tables.get(0).pages()).hasSizeGreaterThan(1);
    assertThat(tables.get(0).title().orElseThrow()).startsWith("Table 1. Landings by harbour");
    assertThat(tables).allMatch(t -> t.rows().get(t.rows().size() - 1).kind() == RowKind.TOTAL);
  }
}
