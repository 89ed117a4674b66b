package dev.inlay.find;

import dev.inlay.geom.Box;
import dev.inlay.page.Word;
import java.util.ArrayList;
import java.util.List;

/**
 * Words of one line that stand together as a phrase does: with no gap between them much wider than
 * a space.
 *
 * @param words at least one, from left to right
 * @param box the box around them, in points
 */
public record Piece(List<Word> words, Box box) {

  /** Gaps from this many type sizes on part two pieces: three times an ordinary space. */
  private static final double GAP = 0.8;

  /** Keeps a copy of the words that cannot change. */
  public Piece {
    words = List.copyOf(words);
  }

  /** The words with one space between them. */
  public String text() {
    return String.join(" ", words.stream().map(Word::text).toList());
  }

  /** Whether all of it is bold. */
  public boolean isBold() {
    return words.stream().flatMap(w -> w.glyphs().stream()).allMatch(g -> g.face().bold());
  }

  static Piece of(List<Word> words) {
    return new Piece(words, around(words));
  }

  /** The box around words, in points; there is at least one. */
  public static Box around(List<Word> words) {
    return words.stream().map(Word::box).reduce(Box::union).orElseThrow();
  }

  /** Parts words of one line at wide gaps. */
  static List<Piece> split(List<Word> words, double size) {
    List<Piece> pieces = new ArrayList<>();
    List<Word> open = new ArrayList<>();
    for (Word word : words) {
      if (!open.isEmpty()) {
        double gap = word.box().left() - open.get(open.size() - 1).box().right();
        if (gap >= GAP * size) {
          pieces.add(of(open));
          open.clear();
        }
      }
      open.add(word);
    }
    if (!open.isEmpty()) {
      pieces.add(of(open));
    }
    return pieces;
  }
}
