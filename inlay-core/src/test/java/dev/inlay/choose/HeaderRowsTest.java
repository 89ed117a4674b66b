package dev.inlay.choose;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import dev.inlay.evidence.Frame;
import dev.inlay.evidence.Ruling;
import dev.inlay.geom.Box;
import dev.inlay.geom.Interval;
import dev.inlay.model.Certainty;
import dev.inlay.model.Decision;
import dev.inlay.page.Fill;
import dev.inlay.propose.Cell;
import dev.inlay.propose.Grid;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** How many rows are header by what the rows hold, where their lines are read with little doubt. */
class HeaderRowsTest {

  private static final double ROW = 12;
  private static final double COLUMN = 100;

  private final List<Ruling> rulings = new ArrayList<>();

  private void ruled(int edge) {
    rulings.add(new Ruling(true, edge * ROW, new Interval(0, 3 * COLUMN)));
  }

  /** A grid of rows, cells parted by "|", bold ones with a star before. */
  private Grid grid(int read, double sure, String... rows) {
    int columns = rows[0].split("\\|", -1).length;
    List<List<Cell>> cells = new ArrayList<>();
    for (int r = 0; r < rows.length; r++) {
      cells.add(cells(r, rows[r].split("\\|", -1)));
    }
    Box box = new Box(0, 0, columns * COLUMN, rows.length * ROW);
    return new Grid(
            new Frame(1, box, rulings, List.of()),
            IntStream.rangeClosed(0, columns).mapToObj(c -> c * COLUMN).toList(),
            IntStream.rangeClosed(0, rows.length).mapToObj(r -> r * ROW).toList(),
            cells,
            false,
            OptionalInt.empty(),
            List.of())
        .withRows(OptionalInt.of(read), Set.of(), Certainty.ofRoles(sure, 1, 1, 0));
  }

  private static List<Cell> cells(int row, String... texts) {
    List<Cell> cells = new ArrayList<>();
    for (int c = 0; c < texts.length; c++) {
      boolean bold = texts[c].startsWith("*");
      String text = bold ? texts[c].substring(1) : texts[c];
      Box box = new Box(c * COLUMN, row * ROW, (c + 1) * COLUMN, (row + 1) * ROW);
      cells.add(new Cell(row, c, 1, 1, box, text, List.of(), bold, Fill.WHITE, List.of()));
    }
    return cells;
  }

  private static int count(Grid grid) {
    return HeaderRows.of(grid).count();
  }

  private static double none(Grid grid) {
    return HeaderModel.trained().probabilities(new HeaderSigns(grid).ofCandidates())[0];
  }

  private static String[] with(String first, String... rest) {
    String[] rows = Arrays.copyOf(new String[] {first}, rest.length + 1);
    System.arraycopy(rest, 0, rows, 1, rest.length);
    return rows;
  }

  private static final String[] CATCHES = {
    "Skua|Ormby|12.4", "Tern|Ormby|9.1", "Gannet|Brennick|18.0", "Petrel|Ormby|7.7"
  };

  @ParameterizedTest
  @CsvSource({"Vessel|Quay|Tonnes, 1", "Fulmar|Ormby|10.2, 0"})
  void wordsOverQuantitiesAreHeadingsAndAWordThatComesAgainIsNone(String first, int due) {
    for (int read = 0; read < 2; read++) {
      assertThat(count(grid(read, 0.6, with(first, CATCHES)))).as("read as " + read).isEqualTo(due);
    }
  }

  @Test
  void labelsBesideValuesOfManyShapesHaveNoHeader() {
    String[] rows = {
      "Harbour master|Ada Lind", "Berths|48", "Depth at low water|3.2 m", "Founded|1874-05-02"
    };
    String[] alike = {"Harbour master|Ada Lind", "Clerk|Ben Orr", "Pilot|Cass Eld", "Cook|Di Fay"};
    assertThat(none(grid(1, 0.6, rows))).isGreaterThan(1.3 * none(grid(1, 0.6, alike)));
    assertThat(count(grid(0, 0.6, rows))).isZero();
  }

