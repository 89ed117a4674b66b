package dev.inlay.find;

import dev.inlay.page.TextLine;
import dev.inlay.page.Word;
import java.util.ArrayList;
import java.util.List;

/**
 * Parts the lines of a page printed in two columns of running text, so that a table in one column
 * is not read together with the prose beside it.
 *
 * <p>What gives such a page away is a white strip down its middle with lines on both sides that
 * fill their column, one after the other.
 */
final class ProseColumns {

  /** Fewer lines beside each other are no columns of prose. */
  private static final int LEAST_LINES = 8;

  /** A line fills its column from this share of its width on. */
  private static final double FULL = 0.85;

  /** In columns of prose this share of the lines is full: the others end paragraphs. */
  private static final double FULL_SHARE = 0.4;

  /** The strip lies in the middle part of the text's width. */
  private static final double MARGIN = 0.25;

  /** In columns of prose this share of the lines is one phrase on each side. */
  private static final double PHRASE_SHARE = 0.5;

  /** In a line of prose this share of the characters, spaces counted in, are letters. */
  private static final double LETTER_SHARE = 0.6;

  private static final int STEPS = 100;

  /** Running text has at least so many words in a line. */
  private static final double WORDS_IN_LINE = 4;

  private ProseColumns() {}

  /**
   * Parts the lines.
   *
   * @return one list, or those left of the strip and those right of it; lines that cross the strip
   *     stay whole, with the left ones
   */
  static List<List<TextLine>> part(List<TextLine> lines) {
    if (lines.size() < LEAST_LINES) {
      return List.of(lines);
    }
    double left = lines.stream().mapToDouble(l -> l.box().left()).min().orElse(0);
    double right = lines.stream().mapToDouble(l -> l.box().right()).max().orElse(0);
    double best = Double.NaN;
    int most = 0;
    for (int i = 0; i <= STEPS; i++) {
      double x = left + (right - left) * (MARGIN + (1 - 2 * MARGIN) * i / STEPS);
      int full = fullBeside(lines, x, left, right);
      if (full > most) {
        most = full;
        best = x;
      }
    }
    return most == 0 ? List.of(lines) : partedAt(best, lines);
  }

  /** How many lines fill their column on both sides of x, or 0 where x parts no prose. */
  private static int fullBeside(List<TextLine> lines, double x, double left, double right) {
    int beside = 0;
    int fullLeft = 0;
    int fullRight = 0;
    double leftEnd = left;
    double rightStart = right;
    int wordsLeft = 0;
    int wordsRight = 0;
    int phrases = 0;
    List<double[]> sides = new ArrayList<>();
    for (TextLine line : lines) {
      double before = Double.NEGATIVE_INFINITY;
      double after = Double.POSITIVE_INFINITY;
      boolean crosses = false;
      for (Word word : line.words()) {
        if (word.box().right() <= x) {
          before = Math.max(before, word.box().right());
        } else if (word.box().left() >= x) {
          after = Math.min(after, word.box().left());
        } else {
          crosses = true;
        }
      }
      if (!crosses && after - before > line.size() && before > left && after < right) {
        beside++;
        long words = line.words().stream().filter(w -> w.box().centreX() < x).count();
        wordsLeft += words;
        wordsRight += line.words().size() - words;
        phrases += isRunningText(line) ? 1 : 0;
        leftEnd = Math.max(leftEnd, before);
        rightStart = Math.min(rightStart, after);
        sides.add(new double[] {before, line.box().left(), after, line.box().right()});
      }
    }
    boolean sentences =
        Math.min(wordsLeft, wordsRight) >= WORDS_IN_LINE * beside
            && phrases >= PHRASE_SHARE * beside;
    if (beside < LEAST_LINES || rightStart <= leftEnd || !sentences) {
      return 0;
    }
    for (double[] side : sides) {
      fullLeft += side[0] - side[1] >= FULL * (leftEnd - left) ? 1 : 0;
      fullRight += side[3] - side[2] >= FULL * (right - rightStart) ? 1 : 0;
    }
    boolean prose = fullLeft >= FULL_SHARE * beside && fullRight >= FULL_SHARE * beside;
    return prose ? fullLeft + fullRight : 0;
  }

  /** Whether the line is words, not figures, with at most one wide gap. */
  private static boolean isRunningText(TextLine line) {
    List<Piece> pieces = Piece.split(line.words(), line.size());
    if (pieces.size() > 2) {
      return false;
    }
    String text = line.text();
    long letters = text.codePoints().filter(Character::isLetter).count();
    return letters >= LETTER_SHARE * text.length();
  }

  private static List<List<TextLine>> partedAt(double x, List<TextLine> lines) {
    List<TextLine> left = new ArrayList<>();
    List<TextLine> right = new ArrayList<>();
    for (TextLine line : lines) {
      List<Word> before = line.words().stream().filter(w -> w.box().centreX() < x).toList();
      List<Word> after = line.words().stream().filter(w -> w.box().centreX() >= x).toList();
      boolean crosses =
          line.words().stream().anyMatch(w -> w.box().left() < x && w.box().right() > x);
      if (crosses || before.isEmpty() || after.isEmpty()) {
        (crosses || after.isEmpty() ? left : right).add(line);
      } else {
        left.add(withWords(line, before));
        right.add(withWords(line, after));
      }
    }
    return List.of(left, right);
  }

  private static TextLine withWords(TextLine line, List<Word> words) {
    return new TextLine(words, Piece.of(words).box(), line.baseline(), line.size());
  }
}
