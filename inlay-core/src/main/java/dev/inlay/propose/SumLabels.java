package dev.inlay.propose;

import dev.inlay.propose.ColumnedLine.Part;
import dev.inlay.text.TextShape;
import java.util.List;

/**
 * Recognises labels of sums that stand over several columns: words that begin a line of figures and
 * reach over gutters from the first column on, or stand against a figure with nothing to their left
 * and begin elsewhere than the texts of their column.
 */
final class SumLabels {

  /** Shorter words may stand for a figure that there is not, unless a sign is a word. */
  private static final int LETTERS_OF_LABEL = 3;

  /** Texts that begin this near to each other, in type sizes, are aligned. */
  private static final double ALIGNED = 0.3;

  /** In a column set to the left at least this share of the texts begins at one place. */
  private static final double ALIGNED_SHARE = 0.5;

  /** Texts that end this near to each other, in type sizes, end at the same place. */
  private static final double ENDS = 1;

  private final List<ColumnedLine> lines;

  /** Looks at the lines of a table. */
  SumLabels(List<ColumnedLine> lines) {
    this.lines = List.copyOf(lines);
  }

  /** The label of a row over several columns, or null where it has none. */
  Part of(List<ColumnedLine> row) {
    List<Part> parts = row.get(0).parts();
    Part first = parts.get(0);
    if (row.size() > 1 || parts.size() == 1 || !isLabel(first.text())) {
      return null;
    }
    boolean overGutters = first.first() == 0 && first.spans();
    boolean indented = first.first() > 0;
    if (!overGutters && !indented
        || !parts.stream().skip(1).allMatch(p -> TextShape.of(p.text()).isQuantity())) {
      return null;
    }
    return overGutters || standsApart(first, row.get(0)) ? first : null;
  }

  /**
   * Whether a text does not begin where the others of its column begin, and either ends where they
   * end, set against the figure that it names, or stands in a column of figures.
   */
  private boolean standsApart(Part label, ColumnedLine own) {
    double size = own.line().line().size();
    double right = rightOfColumn(label.last(), own);
    int begin = 0;
    int end = 0;
    int all = 0;
    for (ColumnedLine line : lines) {
      for (Part part : line.parts()) {
        if (line == own || part.spans() || part.first() != label.first()) {
          continue;
        }
        boolean begins = Math.abs(part.box().left() - label.box().left()) < ALIGNED * size;
        boolean other = line.parts().get(0) == part && isLabel(part.text());
        if (begins || !other) {
          all++;
          begin += begins ? 1 : 0;
          end += Math.abs(part.box().right() - right) < ENDS * size ? 1 : 0;
        }
      }
    }
    // Figures that end at one place begin anywhere: a label begins with some of them by chance.
    boolean apart = all == 0 || begin < ALIGNED_SHARE * all || begin < end;
    boolean figures = holdsFigures(label.last());
    boolean ends = Math.abs(right - label.box().right()) < ENDS * size;
    return figures ? apart : ends && (all == 0 || begin < ALIGNED_SHARE * all);
  }

  private double rightOfColumn(int column, ColumnedLine own) {
    double right = Double.NEGATIVE_INFINITY;
    for (ColumnedLine line : lines) {
      for (Part part : line.parts()) {
        if (line != own && !part.spans() && part.last() == column) {
          right = Math.max(right, part.box().right());
        }
      }
    }
    return right;
  }

  private static boolean isLabel(String text) {
    int[] letters = text.codePoints().takeWhile(Character::isLetter).toArray();
    return isWord(letters)
        || isWord(text.codePoints().filter(Character::isLetter).toArray())
            && !NumericTexts.isFigure(text);
  }

  private static boolean isWord(int[] letters) {
    return letters.length >= LETTERS_OF_LABEL
        || letters.length > 1 && Character.isIdeographic(letters[0]);
  }

  private boolean holdsFigures(int column) {
    int all = 0;
    int figures = 0;
    for (ColumnedLine line : lines) {
      for (Part part : line.parts()) {
        if (part.first() == column && !part.spans()) {
          all++;
          figures += NumericTexts.isFigure(part.text()) ? 1 : 0;
        }
      }
    }
    return figures * 2 > all;
  }
}
