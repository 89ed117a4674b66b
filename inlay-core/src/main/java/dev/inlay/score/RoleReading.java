package dev.inlay.score;

import dev.inlay.find.LineRole;
import dev.inlay.find.Piece;
import dev.inlay.find.PieceLine;
import dev.inlay.text.TextShape;
import java.util.ArrayList;
import java.util.List;

/**
 * The roles of a zone's lines as they are read, and how probable each is. Two customs of print that
 * made papers do not show often enough are added to what the model says: a table has a heading
 * unless much speaks against it, and a single line between rows that belong together belongs to
 * them.
 *
 * @param roles one for each line
 * @param probabilities by line and role, 0 to 1
 */
public record RoleReading(List<LineRole> roles, double[][] probabilities) {

  /**
   * The first line of a table is its header from this probability on, if no other is: on papers by
   * many authors the first lines that the model took for records against this were all headings.
   */
  private static final double LEAST_HEADER = 0.1;

  /** A single line between rows is outside them only where it is more probable than this. */
  private static final double SURELY_OUTSIDE = 0.85;

  /** Reads the roles of a zone as the trained model says. */
  public static RoleReading byModelAlone(Zone zone) {
    RoleScores scores = RoleModel.trained().scores(zone);
    return new RoleReading(scores.best(), scores.probabilities());
  }

  /** Reads the roles of a zone as the trained model and the customs of print say. */
  public static RoleReading of(Zone zone) {
    RoleReading reading = byModelAlone(zone);
    reading.takeInSingleLines();
    reading.takeInRowsBelow(zone);
    reading.leaveTitlesOut(zone);
    reading.addHeaders(zone);
    reading.addUnits(zone);
    reading.addGroupHeadings(zone);
    reading.partRecords(zone);
    reading.joinInBands(zone);
    return reading;
  }

  /** How probable a role of a line is, 0 to 1. */
  public double probability(int line, LineRole role) {
    return probabilities[line][role.ordinal()];
  }

  private void takeInSingleLines() {
    for (int i = 1; i + 1 < roles.size(); i++) {
      LineRole above = roles.get(i - 1);
      boolean between = (isRow(above) || above == LineRole.HEADER) && isRow(roles.get(i + 1));
      if (roles.get(i) == LineRole.OUTSIDE
          && between
          && probability(i, LineRole.OUTSIDE) < SURELY_OUTSIDE) {
        roles.set(i, mostProbableInside(i));
      }
    }
  }

  /**
   * A line below the last row is one more where this share of its texts keeps to the rows' edges.
   */
  private static final double KEEPS_EDGES = 0.6;

  /** Lines of one text between the last row and one more: wrapped words. */
  private static final int MOST_WRAPPED = 2;

  /** So many rows show the edges of the columns. */
  private static final int ROWS_ABOVE = 6;

  /**
   * Takes in the lines below the last row that keep to its columns: no row may be lost at the end.
   */
  private void takeInRowsBelow(Zone zone) {
    for (int i = 1; i < roles.size(); i++) {
      if (roles.get(i) != LineRole.OUTSIDE || !isRow(roles.get(i - 1))) {
        continue;
      }
      int next = i;
      while (next < roles.size()
          && next - i < MOST_WRAPPED
          && !zone.lines().get(next).isTabular()) {
        next++;
      }
      if (next < roles.size() && isOneMoreRow(zone, next, i)) {
        for (int k = i; k <= next; k++) {
          roles.set(k, mostProbableInside(k));
        }
      }
    }
  }

  private boolean isOneMoreRow(Zone zone, int line, int below) {
    PieceLine row = zone.lines().get(line);
    boolean quantity = row.pieces().stream().anyMatch(p -> TextShape.of(p.text()).isQuantity());
    if (!row.isTabular()
        || !quantity
        || roles.get(line) != LineRole.OUTSIDE
        || probability(line, LineRole.OUTSIDE) >= SURELY_OUTSIDE) {
      return false;
    }
    LineNeighbours neighbours = new LineNeighbours(zone.lines(), List.of());
    for (int k = below - 1; k >= Math.max(0, below - ROWS_ABOVE); k--) {
      if (roles.get(k) == LineRole.RECORD && neighbours.aligned(line, k) >= KEEPS_EDGES) {
        return true;
      }
    }
    return false;
  }

