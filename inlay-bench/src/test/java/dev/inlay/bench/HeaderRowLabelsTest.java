package dev.inlay.bench;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.evidence.Frame;
import dev.inlay.geom.Box;
import dev.inlay.page.Fill;
import dev.inlay.propose.Cell;
import dev.inlay.propose.Grid;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.json.JsonMapper;

/** The truth is a table of two header rows and three records on the first two pages. */
class HeaderRowLabelsTest {

  private static final String TRUTH =
      """
      [{"pages": [1, 2], "kinds": ["header", "header", "body", "body", "body"],
        "grid": [[["Vessel", 0, 1, 2], ["Landed", 1, 2, 1]], [["fish", 1, 1, 1], ["ice", 2, 1, 1]],
                 [["Skua", 0, 1, 1], ["1", 1, 1, 1]], [["Tern", 0, 1, 1], ["2", 1, 1, 1]],
                 [["Gull", 0, 1, 1], ["3", 1, 1, 1]]]}]
      """;

  private static OptionalInt label(int page, String... rows) {
    Box box = new Box(0, 0, 300, 100);
    List<List<Cell>> cells = new ArrayList<>();
    for (String row : rows) {
      List<Cell> texts = new ArrayList<>();
      for (String text : row.split("\\|")) {
        texts.add(
            new Cell(
                cells.size(),
                texts.size(),
                1,
                1,
                box,
                text,
                List.of(),
                false,
                Fill.WHITE,
                List.of()));
      }
      cells.add(texts);
    }
    List<Double> edges = IntStream.rangeClosed(0, rows.length).mapToObj(r -> 10.0 * r).toList();
    Grid grid =
        new Grid(
            new Frame(page, box, List.of(), List.of()),
            List.of(0.0, 300.0),
            edges,
            cells,
            false,
            OptionalInt.empty(),
            List.of());
    return HeaderRowLabels.of(grid, JsonMapper.shared().readTree(TRUTH), page);
  }

  @Test
  void aGridThatBeginsWithTheTableHasItsHeader() {
    assertThat(label(1, "Vessel|Landed", "fish|ice", "Skua|1", "Tern|2")).hasValue(2);
  }

  @Test
  void aGridThatGoesOnHasNoneOrTheRestOfIt() {
    assertThat(label(2, "Tern|2", "Gull|3")).hasValue(0);
    assertThat(label(2, "fish|ice", "Skua|1", "Tern|2")).hasValue(1);
  }

  @Test
  void aGridOfOtherRowsOrOnAnotherPageHasNoLabel() {
    assertThat(label(1, "Vessel|Landed", "fish|ice", "Skua|7")).isEmpty();
    assertThat(label(3, "Vessel|Landed", "fish|ice", "Skua|1")).isEmpty();
  }
}
