package dev.inlay.document;

import static dev.inlay.TableBuilder.cell;
import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.ReadTables;
import dev.inlay.TableBuilder;
import dev.inlay.geom.Box;
import dev.inlay.model.Column;
import dev.inlay.model.RowKind;
import dev.inlay.model.Table;
import dev.inlay.model.TableCell;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

class PlainListTest {

  private static final PlainList CARRIED = new PlainList(true, Set.of());

  private static TableCell heading(String text, double left) {
    return new TableCell(text, 0, 2, 1, new Box(left, 100, left + 60, 110));
  }

  @Test
  void everyRowCarriesTheHeadingAboveIt() {
    Table list =
        CARRIED.of(
            new TableBuilder("Species", "Boxed")
                .cells(RowKind.GROUP, heading("Oyle", 50))
                .row("Cod", "12")
                .row("Hake", "3")
                .cells(RowKind.GROUP, heading("Vane Ness", 50))
                .row("Cod", "4")
                .build());
    assertThat(list.columns())
        .extracting(Column::name)
        .containsExactly("Heading", "Species", "Boxed");
    assertThat(ReadTables.texts(list))
        .containsExactly(
            List.of("Species", "Boxed"),
            List.of("Oyle", "Cod", "12"),
            List.of("Oyle", "Hake", "3"),
            List.of("Vane Ness", "Cod", "4"));
  }

  @Test
  void indentedHeadingsLieInThoseFurtherLeft() {
    Table list =
        CARRIED.of(
            new TableBuilder("Species", "Boxed")
                .cells(RowKind.GROUP, heading("Oyle", 50))
                .cells(RowKind.GROUP, heading("Skua", 60))
                .row("Cod", "12")
                .cells(RowKind.GROUP, heading("Petrel", 60))
                .row("Cod", "4")
                .cells(RowKind.GROUP, heading("Vane Ness", 50))
                .row("Ling", "1")
                .build());
    assertThat(ReadTables.texts(list).subList(1, 4))
        .containsExactly(
            List.of("Oyle", "Skua", "Cod", "12"),
            List.of("Oyle", "Petrel", "Cod", "4"),
            List.of("Vane Ness", "Ling", "1"));
  }

  @Test
  void headingsThatShareAWordAreEquallyDeep() {
    Table list =
        CARRIED.of(
            new TableBuilder("Species", "Boxed")
                .cells(RowKind.GROUP, heading("Harbour Oyle", 50))
                .cells(RowKind.GROUP, heading("Vessel Skua", 50))
                .row("Cod", "12")
                .cells(RowKind.GROUP, heading("Vessel Petrel", 50))
                .row("Cod", "4")
                .cells(RowKind.GROUP, heading("Harbour Vane Ness", 50))
                .cells(RowKind.GROUP, heading("Vessel Tern", 50))
                .row("Ling", "1")
                .build());
    assertThat(ReadTables.texts(list).get(2))
        .containsExactly("Harbour Oyle", "Vessel Petrel", "Cod", "4");
    assertThat(ReadTables.texts(list).get(3))
        .containsExactly("Harbour Vane Ness", "Vessel Tern", "Ling", "1");
  }

  @Test
  void kindsOfRowsAreLeftOut() {
    Table list =
        new PlainList(false, Set.of(RowKind.TOTAL, RowKind.NOTE))
            .of(
                new TableBuilder("Species", "Boxed")
                    .row("Cod", "12")
                    .row(RowKind.TOTAL, "Total", "12")
                    .row(RowKind.NOTE, "Without ice.")
                    .build());
    assertThat(ReadTables.texts(list)).hasSize(2).last().isEqualTo(List.of("Cod", "12"));
  }

  @Test
  void mergedCellsGetShorterWithTheRowsTheyCover() {
    Table list =
        new PlainList(false, Set.of(RowKind.SUBTOTAL))
            .of(
                new TableBuilder("Harbour", "Boxed")
                    .cells(RowKind.BODY, cell("Oyle", 0, 1, 3), cell("12", 1, 1, 1))
                    .cells(RowKind.SUBTOTAL, cell("12", 1, 1, 1))
                    .cells(RowKind.BODY, cell("4", 1, 1, 1))
                    .build());
    assertThat(list.rows().get(1).cells().get(0).rowSpan()).isEqualTo(2);
  }

  @Test
  void nothingAskedForChangesNothing() {
    Table table = new TableBuilder("Species").row("Cod").build();
    assertThat(PlainList.NONE.of(table)).isSameAs(table);
  }
}
