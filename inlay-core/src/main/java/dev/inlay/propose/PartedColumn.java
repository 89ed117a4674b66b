package dev.inlay.propose;

import dev.inlay.evidence.ChunkLine;
import dev.inlay.geom.Interval;
import dev.inlay.page.Word;
import java.util.ArrayList;
import java.util.List;

/** The texts of a column, parted at a place between their words. */
final class PartedColumn {

  /**
   * A row whose words in the column stand on both sides of the place.
   *
   * @param before at least one word
   * @param behind at least one word
   */
  record Parted(ChunkLine line, List<Word> before, List<Word> behind) {

    /** The white between the two, in points. */
    double gap() {
      return behind.get(0).box().left() - before.get(before.size() - 1).box().right();
    }

    /** The same in spaces of the row. */
    double spaces() {
      return gap() / Math.max(0.01, line.ordinarySpace());
    }
  }

  private final List<Parted> parted = new ArrayList<>();
  private final Interval bounds;
  private final double at;
  private final int lines;
  private int filled;
  private int crossed;

  /**
   * Parts the texts.
   *
   * @param records the rows
   * @param bounds of the column, in points
   * @param at where it is parted
   */
  PartedColumn(List<ChunkLine> records, Interval bounds, double at) {
    this.bounds = bounds;
    this.at = at;
    lines = records.size();
    records.forEach(this::add);
  }

  private void add(ChunkLine line) {
    List<Word> before = new ArrayList<>();
    List<Word> behind = new ArrayList<>();
    boolean crosses = false;
    for (Word word : line.words()) {
      if (word.box().right() > bounds.from() && word.box().left() < bounds.to()) {
        crosses |= word.box().left() < at && word.box().right() > at;
        (word.box().centreX() < at ? before : behind).add(word);
      }
    }
    filled += before.isEmpty() && behind.isEmpty() ? 0 : 1;
    crossed += crosses ? 1 : 0;
    if (!crosses && !before.isEmpty() && !behind.isEmpty()) {
      parted.add(new Parted(line, before, behind));
    }
  }

  boolean isPossible(int leastRows, double leastParted, double mostCrossed) {
    return parted.size() >= leastRows
        && parted.size() >= leastParted * filled
        && crossed <= mostCrossed * lines;
  }

  /** The rows that are parted. */
  List<Parted> parted() {
    return parted;
  }

  /** The share of the column's texts that are parted, 0 to 1. */
  double share() {
    return (double) parted.size() / Math.max(1, filled);
  }

  /** The share of all rows in which a word crosses the place, 0 to 1. */
  double crossed() {
    return (double) crossed / Math.max(1, lines);
  }

  /** The better of two places in one strip is the one that parts more rows and is crossed less. */
  double weight() {
    return parted.size() - 3 * crossed + Math.min(1, strip().length() / 100);
  }

  /** From the texts before the place to those behind it; the place alone where none is free. */
  Interval strip() {
    double from = -Double.MAX_VALUE;
    double to = Double.MAX_VALUE;
    for (Parted row : parted) {
      from = Math.max(from, row.before().get(row.before().size() - 1).box().right());
      to = Math.min(to, row.behind().get(0).box().left());
    }
    return from < to ? new Interval(from, to) : new Interval(at, at);
  }

  Interval bounds() {
    return bounds;
  }

  /** What is known of each row that is parted, for training. */
  List<HiddenGutter.Parted> rows() {
    List<HiddenGutter.Parted> rows = new ArrayList<>();
    for (Parted row : parted) {
      List<Word> words = row.line().words();
      int end = words.indexOf(row.behind().get(0));
      rows.add(new HiddenGutter.Parted(Word.join(words), Word.join(words.subList(0, end))));
    }
    return rows;
  }
}
