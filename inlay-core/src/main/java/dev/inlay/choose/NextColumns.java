package dev.inlay.choose;

import dev.inlay.geom.Box;
import dev.inlay.geom.Interval;
import dev.inlay.page.TextLine;
import dev.inlay.page.Word;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * The reading order of the tables of a page that is printed in columns: a table that breaks off at
 * the foot of a column and goes on at the top of the next one stands right behind itself.
 */
final class NextColumns {

  /** What stands this many type sizes above a table, or nearer, is text of its column. */
  private static final double MOST_TEXT_DISTANCE = 3.5;

  /** Tables whose tops are nearer to each other than this many type sizes stand beside another. */
  private static final double SAME_TOP = 2;

  /** Columns of a page are at least this many type sizes apart. */
  private static final double LEAST_STRIP = 0.8;

  private final List<PageTable> tables;
  private final List<TextLine> around;
  private final double typeSize;

  private NextColumns(List<PageTable> tables, List<TextLine> around, double typeSize) {
    this.tables = tables;
    this.around = around;
    this.typeSize = typeSize;
  }

  /**
   * Puts the parts of tables that go on in the next column of a page behind those they go on with.
   *
   * @param tables from top to bottom
   * @param around the lines outside them
   * @param typeSize the page's usual one, in points
   * @return the same tables, those that go on marked
   */
  static List<PageTable> order(List<PageTable> tables, List<TextLine> around, double typeSize) {
    return tables.size() < 2 ? tables : new NextColumns(tables, around, typeSize).ordered();
  }

  private List<PageTable> ordered() {
    PartChains chains = new PartChains();
    List<PageTable> fromLeft = new ArrayList<>(tables);
    fromLeft.sort(Comparator.comparingDouble(t -> t.frame().box().left()));
    for (PageTable part : fromLeft) {
      for (PageTable before : fromLeft) {
        boolean free = chains.areFree(before, part) && isLowest(before, part);
        if (free && goesOn(chains.first(before), before, part)) {
          chains.link(before, part);
        }
      }
    }
    return chains.ordered(tables);
  }

  /** Whether no other table stands below one in its column, left of a part. */
  private boolean isLowest(PageTable before, PageTable part) {
    Box own = before.frame().box();
    return tables.stream()
        .map(t -> t.frame().box())
        .noneMatch(
            b ->
                b.top() > own.bottom() - typeSize
                    && b.horizontal().overlap(own.horizontal()) > 0
                    && b.right() <= part.frame().box().left());
  }

  private boolean goesOn(PageTable first, PageTable before, PageTable part) {
    Box old = before.frame().box();
    Box now = part.frame().box();
    boolean beside = now.left() >= old.right() && now.top() < old.bottom();
    if (!beside || part.columns() != before.columns() || part.title().isPresent()) {
      return false;
    }
    boolean again = PartComparison.repeatsHeader(first, part);
    double higher = old.top() - now.top();
    if (Math.abs(higher) < SAME_TOP * typeSize) {
      return again
          && now.bottom() <= old.bottom() + typeSize
          && PartComparison.sameEdges(before, part, PartComparison.SAME_EDGE * typeSize);
    }
    if (higher < 0 || !again && !goesOnWithoutHeader(first, before, part)) {
      return false;
    }
    Interval strip = whiteBetween(old, now);
    return strip.length() > LEAST_STRIP * typeSize && beginsColumn(now, strip);
  }

  /** Whether a part without header has the columns of the one before, both boxed or neither. */
  private static boolean goesOnWithoutHeader(PageTable first, PageTable before, PageTable part) {
    return before.isRuled() == part.isRuled()
        && PartComparison.isHeadless(first, part)
        && PartComparison.continuesColumns(before, part);
  }

  /** Whether no text of its column stands right above a table. */
  private boolean beginsColumn(Box table, Interval strip) {
    return texts(strip, table).stream()
        .noneMatch(
            text ->
                text.bottom() <= table.top() + typeSize
                    && text.bottom() > table.top() - MOST_TEXT_DISTANCE * typeSize);
  }

  /** The widest strip between two tables beside each other that no text between them crosses. */
  private Interval whiteBetween(Box left, Box right) {
    List<Interval> texts = new ArrayList<>();
    for (TextLine line : around) {
      double at = line.box().centreY();
      if (at > right.top() && at < left.bottom()) {
        line.words().forEach(w -> texts.add(w.box().horizontal()));
      }
    }
    texts.sort(Comparator.comparingDouble(Interval::from));
    Interval widest = new Interval(left.right(), left.right());
    double from = left.right();
    for (Interval text : texts) {
      double to = Math.min(text.from(), right.left());
      widest = to - from > widest.length() ? new Interval(from, to) : widest;
      from = Math.max(from, text.to());
    }
    return right.left() - from > widest.length() ? new Interval(from, right.left()) : widest;
  }

  /** The words above and below a table, of lines that leave the strip beside its column white. */
  private List<Box> texts(Interval strip, Box table) {
    return around.stream()
        .filter(
            line -> line.words().stream().noneMatch(w -> w.box().horizontal().overlap(strip) > 0))
        .flatMap(line -> line.words().stream())
        .map(Word::box)
        .filter(word -> word.horizontal().overlap(table.horizontal()) > 0)
        .toList();
  }
}
