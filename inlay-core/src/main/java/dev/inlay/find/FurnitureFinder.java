package dev.inlay.find;

import dev.inlay.page.TextLine;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Tells furniture, what repeats on pages around the tables: a line near the upper or the lower edge
 * that stands on several pages at one height and reads the same but for its figures. Takes the
 * lines of all pages first, then answers. Not safe for several threads.
 */
public final class FurnitureFinder {

  /** Furniture is among so many lines from the edge. */
  private static final int LINES_FROM_EDGE = 4;

  /** Heights that differ by no more than this many points are one. */
  private static final double SAME_HEIGHT = 3;

  private static final int LEAST_PAGES = 2;

  private record Spot(String text, long height) {}

  private final Map<Spot, Set<Integer>> pagesOf = new HashMap<>();

  /**
   * Takes the lines of a page.
   *
   * @param page its number, from 1
   * @param lines from top to bottom
   */
  public void add(int page, List<TextLine> lines) {
    for (int i = 0; i < lines.size(); i++) {
      if (i < LINES_FROM_EDGE || i >= lines.size() - LINES_FROM_EDGE) {
        long height = heightOf(lines.get(i));
        // A height at the edge of a step may lie in the next on another page.
        for (long h = height - 1; h <= height + 1; h++) {
          Spot spot = new Spot(plain(lines.get(i)), h);
          pagesOf.computeIfAbsent(spot, s -> new HashSet<>()).add(page);
        }
      }
    }
  }

  /** Whether a line is furniture. */
  public boolean isFurniture(TextLine line) {
    Spot spot = new Spot(plain(line), heightOf(line));
    return pagesOf.getOrDefault(spot, Set.of()).size() >= LEAST_PAGES;
  }

  private static long heightOf(TextLine line) {
    return Math.round(line.baseline() / SAME_HEIGHT);
  }

  private static String plain(TextLine line) {
    return line.text().replaceAll("\\p{Nd}+", "0");
  }
}
