package dev.inlay.document;

import static dev.inlay.ReadTables.tables;
import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.PageBuilder;
import org.junit.jupiter.api.Test;

/** Running text between two tables that look alike: they are two. */
class TextBetweenPartsTest {

  private static PageBuilder dues(int number, double top) {
    PageBuilder page = new PageBuilder(number);
    page.horizontal(top - 12, 50, 430).horizontal(top + 4, 50, 430);
    page.text("Vessel", 50, top).text("Work done", 150, top).text("Crowns", 400, top);
    for (int r = 1; r <= 4; r++) {
      page.text("Skua " + number + r, 50, top + r * 14);
      page.text("slip and paint", 150, top + r * 14).text(r + "0.50", 400, top + r * 14);
    }
    return page;
  }

  @Test
  void aParagraphBelowATableEndsIt() {
    PageBuilder first = dues(1, 100);
    first.text("The yard at the old harbour was closed for most of the winter, so", 50, 200);
    first.text("that the work of the second half of the year was done elsewhere.", 50, 212);
    assertThat(tables(first, dues(2, 100))).hasSize(2);
  }

  @Test
  void aParagraphAboveATableMakesItANewOne() {
    PageBuilder second = dues(2, 200);
    second.text("The yard at the old harbour was closed for most of the winter, so", 50, 100);
    second.text("that the work of the second half of the year was done elsewhere.", 50, 112);
    assertThat(tables(dues(1, 100), second)).hasSize(2);
  }

  @Test
  void oneLineMayBeANoteButALineWithAColonSpeaksOfWhatFollows() {
    PageBuilder note = dues(1, 100);
    note.text("The yard at the old harbour was closed in winter", 50, 200);
    assertThat(tables(note, dues(2, 100))).hasSize(1);
    PageBuilder leading = dues(1, 100);
    leading.text("The yard at the new harbour did the work below:", 50, 200);
    assertThat(tables(leading, dues(2, 100))).hasSize(2);
    PageBuilder continued = dues(1, 100);
    continued.text("The list of dues is continued on the next page:", 50, 200);
    assertThat(tables(continued, dues(2, 100))).hasSize(1);
  }

  @Test
  void linesOfFourWordsOrInSmallTypeOrFarApartAreNoParagraph() {
    PageBuilder few = dues(1, 100);
    few.text("Harbour of Oyle, accounts", 150, 200).text("of the year until", 150, 212);
    assertThat(tables(few, dues(2, 100))).hasSize(1);
    PageBuilder small = dues(1, 100);
    small.text("The yard at the old harbour was closed for the winter, so", 50, 200, 9);
    small.text("that the work of the second half was done elsewhere then.", 50, 212, 9);
    assertThat(tables(small, dues(2, 100))).hasSize(1);
    PageBuilder apart = dues(1, 100);
    apart.text("The yard at the old harbour was closed for most of the winter", 50, 200);
    apart.text("Printed for the board of the harbour on the last day of May", 50, 218);
    assertThat(tables(apart, dues(2, 100))).hasSize(1);
  }

  @Test
  void aTextWithinOneColumnMayBeTheRestOfACell() {
    PageBuilder first = dues(1, 100);
    first.text("hull and keel and mast done", 152, 200);
    first.text("by the yard in the spring", 152, 212);
    assertThat(tables(first, dues(2, 100))).hasSize(1);
  }
}