  private static boolean isRow(LineRole role) {
    return role == LineRole.RECORD || role == LineRole.GOES_ON;
  }

  private LineRole mostProbableInside(int line) {
    LineRole best = LineRole.GROUP;
    for (LineRole role : List.of(LineRole.RECORD, LineRole.GOES_ON, LineRole.NOTE)) {
      best = probability(line, role) > probability(line, best) ? role : best;
    }
    return best;
  }

  /** Whether a line holds quantities other than years, as records do. */
  private static boolean hasQuantities(PieceLine line) {
    return line.pieces().stream()
        .anyMatch(p -> TextShape.of(p.text()).isQuantity() && !TextShape.isYear(p.text()));
  }

  /** So many numbers that follow each other name columns, as days do, and are no values. */
  private static final int LEAST_CONSECUTIVE = 4;

  /** Whether a line has numbers that follow each other by one, and the line below has not. */
  private static boolean countsColumns(Zone zone, int line) {
    return consecutive(zone.lines().get(line)) >= LEAST_CONSECUTIVE
        && consecutive(zone.lines().get(line + 1)) < LEAST_CONSECUTIVE;
  }

  private static int consecutive(PieceLine line) {
    int count = 0;
    int before = Integer.MIN_VALUE;
    for (Piece piece : line.pieces()) {
      String text = piece.text();
      boolean whole = text.length() <= 4 && text.chars().allMatch(c -> c >= '0' && c <= '9');
      int number = whole ? Integer.parseInt(text) : Integer.MIN_VALUE;
      if (number == Integer.MIN_VALUE && count > 0
          || before != Integer.MIN_VALUE && number != before + 1) {
        return 0;
      }
      count += number == Integer.MIN_VALUE ? 0 : 1;
      before = number;
    }
    return count;
  }

  /** Longer texts of letters and digits are no units. */
  private static final int LONGEST_UNIT = 4;

  /** A line of units alone, right below the headings and right of the labels, belongs to them. */
  private void addUnits(Zone zone) {
    for (int i = 1; i + 1 < roles.size(); i++) {
      PieceLine line = zone.lines().get(i);
      if (roles.get(i) == LineRole.RECORD
          && roles.get(i - 1) == LineRole.HEADER
          && line.isTabular()
          && line.box().left() > zone.lines().get(i + 1).box().left() + line.line().size()
          && line.pieces().stream().allMatch(p -> isUnit(p.text()))) {
        roles.set(i, LineRole.HEADER);
      }
    }
  }

  private static boolean isUnit(String text) {
    TextShape shape = TextShape.of(text);
    return shape == TextShape.UNIT || shape == TextShape.CODE && text.length() < LONGEST_UNIT;
  }

  /**
   * A line of one text that is read as a record heads the rows below it from this probability on.
   */
  private static final double LEAST_GROUP = 0.12;

  private void addGroupHeadings(Zone zone) {
    for (int i = 0; i + 1 < roles.size(); i++) {
      if (roles.get(i) == LineRole.RECORD
          && !zone.lines().get(i).isTabular()
          && zone.lines().get(i + 1).isTabular()
          && roles.get(i + 1) == LineRole.RECORD
          && probability(i, LineRole.GROUP) >= LEAST_GROUP) {
        roles.set(i, LineRole.GROUP);
      }
    }
  }

  /**
   * A first heading line of one text at the left is a title unless it is more probable than this.
   */
  private static final double SURELY_HEADER = 0.8;

  private void leaveTitlesOut(Zone zone) {
    for (int i = 0; i + 1 < roles.size(); i++) {
      PieceLine line = zone.lines().get(i);
      PieceLine below = zone.lines().get(i + 1);
      boolean first = i == 0 || roles.get(i - 1) == LineRole.OUTSIDE;
      if (first
          && roles.get(i) == LineRole.HEADER
          && roles.get(i + 1) == LineRole.HEADER
          && !line.isTabular()
          && Math.abs(line.box().left() - below.box().left()) < line.line().size() / 2
          && probability(i, LineRole.HEADER) < SURELY_HEADER) {
        roles.set(i, LineRole.OUTSIDE);
      }
    }
  }

