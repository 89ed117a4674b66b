package dev.inlay.page;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.PageBuilder;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class LineComposerTest {

  private static List<String> lines(PageBuilder page) {
    return LineComposer.compose(page.build().glyphs()).stream().map(TextLine::text).toList();
  }

  @Test
  void aGapPartsWordsWithoutASpaceCharacter() {
    PageBuilder page = new PageBuilder().text("Vane", 10, 50).text("Ness", 33, 50);
    assertThat(lines(page)).containsExactly("Vane Ness");
  }

  @Test
  void lettersSetApartALittleStayOneWord() {
    PageBuilder page = new PageBuilder();
    for (int i = 0; i < 4; i++) {
      page.text("OYLE".substring(i, i + 1), 10 + i * 6, 50);
    }
    assertThat(lines(page)).containsExactly("OYLE");
  }

  @Test
  void lettersThatRunFromRightToLeftAreReadInTheirOrder() {
    PageBuilder page = new PageBuilder().text("תיז ןמש", 10, 50);
    assertThat(lines(page)).containsExactly("שמן זית");
  }

  @Test
  void charactersThatPrintNothingMakeNoLine() {
    PageBuilder page = new PageBuilder().text("Oyle", 10, 50).text("\u200B", 10, 80);
    assertThat(lines(page)).containsExactly("Oyle");
  }

  @Test
  void linesComeFromTopToBottom() {
    PageBuilder page = new PageBuilder().text("below", 10, 80).text("above", 10, 50);
    assertThat(lines(page)).containsExactly("above", "below");
  }

  @Test
  void aRaisedFigureStaysApartFromTheNumberBesideIt() {
    PageBuilder page = new PageBuilder().text("1,204", 10, 50).text("12", 35, 46, 6);
    assertThat(lines(page)).containsExactly("1,204¹²");
  }

  /** The marker of the lower line stands right below the upper one, in reach of both. */
  @Test
  void aRaisedFigureBelongsToTheLineThatLeavesItRoom() {
    PageBuilder page = new PageBuilder().text("Landings", 10, 50).text("boxed", 10, 59);
    assertThat(lines(page.text("2", 35, 55, 6))).containsExactly("Landings", "boxed²");
  }

  @Test
  void aLoweredFigureStaysWithItsWord() {
    PageBuilder page = new PageBuilder().text("CO", 10, 50).text("2", 20, 52, 6).text("kg", 40, 50);
    assertThat(lines(page)).containsExactly("CO₂ kg");
  }

  @Test
  void aCharacterShiftedWithinAWordStaysInIt() {
    PageBuilder page = new PageBuilder().text("age", 10, 50).text("*", 25, 51.7);
    page.text("negemot", 30, 50);
    assertThat(lines(page)).containsExactly("age*negemot");
    assertThat(lines(new PageBuilder().text("T X", 10, 50).text("E", 14, 52.9)))
        .as("a letter that reaches into the one before")
        .containsExactly("TE X");
  }

  @Test
  void anOperatorShiftedBetweenTwoWordsStaysBetweenThem() {
    PageBuilder page = new PageBuilder().text("age", 10, 50).text("sex", 40, 50);
    assertThat(lines(page.text("*", 30, 51.7))).containsExactly("age * sex");
  }

  @Test
  void whatStandsFurtherOffOrIsAWordOfItsOwnKeepsItsLine() {
    PageBuilder lower = new PageBuilder().text("age", 10, 50).text("sex", 40, 50);
    assertThat(lines(lower.text("*", 30, 53.2))).containsExactly("age sex", "*");
    PageBuilder word = new PageBuilder().text("age 1 sex", 10, 50).text("now", 25, 52);
    assertThat(lines(word)).containsExactly("age 1 sex", "now");
    PageBuilder beside = new PageBuilder().text("age", 10, 50).text("sex", 60, 50);
    assertThat(lines(beside.text("–", 40, 52))).containsExactly("age sex", "–");
  }

  @Test
  void aBaselineWithManyCharactersIsALineOfItsOwn() {
    for (int times : new int[] {26, 28}) {
      PageBuilder page = new PageBuilder().text("ab ".repeat(times), 10, 50);
      assertThat(lines(page.text("  *".repeat(times), 10, 52))).hasSize(times < 27 ? 1 : 2);
    }
  }

  @Test
  void anAccentDrawnOverItsLetterBecomesOneCharacterWithIt() {
    PageBuilder page = new PageBuilder().text("Caf", 10, 50).text("e", 25, 50);
    assertThat(lines(page.text("´", 25.5, 50).text("s", 30, 50))).containsExactly("Cafés");
    PageBuilder before = new PageBuilder().text("¨", 14.5, 50).text("M", 10, 50).text("o", 15, 50);
    assertThat(lines(before)).containsExactly("Mö");
    PageBuilder dotless = new PageBuilder().text("´", 14.6, 50).text("Tı", 10, 50);
    assertThat(lines(dotless)).containsExactly("Tí");
  }

  @Test
  void anAccentOverACapitalStandsHigherAndBelongsToIt() {
    PageBuilder page = new PageBuilder().text("(A)", 10, 50).text("˚", 15.5, 47.8);
    assertThat(lines(page)).containsExactly("(Å)");
  }

  @Test
  void anAccentBesideALetterOrOverOneThatHasNoneStaysASign() {
    assertThat(lines(new PageBuilder().text("e", 10, 50).text("´", 13, 50))).containsExactly("e´");
    assertThat(lines(new PageBuilder().text("x", 10, 50).text("¸", 10.5, 50)))
        .containsExactly("x¸");
    assertThat(lines(new PageBuilder().text("5", 10, 50).text("´", 10.5, 50)))
        .containsExactly("5´");
  }

  @Test
  void smallTypeOnALineOfItsOwnIsNotDrawnIn() {
    PageBuilder page = new PageBuilder().text("Landings", 10, 50).text("note", 200, 46, 6);
    assertThat(lines(page)).containsExactlyInAnyOrder("Landings", "note");
  }

  @Test
  void ligaturesAreOpenedAndSteeringCharactersLeftOut() {
    PageBuilder page = new PageBuilder().text("of\uFB01ce\u001B\u202E\u200B", 10, 50);
    assertThat(lines(page)).containsExactly("office");
  }

  @Test
  void turnedTextIsReadAlongItsOwnDirection() {
    List<Glyph> glyphs = new ArrayList<>();
    for (Glyph g : new PageBuilder().text("Oyle quay", 10, 50).build().glyphs()) {
      glyphs.add(upwards(g));
    }
    Collections.reverse(glyphs);
    List<TextLine> lines = LineComposer.compose(glyphs);
    assertThat(lines).extracting(TextLine::text).containsExactly("Oyle quay");
  }

  /** The glyph after a quarter turn to the left. */
  private static Glyph upwards(Glyph g) {
    dev.inlay.geom.Box b = g.box();
    return new Glyph(
        g.text(),
        new dev.inlay.geom.Box(b.top(), 500 - b.right(), b.bottom(), 500 - b.left()),
        g.baseline(),
        g.size(),
        Turn.UPWARDS,
        g.face());
  }

  @ParameterizedTest
  @MethodSource("dev.inlay.Seeds#many")
  void theOrderOfDrawingSaysNothing(long seed) {
    Random random = new Random(seed);
    PageBuilder page = new PageBuilder();
    double x = 10;
    for (int i = random.nextInt(12); i >= 0; i--) {
      String word = "quaysides".substring(random.nextInt(8));
      page.text(word, x, 50 + 14 * (word.length() % 3));
      x += word.length() * PageBuilder.ADVANCE + 4;
    }
    List<Glyph> shuffled = new ArrayList<>(page.build().glyphs());
    Collections.shuffle(shuffled, random);
    assertThat(LineComposer.compose(shuffled).stream().map(TextLine::text).toList())
        .isEqualTo(lines(page));
  }

  @ParameterizedTest
  @MethodSource("dev.inlay.Seeds#many")
  void everyCharacterComesOutOnce(long seed) {
    Random random = new Random(seed);
    List<Character> figures = new ArrayList<>();
    for (int i = random.nextInt(20); i > 0; i--) {
      figures.add((char) ('0' + random.nextInt(10)));
    }
    PageBuilder page = new PageBuilder();
    for (char c : figures) {
      page.text(String.valueOf(c), random.nextInt(60), random.nextInt(60), 5 + random.nextInt(8));
    }
    String all =
        LineComposer.compose(page.build().glyphs()).stream()
            .flatMap(l -> l.words().stream())
            .flatMap(w -> w.glyphs().stream())
            .map(Glyph::text)
            .sorted()
            .collect(Collectors.joining());
    assertThat(all)
        .isEqualTo(figures.stream().map(String::valueOf).sorted().collect(Collectors.joining()));
  }

  /** The mark of the right block has the baseline of a line of the left one. */
  @Test
  void aRaisedMarkBelongsToItsWordThoughALineOfAnotherBlockHasItsBaseline() {
    PageBuilder page = new PageBuilder().text("Schools 17", 10, 46).text("Parks", 10, 58);
    page.text("8.8 m", 200, 50).text("3", 225, 46, 6);
    assertThat(lines(page)).containsExactly("Schools 17", "8.8 m³", "Parks");
  }

  @Test
  void aMarkThatNoOtherLineTakesStaysWhereItIs() {
    PageBuilder page = new PageBuilder().text("Schools 17", 10, 46).text("3", 225, 46, 6);
    assertThat(lines(page)).containsExactly("Schools 17 3");
  }

  /** Cells of small type beside running text are more than marks, or lean on nothing larger. */
  @Test
  void smallTypeBesideLargeTypeStaysOnItsLines() {
    PageBuilder page = new PageBuilder();
    for (int i = 0; i < 3; i++) {
      page.text("Dues are asked", 10, 50 + 6.5 * i).text("1" + i, 200, 50 + 6.5 * i, 5);
    }
    assertThat(lines(page))
        .containsExactly("Dues are asked 10", "Dues are asked 11", "Dues are asked 12");
  }

  @Test
  void manyMarksOnOneBaselineAreATextOfSmallType() {
    assertThat(lines(marks(50))).hasSize(2).anyMatch(line -> line.endsWith("m³"));
    assertThat(lines(marks(51))).noneMatch(line -> line.endsWith("m³"));
  }

  /** A long word, marks on its baseline, and a word below the last of them. */
  private static PageBuilder marks(int count) {
    PageBuilder page = new PageBuilder().text("Schools", 10, 46);
    for (int i = 0; i < count; i++) {
      page.text("3", 60 + 20 * i, 46, 6);
    }
    return page.text("m", 35 + 20 * count, 50);
  }
}
