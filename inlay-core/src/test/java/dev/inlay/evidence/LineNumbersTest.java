package dev.inlay.evidence;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.PageBuilder;
import dev.inlay.page.Glyph;
import dev.inlay.page.Page;
import org.junit.jupiter.api.Test;

/** Small figures in the margin that count the lines of a page. */
class LineNumbersTest {

  private static final double LINE = 14;

  /** Lines of text with figures beside them, from a first number on. */
  private static PageBuilder numbered(int lines, int first, double size, double x) {
    PageBuilder page = new PageBuilder();
    for (int i = 0; i < lines; i++) {
      double y = 100 + LINE * i;
      page.text("The board took note of the report", 60, y);
      page.text(String.format("%2d", first + i), x, y, size);
    }
    return page;
  }

  private static String setAside(PageBuilder page) {
    Page printed = page.build();
    Page read = LineNumbers.setAside(printed);
    assertThat(read.glyphs().size() + read.furniture().size()).isEqualTo(printed.glyphs().size());
    StringBuilder text = new StringBuilder();
    read.furniture().stream()
        .map(Glyph::text)
        .sorted()
        .forEach(text::append); // in any order: only which characters they are matters
    return text.toString();
  }

  @Test
  void numbersInTheMarginAreFurniture() {
    assertThat(setAside(numbered(7, 3, 5, 40))).isEqualTo("3456789");
    assertThat(setAside(numbered(7, 3, 5, 300))).as("in the right margin").isEqualTo("3456789");
  }

  @Test
  void serialNumbersAsLargeAsTheirLineAreNot() {
    double limit = LineNumbers.MOST_SIZE * PageBuilder.SIZE;
    assertThat(setAside(numbered(7, 3, limit, 40))).isNotEmpty();
    assertThat(setAside(numbered(7, 3, limit + 0.1, 40))).isEmpty();
  }

  @Test
  void aMarkMayStandInTheMarginBeyondThem() {
    PageBuilder marked = numbered(7, 3, 5, 40);
    assertThat(setAside(marked.text("Fees", 10, 100 + 2 * LINE))).isEqualTo("3456789");
  }

  @Test
  void serialNumbersOfATableInSmallTypeBesideLargerTextAreNot() {
    PageBuilder half = numbered(8, 1, 5, 300);
    PageBuilder more = numbered(8, 1, 5, 300);
    for (int i = 0; i < 5; i++) {
      more.text("Ring line", 320, 100 + LINE * i, 5);
      if (i < 4) {
        half.text("Ring line", 320, 100 + LINE * i, 5);
      }
    }
    assertThat(setAside(half)).as("marks in the margin").isEqualTo("12345678");
    assertThat(setAside(more)).isEmpty();
  }

  @Test
  void numbersOfATableInSmallTypeAreNot() {
    PageBuilder page = numbered(7, 3, 20, 700); // ordinary type is that of the lines
    for (int i = 0; i < 7; i++) {
      page.text(String.valueOf(i + 1), 60, 300 + LINE * i, 8);
      page.text("Fees of the quay", 80, 300 + LINE * i, 8);
    }
    assertThat(setAside(page)).isEmpty();
  }

  @Test
  void aFewAreNot() {
    assertThat(setAside(numbered(LineNumbers.LEAST_NUMBERS, 1, 5, 40))).isNotEmpty();
    assertThat(setAside(numbered(LineNumbers.LEAST_NUMBERS - 1, 1, 5, 40))).isEmpty();
  }

  @Test
  void marksRaisedAtTheEndOfALineAreNot() {
    double end = 60 + "The board took note of the report".length() * PageBuilder.ADVANCE;
    assertThat(setAside(numbered(7, 1, 5, end - 2))).isEmpty();
  }

  @Test
  void figuresThatDoNotCountAreNot() {
    PageBuilder page = new PageBuilder();
    for (int i = 0; i < 8; i++) {
      page.text("The board took note", 60, 100 + LINE * i);
      page.text(String.valueOf(9 - i), 40, 100 + LINE * i, 5);
    }
    assertThat(setAside(page)).isEmpty();
  }
}
