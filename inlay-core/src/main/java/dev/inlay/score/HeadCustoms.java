package dev.inlay.score;

import dev.inlay.find.LineRole;
import dev.inlay.find.Piece;
import dev.inlay.find.PieceLine;
import dev.inlay.text.TextShape;
import java.util.List;

/**
 * Customs of print by which lines head others: a table has a header unless much speaks against it,
 * a title above it is no part of it, units right below headings are, and one text alone over rows
 * heads them.
 */
final class HeadCustoms {

  /**
   * The first line of a table is its header from this probability on, if no other is: on papers by
   * many authors the first lines that the model took for records against this were all headings.
   */
  private static final double LEAST_HEADER = 0.1;

  /**
   * A first heading line of one text at the left is a title unless it is more probable than this.
   */
  private static final double SURELY_HEADER = 0.8;

  /**
   * A line of one text that is read as a record heads the rows below it from this probability on.
   */
  private static final double LEAST_GROUP = 0.12;

  /** At least this many numbers that follow each other name columns, as days do. */
  private static final int LEAST_CONSECUTIVE = 4;

  /** Longer texts of letters and digits are no units. */
  private static final int LONGEST_UNIT = 4;

  private final List<PieceLine> lines;
  private final RoleReading reading;
  private final List<LineRole> roles;

  /**
   * Prepares the customs.
   *
   * @param reading what the model says
   * @param roles to be changed
   */
  HeadCustoms(Zone zone, RoleReading reading, List<LineRole> roles) {
    lines = zone.lines();
    this.reading = reading;
    this.roles = roles;
  }

  /** Changes the roles. */
  void apply() {
    leaveTitlesOut();
    addHeaders();
    addUnits();
    addGroupHeadings();
  }

  /** Whether a line begins a table. */
  private boolean isFirst(int line) {
    return line == 0 || roles.get(line - 1) == LineRole.OUTSIDE;
  }

  private void leaveTitlesOut() {
    for (int i = 0; i + 1 < roles.size(); i++) {
      PieceLine line = lines.get(i);
      PieceLine below = lines.get(i + 1);
      if (isFirst(i)
          && roles.get(i) == LineRole.HEADER
          && roles.get(i + 1) == LineRole.HEADER
          && !line.isTabular()
          && Math.abs(line.box().left() - below.box().left()) < line.line().size() / 2
          && reading.probability(i, LineRole.HEADER) < SURELY_HEADER) {
        roles.set(i, LineRole.OUTSIDE);
      }
    }
  }

  private void addHeaders() {
    for (int i = 0; i + 1 < roles.size(); i++) {
      if (isFirst(i)
          && roles.get(i) == LineRole.RECORD
          && roles.get(i + 1) != LineRole.OUTSIDE
          && (reading.probability(i, LineRole.HEADER) >= LEAST_HEADER
                  && !hasQuantities(lines.get(i))
              || countsColumns(i))) {
        roles.set(i, LineRole.HEADER);
        for (int k = i + 1; k < roles.size() && roles.get(k) == LineRole.GOES_ON; k++) {
          roles.set(k, LineRole.HEADER);
        }
      }
    }
  }

  /** Whether a line holds quantities other than years, as records do. */
  private static boolean hasQuantities(PieceLine line) {
    return line.pieces().stream()
        .anyMatch(p -> TextShape.of(p.text()).isQuantity() && !TextShape.isYear(p.text()));
  }

  /** Whether a line has numbers that follow each other by one, and the line below has not. */
  private boolean countsColumns(int line) {
    return consecutive(lines.get(line)) >= LEAST_CONSECUTIVE
        && consecutive(lines.get(line + 1)) < LEAST_CONSECUTIVE;
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

  /** A line of units alone, right below the headings and right of the labels, belongs to them. */
  private void addUnits() {
    for (int i = 1; i + 1 < roles.size(); i++) {
      PieceLine line = lines.get(i);
      if (roles.get(i) == LineRole.RECORD
          && roles.get(i - 1) == LineRole.HEADER
          && line.isTabular()
          && line.box().left() > lines.get(i + 1).box().left() + line.line().size()
          && line.pieces().stream().allMatch(p -> isUnit(p.text()))) {
        roles.set(i, LineRole.HEADER);
      }
    }
  }

  private static boolean isUnit(String text) {
    TextShape shape = TextShape.of(text);
    return shape == TextShape.UNIT || shape == TextShape.CODE && text.length() < LONGEST_UNIT;
  }

  private void addGroupHeadings() {
    for (int i = 0; i + 1 < roles.size(); i++) {
      if (roles.get(i) == LineRole.RECORD
          && !lines.get(i).isTabular()
          && lines.get(i + 1).isTabular()
          && roles.get(i + 1) == LineRole.RECORD
          && reading.probability(i, LineRole.GROUP) >= LEAST_GROUP) {
        roles.set(i, LineRole.GROUP);
      }
    }
  }
}
