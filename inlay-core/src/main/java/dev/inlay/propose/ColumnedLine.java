package dev.inlay.propose;

import dev.inlay.evidence.Chunk;
import dev.inlay.evidence.ChunkLine;
import dev.inlay.geom.Box;
import dev.inlay.geom.Interval;
import dev.inlay.page.Word;
import java.util.ArrayList;
import java.util.List;

/**
 * The texts of one line, each with the columns that it stands in.
 *
 * @param line the line
 * @param parts from left to right
 */
record ColumnedLine(ChunkLine line, List<Part> parts) {

  /**
   * Words that stand together in one column or reach over several.
   *
   * @param words at least one
   * @param box the box around them, in points
   * @param first the first column, from 0
   * @param last the last column
   */
  record Part(List<Word> words, Box box, int first, int last) {

    Part(List<Word> words, int first, int last) {
      this(words, Chunk.around(words), first, last);
    }

    String text() {
      return Word.join(words);
    }

    boolean spans() {
      return last > first;
    }
  }

  /** A gap that covers a gutter but for this many type sizes parts two cells. */
  private static final double SLACK = 0.1;

  /** The parts of a line where a person gave the gutters: each word stands in one column. */
  static ColumnedLine ofGiven(ChunkLine line, List<Interval> gutters) {
    List<Part> parts = new ArrayList<>();
    for (Word word : line.words()) {
      int column = OpenFrame.columnAt(word.box().centreX(), gutters);
      Part before = parts.isEmpty() ? null : parts.get(parts.size() - 1);
      if (before != null && before.first() == column) {
        List<Word> words = new ArrayList<>(before.words());
        words.add(word);
        parts.set(parts.size() - 1, new Part(words, column, column));
      } else {
        parts.add(new Part(List.of(word), column, column));
      }
    }
    return new ColumnedLine(line, parts);
  }

  static ColumnedLine of(ChunkLine line, List<Interval> gutters) {
    List<Part> parts = byGutters(line, gutters);
    return new ColumnedLine(line, namesEach(line, parts, gutters) ? inOrder(line) : parts);
  }

  /**
   * Whether a line of words that the gutters put together has as many texts as there are columns:
   * headings that stand at the left of figures which end at the right.
   */
  private static boolean namesEach(ChunkLine line, List<Part> parts, List<Interval> gutters) {
    return line.chunks().size() == gutters.size() + 1
        && parts.size() < line.chunks().size()
        && line.chunks().stream().noneMatch(p -> NumericTexts.isFigure(p.text()));
  }

  /** One text in each column, wherever it stands. */
  private static List<Part> inOrder(ChunkLine line) {
    List<Part> parts = new ArrayList<>();
    for (Chunk chunk : line.chunks()) {
      parts.add(new Part(chunk.words(), parts.size(), parts.size()));
    }
    return parts;
  }

  private static List<Part> byGutters(ChunkLine line, List<Interval> gutters) {
    List<Part> parts = new ArrayList<>();
    for (Chunk chunk : line.chunks()) {
      List<Word> open = new ArrayList<>();
      for (Word word : chunk.words()) {
        if (!open.isEmpty() && isGutterBetween(open.get(open.size() - 1), word, gutters)) {
          add(open, gutters, parts);
          open = new ArrayList<>();
        }
        open.add(word);
      }
      add(open, gutters, parts);
    }
    return parts;
  }

  private static boolean isGutterBetween(Word left, Word right, List<Interval> gutters) {
    double slack = SLACK * left.glyphs().get(0).size();
    return gutters.stream()
        .anyMatch(
            g -> left.box().right() <= g.from() + slack && right.box().left() >= g.to() - slack);
  }

  /** Adds words as a part, or to the part before where both stand in the same one column. */
  private static void add(List<Word> words, List<Interval> gutters, List<Part> parts) {
    Box box = Chunk.around(words);
    Part part =
        new Part(
            words,
            OpenFrame.columnAt(box.left(), gutters),
            OpenFrame.columnAt(box.right(), gutters));
    Part before = parts.isEmpty() ? null : parts.get(parts.size() - 1);
    if (before != null && onlyIntrudes(before, part, gutters)) {
      parts.set(
          parts.size() - 1,
          new Part(before.words(), before.box(), before.first(), before.last() - 1));
      parts.add(part);
    } else if (before != null && before.last() == part.first()) {
      List<Word> joined = new ArrayList<>(before.words());
      joined.addAll(words);
      parts.set(parts.size() - 1, new Part(joined, before.first(), part.last()));
    } else {
      parts.add(part);
    }
  }

  /**
   * Whether a text reaches less far into the column of the next text than the white between them is
   * wide: a reader sees two texts in two columns.
   */
  private static boolean onlyIntrudes(Part before, Part next, List<Interval> gutters) {
    if (!before.spans() || before.last() != next.first()) {
      return false;
    }
    double columnBegins = gutters.get(before.last() - 1).to();
    double gap = next.box().left() - before.box().right();
    return gap > before.box().right() - columnBegins;
  }

  /**
   * The column that a part of a record belongs to: of those it reaches over, the one it fills most.
   */
  static int home(Part part, List<Interval> columns) {
    int home = part.first();
    for (int c = part.first(); c <= part.last(); c++) {
      double here = part.box().horizontal().overlap(columns.get(c));
      if (here > part.box().horizontal().overlap(columns.get(home))) {
        home = c;
      }
    }
    return home;
  }
}
