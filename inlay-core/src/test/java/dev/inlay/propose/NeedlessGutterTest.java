package dev.inlay.propose;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.PageBuilder;
import dev.inlay.evidence.ChunkLine;
import dev.inlay.geom.Interval;
import dev.inlay.page.LineComposer;
import dev.inlay.page.Word;
import java.util.Arrays;
import java.util.List;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;

/** Three columns whose second and third may be parts of one value. */
class NeedlessGutterTest {

  private static OptionalInt find(double third, boolean[] headed, double gap, String... values) {
    return find(third, headed, new boolean[3], gap, values);
  }

  private static OptionalInt find(
      double third, boolean[] headed, boolean[] underOne, double gap, String... values) {
    PageBuilder page = new PageBuilder();
    for (int r = 0; r < values.length; r++) {
      String[] parts = values[r].split("\\|");
      double y = 100 + 14 * r;
      page.text("Quay " + r, 50, y);
      if (!parts[0].isEmpty()) {
        page.text(parts[0], 190 - 5 * parts[0].length(), y);
      }
      if (parts.length > 1) {
        page.text(parts[1], third, y);
      }
    }
    List<Interval> gutters = List.of(new Interval(85, 150), new Interval(190, third));
    List<ColumnedLine> body =
        ChunkLine.of(LineComposer.compose(page.build().glyphs())).stream()
            .map(l -> ColumnedLine.of(l, gutters))
            .toList();
    double[] gaps = new double[3];
    Arrays.fill(gaps, gap);
    List<Interval> columns =
        List.of(new Interval(40, 117), new Interval(117, 195), new Interval(195, 300));
    return new NeedlessGutter(body, columns, headed, gaps, underOne).find();
  }

  private static final boolean[] SECOND_HEADED = {true, true, false};
  private static final boolean[] ALL_HEADED = {true, true, true};

  @Test
  void aCurrencySignBelongsToItsNumberHoweverFarItStands() {
    boolean[] thirdHeaded = {true, false, true};
    assertThat(find(230, thirdHeaded, 50, "£|12.50", "£|7.25", "£|1,204.00")).hasValue(1);
    assertThat(find(230, ALL_HEADED, 50, "£|12.50", "£|7.25", "£|1,204.00")).isEmpty();
  }

  @Test
  void aBracketBelongsToTheValueBeforeIt() {
    assertThat(find(200, SECOND_HEADED, 50, "35|(46.9)", "25|(33.4)", "4|(2.0)")).hasValue(1);
    assertThat(find(200, ALL_HEADED, 3, "35|(46.9)", "25|(33.4)", "4|(2.0)")).hasValue(1);
    assertThat(find(200, ALL_HEADED, 20, "35|(46.9)", "25|(33.4)", "4|(2.0)")).isEmpty();
  }

  @Test
  void thousandsSetOffByASpaceAreOneNumber() {
    assertThat(find(193, SECOND_HEADED, 50, "1|204", "12|338", "7|001")).hasValue(1);
    assertThat(find(193, ALL_HEADED, 50, "1|204", "|338", "7|001", "|940", "|12")).hasValue(1);
    assertThat(find(193, ALL_HEADED, 50, "1|204", "5", "7|001", "8", "|12"))
        .as("numbers that stand alone before the gap are no thousands")
        .isEmpty();
  }

  @Test
  void aColumnWithoutHeadingHardlyASpaceAwayIsPartOfItsNeighbour() {
    assertThat(find(194, SECOND_HEADED, 50, "060|178", "052|922", "051|26")).hasValue(1);
    assertThat(find(200, SECOND_HEADED, 50, "060|178", "052|922", "051|26"))
        .as("too far away")
        .isEmpty();
  }

  /** The type here is of even width: a space takes five points, as each letter does. */
  @Test
  void inTypewriterTypeWhiteOfOneLetterIsASpace() {
    assertThat(find(198, ALL_HEADED, 50, "1|204", "|338", "7|001", "|940", "|12")).hasValue(1);
    assertThat(find(200, ALL_HEADED, 50, "1|204", "|338", "7|001", "|940", "|12")).isEmpty();
  }

  @Test
  void percentagesBesideEachOtherAreTwoValues() {
    assertThat(find(193, ALL_HEADED, 3, "25.3|2.5", "35.8|48.4", "3.9|4.0")).hasValue(1);
    assertThat(find(193, ALL_HEADED, 3, "25.3%|2.5%", "35.8%|48.4%", "3.9%|4.0%")).isEmpty();
  }

  @Test
  void runningNumbersKeepTheirGutterWhateverStandsBehindIt() {
    assertThat(firstOf(1, 2, 3, 4)).isEmpty();
    assertThat(firstOf(1, 4, 2, 3)).as("numbers beside numbers under one heading").hasValue(0);
  }

