package dev.inlay.choose;

import dev.inlay.geom.Box;
import dev.inlay.page.TextLine;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Blocks of one table that white parts, as after every fifth row: right below each other with the
 * same columns, nothing printed between, and no headings of their own. Of 29 such pairs in 4,000
 * made papers all were one table.
 */
final class BlocksBelow {

  /** The white between two blocks is lower than this many of the rows above it. */
  private static final double MOST_WHITE_ROWS = 2;

  private final List<TextLine> around;
  private final double typeSize;

  private BlocksBelow(List<TextLine> around, double typeSize) {
    this.around = around;
    this.typeSize = typeSize;
  }

  /**
   * Puts each block behind the one it goes on with.
   *
   * @param tables from top to bottom
   * @param around the lines outside them
   * @param typeSize the page's usual one, in points
   * @return the same tables, those that go on marked
   */
  static List<PageTable> order(List<PageTable> tables, List<TextLine> around, double typeSize) {
    return tables.size() < 2 ? tables : new BlocksBelow(around, typeSize).ordered(tables);
  }

  private List<PageTable> ordered(List<PageTable> tables) {
    PartChains chains = new PartChains();
    for (int i = 1; i < tables.size(); i++) {
      PageTable block = tables.get(i);
      rightAbove(tables.subList(0, i), block.frame().box())
          .filter(above -> chains.areFree(above, block))
          .filter(above -> goesOn(chains.first(above), above, block))
          .ifPresent(above -> chains.link(above, block));
    }
    return chains.ordered(tables);
  }

  /** The table that ends lowest above a box, of those above and below each other with it. */
  private static Optional<PageTable> rightAbove(List<PageTable> before, Box box) {
    PageTable lowest = null;
    for (PageTable table : before) {
      Box one = table.frame().box();
      boolean above = one.horizontal().overlap(box.horizontal()) > 0;
      if (above && (lowest == null || one.bottom() > lowest.frame().box().bottom())) {
        lowest = table;
      }
    }
    return Optional.ofNullable(lowest);
  }

  private boolean goesOn(PageTable first, PageTable above, PageTable block) {
    Box old = above.frame().box();
    Box now = block.frame().box();
    double white = now.top() - old.bottom();
    double row = old.height() / Math.max(1, above.rows().size());
    boolean near = white > -typeSize && white < MOST_WHITE_ROWS * Math.max(row, typeSize);
    boolean boxes =
        above.isRuled()
            && block.isRuled()
            && PartComparison.sameEdges(above, block, PartComparison.SAME_EDGE * typeSize)
            && hasNoHeadings(first, block);
    return near
        && block.title().isEmpty()
        && (boxes
            || PartComparison.isHeadless(first, block) && haveSameColumns(first, above, block))
        && isBlank(old, now);
  }

  /** Whether rows stand in the same columns; two that boxes surround show that by these alone. */
  private static boolean haveSameColumns(PageTable first, PageTable above, PageTable block) {
    return !(above.isRuled() && block.isRuled())
        && (PartComparison.continuesColumns(above, block)
            || PartComparison.continuesColumns(first, block));
  }

  /** Whether the first row of a block is no header, or one that could as well be a row. */
  private static boolean hasNoHeadings(PageTable first, PageTable block) {
    Set<String> texts = new HashSet<>();
    block.header().forEach(r -> r.cells().forEach(c -> texts.add(c.text())));
    texts.remove("");
    boolean headsRows = texts.size() == 1 && block.columns() > 1;
    return PartComparison.isHeadless(first, block)
        || headsRows
        || PartComparison.repeatsHeader(first, block);
  }

  /** Whether no text stands between two blocks. */
  private boolean isBlank(Box above, Box below) {
    return around.stream()
        .map(TextLine::box)
        .noneMatch(
            line ->
                line.centreY() > above.bottom()
                    && line.centreY() < below.top()
                    && line.horizontal().overlap(below.horizontal()) > 0);
  }
}
