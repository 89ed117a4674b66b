package dev.inlay.choose;

import dev.inlay.evidence.ChunkLine;
import dev.inlay.evidence.LineRole;
import dev.inlay.geom.Box;
import dev.inlay.score.RoleReading;
import java.util.ArrayList;
import java.util.List;

/**
 * Finds, among the lines of a zone that became part of no table, those of which the reading of
 * roles was in doubt: a reader must hear that a table may have been missed.
 */
final class PossibleTables {

  /** A line that less probably belongs to a table is running text. */
  private static final double LEAST_CHANCE = 0.1;

  /**
   * The line that most probably belongs to a table does so at least this probably. Of 206 made
   * papers with a table that is wrong or was not found 26 are reported so, and 16 of 1,050 in which
   * nothing is wrong; with 0.15 it would be 30 and 34, with 0.5 15 and 10.
   */
  private static final double LEAST_BEST = 0.3;

  private final List<ChunkLine> lines;
  private final RoleReading reading;

  PossibleTables(List<ChunkLine> lines, RoleReading reading) {
    this.lines = lines;
    this.reading = reading;
  }

  /** Those that stand in none of some boxes, from top to bottom. */
  List<PossibleTable> outside(List<Box> frames) {
    List<PossibleTable> found = new ArrayList<>();
    int from = 0;
    for (int i = 0; i <= lines.size(); i++) {
      boolean ends =
          i == lines.size()
              || !PageParts.isOutside(lines.get(i).box(), frames)
              || chance(i) < LEAST_CHANCE;
      if (ends) {
        if (mayBeTable(from, i)) {
          List<ChunkLine> own = lines.subList(from, i);
          Box place = Box.around(own, ChunkLine::box);
          found.add(new PossibleTable(place, own.size(), own.get(0).line().text()));
        }
        from = i + 1;
      }
    }
    return found;
  }

  private double chance(int line) {
    return 1 - reading.probability(line, LineRole.OUTSIDE);
  }

  private boolean mayBeTable(int from, int to) {
    double best = 0;
    boolean tabular = false;
    for (int i = from; i < to; i++) {
      best = Math.max(best, chance(i));
      tabular |= lines.get(i).isTabular();
    }
    return tabular && best >= LEAST_BEST;
  }
}
