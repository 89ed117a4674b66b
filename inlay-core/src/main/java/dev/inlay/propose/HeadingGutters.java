package dev.inlay.propose;

import dev.inlay.evidence.ChunkLine;
import dev.inlay.geom.Box;
import dev.inlay.page.TextLine;
import dev.inlay.page.Word;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Gutters known by headings that are known from the page before: where the headings stand on this
 * page, columns lie between them, though too few rows show them.
 *
 * @param gutters x of each, in points, from left to right
 * @param area from the headings down to the last row below them
 */
public record HeadingGutters(List<Double> gutters, Box area) {

  /** Rows follow each other, and sums them, within this many type sizes. */
  private static final double WIDEST_STEP = 4.5;

  /** Keeps a copy of the gutters that cannot change. */
  public HeadingGutters {
    gutters = List.copyOf(gutters);
  }

  /** How many places between two headings are tried. */
  private static final int PLACES = 24;

  /**
   * Finds a place between each two headings that the fewest words of the page cross.
   *
   * @param page what stands on it, in lines
   * @param headings of all columns, none empty
   * @return x of the gutters, in points; empty where no line holds just these headings
   */
  public static Optional<HeadingGutters> of(List<TextLine> page, List<String> headings) {
    List<TextLine> lines =
        page.stream().sorted(Comparator.comparingDouble(TextLine::baseline)).toList();
    for (int i = 0; i < lines.size(); i++) {
      List<List<Word>> parts = parts(lines.get(i), headings);
      if (!parts.isEmpty()) {
        List<TextLine> below = lines.subList(i + 1, lines.size());
        List<Double> gutters = new ArrayList<>();
        for (int c = 1; c < parts.size(); c++) {
          List<Word> left = parts.get(c - 1);
          double from = left.get(left.size() - 1).box().right();
          gutters.add(clearest(from, parts.get(c).get(0).box().left(), below));
        }
        return Optional.of(new HeadingGutters(gutters, area(lines.get(i), below, gutters)));
      }
    }
    return Optional.empty();
  }

  /** The headings and the lines below them that keep to their columns or are one phrase. */
  private static Box area(TextLine head, List<TextLine> below, List<Double> gutters) {
    Box area = head.box();
    double baseline = head.baseline();
    for (ChunkLine line : ChunkLine.of(below)) {
      boolean crosses =
          line.words().stream()
              .anyMatch(
                  w -> gutters.stream().anyMatch(x -> w.box().left() < x && w.box().right() > x));
      double step = line.line().baseline() - baseline;
      if (crosses && line.isTabular() || step > WIDEST_STEP * head.size()) {
        break;
      }
      area = area.union(line.box());
      baseline = line.line().baseline();
    }
    return area;
  }

  /** The words of each heading, where a line's words are the headings in their order. */
  private static List<List<Word>> parts(TextLine line, List<String> headings) {
    List<List<Word>> parts = new ArrayList<>();
    List<Word> words = line.words();
    int at = 0;
    for (String heading : headings) {
      List<Word> part = new ArrayList<>();
      StringBuilder text = new StringBuilder();
      while (at < words.size() && text.length() < bare(heading).length()) {
        part.add(words.get(at));
        text.append(bare(words.get(at++).text()));
      }
      if (!text.toString().equals(bare(heading))) {
        return List.of();
      }
      parts.add(part);
    }
    return at == words.size() ? parts : List.of();
  }

  private static String bare(String text) {
    return text.replaceAll("\\s+", "");
  }

  private static double clearest(double from, double to, List<TextLine> lines) {
    double best = (from + to) / 2;
    long fewest = Long.MAX_VALUE;
    for (int i = 1; i < PLACES; i++) {
      double x = from + (to - from) * i / PLACES;
      long crossed =
          lines.stream()
              .flatMap(l -> l.words().stream())
              .filter(w -> w.box().left() < x && w.box().right() > x)
              .count();
      boolean nearer = Math.abs(x - (from + to) / 2) < Math.abs(best - (from + to) / 2);
      if (crossed < fewest || crossed == fewest && nearer) {
        fewest = crossed;
        best = x;
      }
    }
    return best;
  }
}
