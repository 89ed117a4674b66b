package dev.inlay.evidence;

import dev.inlay.page.TextLine;
import dev.inlay.page.Word;
import java.util.List;

/**
 * Recognises running text among parts of lines; letters are counted once, since it is asked often.
 */
final class LineLetters {

  /** A line fills its side from this share of its width on. */
  private static final double FULL_WIDTH_SHARE = 0.85;

  /** A line of running text has at least this many words. */
  private static final int WORDS = 4;

  /** In running text this share of the characters, spaces counted in, are letters. */
  private static final double LETTER_SHARE = 0.6;

  private final List<TextLine> lines;

  /** For each line, how many letters stand in its first words: none, one, two and so on. */
  private final int[][] letters;

  /** The same of all characters, with a space between words. */
  private final int[][] characters;

  LineLetters(List<TextLine> lines) {
    this.lines = lines;
    letters = new int[lines.size()][];
    characters = new int[lines.size()][];
    for (int i = 0; i < letters.length; i++) {
      List<Word> words = lines.get(i).words();
      letters[i] = new int[words.size() + 1];
      characters[i] = new int[words.size() + 1];
      for (int w = 0; w < words.size(); w++) {
        String text = words.get(w).text();
        letters[i][w + 1] = letters[i][w] + lettersIn(text);
        characters[i][w + 1] = characters[i][w] + text.length() + 1;
      }
    }
  }

  private static int lettersIn(String text) {
    int count = 0;
    for (int i = 0; i < text.length(); i++) {
      count += Character.isLetter(text.charAt(i)) ? 1 : 0;
    }
    return count;
  }

  /**
   * Whether some words of a line fill a side of the page as running text does.
   *
   * @param line its number among the lines
   * @param first the number of the first word
   * @param end the number behind the last word
   * @param width of the side, in points
   */
  boolean isRunningText(int line, int first, int end, double width) {
    if (end - first < WORDS) {
      return false;
    }
    int count = characters[line][end] - characters[line][first] - 1;
    if (letters[line][end] - letters[line][first] < LETTER_SHARE * count) {
      return false;
    }
    List<Word> words = lines.get(line).words().subList(first, end);
    double extent = words.get(words.size() - 1).box().right() - words.get(0).box().left();
    return extent >= FULL_WIDTH_SHARE * width
        && Chunk.split(words, lines.get(line).size()).size() == 1;
  }
}
