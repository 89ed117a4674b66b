package dev.inlay.choose;

import dev.inlay.model.RowKind;
import dev.inlay.model.RulingExtent;
import dev.inlay.model.TableCell;
import dev.inlay.model.TableFrame;
import dev.inlay.model.TableNote;
import dev.inlay.model.TableRow;
import dev.inlay.model.Warning;
import dev.inlay.model.WarningCode;
import dev.inlay.propose.Cell;
import dev.inlay.propose.Grid;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Makes the table of one page from its grid. */
final class PageTableBuilder {

  private PageTableBuilder() {}

  static PageTable build(
      Grid grid,
      HeaderRows header,
      List<Warning> more,
      Optional<String> title,
      List<TableNote> notes) {
    int page = grid.frame().page();
    List<Warning> warnings = new ArrayList<>(grid.warnings());
    warnings.addAll(more);
    Overprints.of(grid).ifPresent(warnings::add);
    header.doubt().ifPresent(d -> warnings.add(new Warning(WarningCode.HEADER_UNSURE, page, d)));
    List<TableRow> rows = new ArrayList<>();
    int count = grid.rows().size();
    for (int r = 0; r < count; r++) {
      List<Cell> cells = grid.rows().get(r);
      RowKind kind =
          r < header.count()
              ? RowKind.HEADER
              : grid.groupRows().contains(r)
                  ? RowKind.GROUP
                  : RowKinds.of(cells, grid.columns(), r == count - 1);
      rows.add(new TableRow(kind, page, cells.stream().map(PageTableBuilder::cell).toList()));
    }
    TableFrame frame =
        new TableFrame(
            page,
            grid.frame().box(),
            extent(grid),
            grid.columnEdges(),
            grid.rowEdges(),
            RulingsBetweenRows.leaveLastOpen(grid, header.count()),
            grid.certainty().withHeaderRows(header.probability()));
    return new PageTable(
        frame,
        title,
        notes,
        grid.columnEdges(),
        header.count(),
        rows,
        warnings,
        false,
        false,
        false);
  }

  private static TableCell cell(Cell cell) {
    return new TableCell(
        cell.text(),
        cell.lineStarts(),
        cell.column(),
        cell.columnSpan(),
        cell.rowSpan(),
        cell.box());
  }

  private static RulingExtent extent(Grid grid) {
    if (grid.isClosed()) {
      return RulingExtent.FULL;
    }
    boolean ruled = !grid.frame().horizontals().isEmpty() || !grid.frame().verticals().isEmpty();
    return ruled ? RulingExtent.PART : RulingExtent.NONE;
  }
}
