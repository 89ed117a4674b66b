package dev.inlay.bench;

import java.util.Optional;
import java.util.function.Predicate;
import tools.jackson.databind.JsonNode;

/** The rows of the tables of a paper's truth. */
final class TruthRows {

  private TruthRows() {}

  /**
   * The cells of the first row that says the same as one that was read.
   *
   * @param tables of the truth
   * @param page where the row stands
   * @param wanted which tables count
   * @param text of the row, as {@link ComparedText} has it
   */
  static Optional<JsonNode> find(
      JsonNode tables, int page, Predicate<JsonNode> wanted, String text) {
    for (JsonNode table : tables) {
      if (isOn(table, page) && wanted.test(table)) {
        for (JsonNode cells : table.get("grid")) {
          if (said(cells).equals(text)) {
            return Optional.of(cells);
          }
        }
      }
    }
    return Optional.empty();
  }

  /** Whether some of a table stands on a page. */
  static boolean isOn(JsonNode table, int page) {
    for (JsonNode on : table.get("pages")) {
      if (on.asInt() == page) {
        return true;
      }
    }
    return false;
  }

  /** What the cells of a row say, as {@link ComparedText} has it. */
  static String said(JsonNode cells) {
    StringBuilder text = new StringBuilder();
    cells.forEach(c -> text.append(ComparedText.of(c.get(0).asString())));
    return text.toString();
  }
}
