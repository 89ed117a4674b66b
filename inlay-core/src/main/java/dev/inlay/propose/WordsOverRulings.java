package dev.inlay.propose;

import dev.inlay.page.Glyph;
import dev.inlay.page.Turn;
import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Words that are too long for their cell and run over the ruling into the next one, perhaps over
 * what is printed there: their characters follow each other in the file without a gap, so that the
 * whole word belongs where most of it stands.
 */
final class WordsOverRulings {

  /** Characters of a word follow each other this closely, in type sizes. */
  private static final double CLOSE = 0.1;

  /**
   * From one column to the next they follow still closer: what begins in the next column may touch
   * a word that just fills its cell.
   */
  private static final double CLOSE_OVER_RULING = 0.02;

  private final Boundaries betweenColumns;
  private final Map<Glyph, Integer> homes = new IdentityHashMap<>();
  private final Set<Glyph> atHome = Collections.newSetFromMap(new IdentityHashMap<>());

  private WordsOverRulings(Boundaries betweenColumns) {
    this.betweenColumns = betweenColumns;
  }

  /**
   * Finds such words.
   *
   * @param glyphs of a frame from top to bottom, those of one height in the order of the file
   */
  static WordsOverRulings of(List<Glyph> glyphs, Boundaries betweenColumns) {
    WordsOverRulings words = new WordsOverRulings(betweenColumns);
    int start = 0;
    for (int i = 1; i <= glyphs.size(); i++) {
      if (i == glyphs.size() || !words.goesOn(glyphs.get(i - 1), glyphs.get(i))) {
        words.addWord(glyphs.subList(start, i));
        start = i;
      }
    }
    return words;
  }

  /** The column of a character: that of its word, or else the one in which it stands. */
  int home(Glyph glyph, int column) {
    return homes.getOrDefault(glyph, column);
  }

  /** Whether no doubt is where a character belongs: most of its word stands in one cell. */
  boolean isAtHome(Glyph glyph) {
    return atHome.contains(glyph);
  }

  private boolean goesOn(Glyph before, Glyph glyph) {
    double gap = Math.abs(glyph.box().left() - before.box().right());
    double most = column(before) == column(glyph) ? CLOSE : CLOSE_OVER_RULING;
    return !before.isBlank()
        && !glyph.isBlank()
        && before.turn() == Turn.UPRIGHT
        && glyph.turn() == Turn.UPRIGHT
        && before.baseline() == glyph.baseline()
        && gap < most * glyph.size();
  }

  private void addWord(List<Glyph> word) {
    int first = column(word.get(0));
    int last = column(word.get(word.size() - 1));
    int home = first;
    for (int c = first; c <= last; c++) {
      home = count(word, c) > count(word, home) ? c : home;
    }
    if (first >= 0 && last > first) {
      for (Glyph glyph : word) {
        homes.put(glyph, home);
      }
    }
    if (home >= 0 && 2 * uncut(word, home) > word.size()) {
      atHome.addAll(word);
    }
  }

  /** How many characters of a word stand in a column as a whole. */
  private long uncut(List<Glyph> word, int column) {
    double left = betweenColumns.places().get(column);
    double right = betweenColumns.places().get(column + 1);
    return word.stream().filter(g -> g.box().left() >= left && g.box().right() <= right).count();
  }

  private int column(Glyph glyph) {
    return betweenColumns.gapAt(glyph.box().centreX());
  }

  private long count(List<Glyph> word, int column) {
    return word.stream().filter(g -> column(g) == column).count();
  }
}
