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

  /** Keeps a copy that cannot change. */
  public PageLine {
    words = List.copyOf(words);
  }
}
