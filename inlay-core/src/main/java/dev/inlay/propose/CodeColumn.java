package dev.inlay.propose;

import dev.inlay.evidence.ChunkLine;
import dev.inlay.geom.Interval;
import dev.inlay.page.Word;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Finds the gutter behind a first column of codes that stands hardly a space from the texts behind
 * it, as in listings: every row has a code of its own there, the texts behind begin at one place,
 * and so does a heading.
 */
final class CodeColumn {

  /** In fewer records codes and texts may line up by chance. */
  private static final int LEAST_RECORDS = 8;

  /** Of the records this share begins with a code, and of the codes this share is met once. */
  private static final double NEARLY_ALL = 0.9;

  /** Texts begin at one place within this many type sizes. */
  private static final double SAME_PLACE = 0.12;

  /** Shorter words are abbreviations or numbers of items. */
  private static final int LEAST_LETTERS = 3;

  private CodeColumn() {}

  /**
   * The gutter behind the codes.
   *
   * @param headings the lines of the header
   * @param records the lines that begin or continue records
   * @param gutters those found so far, from left to right
   * @return empty where there is no such column, or its gutter is known
   */
  static Optional<Interval> gutter(
      List<ChunkLine> headings, List<ChunkLine> records, List<Interval> gutters) {
    Set<String> codes = new HashSet<>();
    int coded = 0;
    double right = 0;
    double left = Double.MAX_VALUE;
    double furthest = 0;
    for (ChunkLine line : records) {
      List<Word> words = line.words();
      if (words.size() < 2 || !isCode(words.get(0).text())) {
        continue;
      }
      coded++;
      codes.add(words.get(0).text());
      right = Math.max(right, words.get(0).box().right());
      left = Math.min(left, words.get(1).box().left());
      furthest = Math.max(furthest, words.get(1).box().left());
    }
    if (coded < LEAST_RECORDS
        || coded < NEARLY_ALL * records.size()
        || codes.size() < NEARLY_ALL * coded) {
      return Optional.empty();
    }
    double size = records.get(0).line().size();
    double end = left;
    boolean known = gutters.stream().anyMatch(g -> g.from() < end);
    boolean onePlace = furthest - left < SAME_PLACE * size && right < left;
    return !known && onePlace && NumberColumn.isHeaded(headings, left, size)
        ? Optional.of(new Interval(right, left))
        : Optional.empty();
  }

  /** Whether a word has digits, and no letters but capital ones. */
  private static boolean isCode(String word) {
    return word.length() >= LEAST_LETTERS
        && word.chars().anyMatch(Character::isDigit)
        && word.chars().noneMatch(Character::isLowerCase);
  }
}
