package dev.inlay.propose;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.PageBuilder;
import dev.inlay.evidence.ChunkLine;
import dev.inlay.evidence.Ruling;
import dev.inlay.geom.Interval;
import dev.inlay.page.LineComposer;
import dev.inlay.page.TextLine;
import dev.inlay.page.Word;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Headings over five columns of figures that end at 130, 190, 250, 310 and 370 points. */
class HeaderCellsTest {

  private final List<Interval> columns = new ArrayList<>();
  private final List<Interval> texts = new ArrayList<>();
  private final List<Ruling> rulings = new ArrayList<>();

  HeaderCellsTest() {
    columns.add(new Interval(40, 95));
    texts.add(new Interval(40, 85));
    for (int c = 0; c < 5; c++) {
      columns.add(new Interval(95 + 60 * c, 155 + 60 * c));
      texts.add(new Interval(105 + 60 * c, 130 + 60 * c));
    }
  }

  private List<String> heads(PageBuilder page) {
    return cells(page).heads().stream().map(HeaderCellsTest::text).toList();
  }

  private HeaderCells cells(PageBuilder page) {
    List<ChunkLine> lines =
        ChunkLine.of(
            LineComposer.compose(page.build().glyphs()).stream()
                .sorted(Comparator.comparingDouble(TextLine::baseline))
                .toList());
    return new HeaderCells(new HeaderLayout(lines, List.of(), columns, texts, rulings));
  }

  private static String text(HeaderCells.Head head) {
    String words = String.join(" ", head.words().stream().map(Word::text).toList());
    String reach =
        head.first() == head.last() ? "" + head.first() : head.first() + "-" + head.last();
    return reach + ":" + words;
  }

  private static PageBuilder years(double y) {
    PageBuilder page = new PageBuilder();
    for (int c = 0; c < 4; c++) {
      page.text(c % 2 == 0 ? "2024" : "2025", 110 + 60 * c, y);
    }
    return page;
  }

  @Test
  void headingsThatComeAgainBelowSpannersTellTheirReach() {
    PageBuilder page = years(114).text("Boxed", 127, 100).text("Bulk", 250, 100);
    assertThat(heads(page))
        .containsExactly("1-2:Boxed", "3-4:Bulk", "1:2024", "2:2025", "3:2024", "4:2025");
  }

  @Test
  void aSpannerAtTheLeftEdgeOfItsCellsReachesAsFarAsItsSibling() {
    PageBuilder page = years(114).text("Boxed", 92, 100).text("Bulk", 195, 100);
    assertThat(heads(page)).startsWith("1-2:Boxed", "3-4:Bulk");
  }

  private PageBuilder numbered(String last) {
    PageBuilder page = new PageBuilder();
    List<String> names = List.of("Harbour", "Cod", "Ling", "Tusk", "Hake", "Total");
    List<String> numbers = List.of("(1)", "(2)", "(3)", "(4)", "(5)", last);
    for (int c = 0; c < 6; c++) {
      double x = texts.get(c).from();
      page.text(names.get(c), x, 100).text(numbers.get(c), x, 112);
    }
    return page;
  }

  @Test
  void numbersOfTheColumnsAreARowOfTheirOwn() {
    assertThat(heads(numbered("(6)"))).contains("0:Harbour", "1:Cod", "0:(1)", "5:(6)");
    assertThat(heads(numbered("(7)"))).contains("0:Harbour (1)", "5:Total (7)");
  }

  private static PageBuilder underOneSpanner(String... headings) {
    PageBuilder page = new PageBuilder().text("Dependent: the catch of cod", 170, 100);
    for (int c = 0; c < 5; c++) {
      page.text(headings[c], 105 + 60 * c, 114);
    }
    return page;
  }

  @Test
  void aSpannerPartsNoHeadingsThatCountOn() {
    assertThat(heads(underOneSpanner("Row 1", "Row 2", "Row 3", "Row 4", "Row 5")))
        .startsWith("1-5:Dependent: the catch of cod");
    assertThat(heads(underOneSpanner("Row 4", "Row 1", "Row 2", "Row 3", "Row 9")))
        .as("headings of one kind")
        .startsWith("1-5:Dependent: the catch of cod");
    assertThat(heads(underOneSpanner("Boats", "Row 1", "Row 2", "Row 3", "Value")))
        .startsWith("2-4:Dependent: the catch of cod");
  }

  @Test
  void aShortSpannerOverTheFirstOfManyColumnsMayReachOverAll() {
    rulings.add(new Ruling(true, 104, new Interval(100, 390)));
    PageBuilder page = new PageBuilder().text("Cod", 105, 100);
    for (int c = 0; c < 5; c++) {
      page.text("202" + c, 105 + 60 * c, 116);
    }
    assertThat(heads(page)).startsWith("1-5:Cod");
  }

  @Test
  void theLinesOfOneHeadingAreOneCell() {
    PageBuilder page = new PageBuilder().text("Landed", 100, 100).text("weight", 100, 112);
    page.text("Value", 165, 112);
    assertThat(heads(page)).containsExactly("1:Landed weight", "2:Value");
  }

  @Test
  void aRulingBelowAHeadingTellsItsReach() {
    rulings.add(new Ruling(true, 104, new Interval(100, 255)));
    PageBuilder page = new PageBuilder().text("Weight", 163, 100);
    page.text("Cod", 112, 116).text("Ling", 170, 116).text("Tusk", 230, 116);
    assertThat(heads(page)).startsWith("1-3:Weight");
  }

