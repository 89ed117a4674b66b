package dev.inlay.bench;

import dev.inlay.propose.Reach;
import dev.inlay.propose.RowText;
import java.util.OptionalInt;
import tools.jackson.databind.JsonNode;

/** The columns that a text of a row stands over by the truth: known where its row is there. */
final class ReachLabels {

  private ReachLabels() {}

  /**
   * The place of the right one among a text's candidates.
   *
   * @param tables of the truth
   * @param page the row's page
   * @return empty where no row, or no table with as many columns, says the same
   */
  static OptionalInt of(RowText text, JsonNode tables, int page) {
    String row = ComparedText.of(String.join("", text.row()));
    return TruthRows.find(tables, page, t -> columns(t) == text.columns(), row)
        .map(cells -> place(text, cells))
        .orElse(OptionalInt.empty());
  }

  private static int columns(JsonNode table) {
    int columns = 0;
    for (JsonNode row : table.get("grid")) {
      for (JsonNode cell : row) {
        columns = Math.max(columns, cell.get(1).asInt() + Math.max(1, cell.get(2).asInt()));
      }
    }
    return columns;
  }

  private static OptionalInt place(RowText text, JsonNode cells) {
    for (int c = 0; c < text.candidates().size(); c++) {
      Reach reach = text.candidates().get(c);
      int parts = reach.parts();
      String over = String.join("", text.parts().subList(0, parts));
      boolean right = parts == 0 || holds(cells, over, reach.first(), reach.last());
      for (int p = parts; p < text.parts().size(); p++) {
        int home = text.homes().get(p);
        right &= holds(cells, text.parts().get(p), home, home);
      }
      if (right) {
        return OptionalInt.of(c);
      }
    }
    return OptionalInt.empty();
  }

  private static boolean holds(JsonNode cells, String text, int first, int last) {
    for (JsonNode cell : cells) {
      boolean same = ComparedText.of(cell.get(0).asString()).equals(ComparedText.of(text));
      int width = Math.max(1, cell.get(2).asInt());
      if (same && cell.get(1).asInt() == first && width == last - first + 1) {
        return true;
      }
    }
    return false;
  }
}
