package dev.inlay.rows;

import dev.inlay.geom.Box;
import java.util.List;

/**
 * A line of text on a page.
 *
 * @param page the page's number, from 1
 * @param text its words with one space between them
 * @param box around it, in points
 * @param words its words with their places, from left to right
 */
public record PageLine(int page, String text, Box box, List<LineWord> words) {

  /**
   * A word of a line.
   *
   * @param text its characters
   * @param box around it, in points
   */
  public record LineWord(String text, Box box) {}

  /**
   * A gap between words at least as wide, in heights of the line, is wider than one space: in
   * typewriter type a space takes half a height, two take more than one.
   */
  private static final double WIDE_GAP = 0.85;

  /** Keeps a copy that cannot change. */
  public PageLine {
    words = List.copyOf(words);
  }

  /** Its words with two spaces where the gap between them is wide, else one. */
  public String textWithGaps() {
    StringBuilder text = new StringBuilder();
    for (int i = 0; i < words.size(); i++) {
      if (i > 0) {
        double gap = words.get(i).box().left() - words.get(i - 1).box().right();
        text.append(gap > WIDE_GAP * box.height() ? "  " : " ");
      }
      text.append(words.get(i).text());
    }
    return text.toString();
  }

  /** The same line with its gaps in its text. */
  PageLine withGaps() {
    return new PageLine(page, textWithGaps(), box, words);
  }
}
