package dev.inlay.choose;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.evidence.Frame;
import dev.inlay.evidence.Ruling;
import dev.inlay.geom.Box;
import dev.inlay.geom.Interval;
import dev.inlay.model.Certainty;
import dev.inlay.page.Fill;
import dev.inlay.propose.Cell;
import dev.inlay.propose.Grid;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** Text in columns that is no table. */
class PlainTextTest {

  private final List<Ruling> rulings = new ArrayList<>();

  private boolean isPlain(String... rows) {
    return isPlain(0, rows);
  }

  private boolean isPlain(int header, String... rows) {
    int columns = rows[0].split("\\|", -1).length;
    List<List<Cell>> cells = new ArrayList<>();
    for (int r = 0; r < rows.length; r++) {
      List<Cell> row = new ArrayList<>();
      String[] texts = rows[r].split("\\|", -1);
      for (int c = 0; c < columns; c++) {
        Box box = new Box(100 * c, 12 * r, 100 * c + 100, 12 * r + 12);
        row.add(new Cell(r, c, 1, 1, box, texts[c], List.of(), false, Fill.WHITE, List.of()));
      }
      cells.add(row);
    }
    Box box = new Box(0, 0, 100 * columns, 12 * rows.length);
    return PlainText.is(
        new Grid(
                new Frame(1, box, rulings, List.of()),
                IntStream.rangeClosed(0, columns).mapToObj(c -> 100.0 * c).toList(),
                IntStream.rangeClosed(0, rows.length).mapToObj(r -> 12.0 * r).toList(),
                cells,
                false,
                OptionalInt.of(header),
                List.of())
            .withRows(OptionalInt.of(header), Set.of(), Certainty.FULL));
  }

  @Test
  void mostLinesOfAProgramReadSo() {
    assertThat(isPlain("int a;|// boats", "int b;|// quays", "int c;|// crews", "x|y", "x|y"))
        .isTrue();
    assertThat(isPlain("int a;|// boats", "int b;|// quays", "z|w", "x|y", "x|y")).isFalse();
  }

  @Test
  void whatRulingsPartIsATable() {
    rulings.add(new Ruling(true, 12, new Interval(0, 200)));
    assertThat(isPlain("int a;|// boats", "int b;|// quays")).isFalse();
  }

  @Test
  void entriesOfAnIndexEndWithPages() {
    assertThat(isPlain("anchor, 12|keel, 4, 9", "bow, 3\u20135|mast, 77", "crew, 8|quay, 10"))
        .isTrue();
    assertThat(isPlain("anchor, 12|keel, 4, 9", "bow, 3\u20135|mast, 77", "crew|quay")).isFalse();
    assertThat(isPlain("anchor, 12|keel, 4, 9", "bow, 3|mast, 77")).as("too few").isFalse();
    assertThat(isPlain("Oyle|1,204", "Moyle|2,311", "Lerrick|1,870", "Skua|99")).isFalse();
  }

  @Test
  void aListCountsFromOneOn() {
    String first = "1.|repair the north quay";
    String second = "2.|paint all of the boats";
    assertThat(isPlain(first, second)).isTrue();
    assertThat(isPlain(second, "3.|sell the two old nets")).as("it may go on").isFalse();
    assertThat(isPlain(first, "2.|coal")).as("three words in the mean").isFalse();
    assertThat(isPlain("1|repair the north quay", "2|paint all of the boats")).isFalse();
    assertThat(isPlain(first)).isFalse();
  }

  @Test
  void contentsNameChaptersAndPages() {
    assertThat(isPlain("1|Harbours|3", "2|Vessels|9", "3|Crews|9")).isTrue();
    assertThat(isPlain("1|Harbours|3", "2|Vessels|9", "3|Crews|8")).as("pages rise").isFalse();
    assertThat(isPlain("1|12|3", "2|14|9", "3|15|9")).as("titles are words").isFalse();
  }

  @Test
  void headingsMakeATableOfAList() {
    assertThat(isPlain(1, "No.|Work", "1.|repair the north quay", "2.|paint all of the boats"))
        .isFalse();
  }
}
