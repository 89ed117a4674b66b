package dev.inlay.propose;

import dev.inlay.evidence.ChunkLine;
import dev.inlay.geom.Interval;
import dev.inlay.page.Word;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;

/**
 * The first words of records, where they may be a column that stands hardly a space from the texts
 * behind it: these begin at one place, and so does a heading.
 */
final class FirstWords {

  /** Texts begin at one place within this many type sizes. */
  private static final double SAME_PLACE = 0.12;

  private final double size;
  private final List<String> texts = new ArrayList<>();
  private double right;
  private double left = Double.MAX_VALUE;
  private double furthest;

  /**
   * Gathers the words.
   *
   * @param records at least one
   * @param fits which first words count
   */
  FirstWords(List<ChunkLine> records, Predicate<String> fits) {
    size = records.get(0).line().size();
    for (ChunkLine line : records) {
      List<Word> words = line.words();
      if (words.size() > 1 && fits.test(words.get(0).text())) {
        texts.add(words.get(0).text());
        right = Math.max(right, words.get(0).box().right());
        left = Math.min(left, words.get(1).box().left());
        furthest = Math.max(furthest, words.get(1).box().left());
      }
    }
  }

  /** The words that count, in the order of the records. */
  List<String> texts() {
    return texts;
  }

  /**
   * The gutter behind them.
   *
   * @param headings the lines of the header
   * @param gutters those found so far
   * @return empty where texts or headings show none, or it is known
   */
  Optional<Interval> gutter(List<ChunkLine> headings, List<Interval> gutters) {
    boolean known = gutters.stream().anyMatch(g -> g.from() < left);
    boolean onePlace = furthest - left < SAME_PLACE * size && right < left;
    return !known && onePlace && isHeaded(headings)
        ? Optional.of(new Interval(right, left))
        : Optional.empty();
  }

  /** Whether a heading begins where the texts do, and another stands before it. */
  private boolean isHeaded(List<ChunkLine> headings) {
    return headings.stream()
        .flatMap(line -> line.words().stream().skip(1))
        .anyMatch(word -> Math.abs(word.box().left() - left) < SAME_PLACE * size);
  }
}
