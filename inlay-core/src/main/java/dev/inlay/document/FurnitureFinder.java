package dev.inlay.document;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.IntStream;

/**
 * Recognises furniture, what repeats on pages around the tables: a line near the upper or the lower
 * edge that stands on several pages at one height and reads the same but for its figures.
 *
 * <p>Headings of run-on tables repeat as well. A line that a table took is furniture only where
 * nothing but furniture parts it from the edge, and the other pages show what it is: it counts the
 * pages, or stands beside the tables there, or is one phrase after the last row.
 *
 * <p>Takes the lines of the pages in order, and answers for a page from all pages taken so far. Not
 * safe for several threads.
 */
public final class FurnitureFinder {

  /** Heights that differ by no more than this many points are one. */
  private static final double SAME_HEIGHT = 3;

  /** Inside a table, this many other pages must have a line too that repeats or counts. */
  private static final int OTHER_PAGES = 2;

  /** Pages are compared with this many before and after. */
  private static final int PAGES_AROUND = 4;

  private static final int LONGEST_PAGE_NUMBER = 6;

  /** Of a row more numbers change from page to page, of furniture a page number and a date. */
  private static final int MOST_CHANGING = 2;

  /** A word of a language: a few letters in a row. */
  private static final Pattern LETTERS = Pattern.compile("\\p{L}{3}");

  private static final Pattern NUMBER = Pattern.compile("\\p{Nd}+");

  /** Where a line stands and what it says, figures apart. */
  private record Spot(String text, boolean upper, long height) {}

  /** A line on one page. */
  private record Sighting(int page, String text, boolean inTable, boolean besideTable) {}

  private final Map<Spot, List<Sighting>> sightings = new HashMap<>();
  private final Set<Integer> pages = new HashSet<>();
  private final Map<Integer, List<EdgeLine>> linesOf = new HashMap<>();

  /**
   * Takes the lines near the edges of a page.
   *
   * @param page its number, from 1
   * @param lines from the edges inwards
   */
  public void add(int page, List<EdgeLine> lines) {
    pages.add(page);
    linesOf.put(page, lines);
    for (EdgeLine line : lines) {
      Spot spot = new Spot(plain(line), line.upper(), heightOf(line));
      sightings
          .computeIfAbsent(spot, s -> new ArrayList<>())
          .add(new Sighting(page, line.line().text(), line.inTable(), line.besideTable()));
    }
  }

  /**
   * The furniture of a page, whose own lines are let go then.
   *
   * @param page one of those added, asked for once
   */
  public List<EdgeLine> take(int page) {
    List<EdgeLine> found = new ArrayList<>();
    int[] joined = {0, 0}; // how many lines from each edge are furniture without a gap
    for (EdgeLine line : linesOf.remove(page)) {
      int edge = line.upper() ? 0 : 1;
      boolean atEdge = joined[edge] == line.order();
      if (isFurniture(page, line, atEdge)) {
        joined[edge] += atEdge ? 1 : 0;
        found.add(line);
      }
    }
    return found;
  }

  private boolean isFurniture(int page, EdgeLine line, boolean atEdge) {
    List<Sighting> others = elsewhere(page, line);
    if (others.isEmpty() || !line.inTable()) {
      // What tables hold on other pages is a heading, though no table was found here.
      long inTables = others.stream().filter(Sighting::inTable).count();
      return inTables * 2 < others.size();
    }
    List<Sighting> near = others.stream().filter(o -> isNear(o.page(), page)).toList();
    long around =
        IntStream.rangeClosed(page - PAGES_AROUND, page + PAGES_AROUND)
            .filter(p -> p != page && pages.contains(p))
            .count();
    if (!atEdge || near.size() * 2 < around) {
      return false; // rows may read alike now and then
    }
    String text = line.line().text();
    long outside = near.stream().filter(Sighting::besideTable).count();
    boolean words = LETTERS.matcher(text).find();
    boolean figures = NUMBER.matcher(text).find();
    boolean phrase = !line.upper() && line.isOnePhrase() && words && !figures;
    return words && outside * 2 >= near.size()
        || countsPages(page, text, near)
        || phrase && near.size() >= OTHER_PAGES;
  }

  private static boolean isNear(int page, int other) {
    return Math.abs(page - other) <= PAGES_AROUND;
  }

  /** The same line on other pages, but for a few numbers in it. */
  private List<Sighting> elsewhere(int page, EdgeLine line) {
    List<Sighting> found = new ArrayList<>();
    String text = plain(line);
    long height = heightOf(line);
    // A height at the edge of a step may lie in the next on another page.
    for (long h = height - 1; h <= height + 1; h++) {
      found.addAll(sightings.getOrDefault(new Spot(text, line.upper(), h), List.of()));
    }
    List<Integer> here = numbers(line.line().text());
    found.removeIf(s -> s.page() == page || changing(here, numbers(s.text())) > MOST_CHANGING);
    return found;
  }

  /** How many numbers differ between lines that hold equally many. */
  private static int changing(List<Integer> some, List<Integer> others) {
    int changing = 0;
    for (int i = 0; i < some.size(); i++) {
      changing += some.get(i).equals(others.get(i)) ? 0 : 1;
    }
    return changing;
  }

  /** Whether one of a line's numbers grows with the number of the page on all pages around. */
  private static boolean countsPages(int page, String text, List<Sighting> near) {
    List<Integer> here = numbers(text);
    for (int i = 0; i < here.size(); i++) {
      int at = i;
      if (near.size() < OTHER_PAGES && here.get(at) != page) {
        continue; // two numbers may follow each other by chance
      }
      if (near.stream()
          .allMatch(o -> here.get(at) - numbers(o.text()).get(at) == page - o.page())) {
        return true;
      }
    }
    return false;
  }

  /** The numbers of a text; those too long to count pages as 0. */
  private static List<Integer> numbers(String text) {
    return NUMBER
        .matcher(text)
        .results()
        .map(m -> m.group().length() <= LONGEST_PAGE_NUMBER ? value(m.group()) : 0)
        .toList();
  }

  /** The value of decimal digits of any script. */
  private static int value(String digits) {
    return digits.codePoints().reduce(0, (sum, digit) -> 10 * sum + Character.digit(digit, 10));
  }

  private static long heightOf(EdgeLine line) {
    return Math.round(line.line().baseline() / SAME_HEIGHT);
  }

  private static String plain(EdgeLine line) {
    return NUMBER.matcher(line.line().text()).replaceAll("0");
  }
}
