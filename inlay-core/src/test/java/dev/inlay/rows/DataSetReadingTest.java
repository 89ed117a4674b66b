package dev.inlay.rows;

import static dev.inlay.rows.ReadRows.codes;
import static dev.inlay.rows.ReadRows.line;
import static dev.inlay.rows.ReadRows.read;
import static dev.inlay.rows.ReadRows.set;
import static dev.inlay.rows.ReadRows.texts;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import dev.inlay.TableBuilder;
import dev.inlay.geom.Box;
import dev.inlay.model.RowKind;
import dev.inlay.model.Table;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class DataSetReadingTest {

  @Test
  void aHeadingIsFoundThoughItWasRewordedAndThatIsReported() {
    Table table = new TableBuilder("Vessel name", "Weights (kg)").row("Skua", "12").build();
    DataSetPart part =
        read("columns: {vessel: Vessel name, weight: {from: Weight (kg), type: integer}}", table);
    assertThat(texts(part, "weight")).containsExactly("12");
    assertThat(codes(part)).containsExactly("heading-reworded");
  }

  @Test
  void aTableThatLacksAColumnIsNotForced() {
    Table table = new TableBuilder("Vessel", "Weight").row("Skua", "12").build();
    DataSetPart unnamed = read("columns: {vessel: Vessel, length: Length}", table);
    assertThat(unnamed.records()).isEmpty();
    assertThat(unnamed.uses().get(0).nearly().get(0)).contains("no column is headed 'Length'");
    DataSetPart named = read("table: Landings\ncolumns: {vessel: Vessel, length: Length}", table);
    assertThat(codes(named)).containsExactly("missing-column");
    DataSetPart optional =
        read("columns: {vessel: Vessel, length: {from: Length, optional: yes}}", table);
    assertThat(texts(optional, "length")).containsExactly("null");
  }

  @Test
  void eachRowEndsInOnePlace() {
    Table table =
        new TableBuilder("Species", "Boxes")
            .row(RowKind.GROUP, "Round fish")
            .row("Cod", "12")
            .row("Ling", "x")
            .row("Hake", "2")
            .row(RowKind.TOTAL, "Total", "14")
            .build();
    DataSetPart part =
        read(
            """
            headings: [group]
            columns: {species: Species, boxes: {from: Boxes, type: integer}}
            leave out: [totals, {name: few, where: boxes < 5}]
            """,
            table);
    assertThat(texts(part, "species")).containsExactly("Cod");
    assertThat(texts(part, "group")).containsExactly("Round fish");
    assertThat(part.held()).hasSize(1);
    assertThat(part.held().get(0).reasons().get(0).message())
        .isEqualTo("boxes: 'x' is not a valid number");
    assertThat(part.ledger().leftOut())
        .isEqualTo(Map.of("few", 1, "totals", 1, "headings carried", 1));
    assertThat(part.ledger().read()).isEqualTo(5);
  }

  @Test
  void headingsPrintedAgainAreNoRecords() {
    Table table =
        new TableBuilder("Vessel", "Port").row("Skua", "Oyle").row("Vessel", "Port").build();
    DataSetPart part = read("columns: {vessel: Vessel, port: Port}", table);
    assertThat(texts(part, "vessel")).containsExactly("Skua");
    assertThat(part.ledger().leftOut()).isEqualTo(Map.of("repeated headings", 1));
  }

  @Test
  void aPatternForHeadingsTakesNoWholeRow() {
    Table table =
        new TableBuilder("Vessel", "Port").row("Skua, SK 1", "").row("Tern, big", "Oyle").build();
    DataSetPart part =
        read(
            "headings: [{pattern: '(?<name>.+), (?<mark>.+)'}]\ncolumns: {vessel: Vessel, port: Port}",
            table);
    assertThat(texts(part, "vessel")).containsExactly("Tern, big");
    assertThat(texts(part, "mark")).containsExactly("SK 1");
  }

  @Test
  void headingsOfLevelsBeginDeeperOnesAnew() {
    Table table =
        new TableBuilder("Item", "n")
            .row(RowKind.GROUP, "Harbour Oyle")
            .row(RowKind.GROUP, "Vessel Skua")
            .row("Ice", "1")
            .row(RowKind.GROUP, "Harbour Brennick")
            .row("Water", "2")
            .build();
    DataSetPart part =
        read(
            """
            headings:
              - {pattern: "Harbour (?<harbour>.+)"}
              - {pattern: "Vessel (?<vessel>.+)"}
            columns: {item: Item}
            """,
            table);
    assertThat(texts(part, "harbour")).containsExactly("Oyle", "Brennick");
    assertThat(texts(part, "vessel")).containsExactly("Skua", "null");
  }

  @Test
  void sideBySideRepeatsFoldInBothOrders() {
    Table table =
        new TableBuilder("Code", "Price", "Code", "Price")
            .row("1", "a", "3", "c")
            .row("2", "b", "", "")
            .build();
    String columns = "\ncolumns: {code: Code, price: Price}";
    assertThat(texts(read("fold: down" + columns, table), "code")).containsExactly("1", "2", "3");
    assertThat(texts(read("fold: across" + columns, table), "code")).containsExactly("1", "3", "2");
    assertThat(codes(read("columns: {code: Code}", table))).containsExactly("heading-twice");
  }

  @Test
  void valuesStandBesideBelowOrWhereAPatternIsFound() {
    Table table = new TableBuilder("Vessel").row("Skua").build();
    DataSetPart part =
        read(
            """
            columns: {vessel: Vessel}
            values:
              clerk: {beside: "Clerk:"}
              office: {beside: "Office"}
              day: {below: Clerk}
              issue: {pattern: "No\\\\. (\\\\d+)"}
              gone: {beside: Pilot}
            """
                .replace("\\\\\\\\", "\\\\"),
            table,
            "TARN SOUND No. 12",
            "Clerk: H. Ferrier  Office: Oyle",
            "March 3  elsewhere");
    assertThat(texts(part, "clerk")).containsExactly("H. Ferrier");
    assertThat(texts(part, "office")).containsExactly("Oyle");
    assertThat(texts(part, "day")).containsExactly("March 3");
    assertThat(texts(part, "issue")).containsExactly("12");
    assertThat(codes(part)).containsExactly("value-missing");
  }

  @Test
  void aValueHoldsDownToTheNext() {
    DataSetPart part =
        DataSetReading.read(
            set(
                "records: {record: '(?<code>[a-z])'}\nvalues: {day: {pattern: 'Day (.+)', per: next}}"),
            "a.pdf",
            List.of(),
            List.of(line("Day 1", 10), line("a", 25), line("Day 2", 40), line("b", 55)));
    assertThat(texts(part, "day")).containsExactly("1", "2");
    assertThat(codes(part)).containsExactly("unfit-line"); // both lines are of one shape
  }

  @Test
  void aListingIsReadByPatternsAndItsOddLinesAreReported() {
    DataSetPart part =
        DataSetReading.read(
            set(
                """
                records:
                  from: ^LIST
                  until: ^END
                  record: '(?<code>[A-Z][0-9]) (?<name>.+)'
                  continued: "- (?<name>.+)"
                headings: [{pattern: "Quay (?<quay>.+)"}]
                """),
            "a.pdf",
            List.of(),
            List.of(
                line("A1 before", 10),
                line("LIST", 25),
                line("Quay North", 40),
                line("A1 Skua", 55),
                line("- of Oyle", 70),
                line("A odd", 85),
                line("END", 100)));
    assertThat(texts(part, "name")).containsExactly("Skua of Oyle");
    assertThat(texts(part, "quay")).containsExactly("North");
    assertThat(codes(part)).containsExactly("unfit-line");
    assertThat(part.ledger().balances()).isTrue();
    assertThat(part.ledger().read()).isEqualTo(4);
    assertThat(part.uses())
        .filteredOn(u -> u.rule().equals("record"))
        .flatExtracting(RuleUse::nearly)
        .anyMatch(n -> n.contains("met up to 'A'"));
  }

  @Test
  void textsAreReplacedSplitMarkedAndFilledDown() {
    Table table =
        new TableBuilder("Article", "Lot")
            .row("Cod, large\u00B9", "A (est.)")
            .row("Ling, small", "")
            .row("Hake", "B")
            .build();
    DataSetPart part =
        read(
            """
            columns:
              article: {from: Article, markers: remark, split: "(?<fish>.+), (?<grade>.+)"}
              lot: {from: Lot, replace: {" \\\\(est\\\\.\\\\)": ""}, fill down: yes}
            """
                .replace("\\\\\\\\", "\\\\"),
            table);
    assertThat(texts(part, "fish")).containsExactly("Cod", "Ling");
    assertThat(texts(part, "remark")).containsExactly("\u00B9", "null");
    assertThat(texts(part, "lot")).containsExactly("A", "A");
    assertThat(part.held().get(0).reasons().get(0).code()).isEqualTo("not-split");
  }

  @Test
  void twoFieldsMayNameTheSameHeading() {
    Table table = new TableBuilder("Vessel", "Weight").row("Skua", "12").build();
    DataSetPart part = read("columns: {a: Vessel, b: Vessel, w: Weight}", table);
    assertThat(texts(part, "a")).containsExactly("Skua");
    assertThat(texts(part, "b")).containsExactly("Skua");
    assertThat(codes(part)).isEmpty();
  }

  @Test
  void aMarkForNothingGetsTheDefault() {
    Table table = new TableBuilder("Weight").row("–").row("12").row("").build();
    String yaml = "columns: {w: {from: Weight, type: integer, nothing: \"–\", default: \"0\"}}";
    assertThat(texts(read(yaml, table), "w")).containsExactly("0", "12", "0");
  }

  @Test
  void whereNoHeadingFitsUnpivotNoRowComesOutEmpty() {
    Table table = new TableBuilder("Vessel", "2024", "2025").row("Skua", "12", "13").build();
    String shape = "unpivot: {columns: \"Year (?<year>.+)\", value: kg}\n";
    String yaml = shape + "columns: {vessel: Vessel, kg: {type: integer}}";
    DataSetPart unnamed = read(yaml, table);
    assertThat(unnamed.records()).isEmpty();
    String reason =
        "no heading fits 'unpivot: Year (?<year>.+)'; the headings are 'Vessel', '2024'";
    assertThat(unnamed.uses().get(0).nearly().get(0)).contains(reason);
    DataSetPart named = read("table: {headings: Vessel}\n" + yaml, table);
    assertThat(named.records()).isEmpty();
    assertThat(named.findings())
        .singleElement()
        .satisfies(f -> assertThat(f.message()).contains(reason));
    assertThat(texts(read(yaml.replace("Year (?<year>.+)", "(?<year>[0-9]+)"), table), "year"))
        .containsExactly("2024", "2025");
  }

  /** The vessels of two pages, with a line that names a harbour above the rows of each. */
  private static DataSetPart harbours(String per, String first, String second) {
    Table table = new TableBuilder("Vessel").row("Skua").page(2).row("Tern").build();
    String yaml = "columns: {v: Vessel}\nvalues: {h: {pattern: 'Harbour (.+)', per: " + per + "}}";
    Box above = new Box(50, 20, 150, 30);
    List<PageLine> lines =
        List.of(
            new PageLine(1, "Harbour " + first, above, List.of()),
            new PageLine(2, "Harbour " + second, above, List.of()));
    return DataSetReading.read(set(yaml), "a.pdf", List.of(table), lines);
  }

  @Test
  void twoTablesPrintedAsOneGetTheValueAboveEach() {
    DataSetPart part = harbours("table", "Oyle", "Brennick");
    assertThat(texts(part, "h")).containsExactly("Oyle", "Brennick");
    assertThat(part.findings())
        .singleElement()
        .satisfies(
            f -> {
              assertThat(f.code()).isEqualTo("value-differs");
              assertThat(f.message())
                  .startsWith("h: 'Oyle' stands on page 1 and 'Brennick' on page 2; 'per' says");
              assertThat(f.origin().orElseThrow().page()).isEqualTo(2);
            });
    assertThat(harbours("table", "Oyle", "Oyle").findings()).isEmpty();
    for (String per : List.of("page", "next")) {
      DataSetPart own = harbours(per, "Oyle", "Brennick");
      assertThat(texts(own, "h")).as(per).containsExactly("Oyle", "Brennick");
      assertThat(own.findings()).isEmpty();
    }
  }

  @Test
  void aLabelWithTwoTextsInAFileIsReportedAndTheFirstCounts() {
    Table table = new TableBuilder("Vessel").row("Skua").row("Tern").build();
    String yaml = "columns: {v: Vessel}\nvalues: {unit: {beside: Currency}}";
    DataSetPart part = read(yaml, table, "Currency  GBP", "Currency  EUR");
    assertThat(texts(part, "unit")).containsExactly("GBP", "GBP");
    assertThat(codes(part)).containsExactly("value-differs");
    assertThat(codes(read(yaml, table, "Currency  GBP", "Currency  GBP"))).isEmpty();
  }

  @Test
  void ofValuesBelowALabelTheFirstCounts() {
    Table table = new TableBuilder("Vessel").row("Skua").build();
    String yaml = "columns: {v: Vessel}\nvalues: {month: {below: Cash book}}";
    DataSetPart part = read(yaml, table, "Cash book", "March 2025", "Cash book", "Amount");
    assertThat(texts(part, "month")).containsExactly("March 2025");
    assertThat(part.findings()).isEmpty();
  }

  @Test
  void thatAHeadingGoesOnFromThePageBeforeIsNoPartOfIt() {
    Table table =
        new TableBuilder("Species", "Boxes")
            .row(RowKind.GROUP, "Round fish")
            .row("Cod", "12")
            .row(RowKind.GROUP, "Round fish – continued")
            .row("Ling", "3")
            .row(RowKind.GROUP, "Flat fish (Fortsetzung)")
            .row("Sole", "7")
            .row(RowKind.GROUP, "Suite rooms")
            .row("Bed", "1")
            .build();
    DataSetPart part = read("headings: [kind]\ncolumns: {species: Species}", table);
    assertThat(texts(part, "kind"))
        .containsExactly("Round fish", "Round fish", "Flat fish", "Suite rooms");
  }

  @Test
  void whereARowComesFromIsAFieldLikeOthers() {
    Table table =
        new TableBuilder("Vessel", "Weight")
            .row("Skua", "12")
            .row("Tern", "9")
            .page(2)
            .row("Gull", "7")
            .build();
    String yaml =
        """
        columns: {vessel: Vessel}
        values: {source: {origin: file}, page: {origin: page, type: integer}, nr: {origin: row}}
        """;
    DataSetPart part = read(yaml, table);
    assertThat(texts(part, "source")).containsExactly("a.pdf", "a.pdf", "a.pdf");
    assertThat(texts(part, "page")).containsExactly("1", "1", "2");
    assertThat(texts(part, "nr")).containsExactly("1", "2", "1");
    assertThat(codes(part)).isEmpty();
  }

  @Test
  void aLabelThatIsAWholePhraseCountsMoreThanTheBeginningOfOne() {
    Table table = new TableBuilder("Vessel").row("Skua").build();
    String yaml = "columns: {vessel: Vessel}\nvalues: {agent: {beside: Agent}}";
    DataSetPart part = read(yaml, table, "Agent no.  17", "Agent  Corran and sons");
    assertThat(texts(part, "agent")).containsExactly("Corran and sons");
    assertThat(texts(read(yaml, table, "Agent no.  17"), "agent")).containsExactly("no.");
  }

  @Test
  void aValueOfTheFileThatCannotBeReadIsReportedOnceThoughItHoldsAllRows() {
    Table table = new TableBuilder("Vessel").row("Skua").row("Tern").build();
    String yaml = "columns: {vessel: Vessel}\nvalues: {day: {beside: Day, type: date}}";
    DataSetPart part = read(yaml, table, "Day  soon");
    assertThat(part.held()).hasSize(2);
    assertThat(part.findings()).hasSize(1);
  }

  @Test
  void aTextWithoutAMeaningHoldsItsRow() {
    Table table = new TableBuilder("Vessel", "State").row("Skua", "A").row("Tern", "X").build();
    DataSetPart part =
        read("columns: {vessel: Vessel, state: {from: State, means: {A: active}}}", table);
    assertThat(texts(part, "state")).containsExactly("active");
    assertThat(part.held().get(0).reasons().get(0).message())
        .contains("'X' stands not under 'means'");
  }

  @Test
  void aReckonedValueThatIsNotOfItsTypeHoldsItsRow() {
    Table table = new TableBuilder("Vessel", "Boxes").row("Skua", "24").row("Tern", "25").build();
    DataSetPart part =
        read(
            """
            columns: {vessel: Vessel, boxes: {from: Boxes, type: integer}}
            compute: {dozens: {is: boxes / 12, type: integer}}
            """,
            table);
    assertThat(texts(part, "dozens")).containsExactly("2");
    assertThat(part.held().get(0).reasons().get(0).message())
        .contains("which is not a valid integer");
  }

  @Test
  void oneTableOfEachPageIsTaken() {
    List<Table> tables =
        List.of(new TableBuilder("A").row("1").build(), new TableBuilder("A").row("2").build());
    assertThat(records("table: {order: 2}\ncolumns: {a: A}", tables)).isEqualTo(1);
    assertThat(records("table: {order: 2 on each page}\ncolumns: {a: A}", tables)).isEqualTo(1);
    assertThat(records("table: {order: 1 on each page}\ncolumns: {a: A}", onTwoPages()))
        .isEqualTo(2);
    assertThat(records("table: {order: 1}\ncolumns: {a: A}", onTwoPages())).isEqualTo(1);
  }

  private static List<Table> onTwoPages() {
    return List.of(
        new TableBuilder("A").page(1).row("1").build(),
        new TableBuilder("A").page(2).row("2").build());
  }

  private static int records(String yaml, List<Table> tables) {
    return DataSetReading.read(set(yaml), "a.pdf", tables, List.of()).records().size();
  }

  @Test
  void ofTablesThatDoNotFitTheNearestIsNamedFirst() {
    Table far = new TableBuilder("Berth", "Depth").row("N1", "4").build();
    Table near = new TableBuilder("Vessel", "Boxes", "Weight (t)").row("Skua", "2", "3").build();
    DataSetPart part =
        DataSetReading.read(
            set(
                "columns: {vessel: Vessel, boxes: Boxes, weight: {from: Weights (kg), similar: 95 %}}"),
            "a.pdf",
            List.of(far, near),
            List.of());
    List<String> nearly = part.uses().get(0).nearly();
    assertThat(nearly.get(0))
        .contains("no column is headed 'Weights (kg)'; the nearest is 'Weight (t)'")
        .doesNotContain("columns wanted");
    assertThat(nearly.get(1))
        .contains("no column is headed 'Vessel'; 0 of the 3 columns wanted are there")
        .doesNotContain("alike");
  }

  private static final String ORDER =
      "columns: {item: Item, boxes: {from: Qty, type: integer}, unit: Unit, price: {from: Price,"
          + " type: number}, amount: {from: Line total, type: number}}";

  private static DataSetPart alone(Table... tables) {
    return DataSetReading.read(set(ORDER), "a.pdf", List.of(tables), List.of(), true);
  }

  @Test
  void aRewordedHeadingIsTakenByItsPlaceAndMustBeConfirmed() {
    Table reworded =
        new TableBuilder("Item", "Number ordered", "Unit", "Price", "Sum")
            .row("Rope", "12", "m", "2.50", "30.00")
            .build();
    DataSetPart part = alone(reworded);
    assertThat(texts(part, "boxes")).containsExactly("12");
    assertThat(texts(part, "amount")).containsExactly("30.00");
    assertThat(part.findings())
        .extracting(Finding::code, Finding::severity)
        .containsExactly(
            tuple("heading-by-place", Severity.ERROR), tuple("heading-by-place", Severity.ERROR));
    assertThat(read(ORDER, reworded).records()).as("one of several data sets").isEmpty();
  }

  @Test
  void noColumnIsTakenByItsPlaceWhereItsValuesOrNeighboursDoNotFit() {
    TableBuilder words = new TableBuilder("Item", "Remark", "Unit", "Price", "Line total");
    assertThat(alone(words.row("Rope", "blue", "m", "2.50", "30.00").build()).records()).isEmpty();
    TableBuilder more = new TableBuilder("Item", "Ordered", "Sent", "Unit", "Price", "Line total");
    assertThat(alone(more.row("Rope", "12", "10", "m", "2.50", "30.00").build()).records())
        .isEmpty();
    TableBuilder few = new TableBuilder("Item", "Ordered", "Measure", "Each", "Sum");
    assertThat(alone(few.row("Rope", "12", "m", "2.50", "30.00").build()).records()).isEmpty();
  }

  @Test
  void whereATableFitsByItsHeadingsNoOtherIsTakenByPlace() {
    Table fits =
        new TableBuilder("Item", "Qty", "Unit", "Price", "Line total")
            .row("Rope", "12", "m", "2.50", "30.00")
            .build();
    Table near =
        new TableBuilder("Item", "Ordered", "Unit", "Price", "Line total")
            .row("Chain", "1", "m", "9.00", "9.00")
            .build();
    assertThat(texts(alone(fits, near), "item")).containsExactly("Rope");
    assertThat(texts(alone(near), "item")).containsExactly("Chain");
  }
}
