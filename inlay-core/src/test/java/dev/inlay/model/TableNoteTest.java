package dev.inlay.model;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.PageBuilder;
import dev.inlay.ReadTables;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Notes below tables and the markers that refer to them. */
class TableNoteTest {

  private static PageBuilder table() {
    PageBuilder page = new PageBuilder().lattice(50, 100, 80, 20, 3, 2);
    page.bold().cells(50, 100, 80, 20, 2, "Harbour", "Boxed").plain();
    return page.cells(50, 120, 80, 20, 2, "Oyle*", "12.5", "Vane Ness", "3.5");
  }

  @Test
  void aMarkedLineBelowTheFrameIsANote() {
    Table table = ReadTables.tables(table().text("* Without ice.", 50, 175)).get(0);
    assertThat(table.notes()).containsExactly(new TableNote("*", "Without ice."));
    assertThat(TableNote.markerIn("Oyle*", table.notes())).contains("*");
    assertThat(TableNote.markerIn("Oyle", table.notes())).isEmpty();
  }

  @Test
  void aNoteGoesOnInSmallType() {
    PageBuilder page = table().text("Source: returns of the", 50, 175, 8);
    Table table = ReadTables.tables(page.text("harbour masters.", 50, 184, 8)).get(0);
    assertThat(table.notes())
        .containsExactly(new TableNote("", "Source: returns of the harbour masters."));
  }

  @Test
  void runningTextBelowIsNone() {
    PageBuilder page = table().text("The harbours were open all year.", 50, 175);
    assertThat(ReadTables.tables(page).get(0).notes()).isEmpty();
  }

  @Test
  void raisedFiguresAreMarkersWithoutNotesToo() {
    assertThat(TableNote.markerIn("Saithe¹", List.of())).contains("¹");
    assertThat(TableNote.markerIn("Saithe1", List.of())).isEmpty();
    assertThat(TableNote.markerIn("*", List.of(new TableNote("*", "x")))).isEmpty();
  }

  @Test
  void namesOfColumnsAreDistinct() {
    List<Column> columns =
        Column.named(List.of(List.of("Boxed"), List.of(), List.of("Boxed"), List.of("A", "B")));
    assertThat(columns)
        .extracting(Column::name)
        .containsExactly("Boxed", "Column 2", "Boxed (2)", "A / B");
  }
}
