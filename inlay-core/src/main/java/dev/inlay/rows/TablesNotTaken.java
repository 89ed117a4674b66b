package dev.inlay.rows;

import dev.inlay.geom.Box;
import dev.inlay.model.RowKind;
import dev.inlay.model.Table;
import dev.inlay.model.TableFrame;
import dev.inlay.spec.DataSetSpec;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Tables of a file that no data set takes: their rows would be lost without a word where a heading
 * or a title has changed. Tables that a spec leaves out by its pages or by their order are meant.
 */
public final class TablesNotTaken {

  /** The code of such a finding. */
  public static final String CODE = "table-not-taken";

  /**
   * A data set and what it was read from.
   *
   * @param tables all that were found where the data set looks for them
   * @param taken the ids of those that gave rows
   */
  public record Source(DataSetSpec set, List<Table> tables, List<String> taken) {}

  private final List<Source> sources;

  private TablesNotTaken(List<Source> sources) {
    this.sources = sources;
  }

  /**
   * A finding for each table that no data set takes, with its rows and what it lacks.
   *
   * @param file the file's name
   * @param sources the data sets that are made of tables
   */
  public static List<Finding> of(String file, List<Source> sources) {
    TablesNotTaken untaken = new TablesNotTaken(sources);
    List<Finding> findings = new ArrayList<>();
    Set<Table> seen = new HashSet<>();
    for (Source source : sources) {
      for (Table table : source.tables()) {
        if (seen.add(table) && !untaken.isAccountedFor(table)) {
          untaken.why(table).ifPresent(why -> findings.add(finding(file, table, why)));
        }
      }
    }
    return findings;
  }

  private boolean isAccountedFor(Table table) {
    for (Source source : sources) {
      boolean own = source.tables().contains(table);
      if (own && TableFit.isMeantToBeLeftOut(table, source.tables(), source.set())) {
        return true;
      }
      for (Table other : source.tables()) {
        if (source.taken().contains(other.id()) && (other.equals(table) || overlap(other, table))) {
          return true;
        }
      }
    }
    return recordRows(table) == 0;
  }

  /** Whether two tables, read with other columns or frames, stand at one place. */
  private static boolean overlap(Table one, Table other) {
    for (TableFrame frame : one.frames()) {
      for (TableFrame there : other.frames()) {
        Box box = there.box();
        if (frame.page() == there.page() && frame.box().contains(box.centreX(), box.centreY())) {
          return true;
        }
      }
    }
    return false;
  }

  private static long recordRows(Table table) {
    return table.bodyRows().stream().filter(r -> r.kind() == RowKind.BODY).count();
  }

  /** What a table lacks; empty where a data set means it and says itself why it cannot take it. */
  private Optional<String> why(Table table) {
    List<String> reasons =
        sources.stream()
            .filter(s -> s.tables().contains(table))
            .map(s -> TableFit.of(List.of(table), s.set()).get(0).reason())
            .toList();
    return reasons.contains("") ? Optional.empty() : reasons.stream().findFirst();
  }

  private static Finding finding(String file, Table table, String why) {
    long rows = recordRows(table);
    String message =
        "table "
            + table.id()
            + table.title().map(t -> " '" + t + "'").orElse("")
            + (rows == 1 ? ", 1 row, " : ", " + rows + " rows, ")
            + "was not taken: "
            + why
            + "; if it is not wanted, say 'other tables: leave out'";
    TableFrame start = table.frames().get(0);
    Origin origin = new Origin(start.page(), start.box(), table.id());
    return Finding.at(Severity.ERROR, CODE, file, message, origin);
  }
}
