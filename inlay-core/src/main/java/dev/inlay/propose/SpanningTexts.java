package dev.inlay.propose;

import dev.inlay.evidence.Chunk;
import dev.inlay.geom.Interval;
import dev.inlay.page.Word;
import dev.inlay.propose.ColumnedLine.Part;
import dev.inlay.text.TextShape;
import java.util.ArrayList;
import java.util.List;

/**
 * Finds texts of a record that stand over several columns of figures, as "not recorded" instead of
 * the figures: words at ordinary spaces that reach over a gutter, set in the middle of some columns
 * that are empty otherwise.
 */
final class SpanningTexts {

  /** A column holds figures where at least this share of its texts are some. */
  private static final double FIGURES = 0.6;

  /** A column shows what it holds in at least this many texts. */
  private static final int LEAST_TEXTS = 2;

  /** The middle of the text lies this near to that of the columns, in type sizes. */
  private static final double CENTRED = 0.5;

  /** A text and the columns that it stands over, from 0. */
  record Spanning(List<Word> words, int first, int last) {}

  private final List<Interval> gutters;
  private final List<Interval> columns;
  private final boolean[] figures;

  /**
   * Looks at the columns.
   *
   * @param lines those below the header
   * @param gutters between the columns
   * @param columns the stretches between boundaries
   */
  SpanningTexts(List<ColumnedLine> lines, List<Interval> gutters, List<Interval> columns) {
    this.gutters = gutters;
    this.columns = columns;
    figures = new boolean[columns.size()];
    int[] all = new int[columns.size()];
    int[] values = new int[columns.size()];
    for (ColumnedLine line : lines) {
      for (Part part : line.parts()) {
        if (!part.spans()) {
          all[part.first()]++;
          values[part.first()] += TextShape.of(part.text()).isValue() ? 1 : 0;
        }
      }
    }
    for (int c = 0; c < figures.length; c++) {
      figures[c] = all[c] >= LEAST_TEXTS && values[c] >= FIGURES * all[c];
    }
  }

  /** The spanning texts of a line. */
  List<Spanning> in(ColumnedLine line) {
    List<Spanning> found = new ArrayList<>();
    for (Chunk chunk : line.line().chunks()) {
      Spanning spanning = TextShape.of(chunk.text()) == TextShape.WORDS ? over(chunk, line) : null;
      if (spanning != null) {
        found.add(spanning);
      }
    }
    return found;
  }

  private Spanning over(Chunk chunk, ColumnedLine line) {
    int first = OpenFrame.columnAt(chunk.box().left(), gutters);
    int last = OpenFrame.columnAt(chunk.box().right(), gutters);
    Spanning best = null;
    double nearest = CENTRED * line.line().line().size();
    for (int a = first; last > first && a >= 0 && isFree(a, chunk, line); a--) {
      for (int b = last; b < columns.size() && isFree(b, chunk, line); b++) {
        double middle = (columns.get(a).from() + columns.get(b).to()) / 2;
        double off = Math.abs(chunk.box().centreX() - middle);
        if (off < nearest && allFree(a, b, chunk, line)) {
          nearest = off;
          best = new Spanning(chunk.words(), a, b);
        }
      }
    }
    return best;
  }

  private boolean allFree(int from, int to, Chunk chunk, ColumnedLine line) {
    for (int c = from; c <= to; c++) {
      if (!isFree(c, chunk, line)) {
        return false;
      }
    }
    return true;
  }

  /** Whether a column of figures has no other text in a line. */
  private boolean isFree(int column, Chunk chunk, ColumnedLine line) {
    return figures[column]
        && line.line().chunks().stream()
            .noneMatch(p -> p != chunk && OpenFrame.columnAt(p.box().centreX(), gutters) == column);
  }
}
