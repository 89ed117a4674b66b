package dev.inlay.propose;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.PageBuilder;
import dev.inlay.evidence.ChunkLine;
import dev.inlay.evidence.WordGaps;
import dev.inlay.geom.Interval;
import dev.inlay.page.LineComposer;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class TypewriterGuttersTest {

  /** The space behind the first four characters, 20 points. */
  private static final Interval SPACE = new Interval(20, 25);

  private static List<ChunkLine> lines(String... rows) {
    PageBuilder page = new PageBuilder();
    for (int r = 0; r < rows.length; r++) {
      page.text(rows[r], 0, 100 + 14 * r);
    }
    return ChunkLine.of(LineComposer.compose(page.build().glyphs()));
  }

  private static boolean isGutter(String... rows) {
    List<ChunkLine> lines = lines(rows);
    return new TypewriterGutters(lines, new WordGaps(lines)).isGutter(SPACE);
  }

  @Test
  void oneSpacePartsTwoColumnsOfValues() {
    assertThat(isGutter("12.5 63.568", " 3.0 34.017", "88.1 41.675")).isTrue();
    assertThat(isGutter("12.5 63.568", " 3.0 34.017")).as("two rows may be chance").isFalse();
  }

  @Test
  void oneSpacePartsLabelsOfOneLengthFromTheirValuesInFourLines() {
    assertThat(isGutter("hull 0.72", "keel 0.63", "mast 0.54", "sail 0.56")).isTrue();
    assertThat(isGutter("hull 0.72", "keel 0.63", "mast 0.54")).isFalse();
  }

  @Test
  void oneLineInFiveMayLackItsText() {
    assertThat(isGutter("hull 0.72", "keel 0.63", "mast 0.54", "sail 0.56", "oars")).isTrue();
    assertThat(isGutter("hull 0.72", "keel 0.63", "mast 0.54", "oars", "nets")).isFalse();
  }

  @Test
  void aColumnOfValuesMayHoldOneValueOnly() {
    assertThat(isGutter("0.14 1.0", "0.17 1.0", "0.22 1.0", "0.25 1.0")).isTrue();
  }

  @Test
  void aWordThatEachLineRepeatsIsNoColumn() {
    assertThat(isGutter("Pier 1.5", "Pier 2.5", "Pier 3.5", "Pier 4.5")).isFalse();
    assertThat(isGutter("Quay Dues", "Pier 1.5", "Pier 2.5", "Pier 3.5", "Pier 4.5"))
        .as("unless the heading parts it, too")
        .isTrue();
    String far = "Quay" + " ".repeat(8) + "Dues";
    assertThat(isGutter(far, "Pier 1.5", "Pier 2.5", "Pier 3.5", "Pier 4.5")).isFalse();
  }

  @Test
  void wordsOfOneLengthAreNoColumns() {
    assertThat(isGutter("hull side", "keel beam", "mast foot", "sail loft")).isFalse();
  }

  @Test
  void valuesKeepToOneEdge() {
    assertThat(isGutter("hull 1.25", "keel 12.5", "mast 4", "sail  99")).isFalse();
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "-17 57|+44 18|-64 10|+02 14",
        " 20 456|  7 112|  3 004|  2 890",
        " 394 8564| 543 5280| 671 5309| 380 1071",
        " 5/3/2019 08:15| 6/3/2019 09:30| 7/3/2019 10:05| 8/3/2019 11:40"
      })
  void anglesCodesMomentsAndGroupsOfDigitsStayWhole(String rows) {
    String[] of = rows.split("\\|");
    for (int i = 0; i < of.length; i++) {
      of[i] = " ".repeat(Math.max(0, 4 - of[i].lastIndexOf(' '))) + of[i];
    }
    List<ChunkLine> lines = lines(of);
    Interval space = new Interval(of[0].lastIndexOf(' ') * 5, of[0].lastIndexOf(' ') * 5 + 5);
    assertThat(new TypewriterGutters(lines, new WordGaps(lines)).isGutter(space)).isFalse();
  }

  @Test
  void aQuantityKeepsItsUnitAndAPhraseItsComma() {
    assertThat(isGutter("16.4 kg", "51.0 t", " 5.8 kg", " 8.2 t")).isFalse();
    assertThat(isGutter("606, 180", "607, 360", "608, 720", "609, 384")).isFalse();
  }

  @Test
  void onlyDecimalsKeepAGutterWhereHardlyATextBegins() {
    List<ChunkLine> decimals = lines("hull 0.72", "keel 0.63", "mast 0.54", "sail 0.56");
    List<ChunkLine> codes = lines("AA   360 E", "AD   233 V", "AK   485 P", "AS   492 Z");
    assertThat(new TypewriterGutters(decimals, new WordGaps(decimals)).isBesideDecimals(SPACE))
        .isTrue();
    assertThat(new TypewriterGutters(codes, new WordGaps(codes)).isBesideDecimals(SPACE)).isFalse();
  }

  @Test
  void typeWhoseLettersDifferInWidthHasNoColumnsOfCharacters() {
    PageBuilder page = new PageBuilder().proportional();
    for (int r = 0; r < 4; r++) {
      page.text("ab" + r, 0, 100 + 14 * r).text("0." + (12 + r), 25, 100 + 14 * r);
    }
    List<ChunkLine> lines = ChunkLine.of(LineComposer.compose(page.build().glyphs()));
    assertThat(new TypewriterGutters(lines, new WordGaps(lines)).isGutter(SPACE)).isFalse();
  }
}
