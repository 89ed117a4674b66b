package dev.inlay.survey;

import dev.inlay.model.Column;
import dev.inlay.model.RulingExtent;
import dev.inlay.model.Table;
import java.util.List;
import java.util.Optional;

/**
 * A table in short.
 *
 * @param id as {@code extract} gives it
 * @param title the caption above it
 * @param pages the pages it is printed on
 * @param rows how many rows it has below the header
 * @param headings the name of each column; empty where it has none
 * @param rulings how far rulings bound its cells
 * @param confidence how likely it is right, 0 to 1
 * @param warnings how many reasons there are to look at it
 */
public record TableSummary(
    String id,
    Optional<String> title,
    List<Integer> pages,
    int rows,
    List<String> headings,
    RulingExtent rulings,
    double confidence,
    int warnings) {

  /** Keeps copies that cannot change. */
  public TableSummary {
    pages = List.copyOf(pages);
    headings = List.copyOf(headings);
  }

  static TableSummary of(Table table) {
    return new TableSummary(
        table.id(),
        table.title(),
        table.pages(),
        table.bodyRows().size(),
        table.columns().stream().map(Column::name).toList(),
        table.frames().get(0).rulings(),
        table.confidence(),
        table.warnings().size());
  }

  /** How many columns it has. */
  public int columns() {
    return headings.size();
  }
}