  /** A line that goes on never has quantities below the quantities of its row. */
  private void partRecords(Zone zone) {
    List<Piece> row = new ArrayList<>();
    for (int i = 0; i < roles.size(); i++) {
      List<Piece> pieces = zone.lines().get(i).pieces();
      if (roles.get(i) == LineRole.GOES_ON && pieces.size() > 1 && repeats(pieces, row)) {
        roles.set(i, LineRole.RECORD);
      }
      if (roles.get(i) != LineRole.GOES_ON) {
        row.clear();
      }
      row.addAll(pieces);
    }
  }

  /** Whether a line has quantities, and all of them stand below quantities. */
  private static boolean repeats(List<Piece> pieces, List<Piece> row) {
    int below = 0;
    int quantities = 0;
    for (Piece piece : pieces) {
      if (TextShape.of(piece.text()).isQuantity()) {
        quantities++;
        below += row.stream().anyMatch(r -> isQuantityOver(r, piece)) ? 1 : 0;
      }
    }
    return below > 0 && below == quantities;
  }

  private static boolean isQuantityOver(Piece above, Piece piece) {
    return above.box().horizontal().overlap(piece.box().horizontal()) > 0
        && TextShape.of(above.text()).isQuantity();
  }

  /** Where rulings part this share of the rows, they part all of them. */
  private static final double RULED_ROWS = 0.8;

  /** Fewer ruled rows show no custom. */
  private static final int LEAST_RULED_ROWS = 4;

  /**
   * Where nearly every row has a ruling above it, a line of words without one goes on with the row
   * above it: rulings part the rows, however many lines these have.
   */
  private void joinInBands(Zone zone) {
    LineDrawings drawings = new LineDrawings(zone);
    for (int from = 0; from < roles.size(); from++) {
      int to = from;
      int rows = 0;
      int ruled = 0;
      for (; to < roles.size() && roles.get(to) != LineRole.OUTSIDE; to++) {
        boolean row = roles.get(to) == LineRole.RECORD && to > from;
        rows += row ? 1 : 0;
        ruled += row && drawings.isFullyRuledAbove(to) ? 1 : 0;
      }
      if (ruled >= LEAST_RULED_ROWS && 2 * ruled >= rows && wordsAlone(zone, from, to, drawings)) {
        for (int i = from + 1; i < to; i++) {
          if (roles.get(i) == LineRole.RECORD && !drawings.isFullyRuledAbove(i)) {
            roles.set(i, LineRole.GOES_ON);
          }
        }
      }
      from = to;
    }
  }

  /** Whether nearly all records without a ruling above them are lines of words. */
  private boolean wordsAlone(Zone zone, int from, int to, LineDrawings drawings) {
    int all = 0;
    int words = 0;
    for (int i = from + 1; i < to; i++) {
      if (roles.get(i) == LineRole.RECORD && !drawings.isFullyRuledAbove(i)) {
        all++;
        boolean quantity =
            zone.lines().get(i).pieces().stream()
                .anyMatch(p -> TextShape.of(p.text()).isQuantity());
        words += quantity ? 0 : 1;
      }
    }
    return all > 0 && words >= RULED_ROWS * all;
  }

  /** The roles where it is known that all lines belong to one table. */
  public List<LineRole> inside() {
    List<LineRole> inside = new ArrayList<>(roles);
    for (int i = 0; i < inside.size(); i++) {
      if (inside.get(i) == LineRole.OUTSIDE) {
        inside.set(i, mostProbableInside(i));
      }
    }
    return inside;
  }

  private void addHeaders(Zone zone) {
    for (int i = 0; i + 1 < roles.size(); i++) {
      boolean first = i == 0 || roles.get(i - 1) == LineRole.OUTSIDE;
      if (first
          && roles.get(i) == LineRole.RECORD
          && roles.get(i + 1) != LineRole.OUTSIDE
          && (probability(i, LineRole.HEADER) >= LEAST_HEADER && !hasQuantities(zone.lines().get(i))
              || countsColumns(zone, i))) {
        roles.set(i, LineRole.HEADER);
        for (int k = i + 1; k < roles.size() && roles.get(k) == LineRole.GOES_ON; k++) {
          roles.set(k, LineRole.HEADER);
        }
      }
    }
  }

  /**
   * How probable the least probable role among some lines is, 0 to 1.
   *
   * @param from the first line
   * @param to the line behind the last
   */
  public double leastProbable(int from, int to) {
    double least = 1;
    for (int i = from; i < to; i++) {
      least = Math.min(least, probability(i, roles.get(i)));
    }
    return least;
  }
}
