package dev.inlay.propose;

import dev.inlay.geom.Interval;
import dev.inlay.page.Word;
import java.util.List;

/**
 * A heading in one line of a header, and its reach.
 *
 * @param words at least one, from left to right
 * @param first the first column it stands over, from 0
 * @param last the last column
 */
public record Heading(List<Word> words, int first, int last) {

  /** Keeps a copy of the words that cannot change. */
  public Heading {
    words = List.copyOf(words);
  }

  /** Whether it stands over several columns. */
  public boolean isSpanner() {
    return last > first;
  }

  /** What it says. */
  String text() {
    return Word.join(words);
  }

  /** Whether a word is one of the dashes that show how far a heading reaches. */
  static boolean isDashes(Word word) {
    return word.text().chars().allMatch(c -> c == '-');
  }

  /** From the left of its first word to the right of its last, in points. */
  Interval extent() {
    return extent(words, 0, words.size() - 1);
  }

  /** From the left of one word to the right of a later one, in points. */
  static Interval extent(List<Word> words, int from, int to) {
    double left = words.get(from).box().left();
    return new Interval(left, Math.max(left, words.get(to).box().right()));
  }
}
