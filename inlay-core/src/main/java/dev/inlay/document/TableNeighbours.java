package dev.inlay.document;

import dev.inlay.choose.PartComparison;
import dev.inlay.geom.Box;
import dev.inlay.model.Column;
import dev.inlay.model.Table;
import dev.inlay.model.TableFrame;
import dev.inlay.score.Signs;
import java.util.List;
import java.util.Optional;

/**
 * The signs of the tables right before and behind a table: whether it may be a part of one of them,
 * or they of it. A table with a title of its own is no part of the one before it.
 */
final class TableNeighbours {

  /** Tables of one page that stand further apart than this many rows are two. */
  private static final double FAR = 4;

  /** Parts of one table begin and end at the same places but for this share of the width. */
  private static final double SAME_PLACE = 0.03;

  /** So few rows may be the rest of another table. */
  private static final int FEW_ROWS = 2;

  /**
   * A table and where it begins and ends.
   *
   * @param startsPage whether no running text and no table stands above it on its first page
   * @param endsPage whether none stands below it on its last page
   */
  record Placed(Table table, boolean startsPage, boolean endsPage) {

    TableFrame firstFrame() {
      return table.frames().get(0);
    }

    TableFrame lastFrame() {
      return table.frames().get(table.frames().size() - 1);
    }
  }

  /** Stands for a neighbour where there is none. */
  private static final Placed NONE = new Placed(SampleTable.EMPTY, false, false);

  private final List<Placed> tables;
  private final int at;

  /**
   * The neighbours of one of a document's tables.
   *
   * @param tables in the order of their starts
   * @param at the number of the one, from 0
   */
  TableNeighbours(List<Placed> tables, int at) {
    this.tables = tables;
    this.at = at;
  }

  Table table() {
    return tables.get(at).table();
  }

  void addTo(Signs signs) {
    Placed own = tables.get(at);
    Placed before = at == 0 ? NONE : tables.get(at - 1);
    Placed behind = at + 1 == tables.size() ? NONE : tables.get(at + 1);
    addPair(signs, "before", before, own, before);
    addPair(signs, "behind", own, behind, behind);
    boolean beside = areBeside(before, own) || areBeside(own, behind);
    signs.add("a table beside it", beside);
    signs.add("parted from a table by others", partedFrom(own, -1) || partedFrom(own, 1));
  }

  /**
   * Whether another table, not the next, may be a part of the same one: a table that floats in
   * between stands at the top of the page on which it goes on.
   *
   * @param step -1 for those before, 1 for those behind
   */
  private boolean partedFrom(Placed own, int step) {
    for (int i = at + 2 * step; i >= 0 && i < tables.size(); i += step) {
      Placed a = step < 0 ? tables.get(i) : own;
      Placed b = step < 0 ? own : tables.get(i);
      if (b.firstFrame().page() - a.lastFrame().page() > 1) {
        return false;
      }
      if (a.table().headerRows() > 0
          && a.endsPage()
          && headings(a).equals(headings(b))
          && areInPlace(a, b)
          && !hasOwnTitle(a, b)) {
        return true;
      }
    }
    return false;
  }

  private static void addPair(Signs signs, String side, Placed a, Placed b, Placed other) {
    boolean near = areNear(a, b) && !hasOwnTitle(a, b);
    signs.add("a table right " + side, near);
    boolean turned = near && a.lastFrame().page() != b.firstFrame().page();
    signs.add("a table right " + side + ", over the page", turned);
    boolean count = near && a.table().columns().size() == b.table().columns().size();
    signs.add("as many columns right " + side, count);
    signs.add("at the places of the table right " + side, near && areInPlace(a, b));
    boolean headless = near && b.table().headerRows() == 0;
    signs.add("without header, the table right " + side, headless);
    boolean few = near && other.table().bodyRows().size() <= FEW_ROWS;
    signs.add("of few rows, the table right " + side, few);
    boolean again = count && !headless && headings(a).equals(headings(b));
    signs.add("with the same headings, the table right " + side, again);
  }

  /** Whether the second table has a title of its own: then it is no part of the first. */
  private static boolean hasOwnTitle(Placed a, Placed b) {
    Optional<String> title = b.table().title();
    return title.isPresent()
        && !title.equals(a.table().title())
        && !PartComparison.saysContinued(title.get());
  }

  private static List<List<String>> headings(Placed placed) {
    return placed.table().columns().stream().map(Column::path).toList();
  }

  /** Whether nothing but the page's end or little white parts two tables. */
  private static boolean areNear(Placed a, Placed b) {
    if (a == NONE || b == NONE) {
      return false;
    }
    int turned = b.firstFrame().page() - a.lastFrame().page();
    if (turned != 0) {
      return turned == 1 && a.endsPage() && b.startsPage();
    }
    Box upper = a.lastFrame().box();
    double gap = b.firstFrame().box().top() - upper.bottom();
    int page = a.lastFrame().page();
    long rows = a.table().rows().stream().filter(r -> r.page() == page).count();
    return gap > -upper.height() / 2 && gap < FAR * upper.height() / Math.max(1, rows);
  }

  private static boolean areInPlace(Placed a, Placed b) {
    Box one = a.lastFrame().box();
    Box other = b.firstFrame().box();
    double near = SAME_PLACE * one.width();
    return Math.abs(one.left() - other.left()) < near
        && Math.abs(one.right() - other.right()) < near;
  }

  private static boolean areBeside(Placed a, Placed b) {
    if (a == NONE || b == NONE || a.lastFrame().page() != b.firstFrame().page()) {
      return false;
    }
    Box one = a.lastFrame().box();
    Box other = b.firstFrame().box();
    return one.top() < other.bottom()
        && other.top() < one.bottom()
        && (one.right() <= other.left() || other.right() <= one.left());
  }
}
