package dev.inlay.draft;

import dev.inlay.draft.Layout.LayoutColumn;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Joins columns that some files print under other headings: between the same neighbours, which all
 * files have, two files print as many columns, and those at one place hold the same kind of texts.
 */
final class RewordedColumns {

  /** At least this many columns must be the same for others to have only another heading. */
  private static final int LEAST_COMMON = 3;

  /** Columns of one kind differ at most so much in their share of quantities. */
  private static final double SAME_KIND = 0.2;

  /** Words under two headings may be two things; only columns of quantities are joined. */
  private static final double MOSTLY = 0.6;

  private final List<LayoutColumn> columns;
  private final List<String> files;

  private RewordedColumns(List<LayoutColumn> columns, List<String> files) {
    this.columns = columns;
    this.files = files;
  }

  /**
   * Joins such columns.
   *
   * @param columns those of a layout; of each pair the one that fewer files have is taken out
   * @param files those that have tables of this layout
   */
  static void join(List<LayoutColumn> columns, List<String> files) {
    RewordedColumns reworded = new RewordedColumns(columns, files);
    boolean joined = true;
    while (joined) {
      joined = reworded.joinOne();
    }
  }

  private boolean joinOne() {
    for (LayoutColumn one : columns) {
      for (LayoutColumn other : columns) {
        if (one != other && one.files().size() >= other.files().size() && areOne(one, other)) {
          one.take(other);
          columns.remove(other);
          return true;
        }
      }
    }
    return false;
  }

  private boolean areOne(LayoutColumn one, LayoutColumn other) {
    boolean headed = !one.path().isEmpty() && !other.path().isEmpty();
    if (!headed || !Collections.disjoint(one.files(), other.files())) {
      return false;
    }
    long common = columns.stream().filter(this::isCommon).count();
    return common >= LEAST_COMMON
        && other.files().stream()
            .allMatch(file -> counterpart(other, file, one).filter(c -> c == one).isPresent());
  }

  /**
   * The column at the place of another in some file that has a counterpart of it: as many columns
   * between the same neighbours, all of them of one kind with those at their place.
   */
  private Optional<LayoutColumn> counterpart(LayoutColumn column, String file, LayoutColumn like) {
    List<LayoutColumn> here = between(column, file);
    for (String second : like.files()) {
      List<LayoutColumn> there = between(like, second);
      if (here.size() == there.size()
          && areAlike(here, there)
          && sameNeighbours(here, file, there, second)) {
        return Optional.of(there.get(here.indexOf(column)));
      }
    }
    return Optional.empty();
  }

  private static boolean areAlike(List<LayoutColumn> some, List<LayoutColumn> others) {
    for (int i = 0; i < some.size(); i++) {
      double one = some.get(i).quantities();
      double other = others.get(i).quantities();
      boolean same = some.get(i) == others.get(i);
      boolean kind = Math.abs(one - other) <= SAME_KIND && Math.max(one, other) > MOSTLY;
      if (!same && !kind) {
        return false;
      }
    }
    return true;
  }

  private boolean sameNeighbours(
      List<LayoutColumn> some, String file, List<LayoutColumn> others, String second) {
    return before(some.get(0), file) == before(others.get(0), second);
  }

  /** The run of columns of a file, no common ones among them, that holds a column. */
  private List<LayoutColumn> between(LayoutColumn column, String file) {
    List<LayoutColumn> run = new ArrayList<>();
    for (LayoutColumn one : inOrder(file)) {
      if (!isCommon(one)) {
        run.add(one);
      } else if (run.contains(column)) {
        return run;
      } else {
        run.clear();
      }
    }
    return run;
  }

  /** The common column before a column of a file; null where it is the first. */
  private LayoutColumn before(LayoutColumn column, String file) {
    List<LayoutColumn> order = inOrder(file);
    int at = order.indexOf(column);
    return at == 0 ? null : order.get(at - 1);
  }

  private List<LayoutColumn> inOrder(String file) {
    return columns.stream()
        .filter(c -> c.files().contains(file))
        .sorted(Comparator.comparingInt(c -> c.placeIn(file)))
        .toList();
  }

  private boolean isCommon(LayoutColumn column) {
    return column.files().containsAll(files);
  }
}
