package dev.inlay.write;

import dev.inlay.write.ResultSheet.Cell;
import dev.inlay.write.ResultSheet.Head;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** The texts of a workbook that are longer than a cell can be; they stand whole on a sheet. */
final class LongTexts {

  /** What the sheet format can hold in a cell. */
  private static final int MOST_TEXT = 32_767;

  private static final String NAME = "Long texts";

  private static final String POINTER = " ... (whole on the sheet '" + NAME + "')";

  private final List<List<Cell>> rows = new ArrayList<>();

  static boolean fits(String text) {
    return text.length() <= MOST_TEXT;
  }

  /**
   * Keeps a text that does not fit.
   *
   * @param sheet on which its cell stands
   * @param row of the cell, from 0
   * @param column the heading of the cell's column
   * @return what the cell can show of it
   */
  String shortened(String text, String sheet, int row, String column) {
    for (int part = 0; part * MOST_TEXT < text.length(); part++) {
      int end = Math.min(text.length(), (part + 1) * MOST_TEXT);
      rows.add(
          List.of(
              Cell.of(sheet),
              Cell.of(BigDecimal.valueOf(row + 1L)),
              Cell.of(column),
              Cell.of(BigDecimal.valueOf(part + 1L)),
              Cell.of(text.substring(part * MOST_TEXT, end))));
    }
    return text.substring(0, MOST_TEXT - POINTER.length()) + POINTER;
  }

  /** The sheet with all of them; empty where every text fitted. */
  Optional<ResultSheet> sheet() {
    List<Head> heads =
        Stream.of("sheet", "row", "column", "part", "text").map(n -> new Head(n, false)).toList();
    return rows.isEmpty()
        ? Optional.empty()
        : Optional.of(new ResultSheet(NAME, heads, List.copyOf(rows)));
  }
}
