package dev.inlay.document;

import dev.inlay.geom.Box;
import dev.inlay.model.Column;
import dev.inlay.model.Table;
import dev.inlay.model.TableCell;
import dev.inlay.model.TableRow;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Tables printed in parts to the right on following pages, as sheets wider than the paper are: the
 * next part has as many rows, at the same heights, and other headings.
 */
public final class WideParts {

  /** Fewer rows may stand at the same heights by chance. */
  private static final int LEAST_ROWS = 3;

  /** Rows whose tops and bottoms differ by less than this many points stand at one height. */
  private static final double SAME_HEIGHT = 1.5;

  private WideParts() {}

  /** The tables, each that goes on to the right of the one before it marked so. */
  static List<Table> linked(List<Table> tables) {
    List<Table> linked = new ArrayList<>();
    for (Table table : tables) {
      Table before = linked.isEmpty() ? null : linked.get(linked.size() - 1);
      boolean part = before != null && goesOnRight(before, table);
      linked.add(part ? table.rightOf(before.id()) : table);
    }
    return linked;
  }

  private static boolean goesOnRight(Table left, Table right) {
    List<Integer> before = left.pages();
    List<Integer> after = right.pages();
    if (before.size() != after.size()
        || before.get(before.size() - 1) + 1 != after.get(0)
        || left.rows().size() != right.rows().size()
        || left.bodyRows().size() < LEAST_ROWS) {
      return false;
    }
    Set<String> names = new HashSet<>();
    left.columns().forEach(c -> names.add(c.name()));
    boolean headed = left.headerRows() > 0;
    boolean again = headed && right.columns().stream().allMatch(c -> names.contains(c.name()));
    return !again && rowsStandAlike(left, right) && framesStandAlike(left, right);
  }

  private static boolean framesStandAlike(Table left, Table right) {
    for (int i = 0; i < left.frames().size(); i++) {
      Box a = left.frames().get(i).box();
      Box b = right.frames().get(Math.min(i, right.frames().size() - 1)).box();
      if (Math.abs(a.top() - b.top()) > SAME_HEIGHT) {
        return false;
      }
    }
    return true;
  }

  private static boolean rowsStandAlike(Table left, Table right) {
    for (int r = 0; r < left.rows().size(); r++) {
      Optional<Box> a = around(left.rows().get(r));
      Optional<Box> b = around(right.rows().get(r));
      if (a.isPresent()
          && b.isPresent()
          && Math.abs(a.get().centreY() - b.get().centreY()) > SAME_HEIGHT) {
        return false;
      }
    }
    return true;
  }

  private static Optional<Box> around(TableRow row) {
    return row.cells().stream().map(TableCell::box).reduce(Box::union);
  }

  /**
   * The tables, with parts put together: the columns of each behind those of the part to its left.
   */
  public static List<Table> join(List<Table> tables) {
    List<Table> joined = new ArrayList<>();
    String last = "";
    for (Table table : tables) {
      if (!joined.isEmpty() && table.rightOf().filter(last::equals).isPresent()) {
        joined.add(beside(joined.remove(joined.size() - 1), table));
      } else {
        joined.add(table);
      }
      last = table.id();
    }
    return joined;
  }

  private static Table beside(Table left, Table right) {
    int width = left.columns().size();
    List<TableRow> rows = new ArrayList<>();
    for (int r = 0; r < left.rows().size(); r++) {
      TableRow row = left.rows().get(r);
      List<TableCell> cells = new ArrayList<>(row.cells());
      right.rows().get(r).cells().forEach(c -> cells.add(c.shifted(width)));
      rows.add(new TableRow(row.kind(), row.page(), cells));
    }
    List<List<String>> paths = new ArrayList<>();
    left.columns().forEach(c -> paths.add(c.path()));
    right.columns().forEach(c -> paths.add(c.path()));
    return left.withPart(right, Column.named(paths), rows);
  }
}
