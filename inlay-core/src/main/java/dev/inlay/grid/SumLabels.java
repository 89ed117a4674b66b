package dev.inlay.grid;

import dev.inlay.grid.LineCells.Part;
import dev.inlay.text.TextShape;
import java.util.List;

/**
 * Tells labels of sums that stand over several columns: words that begin a line of figures and
 * reach over gutters from the first column on, or stand in a column of figures with nothing to
 * their left.
 */
final class SumLabels {

  /** Shorter words may stand for a figure that there is not. */
  private static final int LETTERS_OF_LABEL = 3;

  /** Texts that begin this near to each other, in type sizes, are aligned. */
  private static final double ALIGNED = 0.3;

  /**
   * A label stands apart where fewer than one in so many texts of its column are aligned with it.
   */
  private static final int LEAST_APART = 5;

  private final List<LineCells> lines;

  /** Looks at the lines of a table. */
  SumLabels(List<LineCells> lines) {
    this.lines = List.copyOf(lines);
  }

  /** The label of a row over several columns, or null where it has none. */
  Part of(List<LineCells> row) {
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
    boolean label = holdsFigures(first.last()) || standsApart(first, row.get(0));
    return overGutters || label ? first : null;
  }

  /**
   * Whether a text begins elsewhere than the others of its column and ends at its right: set
   * against the figure that it names, over the columns to its left.
   */
  private boolean standsApart(Part label, LineCells own) {
    double size = own.line().line().size();
    double right = label.box().right();
    int aligned = 0;
    int all = 0;
    for (LineCells line : lines) {
      for (Part part : line.parts()) {
        if (line != own && part.first() == label.first() && !part.spans()) {
          all++;
          aligned += Math.abs(part.box().left() - label.box().left()) < ALIGNED * size ? 1 : 0;
          right = Math.max(right, part.box().right());
        }
      }
    }
    return all > 2 && aligned * LEAST_APART < all && right - label.box().right() < size;
  }

  private static boolean isLabel(String text) {
    long letters = text.codePoints().filter(Character::isLetter).count();
    return letters >= LETTERS_OF_LABEL && !Figures.isFigure(text);
  }

  private boolean holdsFigures(int column) {
    int all = 0;
    int figures = 0;
    for (LineCells line : lines) {
      for (Part part : line.parts()) {
        if (part.first() == column && !part.spans()) {
          all++;
          figures += Figures.isFigure(part.text()) ? 1 : 0;
        }
      }
    }
    return figures * 2 > all;
  }
}
