package dev.inlay.extract;

import dev.inlay.geom.Box;
import dev.inlay.model.TextLedger;
import java.util.List;

/**
 * Where the characters of one page ended.
 *
 * @param page its number, from 1
 * @param ledger how many ended where
 * @param furniture the places of running heads, page numbers and the like, in points
 */
public record PageLedger(int page, TextLedger ledger, List<Box> furniture) {

  /** Keeps a copy of the places that cannot change. */
  public PageLedger {
    furniture = List.copyOf(furniture);
  }
}
