package dev.inlay.propose;

/**
 * The columns that a text of a row stands over.
 *
 * @param first the first column, from 0
 * @param last the last one
 * @param parts how many of the text's parts, from its first on, are one cell over all of them; the
 *     others stay where they stand, as all do where it is 0
 */
public record Reach(int first, int last, int parts) {

  /** Whether some of the text is one cell over several columns. */
  public boolean spans() {
    return parts > 0;
  }

  int width() {
    return last - first + 1;
  }
}
