package dev.inlay.evidence;

import dev.inlay.geom.Box;
import dev.inlay.page.Glyph;
import dev.inlay.page.Page;
import dev.inlay.page.Turn;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Finds the numbers that drafts and court papers print in the margin beside each line: small
 * figures, one below the other, each one more than the one above. They number lines of the page,
 * those of tables among them, and belong to none.
 */
public final class LineNumbers {

  /** They are at most this large beside the type of their line; serial numbers are as large. */
  static final double MOST_SIZE = 0.85;

  /** Fewer numbers may be superscripts that happen to follow each other. */
  static final int LEAST_NUMBERS = 6;

  /** Of the small figures in one margin at least this share goes on counting. */
  private static final double LEAST_COUNTING = 0.9;

  /** More digits are no count of lines. */
  private static final int MOST_DIGITS = 4;

  /** Their ends stand in one line, to this share of their size. */
  private static final double IN_LINE = 0.3;

  /** The digits of one number stand closer than this share of their size. */
  private static final double DIGIT_GAP = 0.3;

  /** They stand at least this far from their line, in its type: raised marks stand closer. */
  private static final double LEAST_DISTANCE = 0.5;

  /** Marks stand beyond at most this share of them; text beyond more is that of a table. */
  static final double MOST_MARKED = 0.5;

  /** Figures printed beside a line. */
  private record Number(List<Glyph> digits, Box box, double baseline, double size) {

    long value() {
      StringBuilder text = new StringBuilder();
      digits.forEach(g -> text.append(g.text()));
      return digits.size() > MOST_DIGITS ? -1 : Long.parseLong(text.toString());
    }
  }

  private LineNumbers() {}

  /** The page with its line numbers set aside as furniture; the same where it has none. */
  public static Page setAside(Page page) {
    List<Number> numbers = smallNumbers(page);
    if (numbers.size() < LEAST_NUMBERS) {
      return page;
    }
    List<Glyph> found = new ArrayList<>();
    for (boolean left : new boolean[] {true, false}) {
      List<Number> margin = inMargin(numbers, page, left);
      if (margin.size() >= LEAST_NUMBERS && counting(margin) >= LEAST_COUNTING * margin.size()) {
        margin.forEach(n -> found.addAll(n.digits()));
      }
    }
    return found.isEmpty() ? page : page.withFurniture(found);
  }

  private static List<Number> smallNumbers(Page page) {
    double most = MOST_SIZE * page.typeSize();
    List<Glyph> digits = new ArrayList<>();
    for (Glyph glyph : page.glyphs()) {
      if (glyph.size() <= most && glyph.turn() == Turn.UPRIGHT && isDigit(glyph.text())) {
        digits.add(glyph);
      }
    }
    digits.sort(
        Comparator.comparingDouble(Glyph::baseline).thenComparingDouble(g -> g.box().left()));
    List<Number> numbers = new ArrayList<>();
    List<Glyph> open = new ArrayList<>();
    for (Glyph digit : digits) {
      if (!open.isEmpty() && !follows(open.get(open.size() - 1), digit)) {
        numbers.add(number(open));
        open = new ArrayList<>();
      }
      open.add(digit);
    }
    if (!open.isEmpty()) {
      numbers.add(number(open));
    }
    return numbers;
  }

  private static boolean isDigit(String text) {
    return text.length() == 1 && text.charAt(0) >= '0' && text.charAt(0) <= '9';
  }

  private static boolean follows(Glyph before, Glyph digit) {
    double gap = digit.box().left() - before.box().right();
    return digit.baseline() == before.baseline() && Math.abs(gap) < DIGIT_GAP * digit.size();
  }

  private static Number number(List<Glyph> digits) {
    Box box = Box.around(digits, Glyph::box);
    return new Number(digits, box, digits.get(0).baseline(), digits.get(0).size());
  }

  /** The numbers with nothing beyond them in their line, whose ends most of these share. */
  private static List<Number> inMargin(List<Number> numbers, Page page, boolean left) {
    List<Number> free = new ArrayList<>();
    for (Number number : numbers) {
      if (isBesideLargerText(number, page, left)) {
        free.add(number);
      }
    }
    Map<Long, Integer> ends = new HashMap<>();
    free.forEach(n -> ends.merge(end(n), 1, Integer::sum));
    long usual =
        ends.entrySet().stream()
            .max(
                Map.Entry.<Long, Integer>comparingByValue()
                    .thenComparing(Map.Entry.comparingByKey()))
            .map(Map.Entry::getKey)
            .orElse(0L);
    free.removeIf(n -> Math.abs(end(n) - usual) > IN_LINE * n.size());
    long marked = free.stream().filter(n -> isMarked(n, page, left)).count();
    return marked > MOST_MARKED * free.size() ? List.of() : free;
  }

  private static long end(Number number) {
    return Math.round(number.box().right());
  }

  /**
   * Whether the text of its line is larger, and apart from it; a mark may stand in the margin
   * beyond it.
   */
  private static boolean isBesideLargerText(Number number, Page page, boolean left) {
    Glyph nearest = null;
    for (Glyph glyph : page.glyphs()) {
      if (!isInLine(number, glyph) || isBeyond(number, glyph, left)) {
        continue;
      }
      if (distance(number, glyph, left) < LEAST_DISTANCE * glyph.size()) {
        return false;
      }
      nearest =
          nearest == null || distance(number, glyph, left) < distance(number, nearest, left)
              ? glyph
              : nearest;
    }
    return nearest == null
        ? !isMarked(number, page, left)
        : number.size() <= MOST_SIZE * nearest.size();
  }

  /** Whether something stands beyond a number in its line. */
  private static boolean isMarked(Number number, Page page, boolean left) {
    return page.glyphs().stream().anyMatch(g -> isInLine(number, g) && isBeyond(number, g, left));
  }

  private static boolean isInLine(Number number, Glyph glyph) {
    return glyph.box().vertical().overlap(number.box().vertical()) > 0
        && !glyph.isBlank()
        && !number.digits().contains(glyph);
  }

  private static boolean isBeyond(Number number, Glyph glyph, boolean left) {
    return distance(number, glyph, !left) >= LEAST_DISTANCE * glyph.size();
  }

  private static double distance(Number number, Glyph glyph, boolean left) {
    return left
        ? glyph.box().left() - number.box().right()
        : number.box().left() - glyph.box().right();
  }

  /** How many numbers are one more than the one above; the first counts as one of them. */
  private static int counting(List<Number> numbers) {
    int counting = 1;
    for (int i = 1; i < numbers.size(); i++) {
      counting += numbers.get(i).value() == numbers.get(i - 1).value() + 1 ? 1 : 0;
    }
    return counting;
  }
}
