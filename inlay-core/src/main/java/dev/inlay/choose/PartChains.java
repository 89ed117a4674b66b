package dev.inlay.choose;

import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;

/** Which tables of a page go on with which, and the order that follows. */
final class PartChains {

  private final Map<PageTable, PageTable> next = new IdentityHashMap<>();
  private final Map<PageTable, PageTable> firstOf = new IdentityHashMap<>();

  /** The part with which the table of a part begins. */
  PageTable first(PageTable part) {
    return firstOf.getOrDefault(part, part);
  }

  /** Whether no part follows the one, and the other follows none: a part is in one chain. */
  boolean areFree(PageTable before, PageTable part) {
    return !next.containsKey(before) && !firstOf.containsKey(part);
  }

  /** Puts a part behind another; both are free. */
  void link(PageTable before, PageTable part) {
    next.put(before, part);
    firstOf.put(part, first(before));
  }

  /** The same tables, each that goes on marked, and right behind the one it goes on with. */
  List<PageTable> ordered(List<PageTable> tables) {
    List<PageTable> ordered = new ArrayList<>();
    for (PageTable table : tables) {
      if (!firstOf.containsKey(table)) {
        ordered.add(table);
        for (PageTable part = next.get(table); part != null; part = next.get(part)) {
          ordered.add(part.goingOn());
        }
      }
    }
    return ordered;
  }
}