  @Test
  void numbersThatRiseFromColumnToColumnNameColumnsAndOthersAreARecord() {
    String[] times = {
      "Ormby|07.10|08.40|09.55", "Brennick|07.31|09.02|10.20", "Oyle|07.50|09.20|–"
    };
    assertThat(count(grid(0, 0.6, with("|1|3|5", times)))).isEqualTo(1);
    assertThat(count(grid(0, 0.6, with("Ferry|3|1|5", times)))).isZero();
  }

  @Test
  void aRulingThatPartsNoOtherRowsSetsHeadingsOff() {
    String[] rows = {"Ferry|Berth", "Skua|north", "Tern|east", "Petrel|west"};
    double plain = HeaderRows.of(grid(1, 0.6, rows)).probability();
    ruled(1);
    double ruledOff = HeaderRows.of(grid(1, 0.6, rows)).probability();
    ruled(2);
    ruled(3);
    double ruledAll = HeaderRows.of(grid(1, 0.6, rows)).probability();
    assertThat(ruledOff).isGreaterThan(plain).isGreaterThan(ruledAll);
  }

  @Test
  void whatTheLinesAreSurelyReadAsCounts() {
    String[] rows = {"Skua|Ormby", "Tern|Oyle", "Petrel|Brennick"};
    assertThat(count(grid(1, 0.99, rows))).isEqualTo(1);
    assertThat(count(grid(0, 0.99, rows))).isZero();
  }

  @Test
  void anEvenChanceIsDoubtedAndASureNumberIsNot() {
    assertThat(new HeaderRows(1, 0.59).doubt()).isPresent();
    assertThat(new HeaderRows(1, 0.6).doubt()).isEmpty();
    assertThat(HeaderRows.of(grid(1, 0.99, with("*Vessel|*Quay|*Tonnes", CATCHES))).doubt())
        .isEmpty();
  }

  @Test
  void probabilitiesAddUpAndReasonsAddUpToTheMargin() {
    Grid grid = grid(1, 0.7, with("Vessel|Quay|Tonnes", CATCHES));
    double[] all = HeaderModel.trained().probabilities(new HeaderSigns(grid).ofCandidates());
    assertThat(Arrays.stream(all).sum()).isCloseTo(1, within(1e-9));
    Decision decision = HeaderRows.decision(grid);
    double margin = Math.log(decision.probability() / decision.runnerUpProbability());
    assertThat(decision.chosen()).isEqualTo("one header row");
    assertThat(decision.reasons().stream().mapToDouble(r -> r.weight()).sum())
        .isCloseTo(margin, within(0.2)); // the lightest reasons are left out
  }

  @Test
  void moreHeaderRowsThanAreLookedAtAreNotWeighed() {
    String[] rows = new String[80];
    Arrays.fill(rows, "*Skua|*Ormby");
    assertThat(new HeaderSigns(grid(70, 0.9, rows)).ofCandidates().length).isEqualTo(60);
  }

  @Test
  void oneRowAloneHasNoRival() {
    assertThat(HeaderRows.decision(grid(0, 0.9, "Skua|Ormby")).runnerUp()).isEmpty();
  }

  @ParameterizedTest
  @CsvSource({
    "Name, true",
    "'Datum:', true",
    "(Betrag), true",
    "Example value, true",
    "Ormby, false",
    "what the name of a column is, false",
    "備考, true"
  })
  void wordsThatNameColumns(String text, boolean due) {
    assertThat(ColumnNames.holds(text)).isEqualTo(due);
  }

  @Test
  void aRowWordedLikeTheNextIsNoHeader() {
    Grid unlike =
        grid(1, 0.7, "part|what it is for", "hull|keeps the water out", "mast|holds sails");
    Grid alike =
        grid(1, 0.7, "left|x of the left edge", "top|y of the top edge", "mast|holds sails");
    assertThat(HeaderRows.of(unlike).count()).isEqualTo(1);
    assertThat(HeaderRows.of(alike).count()).isZero();
  }

  @Test
  void aRowWithAFullStopIsNoHeader() {
    Grid open = grid(1, 0.7, "part|what it is for", "hull|keeps the water out", "mast|holds sails");
    Grid stop =
        grid(1, 0.7, "part|the hull of boats.", "hull|keeps the water out", "mast|holds sails");
    assertThat(none(stop)).isGreaterThan(3 * none(open));
  }
}
