package dev.inlay.propose;

import dev.inlay.evidence.ChunkLine;
import dev.inlay.evidence.Frame;
import dev.inlay.evidence.LineRole;
import dev.inlay.evidence.Ruling;
import dev.inlay.geom.Interval;
import dev.inlay.model.Certainty;
import dev.inlay.page.TextLine;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A frame whose columns are known by its text: lines of text and the gutters that run down between
 * them.
 *
 * @param frame where it stands, with the horizontal rulings that cross it
 * @param lines from top to bottom
 * @param turnedHeadings headings of columns that are turned by a quarter, from left to right
 * @param gutters white strips between columns, from left to right, in points
 * @param given whether the gutters are certain: a person gave them, or the listing prints them
 * @param rival a white strip that is nearly a gutter: read with it, the page would be explained
 *     almost as well
 * @param roles what each line is to the table; empty where that is not known
 * @param certainty how probable these roles are
 * @param shadeEdges the horizontal edges of shades that cross the frame
 * @param strips those hardly wider than a space that may be gutters, believed or not
 */
public record OpenFrame(
    Frame frame,
    List<ChunkLine> lines,
    List<TextLine> turnedHeadings,
    List<Interval> gutters,
    boolean given,
    Optional<Interval> rival,
    List<LineRole> roles,
    Certainty certainty,
    List<Ruling> shadeEdges,
    List<HiddenGutter> strips) {

  /** Keeps copies that cannot change. */
  public OpenFrame {
    lines = List.copyOf(lines);
    turnedHeadings = List.copyOf(turnedHeadings);
    gutters = List.copyOf(gutters);
    roles = List.copyOf(roles);
    shadeEdges = List.copyOf(shadeEdges);
    strips = List.copyOf(strips);
  }

  /** A frame of which no line's role is known. */
  public OpenFrame(
      Frame frame,
      List<ChunkLine> lines,
      List<TextLine> turnedHeadings,
      List<Interval> gutters,
      boolean given,
      Optional<Interval> rival) {
    this(
        frame,
        lines,
        turnedHeadings,
        gutters,
        given,
        rival,
        List.of(),
        Certainty.FULL,
        List.of(),
        List.of());
  }

  /** The same with what each line is to the table. */
  public OpenFrame withRoles(List<LineRole> known) {
    return new OpenFrame(
        frame, lines, turnedHeadings, gutters, given, rival, known, certainty, shadeEdges, strips);
  }

  /** How many lines at the top are known to hold column headings. */
  public int headerLines() {
    int count = 0;
    while (count < roles.size() && roles.get(count) == LineRole.HEADER) {
      count++;
    }
    return count;
  }

  /** The same with one gutter less: the columns beside it are one. */
  public OpenFrame withoutGutter(int number) {
    List<Interval> left = new ArrayList<>(gutters);
    left.remove(number);
    return withGutters(left);
  }

  /** The same with other gutters, from left to right. */
  public OpenFrame withGutters(List<Interval> others) {
    return new OpenFrame(
        frame, lines, turnedHeadings, others, given, rival, roles, certainty, shadeEdges, strips);
  }

  /**
   * The column that holds a place, from 0.
   *
   * @param x in points
   * @param gutters from left to right
   */
  public static int columnAt(double x, List<Interval> gutters) {
    int column = 0;
    while (column < gutters.size() && x > gutters.get(column).middle()) {
      column++;
    }
    return column;
  }
}
