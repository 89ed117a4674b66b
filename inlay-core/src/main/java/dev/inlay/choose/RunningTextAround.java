package dev.inlay.choose;

import dev.inlay.geom.Box;
import dev.inlay.page.TextLine;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.function.Predicate;

/**
 * The running text of a page: paragraphs of at least two lines in ordinary type, and lines that end
 * with a colon. A table printed over pages fills its page: above its next part, and below the one
 * before, stand at most titles, notes and furniture. Of 710 parts that made papers go on with, one
 * has a paragraph before it; in manuals set as running text nearly half of the parts that look
 * alike do.
 */
final class RunningTextAround {

  /** Smaller type, as a share of the ordinary, is that of notes and page headers. */
  private static final double LEAST_SIZE = 0.95;

  /** Lines of fewer words may be headings or captions. */
  private static final int LEAST_WORDS = 5;

  /** Baselines of one paragraph follow each other within this many type sizes. */
  private static final double LINE_STEP = 1.7;

  private final List<TextLine> around;
  private final double typeSize;

  /**
   * The running text among lines.
   *
   * @param around the lines of the page that stand outside tables
   * @param typeSize the height of the page's ordinary type, in points
   */
  RunningTextAround(List<TextLine> around, double typeSize) {
    this.around = around;
    this.typeSize = typeSize;
  }

  /** The same text without the lines that stand at places, in points. */
  RunningTextAround without(Collection<Box> places) {
    return new RunningTextAround(
        around.stream().filter(l -> !places.contains(l.box())).toList(), typeSize);
  }

  /**
   * The tables of the page, the first and the last of them marked so where no running text parts
   * them from the head and the foot of the page.
   *
   * @param tables in reading order
   */
  List<PageTable> placed(List<PageTable> tables) {
    List<PageTable> placed = new ArrayList<>();
    for (int i = 0; i < tables.size(); i++) {
      PageTable table = tables.get(i);
      boolean first = i == 0 && !isAbove(table);
      boolean last = i == tables.size() - 1 && !isBelow(table);
      placed.add(table.placed(first, last));
    }
    return placed;
  }

  /**
   * The tables of the page, blocks of one table put behind each other.
   *
   * @param tables from top to bottom
   */
  List<PageTable> inBlocks(List<PageTable> tables) {
    return BlocksBelow.order(tables, around, typeSize);
  }

  /** Whether no running text stands above a place. */
  boolean isAtHead(Box place) {
    return around.stream().noneMatch(l -> l.box().centreY() < place.top() && isRunning(l));
  }

  private boolean isAbove(PageTable table) {
    return isTextIn(table, line -> line.centreY() < table.frame().box().top());
  }

  private boolean isBelow(PageTable table) {
    return isTextIn(table, line -> line.centreY() > table.frame().box().bottom());
  }

  private boolean isTextIn(PageTable table, Predicate<Box> where) {
    List<TextLine> text =
        around.stream()
            .filter(l -> where.test(l.box()) && crossesGutter(table, l.box()))
            .filter(l -> isRunning(l) && !isOf(table, l.text()))
            .sorted(Comparator.comparingDouble(TextLine::baseline))
            .toList();
    if (text.stream().anyMatch(RunningTextAround::leadsOn)) {
      return true;
    }
    for (int i = 1; i < text.size(); i++) {
      double step = text.get(i).baseline() - text.get(i - 1).baseline();
      if (step > 0 && step <= LINE_STEP * text.get(i).size()) {
        return true;
      }
    }
    return false;
  }

  /** A text within one column may be the rest of a cell that the page break parts. */
  private static boolean crossesGutter(PageTable table, Box line) {
    List<Double> edges = table.columnEdges();
    return edges.subList(1, edges.size() - 1).stream()
        .anyMatch(x -> line.left() < x && line.right() > x);
  }

  private boolean isRunning(TextLine line) {
    long words = line.words().stream().filter(w -> hasLetter(w.text())).count();
    return line.size() >= LEAST_SIZE * typeSize
        && words >= LEAST_WORDS
        && words * 2 > line.words().size();
  }

  /** Whether a line ends with a colon: it speaks of what follows it, not of a table before. */
  private static boolean leadsOn(TextLine line) {
    String text = line.text().strip();
    return text.endsWith(":") && !PartComparison.saysContinued(text);
  }

  private static boolean hasLetter(String text) {
    return text.codePoints().anyMatch(Character::isLetter);
  }

  private static boolean isOf(PageTable table, String line) {
    return table.title().filter(t -> t.contains(line)).isPresent()
        || table.notes().stream().anyMatch(n -> n.text().contains(line) || line.endsWith(n.text()));
  }
}
