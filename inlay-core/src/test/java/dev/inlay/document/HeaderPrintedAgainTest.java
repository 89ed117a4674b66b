package dev.inlay.document;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.choose.PageTable;
import dev.inlay.geom.Box;
import dev.inlay.model.RowKind;
import dev.inlay.model.RulingExtent;
import dev.inlay.model.TableCell;
import dev.inlay.model.TableFrame;
import dev.inlay.model.TableRow;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class HeaderPrintedAgainTest {

  private static final Box BOX = new Box(50, 100, 350, 130);

  /** A part of three columns; {@code |} parts cells, {@code /} the lines of one. */
  private static PageTable part(int header, String... rows) {
    List<TableRow> all = new ArrayList<>();
    for (int r = 0; r < rows.length; r++) {
      List<TableCell> cells = new ArrayList<>();
      String[] texts = rows[r].split("\\|", -1);
      for (int c = 0; c < texts.length; c++) {
        int line = texts[c].indexOf('/');
        List<Integer> starts = line < 0 ? List.of() : List.of(line + 1);
        cells.add(new TableCell(texts[c].replace('/', ' '), starts, c, 1, 1, BOX));
      }
      all.add(new TableRow(r < header ? RowKind.HEADER : RowKind.BODY, 2, cells));
    }
    return new PageTable(
        new TableFrame(2, BOX, RulingExtent.FULL),
        Optional.empty(),
        List.of(),
        List.of(50.0, 150.0, 250.0, 350.0),
        header,
        all,
        List.of(),
        true,
        true,
        false);
  }

  private static List<String> alone(PageTable first, PageTable part) {
    PageTable alone = HeaderPrintedAgain.alone(first, part);
    assertThat(alone.printed()).as("no character is lost").isEqualTo(part.printed());
    return alone.rows().stream()
        .map(
            r ->
                r.kind()
                    + ": "
                    + String.join("|", r.cells().stream().map(TableCell::text).toList()))
        .toList();
  }

  @Test
  void whatStandsBelowAHeadingIsARow() {
    PageTable first = part(1, "Vessel|Work|Crowns");
    assertThat(alone(first, part(1, "Vessel|Work/of the hull|Crowns", "Skua|ice|1.50")))
        .containsExactly("HEADER: Vessel|Work|Crowns", "BODY: of the hull", "BODY: Skua|ice|1.50");
  }

  @Test
  void furtherRowsOfTheHeaderAreRows() {
    PageTable first = part(1, "Vessel|Work|Crowns");
    assertThat(alone(first, part(2, "Vessel|Work|Crowns", "Skua|ice|1.50")))
        .containsExactly("HEADER: Vessel|Work|Crowns", "BODY: Skua|ice|1.50");
  }

  @Test
  void aTextOverAColumnWithoutHeadingMayBeOne() {
    PageTable first = part(1, "|2024|2023");
    assertThat(alone(first, part(1, "Reserves|2024|2023", "Skua|2|3")))
        .containsExactly("HEADER: Reserves|2024|2023", "BODY: Skua|2|3");
    assertThat(alone(first, part(2, "Reserves|2024|2023", "Skua|2|3")))
        .containsExactly("HEADER: Reserves|2024|2023", "HEADER: Skua|2|3");
  }

  @Test
  void anotherHeaderStaysAsItIs() {
    PageTable first = part(1, "Vessel|Work|Crowns");
    assertThat(alone(first, part(1, "Vessel|Works/of the hull|Crowns", "Skua|ice|1.50")))
        .containsExactly("HEADER: Vessel|Works of the hull|Crowns", "BODY: Skua|ice|1.50");
    assertThat(alone(first, part(1, "Vessel|Work of/the hull|Crowns")))
        .as("no line begins behind the heading")
        .containsExactly("HEADER: Vessel|Work of the hull|Crowns");
  }
}
