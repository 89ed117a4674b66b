package dev.inlay.propose;

import dev.inlay.evidence.Chunk;
import dev.inlay.evidence.ChunkLine;
import dev.inlay.geom.Interval;
import dev.inlay.page.TextLine;
import dev.inlay.page.Word;
import dev.inlay.text.TextShape;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;

/**
 * Distinguishes tables that stand side by side on common lines from one table: each is full from
 * its first line to its last, they end at different lines, and the white between them is wider than
 * inside them. Lists printed in repeats under one heading are one table as printed, and stay so.
 */
public final class SideBySide {

  /** The white between two tables is at least this many times as wide as the gutters in them. */
  private static final double WIDER = 1.5;

  /** The white between two tables is at least this wide, in type sizes. */
  private static final double LEAST_WIDTH = 2;

  /** One table has at least this many lines more than another. */
  private static final int LEAST_MORE_LINES = 1;

  private static final int LEAST_LINES = 3;

  /** Titles stand at most this many type sizes above the first line. */
  private static final double TITLE_REACH = 4;

  /** A word and a number, as in "Table 2." */
  private static final Pattern TITLE =
      Pattern.compile("\\p{Lu}\\p{L}+\\.?\\s\\d+(\\.\\d+)*[a-z]?(\\s?[.:]|\\s[-–—])(\\s.*)?");

  private SideBySide() {}

  /**
   * The lines of each table.
   *
   * @return the lines of each from left to right; empty where the frame holds one table
   */
  public static List<List<TextLine>> part(OpenFrame frame) {
    List<Interval> between = widestGutters(frame);
    if (between.isEmpty() || between.stream().anyMatch(b -> isBridged(b, frame))) {
      return List.of();
    }
    List<List<TextLine>> sides = new ArrayList<>();
    for (int s = 0; s <= between.size(); s++) {
      double from = s == 0 ? Double.NEGATIVE_INFINITY : between.get(s - 1).middle();
      double to = s == between.size() ? Double.POSITIVE_INFINITY : between.get(s).middle();
      sides.add(linesWithin(frame.lines(), from, to));
    }
    return areTables(sides) ? sides : List.of();
  }

  /** The gutters clearly wider than the others, where there are both. */
  private static List<Interval> widestGutters(OpenFrame frame) {
    double size = frame.lines().get(0).line().size();
    double widest = frame.gutters().stream().mapToDouble(Interval::length).max().orElse(0);
    List<Interval> wide = new ArrayList<>();
    double narrow = 0;
    for (Interval gutter : frame.gutters()) {
      if (gutter.length() * WIDER > widest) {
        wide.add(gutter);
      } else {
        narrow = Math.max(narrow, gutter.length());
      }
    }
    double least = wide.stream().mapToDouble(Interval::length).min().orElse(0);
    return narrow > 0 && least >= WIDER * narrow && least >= LEAST_WIDTH * size ? wide : List.of();
  }

  /**
   * The lines of each table where the line above the frame, or its first, holds a title over each
   * of them.
   *
   * @param frame the frame
   * @param lines those around it, from top to bottom
   * @return the lines of each from left to right; empty where there are no such titles
   */
  public static List<List<TextLine>> partUnderTitles(OpenFrame frame, List<ChunkLine> lines) {
    ChunkLine first = frame.lines().get(0);
    double reach = TITLE_REACH * first.line().size();
    Optional<ChunkLine> titles =
        lines.stream()
            .filter(l -> l.line().baseline() <= first.line().baseline())
            .filter(l -> first.line().baseline() - l.line().baseline() < reach)
            .filter(ChunkLine::isTabular)
            .filter(l -> l.chunks().stream().allMatch(p -> TITLE.matcher(p.text()).matches()))
            .findFirst();
    if (titles.isEmpty() || !titles.get().chunks().stream().allMatch(t -> isOver(t, frame))) {
      return List.of();
    }
    List<ChunkLine> below =
        frame.lines().stream()
            .filter(l -> l.line().baseline() > titles.get().line().baseline())
            .toList();
    List<List<TextLine>> sides = new ArrayList<>();
    List<Chunk> chunks = titles.get().chunks();
    double from = Double.NEGATIVE_INFINITY;
    for (int i = 1; i <= chunks.size(); i++) {
      double to =
          i == chunks.size()
              ? Double.POSITIVE_INFINITY
              : gutterBetween(chunks.get(i - 1), chunks.get(i), frame);
      sides.add(linesWithin(below, from, to));
      from = to;
    }
    boolean each = sides.stream().allMatch(s -> s.size() >= LEAST_LINES);
    return each ? sides : List.of();
  }

  /** Whether the middle of a title stands over a frame. */
  private static boolean isOver(Chunk title, OpenFrame frame) {
    double middle = title.box().centreX();
    return middle > frame.frame().box().left() && middle < frame.frame().box().right();
  }

  /** The middle of the widest gutter between the middles of two titles. */
  private static double gutterBetween(Chunk left, Chunk right, OpenFrame frame) {
    return frame.gutters().stream()
        .filter(g -> g.middle() > left.box().centreX() && g.middle() < right.box().centreX())
        .max(Comparator.comparingDouble(Interval::length))
        .map(Interval::middle)
        .orElse(right.box().left());
  }

  /** Whether a ruling goes on over the white: it belongs to one table. */
  private static boolean isBridged(Interval between, OpenFrame frame) {
    return frame.frame().horizontals().stream()
        .anyMatch(r -> r.extent().overlap(between) >= between.length());
  }

  private static List<TextLine> linesWithin(List<ChunkLine> lines, double from, double to) {
    List<TextLine> side = new ArrayList<>();
    for (ChunkLine line : lines) {
      List<Word> words =
          line.words().stream()
              .filter(w -> w.box().centreX() > from && w.box().centreX() < to)
              .toList();
      if (!words.isEmpty()) {
        side.add(line.line().withWords(words));
      }
    }
    return side;
  }

  private static boolean areTables(List<List<TextLine>> sides) {
    int most = sides.stream().mapToInt(List::size).max().orElse(0);
    int fewest = sides.stream().mapToInt(List::size).min().orElse(0);
    double top = sides.get(0).get(0).baseline();
    Set<String> headings = new HashSet<>();
    for (List<TextLine> side : sides) {
      headings.add(side.get(0).text());
      if (side.size() < LEAST_LINES || side.get(0).baseline() != top || !isFull(side)) {
        return false;
      }
    }
    return most - fewest >= LEAST_MORE_LINES
        && headings.size() == sides.size()
        && sides.stream().noneMatch(s -> endsWithLabels(s, fewest));
  }

  /**
   * Whether a side begins its lines with values, but those beyond the others' with words: these are
   * labels of sums, and both sides one table.
   */
  private static boolean endsWithLabels(List<TextLine> side, int fewest) {
    int values = 0;
    boolean labels = side.size() > fewest;
    for (int i = 1; i < side.size(); i++) {
      boolean value = TextShape.of(side.get(i).words().get(0).text()).isValue();
      values += i < fewest && value ? 1 : 0;
      labels &= i < fewest || !value;
    }
    return labels && 2 * values > fewest;
  }

  /** Whether every line has several texts, and no line is left out between two others. */
  private static boolean isFull(List<TextLine> side) {
    return ChunkLine.of(side).stream().allMatch(ChunkLine::isTabular);
  }
}
