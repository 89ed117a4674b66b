package dev.inlay.bench;

import dev.inlay.propose.Cell;
import dev.inlay.propose.Grid;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import java.util.stream.Collectors;
import tools.jackson.databind.JsonNode;

/** How many rows at the top of a grid are header by the truth: known where its rows are right. */
final class HeaderRowLabels {

  /** At least this many rows at the top identify the rows of the truth, where there are as many. */
  private static final int COMPARED = 3;

  private HeaderRowLabels() {}

  /**
   * The number of header rows of a grid.
   *
   * @param tables of the truth
   * @param page the grid's page
   * @return empty where its first rows are no rows of the truth
   */
  static OptionalInt of(Grid grid, JsonNode tables, int page) {
    List<String> rows = grid.rows().stream().map(HeaderRowLabels::text).toList();
    for (JsonNode table : tables) {
      OptionalInt label = TruthRows.isOn(table, page) ? of(rows, table) : OptionalInt.empty();
      if (label.isPresent()) {
        return label;
      }
    }
    return OptionalInt.empty();
  }

  private static OptionalInt of(List<String> rows, JsonNode table) {
    List<String> due = new ArrayList<>();
    int header = 0;
    for (int r = 0; r < table.get("grid").size(); r++) {
      due.add(TruthRows.said(table.get("grid").get(r)));
      header += table.get("kinds").get(r).asString().equals("header") ? 1 : 0;
    }
    int compared = Math.min(COMPARED, rows.size());
    for (int from = 0; from + compared <= due.size(); from++) {
      if (rows.subList(0, compared).equals(due.subList(from, from + compared))) {
        return OptionalInt.of(Math.max(0, header - from));
      }
    }
    return OptionalInt.empty();
  }

  private static String text(List<Cell> row) {
    return row.stream().map(c -> ComparedText.of(c.text())).collect(Collectors.joining());
  }
}
