package dev.inlay.score;

import dev.inlay.evidence.Chunk;
import dev.inlay.evidence.ChunkLine;
import dev.inlay.evidence.LineRole;
import dev.inlay.text.TextShape;
import java.util.ArrayList;
import java.util.List;

/**
 * Customs of print that hold whatever the weights say: lines between rows and right below them
 * belong to the table, what stands far below does not, and quantities below quantities begin a row.
 * A row that is lost is worse than one too many.
 */
final class RowCustoms {

  /** A line between or below rows is outside the table only where it is more probable than this. */
  private static final double SURELY_OUTSIDE = 0.85;

  /**
   * A line below the last row is one more where this share of its texts keeps to the rows' edges.
   */
  private static final double KEEPS_EDGES = 0.6;

  /** Lines of one text between the last row and one more: wrapped words. */
  private static final int MOST_WRAPPED = 2;

  /** This many rows show the edges of the columns. */
  private static final int ROWS_ABOVE = 6;

  /** A line this many times as far below as the table's lines are apart goes on with none. */
  private static final double FAR_BELOW = 2.2;

  private final List<ChunkLine> lines;
  private final LineNeighbours neighbours;
  private final RoleReading reading;
  private final List<LineRole> roles;

  /**
   * Prepares the customs.
   *
   * @param reading what the model says
   * @param roles to be changed
   */
  RowCustoms(Zone zone, LineSigns signs, RoleReading reading, List<LineRole> roles) {
    lines = zone.lines();
    neighbours = signs.neighbours();
    this.reading = reading;
    this.roles = roles;
  }

  /**
   * Leaves out what stands far below, takes lines between and below rows into the table, and parts
   * rows.
   */
  void apply() {
    leaveFarLinesOut();
    takeInSingleLines();
    takeInRowsBelow();
    partRecords();
  }

  /**
   * Leaves out what stands far below the last row and is read as going on with it, as a page
   * number: the lines of a row stand nearer to each other than rows do.
   */
  private void leaveFarLinesOut() {
    int from = 0;
    for (int i = 1; i <= roles.size(); i++) {
      boolean ends = i == roles.size() || roles.get(i) == LineRole.OUTSIDE;
      boolean begins = roles.get(i - 1) == LineRole.OUTSIDE;
      from = begins ? i : from;
      if (ends && !begins) {
        double far = FAR_BELOW * ChunkLine.medianStep(lines.subList(from, i));
        int last = i - 1;
        while (last > from
            && roles.get(last) == LineRole.GOES_ON
            && ChunkLine.step(lines, last) <= far) {
          last--;
        }
        if (last > from + 1 && roles.get(last) == LineRole.GOES_ON) {
          for (int k = last; k < i; k++) {
            roles.set(k, LineRole.OUTSIDE);
          }
        }
      }
    }
  }

  private void takeInSingleLines() {
    for (int i = 1; i + 1 < roles.size(); i++) {
      LineRole above = roles.get(i - 1);
      boolean between =
          (above.isOfRecord() || above == LineRole.HEADER) && roles.get(i + 1).isOfRecord();
      if (roles.get(i) == LineRole.OUTSIDE
          && between
          && reading.probability(i, LineRole.OUTSIDE) < SURELY_OUTSIDE) {
        roles.set(i, reading.mostProbableInside(i));
      }
    }
  }

  /**
   * Takes in the lines below the last row that keep to its columns: no row may be lost at the end.
   */
  private void takeInRowsBelow() {
    for (int i = 1; i < roles.size(); i++) {
      if (roles.get(i) != LineRole.OUTSIDE || !roles.get(i - 1).isOfRecord()) {
        continue;
      }
      int next = i;
      while (next < roles.size() && next - i < MOST_WRAPPED && !lines.get(next).isTabular()) {
        next++;
      }
      if (next < roles.size() && isOneMoreRow(next, i)) {
        for (int k = i; k <= next; k++) {
          roles.set(k, reading.mostProbableInside(k));
        }
      }
    }
  }

  private boolean isOneMoreRow(int line, int below) {
    ChunkLine row = lines.get(line);
    if (!row.isTabular()
        || !row.hasQuantity()
        || roles.get(line) != LineRole.OUTSIDE
        || reading.probability(line, LineRole.OUTSIDE) >= SURELY_OUTSIDE) {
      return false;
    }
    for (int k = below - 1; k >= Math.max(0, below - ROWS_ABOVE); k--) {
      if (roles.get(k) == LineRole.RECORD && neighbours.aligned(line, k) >= KEEPS_EDGES) {
        return true;
      }
    }
    return false;
  }

  /** A line that goes on never has quantities below the quantities of its row. */
  private void partRecords() {
    List<Chunk> row = new ArrayList<>();
    for (int i = 0; i < roles.size(); i++) {
      List<Chunk> chunks = lines.get(i).chunks();
      boolean several = chunks.size() > 1 || !chunks.get(0).text().startsWith("(");
      if (roles.get(i) == LineRole.GOES_ON && several && repeats(chunks, row)) {
        roles.set(i, LineRole.RECORD);
      }
      if (roles.get(i) != LineRole.GOES_ON) {
        row.clear();
      }
      row.addAll(chunks);
    }
  }

  /** Whether a line has quantities, and all of them stand below quantities. */
  private static boolean repeats(List<Chunk> chunks, List<Chunk> row) {
    int below = 0;
    int quantities = 0;
    for (Chunk chunk : chunks) {
      if (TextShape.of(chunk.text()).isQuantity()) {
        quantities++;
        below += row.stream().anyMatch(r -> isQuantityOver(r, chunk)) ? 1 : 0;
      }
    }
    return below > 0 && below == quantities;
  }

  /** Whether a quantity stands over a text, be it behind a label that is near to it. */
  private static boolean isQuantityOver(Chunk above, Chunk chunk) {
    return above.words().stream()
        .filter(w -> w.box().horizontal().overlap(chunk.box().horizontal()) > 0)
        .anyMatch(w -> TextShape.of(w.text()).isQuantity());
  }
}
