package dev.inlay.page;

import dev.inlay.geom.Box;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;

/**
 * Words that stand on one baseline, from left to right.
 *
 * @param words at least one
 * @param box the box around them, in points
 * @param baseline y of the baseline, in points
 * @param size the height of the type, in points
 */
public record TextLine(List<Word> words, Box box, double baseline, double size) {

  /** Keeps a copy of the words that cannot change. */
  public TextLine {
    words = List.copyOf(words);
  }

  /** The words with one space between them. */
  public String text() {
    return Word.join(words);
  }

  /** The line with some of its words alone; at least one. */
  public TextLine withWords(List<Word> some) {
    Box around = some.stream().map(Word::box).reduce(Box::union).orElseThrow();
    return new TextLine(some, around, baseline, size);
  }

  /**
   * The line with the words of one kind alone; empty where it has none, itself where it has no
   * other.
   */
  public Optional<TextLine> only(Predicate<Word> wanted) {
    List<Word> some = words.stream().filter(wanted).toList();
    if (some.isEmpty()) {
      return Optional.empty();
    }
    return Optional.of(some.size() == words.size() ? this : withWords(some));
  }

  /** The direction in which it runs. */
  public Turn turn() {
    return words.get(0).glyphs().get(0).turn();
  }

  /** Whether every character's face is bold. */
  public boolean isBold() {
    return words.stream().flatMap(w -> w.glyphs().stream()).allMatch(g -> g.face().bold());
  }

  /** Whether every character's face is italic. */
  public boolean isItalic() {
    return words.stream().flatMap(w -> w.glyphs().stream()).allMatch(g -> g.face().italic());
  }
}
