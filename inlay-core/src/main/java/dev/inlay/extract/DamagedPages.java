package dev.inlay.extract;

import dev.inlay.model.Table;
import dev.inlay.model.Warning;
import dev.inlay.model.WarningCode;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Flags the tables of pages of which something may be lost: they may look whole. */
final class DamagedPages {

  private DamagedPages() {}

  /**
   * The tables, those on damaged pages with a warning.
   *
   * @param damaged the numbers of the pages
   */
  static List<Table> flag(List<Table> tables, Set<Integer> damaged) {
    return damaged.isEmpty() ? tables : tables.stream().map(t -> flagged(t, damaged)).toList();
  }

  private static Table flagged(Table table, Set<Integer> damaged) {
    Optional<Integer> page = table.pages().stream().filter(damaged::contains).findFirst();
    if (page.isEmpty()) {
      return table;
    }
    List<Warning> warnings = new ArrayList<>(table.warnings());
    String what = "the file is damaged here: rows or numbers may be missing or wrong";
    warnings.add(new Warning(WarningCode.DAMAGED_PAGE, page.get(), what));
    return table.estimated(table.confidence(), table.signs(), warnings);
  }
}
