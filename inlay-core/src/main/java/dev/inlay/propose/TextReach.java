package dev.inlay.propose;

import dev.inlay.evidence.Chunk;
import dev.inlay.geom.Box;
import dev.inlay.page.Word;
import dev.inlay.propose.ColumnedLine.Part;
import java.util.ArrayList;
import java.util.List;

/**
 * One text of a row, and the columns that it may stand over: as its words stand, or the first of
 * them as one cell over some of the columns around them that hold nothing else.
 *
 * @param parts the text's, one for each column that its words stand in
 * @param freeFrom the first column from which on nothing stands before it
 * @param freeTo the last column up to which nothing stands behind it
 * @param candidates all reaches, the way its words stand first
 */
record TextReach(List<Part> parts, int freeFrom, int freeTo, List<Reach> candidates) {

  /** No text stands over more columns than this beyond its own; wider tables only cost time. */
  private static final int MOST_BESIDE = 20;

  static TextReach of(List<Part> parts, int freeFrom, int freeTo) {
    int first = parts.get(0).first();
    List<Reach> reaches = new ArrayList<>();
    reaches.add(new Reach(first, parts.get(parts.size() - 1).last(), 0));
    for (int count = 1; count <= parts.size(); count++) {
      int own = parts.get(count - 1).last();
      int to = freeTo(parts, count, freeTo);
      for (int a = first; a >= Math.max(freeFrom, first - MOST_BESIDE); a--) {
        for (int b = own; b <= Math.min(to, own + MOST_BESIDE); b++) {
          if (b > a) {
            reaches.add(new Reach(a, b, count));
          }
        }
      }
    }
    return new TextReach(parts, freeFrom, freeTo, reaches);
  }

  /** The last column that a cell of some first parts may reach to. */
  private static int freeTo(List<Part> parts, int count, int freeTo) {
    return count < parts.size() ? parts.get(count).first() - 1 : freeTo;
  }

  /** The last column that the cell of a reach may reach to. */
  int freeTo(Reach reach) {
    return reach.spans() ? freeTo(parts, reach.parts(), freeTo) : freeTo;
  }

  /** The last part of the cell of a reach; the first part where no cell reaches over several. */
  Part lastPart(Reach reach) {
    return parts.get(Math.max(1, reach.parts()) - 1);
  }

  /** The words that stand over the columns of a reach; all where none does. */
  List<Word> words(Reach reach) {
    int count = reach.spans() ? reach.parts() : parts.size();
    return parts.subList(0, count).stream().flatMap(p -> p.words().stream()).toList();
  }

  /** The box around them, in points. */
  Box box(Reach reach) {
    return Chunk.around(words(reach));
  }
}
