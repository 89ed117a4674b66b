package dev.inlay.evidence;

import dev.inlay.geom.Box;
import dev.inlay.page.Word;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;

/**
 * Words of one line that stand together as a phrase does: with no gap between them much wider than
 * a space.
 *
 * @param words at least one, from left to right
 * @param box the box around them, in points
 */
public record Chunk(List<Word> words, Box box) {

  /** Gaps from this many type sizes on part two chunks: three times an ordinary space. */
  private static final double GAP = 0.8;

  /** Two figures beside each other are no phrase, however near they stand. */
  private static final double FIGURE_GAP = 0.2;

  private static final Pattern FIGURE = Pattern.compile("[-\u2212(]?\\d[\\d.,]*[)%*-]?");

  private static final String SIGNS = "-\u2212(";

  private static final Pattern UP_TO_THREE = Pattern.compile("[-\u2212(]?\\d{1,3}");

  private static final Pattern GROUP_OF_THREE = Pattern.compile("\\d{3}([.,]\\d+)?[)%*-]?");

  /** Keeps a copy of the words that cannot change. */
  public Chunk {
    words = List.copyOf(words);
  }

  /** The words with one space between them. */
  public String text() {
    return Word.join(words);
  }

  /** Whether all of it is bold. */
  public boolean isBold() {
    return words.stream().flatMap(w -> w.glyphs().stream()).allMatch(g -> g.face().bold());
  }

  static Chunk of(List<Word> words) {
    return new Chunk(words, around(words));
  }

  /** The box around words, in points; there is at least one. */
  public static Box around(List<Word> words) {
    return Box.around(words, Word::box);
  }

  /** Parts words of one line at wide gaps. */
  static List<Chunk> split(List<Word> words, double size) {
    List<Chunk> chunks = new ArrayList<>();
    List<Word> open = new ArrayList<>();
    for (Word word : words) {
      if (!open.isEmpty()) {
        Word before = open.get(open.size() - 1);
        double gap = word.box().left() - before.box().right();
        double least = areTwoFigures(before.text(), word.text()) ? FIGURE_GAP : GAP;
        if (gap >= least * size) {
          chunks.add(of(open));
          open.clear();
        }
      }
      open.add(word);
    }
    if (!open.isEmpty()) {
      chunks.add(of(open));
    }
    return chunks;
  }

  /** Whether two texts are figures, and not the parts of one with its thousands set off. */
  static boolean areTwoFigures(String left, String right) {
    return mayBeFigure(left)
        && mayBeFigure(right)
        && !isGroupedFigure(left, right)
        && FIGURE.matcher(left).matches()
        && FIGURE.matcher(right).matches();
  }

  /** A quick look at the first character, before patterns are tried. */
  private static boolean mayBeFigure(String text) {
    char first = text.isEmpty() ? ' ' : text.charAt(0);
    return first >= '0' && first <= '9' || SIGNS.indexOf(first) >= 0 || Character.isDigit(first);
  }

  /** Whether two texts are the parts of one figure with its thousands set off by a space. */
  public static boolean isGroupedFigure(String left, String right) {
    return mayBeFigure(left)
        && mayBeFigure(right)
        && GROUP_OF_THREE.matcher(right).matches()
        && UP_TO_THREE.matcher(left).matches();
  }
}
