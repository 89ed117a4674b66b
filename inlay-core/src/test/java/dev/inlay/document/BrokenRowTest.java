package dev.inlay.document;

import static dev.inlay.ReadTables.texts;
import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.PageBuilder;
import dev.inlay.ReadTables;
import dev.inlay.model.Table;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Boxed rows that a page break parts. */
class BrokenRowTest {

  /** A boxed list of quays with its header; the last row may say more on the next page. */
  private static PageBuilder quays(String last, String dues) {
    return new PageBuilder(1)
        .lattice(50, 600, 120, 18, 5, 3)
        .cells(
            50,
            600,
            120,
            18,
            3,
            "Quay",
            "Holder",
            "Dues",
            "North quay",
            "A. Fenwick",
            "13.50",
            "South quay",
            "B. Oyle",
            "16.00",
            "Long quay",
            "C. Brennick",
            "6.00",
            last,
            "D. Ness",
            dues);
  }

  private static PageBuilder next(String... first) {
    PageBuilder page = new PageBuilder(2).lattice(50, 60, 120, 18, 3, 3);
    page.cells(50, 60, 120, 18, 3, first);
    return page.cells(
        50, 78, 120, 18, 3, "Old quay", "E. Vane", "9.00", "New quay", "F. Carl", "8.40");
  }

  private static List<List<String>> read(PageBuilder first, PageBuilder second) {
    List<Table> tables = ReadTables.tables(first, second);
    assertThat(tables).hasSize(1);
    return texts(tables.get(0));
  }

  @Test
  void aLabelAloneInItsBoxGoesOnWithTheOneBefore() {
    assertThat(read(quays("Coal and", "7.20"), next("timber quay", "", "")))
        .hasSize(7)
        .contains(List.of("Coal and timber quay", "D. Ness", "7.20"));
  }

  @Test
  void aTextAloneInAnotherBoxGoesOnThere() {
    assertThat(read(quays("Coal quay", "7.20"), next("", "and brothers", "")))
        .hasSize(7)
        .contains(List.of("Coal quay", "D. Ness and brothers", "7.20"));
  }

  @Test
  void twoFiguresAreNoText() {
    assertThat(read(quays("Coal quay", "7.20"), next("", "and brothers", "1.80")))
        .hasSize(8)
        .contains(List.of("Coal quay", "D. Ness", "7.20"));
  }
}
