package dev.inlay.evidence;

import dev.inlay.page.Word;
import java.util.List;

/** Finds places among the words of a line, which stand in order. */
public final class WordOrder {

  private WordOrder() {}

  /** The index of the first word that begins at a place or behind it; this many begin before it. */
  public static int firstFrom(List<Word> words, double place) {
    int low = 0;
    int high = words.size();
    while (low < high) {
      int middle = (low + high) / 2;
      if (words.get(middle).box().left() < place) {
        low = middle + 1;
      } else {
        high = middle;
      }
    }
    return low;
  }
}
