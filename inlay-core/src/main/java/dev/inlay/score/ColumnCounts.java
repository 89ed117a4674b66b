package dev.inlay.score;

import dev.inlay.evidence.Chunk;
import dev.inlay.evidence.ChunkLine;
import dev.inlay.evidence.LineRole;
import java.util.List;
import java.util.Set;

/** Lines that count the columns, as days do or numbers of columns: they are headings. */
final class ColumnCounts {

  /** At least this many numbers that follow each other name columns, as days do. */
  private static final int LEAST_CONSECUTIVE = 4;

  /** What the first column is counted with. */
  private static final Set<String> ONE = Set.of("1", "a");

  /** At least this many, where they begin with 1 or stand over an empty corner. */
  private static final int LEAST_COUNTED = 3;

  private final List<ChunkLine> lines;

  /** Prepares the lines of a zone. */
  ColumnCounts(Zone zone) {
    lines = zone.lines();
  }

  /**
   * Makes headings of the lines that count the columns and are read as records, where they begin a
   * table or stand right below its headings.
   */
  void addTo(List<LineRole> roles) {
    for (int i = 0; i + 1 < roles.size(); i++) {
      boolean first = i == 0 || roles.get(i - 1) == LineRole.OUTSIDE;
      boolean inTable = roles.get(i + 1) != LineRole.OUTSIDE;
      boolean belowHeadings = i > 0 && roles.get(i - 1) == LineRole.HEADER;
      if (roles.get(i) == LineRole.RECORD
          && (first && inTable || belowHeadings)
          && countsColumns(i)) {
        roles.set(i, LineRole.HEADER);
      }
    }
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
}
