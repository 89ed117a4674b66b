package dev.inlay.evidence;

import dev.inlay.geom.Box;
import dev.inlay.geom.Interval;
import dev.inlay.page.Glyph;
import dev.inlay.page.TextLine;
import dev.inlay.page.Word;
import dev.inlay.text.TextShape;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;

/**
 * A line of text and its chunks. Leader dots and rules made of characters are no text and are left
 * out.
 *
 * @param line the line as composed
 * @param words its words from left to right, at least one
 * @param chunks the same words, parted at wide gaps; at least one, from left to right
 * @param hasLeader whether leader dots stand in it
 */
public record ChunkLine(TextLine line, List<Word> words, List<Chunk> chunks, boolean hasLeader) {

  /** Dots in a row, with or without spaces between them, lead the eye and say nothing. */
  private static final Pattern LEADER = Pattern.compile("[.·…_]{4,}|…{2,}");

  private static final String LEADER_DOTS = ".·";

  private static final Pattern CHARACTER_RULE = Pattern.compile("<?[-=_|+*~]{3,}>?");

  /** Under a narrow column a rule is short; alone such a piece stands for a missing value. */
  private static final Pattern RULE_PIECE = Pattern.compile("[-=_+]+");

  /** What an item of a list begins with: a sign, or a letter or number with a point or bracket. */
  private static final Pattern BULLET =
      Pattern.compile("[•‣▪●◦–—\\-*·]|\\(?\\p{Alnum}{1,3}[.)]|\\[\\d+\\]");

  /** Running text has at least this many words in a line. */
  private static final int WORDS_IN_PROSE = 7;

  private static final int LEAST_SPACED_DOTS = 3;

  /** Three dots that follow no text stand for a value, as typeset papers print what is missing. */
  private static final int DOTS_FOR_A_VALUE = 3;

  /** An ordinary space, in type sizes. */
  private static final double ORDINARY_SPACE = 0.28;

  /** In type of even width all characters are equally wide, to this many points. */
  private static final double SAME_WIDTH = 0.1;

  /** Leader dots with spaces between them stand less than this many type sizes apart. */
  private static final double DOT_GAP = 1.2;

  /** Keeps a copy of the chunks that cannot change. */
  public ChunkLine {
    words = List.copyOf(words);
    chunks = List.copyOf(chunks);
  }

  /** The line's chunks, or nothing where it holds no text. */
  public static List<ChunkLine> of(List<TextLine> lines) {
    List<ChunkLine> result = new ArrayList<>();
    Set<Word> bars = StackedBars.in(lines);
    for (TextLine line : lines) {
      List<Word> words = new ArrayList<>(line.words());
      boolean leader = words.removeIf(w -> isMark(w) && LEADER.matcher(w.text()).matches());
      leader |= removeSpacedDots(words, line.size());
      boolean ruled = words.stream().allMatch(w -> RULE_PIECE.matcher(w.text()).matches());
      boolean rule = words.removeIf(w -> isMark(w) && CHARACTER_RULE.matcher(w.text()).matches());
      words.removeIf(w -> ruled && rule || bars.contains(w));
      if (!words.isEmpty()) {
        result.add(new ChunkLine(line, words, Chunk.split(words, line.size()), leader));
      }
    }
    return result;
  }

  /** Whether it does not begin as words do; known before any pattern is tried. */
  private static boolean isMark(Word word) {
    return !word.text().isEmpty() && !Character.isLetterOrDigit(word.text().charAt(0));
  }

  /** Takes out runs of single dots that stand close to each other; dots in columns stay. */
  private static boolean removeSpacedDots(List<Word> words, double size) {
    boolean removed = false;
    int from = 0;
    while (from < words.size()) {
      int to = from;
      while (to < words.size() && isDot(words.get(to)) && (to == from || isNear(words, to, size))) {
        to++;
      }
      boolean value = to - from == DOTS_FOR_A_VALUE && (from == 0 || !isNear(words, from, size));
      if (to - from >= LEAST_SPACED_DOTS && !value) {
        words.subList(from, to).clear();
        removed = true;
      } else {
        from = Math.max(to, from + 1);
      }
    }
    return removed;
  }

  private static boolean isDot(Word word) {
    return word.text().length() == 1 && LEADER_DOTS.indexOf(word.text().charAt(0)) >= 0;
  }

  private static boolean isNear(List<Word> words, int at, double size) {
    return words.get(at).box().left() - words.get(at - 1).box().right() < DOT_GAP * size;
  }

  /** The box around its text, in points. */
  public Box box() {
    return chunks.get(0).box().union(chunks.get(chunks.size() - 1).box());
  }

  /**
   * The step from the baseline of the line above to that of a line, in points; not for the first.
   */
  public static double step(List<ChunkLine> lines, int line) {
    return lines.get(line).line().baseline() - lines.get(line - 1).line().baseline();
  }

  /** The median step from one baseline to the next, in points; 0 for fewer than two lines. */
  public static double medianStep(List<ChunkLine> lines) {
    return medianStepOf(lines.stream().map(ChunkLine::line).toList());
  }

  /** The same of lines of text, in points; 0 for fewer than two. */
  public static double medianStepOf(List<TextLine> lines) {
    double[] steps = new double[Math.max(0, lines.size() - 1)];
    for (int i = 0; i < steps.length; i++) {
      steps[i] = lines.get(i + 1).baseline() - lines.get(i).baseline();
    }
    Arrays.sort(steps);
    return steps.length == 0 ? 0 : steps[steps.length / 2];
  }

  /** Whether several chunks stand in it. */
  public boolean isTabular() {
    return chunks.size() > 1;
  }

  /** Whether it is a line of running text: one chunk of many words. */
  public boolean isProse() {
    return !isTabular() && words.size() >= WORDS_IN_PROSE;
  }

  /** Whether a quantity stands in it. */
  public boolean hasQuantity() {
    return chunks.stream().anyMatch(p -> TextShape.of(p.text()).isQuantity());
  }

  /** Whether a text is what an item of a list begins with. */
  public static boolean isBullet(String text) {
    return BULLET.matcher(text).matches();
  }

  /** Whether all of it is bold. */
  public boolean isBold() {
    return chunks.stream().allMatch(Chunk::isBold);
  }

  /** The white stretches between its words, in points. */
  List<Interval> gaps() {
    List<Interval> gaps = new ArrayList<>();
    double end = words.get(0).box().right();
    for (Word word : words) {
      if (word.box().left() > end) {
        gaps.add(new Interval(end, word.box().left()));
      }
      end = Math.max(end, word.box().right());
    }
    return gaps;
  }

  /**
   * The width of an ordinary space in the line's type, in points; of even type, of any character.
   */
  public double ordinarySpace() {
    double least = Double.MAX_VALUE;
    double most = 0;
    for (Word word : words()) {
      for (Glyph glyph : word.glyphs()) {
        least = Math.min(least, glyph.box().width());
        most = Math.max(most, glyph.box().width());
      }
    }
    boolean even = most - least < SAME_WIDTH && words().size() > 1;
    return even ? most : ORDINARY_SPACE * line.size();
  }
}
