package dev.inlay.score;

import dev.inlay.evidence.Chunk;
import dev.inlay.evidence.ChunkLine;
import dev.inlay.evidence.LineRole;
import dev.inlay.geom.Interval;
import dev.inlay.text.TextShape;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;

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

  /** A last line of headings with amounts is a row from this probability on. */
  private static final double LEAST_RECORD = 0.1;

  /** A number with its thousands set off, or with decimals. */
  private static final Pattern AMOUNT =
      Pattern.compile("[-+−–(]?\\d{1,3}([.,'’ \\u00a0\\u202f]\\d{3})*([.,]\\d+)?\\)?-?");

  /** What the first column is counted with. */
  private static final Set<String> ONE = Set.of("1", "a");

  /** At least this many, where they begin with 1 or stand over an empty corner. */
  private static final int LEAST_COUNTED = 3;

  /** Longer texts of letters and digits are no units. */
  private static final int LONGEST_UNIT = 4;

  /** The first lines of a table show how wide it is. */
  private static final int NEXT_LINES = 5;

  private final LineDrawings drawings;
  private final List<ChunkLine> lines;
  private final RoleReading reading;
  private final List<LineRole> roles;

  /**
   * Prepares the customs.
   *
   * @param reading what the model says
   * @param roles to be changed
   */
  HeadCustoms(Zone zone, LineSigns signs, RoleReading reading, List<LineRole> roles) {
    drawings = signs.drawings();
    lines = zone.lines();
    this.reading = reading;
    this.roles = roles;
  }

  /** Changes the roles. */
  void apply() {
    leaveTitlesOut();
    addHeaders();
    addColumnNumbers();
    addHeadingsBelowTitle();
    addUnits();
    leaveAmountsOut();
    addGroupHeadings();
  }

  /** Whether a line begins a table. */
  private boolean isFirst(int line) {
    return line == 0 || roles.get(line - 1) == LineRole.OUTSIDE;
  }

  private void leaveTitlesOut() {
    for (int i = 0; i + 1 < roles.size(); i++) {
      if (isFirst(i)
          && roles.get(i) == LineRole.HEADER
          && !lines.get(i).isTabular()
          && (isAboveFirstRuling(i) || isTitleAtLeft(i))) {
        roles.set(i, LineRole.OUTSIDE);
      }
    }
  }

  private boolean isTitleAtLeft(int line) {
    ChunkLine title = lines.get(line);
    double left = lines.get(line + 1).box().left();
    return roles.get(line + 1) == LineRole.HEADER
        && Math.abs(title.box().left() - left) < title.line().size() / 2
        && reading.probability(line, LineRole.HEADER) < SURELY_HEADER;
  }

  /**
   * Whether a line stands in the middle over the first ruling of the table, as captions do; a
   * ruling over some of the columns is that of a spanner.
   */
  private boolean isAboveFirstRuling(int line) {
    return drawings.isCentredOverFirstRuling(line, tableBelow(line));
  }

  /** How far the next lines of the table reach, in points. */
  private Interval tableBelow(int line) {
    Interval reach = lines.get(line + 1).box().horizontal();
    int to = Math.min(roles.size(), line + 2 + NEXT_LINES);
    for (int i = line + 2; i < to && roles.get(i) != LineRole.OUTSIDE; i++) {
      reach = reach.union(lines.get(i).box().horizontal());
    }
    return reach;
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

  /** A line that counts the columns right below the headings belongs to them. */
  void addColumnNumbers() {
    for (int i = 1; i + 1 < roles.size(); i++) {
      if (roles.get(i) == LineRole.RECORD
          && roles.get(i - 1) == LineRole.HEADER
          && countsColumns(i)) {
        roles.set(i, LineRole.HEADER);
      }
    }
  }

  /**
   * Below a title in the frame of the table, a line of words with a ruling above it and one below
   * it heads the columns where no ruling parts the next lines.
   */
  private void addHeadingsBelowTitle() {
    for (int i = 0; i + 3 < roles.size(); i++) {
      if (isFirst(i)
          && roles.get(i) == LineRole.HEADER
          && !lines.get(i).isTabular()
          && roles.get(i + 1) == LineRole.RECORD
          && lines.get(i + 1).isTabular()
          && !hasQuantities(lines.get(i + 1))
          && drawings.isFullyRuledAbove(i + 1)
          && drawings.isFullyRuledAbove(i + 2)
          && !drawings.isFullyRuledAbove(i + 3)
          && roles.get(i + 3) != LineRole.OUTSIDE) {
        roles.set(i + 1, LineRole.HEADER);
      }
    }
  }

  /**
   * A line that names a row and prints an amount below each heading is no heading, be it set like
   * them: the sum of a region above its parts.
   */
  private void leaveAmountsOut() {
    for (int i = 1; i + 1 < roles.size(); i++) {
      if (roles.get(i) == LineRole.HEADER
          && roles.get(i - 1) == LineRole.HEADER
          && roles.get(i + 1) != LineRole.HEADER
          && reading.probability(i, LineRole.RECORD) >= LEAST_RECORD
          && areAmountsBelow(lines.get(i - 1), lines.get(i))) {
        roles.set(i, LineRole.RECORD);
      }
    }
  }

  private static boolean areAmountsBelow(ChunkLine headings, ChunkLine line) {
    List<Chunk> chunks = line.chunks();
    return chunks.size() > 2
        && TextShape.of(chunks.get(0).text()) == TextShape.WORDS
        && chunks.stream()
            .skip(1)
            .allMatch(
                c ->
                    AMOUNT.matcher(c.text()).matches()
                        && headings.chunks().stream()
                            .anyMatch(h -> RowsOfLines.areInOneColumn(h, c)));
  }

  /** Whether a line holds quantities other than years, as records do. */
  private static boolean hasQuantities(ChunkLine line) {
    return line.chunks().stream()
        .anyMatch(p -> TextShape.of(p.text()).isQuantity() && !TextShape.isYear(p.text()));
  }

  /**
   * Whether a line counts the columns: its texts rise by one step each, as days or numbers of
   * columns do, and those of the line below do not. Few numbers count only where they begin with 1
   * or stand over an empty corner.
   */
  private boolean countsColumns(int line) {
    ChunkLine first = lines.get(line);
    ChunkLine below = lines.get(line + 1);
    int counted = evenSteps(first);
    boolean corner = first.box().left() > below.chunks().get(0).box().right() && below.isTabular();
    boolean whole = counted == first.chunks().size();
    boolean begins = whole && ONE.contains(first.chunks().get(0).text());
    int least = corner && whole || begins ? LEAST_COUNTED : LEAST_CONSECUTIVE;
    return counted >= least && evenSteps(below) < least;
  }

  /**
   * How many texts of a line are numbers or letters that rise by the same step; 0 if not all do.
   */
  private static int evenSteps(ChunkLine line) {
    int count = 0;
    int before = 0;
    int step = 0;
    for (Chunk chunk : line.chunks()) {
      int number = place(chunk.text());
      if (number < 0 && count > 0) {
        return 0;
      }
      if (number >= 0) {
        int rise = number - before;
        if (count > 0 && rise <= 0 || count > 1 && rise != step) {
          return 0;
        }
        step = rise;
        before = number;
        count++;
      }
    }
    return count;
  }

  /** The number that a text is, or the place of a letter in the alphabet; negative for others. */
  private static int place(String text) {
    if (text.length() == 1 && text.charAt(0) >= 'a' && text.charAt(0) <= 'z') {
      return text.charAt(0) - 'a';
    }
    boolean whole = text.length() <= 4 && text.chars().allMatch(c -> c >= '0' && c <= '9');
    return whole ? Integer.parseInt(text) : -1;
  }

  /** A line of units alone, right below the headings and right of the labels, belongs to them. */
  private void addUnits() {
    for (int i = 1; i + 1 < roles.size(); i++) {
      ChunkLine line = lines.get(i);
      if (roles.get(i) == LineRole.RECORD
          && roles.get(i - 1) == LineRole.HEADER
          && line.isTabular()
          && line.box().left() > lines.get(i + 1).box().left() + line.line().size()
          && line.chunks().stream().allMatch(p -> isUnit(p.text()))) {
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
