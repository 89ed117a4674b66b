package dev.inlay.rows;

import dev.inlay.model.RowKind;
import dev.inlay.model.Table;
import dev.inlay.spec.Shape;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * What a table prints, column by column, for one who wants to know what its columns hold.
 *
 * @param paths the headings over each column; of side-by-side repeats those of the first block
 * @param blocks how many repeats of the same columns stand side by side; 1 for none
 * @param columns the texts of the records in each column, from top to bottom; empty texts too
 * @param headings the texts of headings among the rows, by how deep they lie
 * @param kinds how many rows there are of each kind
 */
public record TableTexts(
    List<List<String>> paths,
    int blocks,
    List<List<String>> columns,
    List<List<String>> headings,
    Map<RowKind, Integer> kinds) {

  private static final Shape.Fold AS_FOUND = new Shape.Fold(false, 0, 0, "");

  /** The texts of a table. */
  public static TableTexts of(Table table) {
    TableView printed = SourceRows.of(table);
    int width = Folding.blockWidth(printed, AS_FOUND);
    int blocks = printed.paths().size() / width;
    TableView view = Folding.fold(printed, AS_FOUND);
    List<List<String>> columns = new ArrayList<>();
    for (int c = 0; c < width; c++) {
      columns.add(new ArrayList<>());
    }
    List<List<String>> headings = new ArrayList<>();
    Map<RowKind, Integer> kinds = new EnumMap<>(RowKind.class);
    for (SourceRow row : view.rows()) {
      kinds.merge(row.kind(), 1, Integer::sum);
      if (row.kind() == RowKind.GROUP) {
        while (headings.size() <= row.level()) {
          headings.add(new ArrayList<>());
        }
        headings.get(row.level()).add(row.text());
      } else if (row.kind() == RowKind.BODY) {
        for (int c = 0; c < row.cells().size(); c++) {
          columns.get(c).add(row.cells().get(c).text());
        }
      }
    }
    return new TableTexts(view.paths(), blocks, columns, headings, kinds);
  }
}
