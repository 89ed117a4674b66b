package dev.inlay.propose;

import dev.inlay.evidence.Chunk;
import dev.inlay.evidence.ChunkLine;
import dev.inlay.evidence.WordGaps;
import dev.inlay.evidence.WordOrder;
import dev.inlay.geom.Interval;
import dev.inlay.page.Word;
import dev.inlay.text.TextShape;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.function.ToDoubleFunction;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Gutters of fixed-width type that are as narrow as a space: programs print columns as wide as
 * their longest value and one space between them. There a space parts two columns where it stands
 * at one place in all lines, beside values that end or begin at one place, and the texts on its two
 * sides make no value together.
 */
final class TypewriterGutters {

  /** Nearly all lines have text on both sides, of one kind, at one place. */
  private static final double NEARLY_ALL = 0.8;

  /** In fewer lines words are of one length by chance. */
  private static final int LEAST_LINES = 4;

  /** Two columns of values beside each other show in fewer lines. */
  private static final int LEAST_LINES_OF_VALUES = 3;

  /** Less white, as a share of a character's width, is none. */
  private static final double LEAST_WHITE = 0.5;

  /** Characters of fixed width stand in one place where they differ by less than this share. */
  private static final double SAME_PLACE = 0.3;

  /** Words this many type sizes apart, or more, do not stand beside one strip. */
  private static final double FAR = 3;

  /** A group of digits, as of an angle or a telephone number. */
  private static final Pattern GROUP = Pattern.compile("[-+\u2212]?(\\d{2,})(\\.\\d+)?");

  private static final Pattern DECIMALS = Pattern.compile("\\d[.,]\\d+");

  /** The words before and behind a strip in one line. */
  private record Sides(Word before, Word behind) {
    double white() {
      return behind.box().left() - before.box().right();
    }
  }

  private final List<ChunkLine> lines;
  private final WordGaps gaps;

  TypewriterGutters(List<ChunkLine> lines, WordGaps gaps) {
    this.lines = lines;
    this.gaps = gaps;
  }

  /** Whether a strip that no word crosses is a gutter. */
  boolean isGutter(Interval strip) {
    if (!gaps.isFixedWidth() || strip.length() < LEAST_WHITE * gaps.fixedAdvance()) {
      return false;
    }
    List<Sides> all = sidesOf(strip);
    boolean before = nearlyAll(all, s -> isPrintedValue(s.before().text()));
    boolean behind = nearlyAll(all, s -> isPrintedValue(s.behind().text()));
    int least = before && behind ? LEAST_LINES_OF_VALUES : LEAST_LINES;
    return all.size() >= Math.max(least, NEARLY_ALL * lines.size())
        && (before || behind)
        && isColumn(all, before, behind)
        && !makeOneValue(all);
  }

  /** Whether numbers with decimals stand on one side: codes of several parts have none. */
  boolean isBesideDecimals(Interval strip) {
    List<Sides> all = sidesOf(strip);
    return nearlyAll(all, s -> isDecimal(s.before().text()))
        || nearlyAll(all, s -> isDecimal(s.behind().text()));
  }

  private static boolean isDecimal(String text) {
    return TextShape.of(text).isQuantity() && DECIMALS.matcher(text).find();
  }

  private List<Sides> sidesOf(Interval strip) {
    List<Sides> all = new ArrayList<>();
    for (ChunkLine line : lines) {
      List<Word> words = line.words();
      int right = WordOrder.firstFrom(words, strip.to());
      if (right > 0 && right < words.size()) {
        all.add(new Sides(words.get(right - 1), words.get(right)));
      }
    }
    return all;
  }

  /**
   * Whether values keep to one edge, and words beside them are not the same in all lines, a heading
   * included.
   */
  private boolean isColumn(List<Sides> all, boolean before, boolean behind) {
    boolean aligned =
        before && atOnePlace(all, s -> s.before().box().right())
            || behind && atOnePlace(all, s -> s.behind().box().right())
            || behind && atOnePlace(all, s -> s.behind().box().left());
    return aligned && (before || vary(all, Sides::before)) && (behind || vary(all, Sides::behind));
  }

  private boolean vary(List<Sides> all, Function<Sides, Word> side) {
    return all.stream()
            .filter(s -> s.white() < FAR * gaps.typeSize())
            .map(s -> side.apply(s).text())
            .distinct()
            .count()
        > 1;
  }

  private static boolean isPrintedValue(String text) {
    TextShape shape = TextShape.of(text);
    return shape.isValue() && shape != TextShape.MARK;
  }

  /** Whether both sides are a date, a number or code in groups, or a quantity with its unit. */
  private static boolean makeOneValue(List<Sides> all) {
    long one = all.stream().filter(s -> makeOne(s.before().text(), s.behind().text())).count();
    return one * 2 > all.size()
        || groupLength(all, Sides::before) > 0 && groupLength(all, Sides::behind) > 0;
  }

  /** How many digits nearly all texts of a side have, where these are groups of digits; or 0. */
  private static int groupLength(List<Sides> all, Function<Sides, Word> side) {
    int length = digits(side.apply(all.get(all.size() / 2)).text());
    return nearlyAll(all, s -> digits(side.apply(s).text()) == length) ? length : 0;
  }

  private static int digits(String text) {
    Matcher group = GROUP.matcher(text);
    return group.matches() ? group.group(1).length() : 0;
  }

  private static boolean makeOne(String before, String behind) {
    TextShape together = TextShape.of(before + " " + behind);
    boolean moment =
        TextShape.of(before) == TextShape.DATE && TextShape.of(behind) == TextShape.TIME;
    return before.endsWith(",")
        || TextShape.of(behind) == TextShape.UNIT
        || moment
        || together == TextShape.DATE
        || together == TextShape.TIME
        || Chunk.isGroupedFigure(before, behind);
  }

  private boolean atOnePlace(List<Sides> all, ToDoubleFunction<Sides> place) {
    double[] places = all.stream().mapToDouble(place).sorted().toArray();
    double middle = places[places.length / 2];
    double near = SAME_PLACE * gaps.fixedAdvance();
    return nearlyAll(all, s -> Math.abs(place.applyAsDouble(s) - middle) < near);
  }

  private static boolean nearlyAll(List<Sides> all, Predicate<Sides> test) {
    return !all.isEmpty() && all.stream().filter(test).count() >= NEARLY_ALL * all.size();
  }
}
