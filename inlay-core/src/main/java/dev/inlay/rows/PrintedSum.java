package dev.inlay.rows;

import dev.inlay.model.RowKind;
import java.math.BigDecimal;
import java.util.Map;

/**
 * A sum that a table prints.
 *
 * @param kind a subtotal or a total
 * @param text the row's text
 * @param origin where it stands
 * @param values the numbers printed in it, by field
 * @param rowsBefore how many rows of the file stand before it
 * @param firstRow the number of the first row of its table, from 0
 * @param carried whether it carries a sum over a page break
 */
public record PrintedSum(
    RowKind kind,
    String text,
    Origin origin,
    Map<String, BigDecimal> values,
    int rowsBefore,
    int firstRow,
    boolean carried) {

  /** Keeps a copy that cannot change. */
  public PrintedSum {
    values = Map.copyOf(values);
  }

  /** The same among other rows. */
  PrintedSum at(int first, int before) {
    return new PrintedSum(kind, text, origin, values, before, first, carried);
  }
}
