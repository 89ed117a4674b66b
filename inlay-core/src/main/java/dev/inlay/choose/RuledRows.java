package dev.inlay.choose;

import dev.inlay.evidence.ChunkLine;
import dev.inlay.evidence.LineRole;
import dev.inlay.evidence.PageEvidence;
import dev.inlay.geom.Edges;
import dev.inlay.model.Certainty;
import dev.inlay.propose.Cell;
import dev.inlay.propose.Grid;
import dev.inlay.score.RoleChoice;
import dev.inlay.score.RoleReading;
import dev.inlay.score.Zone;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;

/**
 * Recognises the header and the group headings of a ruled grid by the roles of the lines of text in
 * it: rulings say where cells are, not what they are.
 */
final class RuledRows {

  private RuledRows() {}

  /** The lines inside a grid as a zone of their own; empty where no upright line stands in it. */
  static Optional<Zone> zone(Grid grid, PageEvidence evidence) {
    List<ChunkLine> lines = evidence.chunkLinesIn(grid.frame().box());
    return lines.isEmpty() ? Optional.empty() : Optional.of(Zone.of(evidence, lines));
  }

  /** The grid with its header and group headings as the roles of its lines show them. */
  static Grid withRoles(Grid grid, Zone zone, RoleChoice choice) {
    RoleReading reading = RoleReading.ofRuled(zone, choice);
    List<LineRole> roles = reading.roles();
    int count = grid.rows().size();
    int[] lines = new int[count];
    int[] heading = new int[count];
    int[] group = new int[count];
    for (int i = 0; i < roles.size(); i++) {
      int row = Edges.indexOf(grid.rowEdges(), zone.lines().get(i).box().centreY());
      lines[row]++;
      heading[row] += roles.get(i) == LineRole.HEADER ? 1 : 0;
      group[row] += roles.get(i) == LineRole.GROUP ? 1 : 0;
    }
    int header = 0;
    for (int r = 0; r < count && (lines[r] == 0 || 2 * heading[r] >= lines[r]); r++) {
      header = lines[r] == 0 ? header : reach(grid, r);
    }
    if (header >= count || allHaveOneText(grid.rows().subList(0, header))) {
      header = 0; // headings alone head nothing, and one text alone names rows
    }
    Set<Integer> groups = new HashSet<>();
    for (int r = header; r < count; r++) {
      boolean heads = group[r] > 0 && 2 * group[r] >= lines[r] || 2 * heading[r] > lines[r];
      boolean alone = !grid.isClosed() && grid.columns() > 2 && beginsAlone(grid.rows().get(r));
      if (heads && hasOneText(grid.rows().get(r)) || alone) {
        groups.add(r);
      }
    }
    return grid.withRows(OptionalInt.of(header), groups, certainty(grid, zone, reading, header));
  }

  private static Certainty certainty(Grid grid, Zone zone, RoleReading reading, int header) {
    int lines = 0;
    double end = grid.rowEdges().get(Math.min(header + 1, grid.rows().size()));
    while (lines < zone.lines().size() && zone.lines().get(lines).box().centreY() < end) {
      lines++;
    }
    // Rulings say what a row is: only the roles of the header lines can be wrong.
    int all = grid.isClosed() ? zone.lines().size() : lines;
    return Certainty.ofRoles(
        reading.leastProbable(0, lines),
        reading.leastProbable(lines, all),
        1,
        reading.wrongLines(0, all));
  }

  private static boolean allHaveOneText(List<List<Cell>> rows) {
    return rows.stream().allMatch(RuledRows::hasOneText);
  }

  /** Whether one text stands in a row alone, in its first column. */
  private static boolean beginsAlone(List<Cell> row) {
    return hasOneText(row) && row.stream().anyMatch(c -> c.column() == 0 && !c.isEmpty());
  }

  private static boolean hasOneText(List<Cell> row) {
    return row.stream().filter(c -> !c.isEmpty()).count() == 1;
  }

  /** The first row behind a header row that none of its cells reaches into. */
  private static int reach(Grid grid, int row) {
    int end = row + 1;
    for (Cell cell : grid.rows().get(row)) {
      end = Math.max(end, cell.isEmpty() ? end : row + cell.rowSpan());
    }
    return end;
  }
}
