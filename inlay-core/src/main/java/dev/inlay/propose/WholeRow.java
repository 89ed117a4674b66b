package dev.inlay.propose;

import dev.inlay.evidence.ChunkLine;
import dev.inlay.propose.ColumnedLine.Part;
import dev.inlay.text.TextShape;
import java.util.List;

/** Recognises rows that are one cell over all columns by what stands in them. */
final class WholeRow {

  /** In a table of at least this many columns a line with two texts may head rows. */
  private static final int LEAST_PARTS = 4;

  private static final int LEAST_COLUMNS = 3;

  private WholeRow() {}

  /**
   * Whether the lines of a row are one text for all columns.
   *
   * @param joined its lines
   * @param last whether it is the last line of the table
   * @param columns how many columns the table has
   */
  static boolean is(List<ColumnedLine> joined, boolean last, int columns) {
    boolean one = columns >= LEAST_COLUMNS && (isLastWords(joined, last) || isOneText(joined));
    return one || isCodeAndName(joined, columns);
  }

  /** Whether a row is one text at the left below all others: a note. */
  private static boolean isLastWords(List<ColumnedLine> joined, boolean last) {
    ColumnedLine only = joined.get(0);
    return joined.size() == 1
        && last
        && only.parts().size() == 1
        && only.parts().get(0).first() == 0;
  }

  /** Whether a row is one text that goes on over gutters at ordinary spaces, and no quantity. */
  private static boolean isOneText(List<ColumnedLine> joined) {
    ChunkLine line = joined.get(0).line();
    List<Part> parts = joined.get(0).parts();
    String last = line.words().get(line.words().size() - 1).text();
    return joined.size() == 1
        && !line.isTabular()
        && parts.get(0).first() == 0
        && parts.get(parts.size() - 1).last() > 0
        && !TextShape.of(last).isValue();
  }

  /** Whether a row is a code and a name that keeps to no column, where rows have far more texts. */
  private static boolean isCodeAndName(List<ColumnedLine> joined, int columns) {
    List<Part> parts = joined.get(0).parts();
    return joined.size() == 1
        && parts.size() == 2
        && parts.get(0).first() == 0
        && parts.get(1).spans()
        && columns >= LEAST_PARTS
        && parts.get(1).text().codePoints().anyMatch(Character::isLetter)
        && !TextShape.of(parts.get(1).text()).isQuantity();
  }
}