  @Test
  void aRulingBelowTwoHeadingsTellsTheReachOfNeither() {
    rulings.add(new Ruling(true, 104, new Interval(100, 315)));
    PageBuilder page = years(116).text("Boxed", 127, 100).text("Bulk", 250, 100);
    assertThat(heads(page)).startsWith("1-2:Boxed", "3-4:Bulk");
  }

  @Test
  void aSpannerPartsNoSpannerBelowIt() {
    PageBuilder page = years(128).text("Boxed", 127, 114).text("Bulk", 250, 114);
    assertThat(heads(page.text("Landings", 186, 100))).startsWith("1-4:Landings");
  }

  @Test
  void wordsAtASpaceOverTwoColumnsAreTwoHeadings() {
    PageBuilder page = new PageBuilder().text("Exports", 95, 100).text("Imports", 155, 100);
    assertThat(heads(page)).containsExactly("1:Exports", "2:Imports");
  }

  @Test
  void moreHeadingsThanColumnsAreKeptInOne() {
    columns.subList(1, 6).clear();
    texts.subList(1, 6).clear();
    PageBuilder page = new PageBuilder().text("A", 45, 100).text("B", 145, 100).text("C", 245, 100);
    assertThat(heads(page)).containsExactly("0:A B C");
  }

  private PageBuilder papers(String lower) {
    PageBuilder page = new PageBuilder().text("Marks", 171, 100);
    for (int c = 0; c < 3; c++) {
      page.text(lower + c, 105 + 60 * c, 116);
    }
    return page;
  }

  @Test
  void aTextCentredOverThreeHeadingsAndPartedFromThemByALineIsTheirSpanner() {
    rulings.add(new Ruling(true, 104, new Interval(40, 395)));
    assertThat(heads(papers("Paper "))).startsWith("1-3:Marks");
  }

  @Test
  void aHeadingGoesOnBelowInLowerCase() {
    PageBuilder page = new PageBuilder().text("Landed", 100, 100).text("Price", 160, 112);
    page.text("weight", 100, 112).text("Share", 220, 112).text("Value", 280, 112);
    assertThat(heads(page)).startsWith("1:Landed weight");
  }

  @Test
  void headingsInLineWithTheirColumnsAreSure() {
    assertThat(cells(years(100)).certainty()).isGreaterThan(0.8);
  }

  @Test
  void aHeadingBetweenTwoColumnsIsNotSure() {
    assertThat(cells(new PageBuilder().text("Boxed", 144, 100)).certainty()).isLessThan(0.6);
    assertThat(cells(new PageBuilder().text("Boxed", 162, 100)).certainty()).isGreaterThan(0.8);
  }

  /** Two words of a title around a middle, above headings of all columns. */
  private PageBuilder titled(double middle, double space) {
    double left = middle - 25 - space / 2;
    PageBuilder page = new PageBuilder().text("Cargo", left, 100);
    page.text("boats", left + 25 + space, 100).text("Port", 40, 120);
    for (int c = 0; c < 5; c++) {
      page.text("Men", 110 + 60 * c, 120);
    }
    return page;
  }

  private void ruled(double y) {
    rulings.add(new Ruling(true, y, new Interval(40, 395)));
  }

  @Test
  void aTitleInTheMiddleBetweenTwoRulingsStandsOverAllColumns() {
    ruled(88);
    ruled(106);
    assertThat(heads(titled(217.5, 5))).first().isEqualTo("0-5:Cargo boats");
    assertThat(heads(titled(222.4, 5))).first().isEqualTo("0-5:Cargo boats");
    assertThat(heads(titled(222.6, 5))).first().isNotEqualTo("0-5:Cargo boats");
    assertThat(heads(titled(217.5, 5.2))).as("too wide a space").doesNotContain("0-5:Cargo boats");
  }

  @Test
  void withoutARulingAboveItATitleIsNone() {
    ruled(106);
    assertThat(heads(titled(217.5, 5))).doesNotContain("0-5:Cargo boats");
  }

  /** Five headings in a line, and one text above the middle one. */
  private List<String> below(String above, String... names) {
    PageBuilder page = new PageBuilder();
    for (int c = 0; c < 5; c++) {
      page.text(names[c], 130 + 60 * c - 5 * names[c].length(), 112);
    }
    return heads(page.text(above, 250 - 5 * above.length(), 100));
  }

  @Test
  void whatStandsOverOneOfASeriesHeadsAllOfIt() {
    assertThat(below("Ships", "2020", "2021", "2022", "2023", "2024"))
        .contains("1-5:Ships", "3:2022");
    assertThat(below("Ships", "2024", "2023", "2022", "2021", "2020")).contains("3:2022");
    assertThat(below("Ships", "Cod", "2021", "2022", "Hake", "Total"))
        .as("two may count on by chance")
        .contains("3:Ships 2022");
  }

  @Test
  void dashesPartTheHeadingsBetweenThem() {
    PageBuilder page = years(114).text("- Boxed - - Bulk -", 110, 100);
    assertThat(heads(page)).startsWith("1:Boxed 2024", "2:Bulk 2025");
  }

  @ParameterizedTest
  @CsvSource({
    "- Boxed -, Boxed",
    "-- Boxed --, Boxed",
    "-- Boxed, Boxed",
    "Boxed --, Boxed",
    "Boxed -, Boxed -",
    "-- --, -- --",
    "--, --"
  })
  void dashesThatShowTheReachOfAHeadingAreNoPartOfIt(String printed, String heading) {
    TextLine line =
        LineComposer.compose(new PageBuilder().text(printed, 50, 100).build().glyphs()).get(0);
    assertThat(Word.join(HeaderCells.withoutDashes(line.words()))).isEqualTo(heading);
  }
}