  /** Two columns of numbers a space from each other, under headings as near. */
  private static OptionalInt firstOf(int... numbers) {
    PageBuilder page = new PageBuilder();
    for (int r = 0; r < numbers.length; r++) {
      page.text("" + numbers[r], 50, 100 + 14 * r).text("380.5" + r, 60, 100 + 14 * r);
    }
    List<Interval> gutters = List.of(new Interval(55, 60));
    List<ColumnedLine> body =
        ChunkLine.of(LineComposer.compose(page.build().glyphs())).stream()
            .map(l -> ColumnedLine.of(l, gutters))
            .toList();
    List<Interval> columns = List.of(new Interval(40, 57.5), new Interval(57.5, 100));
    return new NeedlessGutter(
            body, columns, new boolean[] {true, true}, new double[] {3, 3}, new boolean[2])
        .find();
  }

  /** A label, and two columns of a sign and a number each; the second sign is near the first. */
  private static OptionalInt signs(String first) {
    PageBuilder page = new PageBuilder();
    for (int r = 0; r < 4; r++) {
      double y = 100 + 14 * r;
      page.text("Quay " + r, 50, y).text("31" + r, 160, y).text("72" + r, 230, y);
      if (r == 0 || r == 3) {
        page.text(first, 120, y).text("$", 180, y);
      }
    }
    List<Interval> gutters =
        List.of(new Interval(80, 120), new Interval(175, 180), new Interval(185, 230));
    List<ColumnedLine> body =
        ChunkLine.of(LineComposer.compose(page.build().glyphs())).stream()
            .map(l -> ColumnedLine.of(l, gutters))
            .toList();
    List<Interval> columns =
        List.of(
            new Interval(40, 100),
            new Interval(100, 177),
            new Interval(177, 207),
            new Interval(207, 300));
    double[] gaps = {50, 50, 50, 50};
    return new NeedlessGutter(
            body, columns, new boolean[] {true, true, false, true}, gaps, new boolean[4])
        .find();
  }

  @Test
  void aSignBelongsToTheNumberOnTheSideWhereTheFirstOfTheLineStands() {
    assertThat(signs("$")).as("before the first number").hasValue(2);
    assertThat(signs("+1")).as("behind it").hasValue(1);
  }

  private static HeaderCells.Head head(String text, double right, int column) {
    PageBuilder page = new PageBuilder().text(text, right - 5 * text.length(), 86);
    List<Word> words = LineComposer.compose(page.build().glyphs()).get(0).words();
    return new HeaderCells.Head(words, column, column, 0, true);
  }

  @Test
  void headingsThatEndWithTheirTextsAreNoPhrase() {
    List<Interval> texts = List.of(new Interval(40, 100), new Interval(105, 130));
    assertThat(gap(texts, head("u2", 100, 0), head("com", 120, 1))).isEqualTo(5);
    assertThat(gap(texts, head("u2", 100, 0), head("total", 130, 1))).isEqualTo(Double.MAX_VALUE);
    assertThat(gap(texts, head("u2", 101.6, 0), head("total", 130, 1))).isLessThan(5);
    assertThat(gap(texts, head("(h", 100, 0), head("m s)", 130, 1))).as("a bracket").isEqualTo(10);
    assertThat(gap(texts, head("394", 100, 0), head("8564", 130, 1))).as("values").isEqualTo(10);
  }

  private static double gap(List<Interval> texts, HeaderCells.Head left, HeaderCells.Head right) {
    return NeedlessGutter.gaps(List.of(left, right), texts)[0];
  }

  @Test
  void amountsWithTwoDecimalsAreTwoValuesHoweverNear() {
    assertThat(find(197, ALL_HEADED, 3, "365.00|99.63", "366.37|98.63", "7.10|97.40")).isEmpty();
    assertThat(find(197, ALL_HEADED, 3, "365|99.63", "366|98.63", "7|97.40")).hasValue(1);
  }

  @Test
  void groupsThatStandTogetherUnderOneHeadingAreOneValue() {
    boolean[] none = {true, false, false};
    boolean[] over = {false, true, false};
    String[] codes = {"080 549|6289", "069 200|7444", "020 914|3286"};
    assertThat(find(198, none, over, 50, codes)).hasValue(1);
    assertThat(find(200, none, over, 50, codes)).as("white of two spaces").isEmpty();
    assertThat(find(198, none, new boolean[3], 50, codes)).isEmpty();
    assertThat(find(198, none, over, 50, "080 549|6289", "|7444", "020 914|3286")).isEmpty();
  }

  private static HeaderCells.Head heading(String text, double x, int first, int last) {
    PageBuilder page = new PageBuilder().text(text, x, 80);
    List<Word> words = LineComposer.compose(page.build().glyphs()).get(0).words();
    return new HeaderCells.Head(words, first, last, 0, true);
  }

  @Test
  void oneHeadingStandsOverTheTextsOfBothColumnsOrOverOneOfThem() {
    List<Interval> texts = List.of(new Interval(50, 80), new Interval(83, 103));
    assertThat(NeedlessGutter.underOne(List.of(heading("Telephone", 50, 0, 1)), texts))
        .containsExactly(true, false);
    assertThat(NeedlessGutter.underOne(List.of(heading("Mark", 50, 0, 0)), texts))
        .as("it ends before the second")
        .containsExactly(false, false);
    List<HeaderCells.Head> two = List.of(heading("Mark", 50, 0, 0), heading("No.", 85, 1, 1));
    assertThat(NeedlessGutter.underOne(two, texts)).containsExactly(false, false);
  }
}
