package dev.inlay.score;

import dev.inlay.evidence.ChunkLine;
import dev.inlay.evidence.LineRole;
import dev.inlay.page.Glyph;
import dev.inlay.page.Typeface;
import java.util.List;
import java.util.regex.Pattern;

/** Customs of print about the headings of rows that made papers do not show often enough. */
final class GroupCustoms {

  /** At most this many lines are looked at to see how far apart rows are. */
  private static final int LINES_AROUND = 6;

  /** A line this many times as far below as the table's lines are apart heads none of it. */
  private static final double FAR_BELOW = 2.2;

  /** Lines of one heading stand at most this share of the distance of rows apart. */
  private static final double NEARER = 0.85;

  /** Lines that differ by less than this share of a type size begin at one place, in one size. */
  private static final double SAME_PLACE = 0.1;

  private static final Pattern LOWER_CASE_WORD = Pattern.compile("\\p{Ll}{2}");

  /** Below this share of a page's height a line may be the last of it. */
  private static final double FOOT = 0.75;

  /** With more than this probability the last line may be a heading of rows on the next page. */
  private static final double MAY_HEAD_ROWS = 0.2;

  private final List<ChunkLine> lines;
  private final double pageHeight;
  private final RoleReading reading;
  private final List<LineRole> roles;

  /**
   * Prepares the customs.
   *
   * @param reading what the model says
   * @param roles to be changed
   */
  GroupCustoms(Zone zone, RoleReading reading, List<LineRole> roles) {
    lines = zone.lines();
    pageHeight = zone.pageHeight();
    this.reading = reading;
    this.roles = roles;
  }

  /**
   * Takes in the last line of a zone where it may head rows: these may follow on the next page, and
   * nothing below it can show that.
   */
  void takeInAtFoot() {
    int last = roles.size() - 1;
    if (isRightBelowRows(last)
        && lines.get(last).box().bottom() > FOOT * pageHeight
        && reading.probability(last, LineRole.GROUP) > MAY_HEAD_ROWS) {
      roles.set(last, LineRole.GROUP);
    }
  }

  /**
   * A line alone that is set as headings of the same rows are, and otherwise than the rows, heads
   * rows, too, wherever it stands: in their type, or centred where they are centred.
   */
  void addThoseSetAlike() {
    for (int i = 1; i < roles.size(); i++) {
      boolean goesOn = roles.get(i) == LineRole.GOES_ON && !lines.get(i).isTabular();
      boolean isLast = i == roles.size() - 1 && isRightBelowRows(i);
      if ((goesOn || isLast) && isSetAsHeading(i)) {
        roles.set(i, LineRole.GROUP);
      }
    }
  }

  /** Whether a line alone is read as outside, no further below a row than a heading of rows is. */
  private boolean isRightBelowRows(int line) {
    if (line < 1
        || roles.get(line) != LineRole.OUTSIDE
        || !roles.get(line - 1).isOfRecord()
        || lines.get(line).isTabular()) {
      return false;
    }
    double usual = ChunkLine.medianStep(lines.subList(Math.max(0, line - LINES_AROUND), line));
    return ChunkLine.step(lines, line) <= FAR_BELOW * usual;
  }

  private boolean isSetAsHeading(int line) {
    int row = line - 1;
    while (row > 0 && roles.get(row) != LineRole.RECORD) {
      row--;
    }
    String text = lines.get(line).chunks().get(0).text();
    if (roles.get(row) != LineRole.RECORD || LOWER_CASE_WORD.matcher(text).lookingAt()) {
      return false;
    }
    double indent = lines.get(line).box().left() - lines.get(row).box().left();
    double near = SAME_PLACE * lines.get(line).line().size();
    boolean otherType = !face(row).equals(face(line));
    for (int g = 0; g < line; g++) {
      if (roles.get(g) == LineRole.GROUP && !lines.get(g).isTabular()) {
        double left = lines.get(g).box().left() - lines.get(line).box().left();
        double middle = lines.get(g).box().centreX() - lines.get(line).box().centreX();
        boolean centred = Math.abs(middle) < near && Math.abs(left) > near && indent > near;
        if (face(g).equals(face(line)) && (centred || otherType && Math.abs(left) < near)) {
          return true;
        }
      }
    }
    return false;
  }

  private Typeface face(int line) {
    return lines.get(line).words().get(0).glyphs().get(0).face();
  }

  /**
   * A heading of rows that goes on right below, nearer than rows are, is one: in lower case, or set
   * as the line above it.
   */
  void joinLines() {
    for (int i = 1; i < roles.size(); i++) {
      boolean both = roles.get(i) == LineRole.GROUP && roles.get(i - 1) == LineRole.GROUP;
      if (both
          && (LOWER_CASE_WORD.matcher(lines.get(i).chunks().get(0).text()).lookingAt()
              || isSetAlike(lines.get(i - 1), lines.get(i)))
          && ChunkLine.step(lines, i) <= NEARER * usualStepBelow(i)) {
        roles.set(i, LineRole.GOES_ON);
      }
    }
  }

  /** Whether two lines begin at one place in the same type, as no two levels of headings do. */
  private static boolean isSetAlike(ChunkLine above, ChunkLine line) {
    double size = line.line().size();
    Glyph first = above.words().get(0).glyphs().get(0);
    Glyph second = line.words().get(0).glyphs().get(0);
    return !above.isTabular()
        && !line.isTabular()
        && Math.abs(above.box().left() - line.box().left()) < SAME_PLACE * size
        && Math.abs(above.line().size() - size) < SAME_PLACE * size
        && first.face().equals(second.face());
  }

  /** How far apart the rows right below a line are, in points; 0 where there are none. */
  private double usualStepBelow(int line) {
    int to = line + 1;
    while (to < roles.size() && to - line <= LINES_AROUND && roles.get(to).isOfRecord()) {
      to++;
    }
    return ChunkLine.medianStep(lines.subList(line + 1, to));
  }
}
