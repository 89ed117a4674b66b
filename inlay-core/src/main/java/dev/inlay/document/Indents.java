package dev.inlay.document;

import dev.inlay.model.RulingExtent;
import dev.inlay.model.Table;
import dev.inlay.model.TableCell;
import dev.inlay.model.TableRow;
import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;

/**
 * How far labels in the first column are set in, in steps from 0: structure that is printed by
 * place alone. Known for tables without boxes only, where a cell's place is that of its text.
 */
public final class Indents {

  /** Labels that begin within this share of a label's height are set in alike. */
  private static final double ALIKE = 0.3;

  /** More steps than this are labels centred or flush right. */
  private static final int MOST_STEPS = 4;

  private final Map<TableRow, Integer> steps = new IdentityHashMap<>();

  private Indents() {}

  /** The steps of a table's labels. */
  public static Indents of(Table table) {
    Indents indents = new Indents();
    List<Double> places = new ArrayList<>();
    if (table.frames().stream().noneMatch(f -> f.rulings() == RulingExtent.FULL)) {
      for (int page : table.pages()) {
        indents.read(table, page, places);
      }
    }
    if (places.size() > MOST_STEPS) {
      indents.steps.clear();
    }
    return indents;
  }

  /** A page may print the table further right than another: its own leftmost label is step 0. */
  private void read(Table table, int page, List<Double> places) {
    List<TableRow> labelled =
        table.bodyRows().stream().filter(r -> r.page() == page && label(r) != null).toList();
    double left = labelled.stream().mapToDouble(r -> label(r).box().left()).min().orElse(0);
    labelled.stream()
        .sorted((a, b) -> Double.compare(label(a).box().left(), label(b).box().left()))
        .forEach(r -> steps.put(r, step(label(r), left, places)));
  }

  private static int step(TableCell label, double left, List<Double> places) {
    double in = label.box().left() - left;
    double alike = ALIKE * label.box().height();
    for (int i = 0; i < places.size(); i++) {
      if (Math.abs(places.get(i) - in) <= alike) {
        return i;
      }
    }
    places.add(in);
    places.sort(Double::compare);
    return places.indexOf(in);
  }

  private static TableCell label(TableRow row) {
    return row.cells().stream()
        .filter(c -> c.column() == 0 && !c.text().isEmpty())
        .findFirst()
        .orElse(null);
  }

  /** How many steps the label of a row is set in; 0 for none. */
  public int of(TableRow row) {
    return steps.getOrDefault(row, 0);
  }
}
