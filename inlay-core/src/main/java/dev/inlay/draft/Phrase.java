package dev.inlay.draft;

import dev.inlay.geom.Box;
import dev.inlay.rows.PageLine;
import dev.inlay.rows.PageLine.LineWord;
import java.util.ArrayList;
import java.util.List;

/**
 * Words of a line that stand together.
 *
 * @param text the words with one space between them
 * @param box around them, in points
 */
record Phrase(String text, Box box) {

  /** A wider gap parts phrases, in heights of the smaller of the words beside it. */
  private static final double PHRASE_GAP = 1.5;

  /** So does a gap wider than a space, where the type on both sides differs in size. */
  private static final double GAP_BETWEEN_SIZES = 0.5;

  /** Type of one size differs by less than this share of its height. */
  private static final double SAME_SIZE = 0.1;

  private static final int MOST_WORDS_OF_LABEL = 4;

  /** The phrases of a line, from left to right. */
  static List<Phrase> of(PageLine line) {
    List<Phrase> phrases = new ArrayList<>();
    StringBuilder text = new StringBuilder();
    Box box = null;
    double height = 0;
    for (LineWord word : line.words()) {
      double own = word.box().height();
      boolean sameSize = Math.abs(own - height) <= SAME_SIZE * Math.max(own, height);
      double least = (sameSize ? PHRASE_GAP : GAP_BETWEEN_SIZES) * Math.min(height, own);
      height = own;
      if (box != null && word.box().left() - box.right() > least) {
        phrases.add(new Phrase(text.toString(), box));
        text.setLength(0);
        box = null;
      }
      text.append(text.isEmpty() ? "" : " ").append(word.text());
      box = box == null ? word.box() : box.union(word.box());
    }
    if (box != null) {
      phrases.add(new Phrase(text.toString(), box));
    }
    return phrases;
  }

  /** Whether it may be a label without a colon: few words, and no figures. */
  boolean mayBeLabel() {
    return Character.isLetter(text.codePointAt(0))
        && text.chars().noneMatch(Character::isDigit)
        && text.split(" ").length <= MOST_WORDS_OF_LABEL;
  }
}
