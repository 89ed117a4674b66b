package dev.inlay.propose;

import dev.inlay.propose.ColumnedLine.Part;
import java.util.List;
import java.util.OptionalInt;

/** Finds a heading that stands clear of the texts below it, as a wide one over short figures. */
final class StrayHeading {

  private StrayHeading() {}

  /**
   * The gutter between a column that has but a heading and one beside it that has none.
   *
   * @param header the lines of the header
   * @param body the lines below it
   * @param columns how many there are
   * @return its number, from 0; empty where there is none
   */
  static OptionalInt gutter(List<ColumnedLine> header, List<ColumnedLine> body, int columns) {
    int[] heads = texts(header, true, columns);
    // a wide figure may reach over the gutter beside its column
    int[] below = texts(body, false, columns);
    for (int c = 0; c + 1 < columns; c++) {
      boolean leftHeads = heads[c] > 0 && below[c] == 0 && heads[c + 1] == 0 && below[c + 1] > 1;
      boolean rightHeads = heads[c + 1] > 0 && below[c + 1] == 0 && heads[c] == 0 && below[c] > 1;
      if (leftHeads || rightHeads) {
        return OptionalInt.of(c);
      }
    }
    return OptionalInt.empty();
  }

  /** How many texts of some lines each column has, with those over several columns or without. */
  private static int[] texts(List<ColumnedLine> some, boolean spanning, int columns) {
    int[] texts = new int[columns];
    for (ColumnedLine line : some) {
      for (Part part : line.parts()) {
        for (int c = part.first(); c <= part.last() && (spanning || !part.spans()); c++) {
          texts[c]++;
        }
      }
    }
    return texts;
  }
}
