package dev.inlay.document;

import dev.inlay.choose.PageTable;
import dev.inlay.choose.PartComparison;
import dev.inlay.model.Table;
import dev.inlay.model.Warning;
import java.util.ArrayList;
import java.util.List;

/**
 * The tables of a document as far as its pages are read, in the order of their first parts. A table
 * goes on at the end, or, where others were set between its parts, as typesetters do at the foot of
 * a page or on a page of their own, further up.
 */
final class TablesInOrder {

  /** Other tables fill this many pages between two parts of a table at most. */
  private static final int MOST_PAGES_BETWEEN = 1;

  /** A table: its parts as long as more may follow, then what came of them. */
  private static final class Chain {
    final String id;
    final List<PageTable> parts = new ArrayList<>();
    TableNeighbours.Placed whole;

    Chain(String id, PageTable first) {
      this.id = id;
      parts.add(first);
    }

    PageTable first() {
      return parts.get(0);
    }

    PageTable last() {
      return parts.get(parts.size() - 1);
    }

    void end() {
      whole =
          new TableNeighbours.Placed(TableOfParts.of(id, parts), first().first(), last().last());
      parts.clear(); // what the pages showed is needed no more
    }
  }

  private final List<Chain> chains = new ArrayList<>();

  /** Those that more parts may follow. */
  private final List<Chain> live = new ArrayList<>();

  /** The one that the next part may go on with: the one that was begun or went on last. */
  private Chain open;

  /** Whether no table was begun yet. */
  boolean isEmpty() {
    return open == null;
  }

  /** The first part of the table that may go on. */
  PageTable first() {
    return open.first();
  }

  /** The last part of the table that may go on. */
  PageTable last() {
    return open.last();
  }

  /** The name of the table that may go on. */
  String id() {
    return open == null ? "" : open.id;
  }

  /** Begins a table. */
  void begin(String id, PageTable part) {
    open = new Chain(id, part);
    chains.add(open);
    live.add(open);
    endBefore(part.frame().page() - MOST_PAGES_BETWEEN - 1);
  }

  /** Adds a reason to look at the last part of the table that may go on. */
  void warn(Warning warning) {
    PageTable last = open.last();
    open.parts.set(open.parts.size() - 1, last.withWarnings(List.of(warning)));
  }

  /** Adds a part to the table that may go on. */
  void goOn(PageTable part) {
    open.parts.add(part);
  }

  /**
   * Turns to the table that a part goes on with though others stand between: the part, first on its
   * page but for tables with titles that were set above it, has the header printed again at the
   * same places. Where the others are there again too, each page has its own tables.
   *
   * @param page all parts on its page
   * @param at the number of the part on its page, from 0
   * @return whether there is one
   */
  boolean resume(PageTable part, List<PageTable> page, int at) {
    boolean below = !part.first();
    if (below && !page.subList(0, at).stream().allMatch(p -> p.title().isPresent())) {
      return false;
    }
    int chain = chains.size() - 1;
    while (chain > 0
        && isSetBetween(chains.get(chain), part)
        && !isAgainOn(page, chains.get(chain))) {
      chain--;
      if (goesOn(chains.get(chain), part) && (!below || chains.get(chain).last().last())) {
        open = chains.get(chain);
        return true;
      }
    }
    return false;
  }

  private static boolean isSetBetween(Chain chain, PageTable part) {
    return chain.parts.size() == 1
        && chain.first().headerRows() > 0
        && chain.first().frame().page() >= part.frame().page() - 1;
  }

  private static boolean isAgainOn(List<PageTable> page, Chain chain) {
    return !chain.parts.isEmpty()
        && page.stream().skip(1).anyMatch(p -> PartComparison.repeatsHeader(chain.first(), p));
  }

  private static boolean goesOn(Chain chain, PageTable part) {
    if (chain.parts.isEmpty()) {
      return false;
    }
    int between = part.frame().page() - chain.last().frame().page() - 1;
    return between >= 0
        && between <= MOST_PAGES_BETWEEN
        && part.columns() == chain.first().columns()
        && !PartLink.hasOwnTitle(chain.first(), part)
        && PartComparison.repeatsHeader(chain.first(), part)
        && PartComparison.continuesColumns(chain.last(), part);
  }

  private void endBefore(int page) {
    List<Chain> over =
        live.stream().filter(c -> c != open && c.last().frame().page() < page).toList();
    over.forEach(Chain::end);
    live.removeAll(over);
  }

  /** All tables, ended and estimated. */
  List<Table> end() {
    live.forEach(Chain::end);
    live.clear();
    return Estimate.of(chains.stream().map(c -> c.whole).toList());
  }
}
