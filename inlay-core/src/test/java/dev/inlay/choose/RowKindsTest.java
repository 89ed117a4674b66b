package dev.inlay.choose;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.geom.Box;
import dev.inlay.model.RowKind;
import dev.inlay.page.Fill;
import dev.inlay.propose.Cell;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RowKindsTest {

  private static Cell cell(String text, int column, int columnSpan) {
    Box box = new Box(0, 0, 10, 10);
    return new Cell(0, column, 1, columnSpan, box, text, List.of(), false, Fill.WHITE, List.of());
  }

  @ParameterizedTest
  @CsvSource({
    "Total, TOTAL",
    "'Total, all harbours', TOTAL",
    "Grand total, TOTAL",
    "Summe, TOTAL",
    "Goods total, TOTAL",
    "Net total:, TOTAL",
    "Yhteensä, TOTAL",
    "Σύνολο, TOTAL",
    "Välisumma, SUBTOTAL",
    "A note that runs on and on until it comes to total, BODY",
    "Subtotalled berths, BODY",
    "合計, TOTAL",
    "Subtotal, SUBTOTAL",
    "Sub-total Oyle, SUBTOTAL",
    "Zwischensumme, SUBTOTAL",
    "Totally new nets, BODY",
    "Cod, BODY"
  })
  void theFirstTextTellsSums(String text, RowKind kind) {
    List<Cell> cells = List.of(cell(text, 0, 1), cell("12.5", 1, 1));
    assertThat(RowKinds.of(cells, 2, false)).isEqualTo(kind);
  }

  @Test
  void oneTextOverTheWholeWidthIsAHeadingOrANote() {
    assertThat(RowKinds.of(List.of(cell("Oyle", 0, 3)), 3, false)).isEqualTo(RowKind.GROUP);
    assertThat(RowKinds.of(List.of(cell("Weighed at the quay.", 0, 3)), 3, true))
        .isEqualTo(RowKind.NOTE);
    assertThat(RowKinds.of(List.of(cell("x".repeat(100), 0, 3)), 3, false)).isEqualTo(RowKind.NOTE);
  }

  @Test
  void whatSaysAtTheEndOfAPageThatTheTableGoesOnIsANote() {
    List<Cell> cells = List.of(cell("Continued on next page", 0, 3));
    assertThat(RowKinds.of(cells, 3, true)).isEqualTo(RowKind.NOTE);
    List<Cell> heading = List.of(cell("Oyle (continued)", 0, 3));
    assertThat(RowKinds.of(heading, 3, false)).isEqualTo(RowKind.GROUP);
  }

  @Test
  void oneTextInItsColumnIsARecord() {
    assertThat(RowKinds.of(List.of(cell("Oyle", 0, 1)), 3, false)).isEqualTo(RowKind.BODY);
    assertThat(RowKinds.of(List.of(cell("", 0, 1)), 3, false)).isEqualTo(RowKind.BODY);
  }
}
