package dev.inlay.document;

import dev.inlay.choose.PageTable;
import dev.inlay.model.Table;
import dev.inlay.model.TableRow;
import dev.inlay.model.Warning;
import dev.inlay.model.WarningCode;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Makes one table of its parts on following pages: rows, sums that are proved, and doubts. */
final class TableOfParts {

  private TableOfParts() {}

  /**
   * A table, not yet estimated.
   *
   * @param id page and order of its start
   * @param parts in the order of the pages, at least one
   */
  static Table of(String id, List<PageTable> parts) {
    PageTable first = parts.get(0);
    List<Warning> warnings = new ArrayList<>();
    for (PageTable part : parts) {
      part.warnings().stream()
          .filter(w -> part == first || w.code() != WarningCode.HEADER_UNSURE)
          .forEach(warnings::add);
    }
    List<TableRow> rows = PartRows.of(parts);
    RowSums.Result sums =
        RowSums.of(rows.subList(first.headerRows(), rows.size()), first.columns());
    List<TableRow> all = new ArrayList<>(first.header());
    all.addAll(sums.rows());
    warnings.addAll(sums.warnings());
    warnings.addAll(TableDoubts.of(first.headerRows(), first.columns(), all, first.frame()));
    return new Table(
        id,
        first.title(),
        parts.stream().map(PageTable::frame).toList(),
        0,
        warnings,
        first.headerRows(),
        HeaderPaths.of(first.header(), first.columns()),
        all,
        parts.stream().flatMap(p -> p.notes().stream()).distinct().toList(),
        Optional.empty(),
        sums.proven(),
        List.of());
  }
}
