package dev.inlay.propose;

import dev.inlay.evidence.ChunkLine;
import dev.inlay.geom.Interval;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;

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
    FirstWords codes = new FirstWords(records, CodeColumn::isCode);
    int coded = codes.texts().size();
    boolean shown =
        coded >= LEAST_RECORDS
            && coded >= NEARLY_ALL * records.size()
            && new HashSet<>(codes.texts()).size() >= NEARLY_ALL * coded;
    return shown ? codes.gutter(headings, gutters) : Optional.empty();
  }

  /** Whether a word has digits, and no letters but capital ones. */
  private static boolean isCode(String word) {
    return word.length() >= LEAST_LETTERS
        && word.chars().anyMatch(Character::isDigit)
        && word.chars().noneMatch(Character::isLowerCase);
  }
}
