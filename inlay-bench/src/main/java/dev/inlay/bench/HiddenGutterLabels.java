package dev.inlay.bench;

import dev.inlay.propose.HiddenGutter;
import java.util.Optional;
import tools.jackson.databind.JsonNode;

/** Whether a strip inside a column is a gutter by the truth: known where its rows are there. */
final class HiddenGutterLabels {

  private HiddenGutterLabels() {}

  /**
   * Whether most rows that the truth has, too, are parted at the strip.
   *
   * @param tables of the truth
   * @param page the strip's page
   * @return empty where the truth has none of its rows
   */
  static Optional<Boolean> of(HiddenGutter strip, JsonNode tables, int page) {
    int parted = 0;
    int whole = 0;
    for (HiddenGutter.Parted row : strip.rows()) {
      int before = ComparedText.of(row.before()).length();
      Optional<Boolean> here =
          TruthRows.find(tables, page, t -> true, ComparedText.of(row.text()))
              .map(cells -> endsAt(cells, before));
      parted += here.isPresent() && here.get() ? 1 : 0;
      whole += here.isPresent() && !here.get() ? 1 : 0;
    }
    return parted + whole == 0 ? Optional.empty() : Optional.of(parted > whole);
  }

  private static boolean endsAt(JsonNode cells, int place) {
    int end = 0;
    for (JsonNode cell : cells) {
      end += ComparedText.of(cell.get(0).asString()).length();
      if (end == place) {
        return true;
      }
    }
    return false;
  }
}
