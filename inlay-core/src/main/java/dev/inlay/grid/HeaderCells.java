package dev.inlay.grid;

import dev.inlay.find.Piece;
import dev.inlay.find.PieceLine;
import dev.inlay.find.Ruling;
import dev.inlay.geom.Interval;
import dev.inlay.grid.HeadingLine.Placed;
import dev.inlay.page.Glyph;
import dev.inlay.page.TextLine;
import dev.inlay.page.Word;
import java.util.ArrayList;
import java.util.List;

/**
 * The headings of an open frame. Words of a wrapped heading are one cell; a heading that reaches
 * over several columns is a spanner, a level above those below it.
 */
final class HeaderCells {

  /** A ruling over this share of the table's width parts rows, and tells no spanner. */
  private static final double WHOLE = 0.95;

  /** The lines of a heading stand at most this many type sizes above its ruling. */
  private static final double ABOVE_RULING = 2.8;

  /** An ordinary space, in type sizes. */
  private static final double ORDINARY_SPACE = 0.28;

  /** In type of even width all characters are equally wide, to this many points. */
  private static final double SAME_WIDTH = 0.1;

  /**
   * A heading.
   *
   * @param words its words, line by line
   * @param first the first column it stands over, from 0
   * @param last the last column
   * @param level 0 for the uppermost
   * @param lowest whether no heading stands below it
   */
  record Head(List<Word> words, int first, int last, int level, boolean lowest) {

    int rowSpan(int levels) {
      return lowest ? levels - level : 1;
    }
  }

  private static final class Draft {
    final List<Word> words = new ArrayList<>();
    final int first;
    final int last;
    int level;
    boolean lowest = true;

    Draft(int first, int last) {
      this.first = first;
      this.last = last;
    }
  }

  private final List<Draft> drafts = new ArrayList<>();
  private int levels;

  /**
   * Places the headings.
   *
   * @param lines those of the header, from top to bottom
   * @param turned headings turned by a quarter; each stands over one column
   * @param columns the stretches between boundaries
   * @param texts the stretches that the texts of each column fill
   * @param rulings those that cross the frame
   */
  HeaderCells(
      List<PieceLine> lines,
      List<TextLine> turned,
      List<Interval> columns,
      List<Interval> texts,
      List<Ruling> rulings) {
    HeadingColumns headed = new HeadingColumns(columns, texts);
    double whole = columns.get(columns.size() - 1).to() - columns.get(0).from();
    List<Ruling> parts =
        rulings.stream()
            .filter(r -> r.extent().length() < WHOLE * whole && isBelowOneText(r, lines))
            .toList();
    List<List<Placed>> placed = new ArrayList<>();
    for (TextLine line : turned) {
      int at = headed.at(line.box().centreX());
      headed.add(line.box().horizontal(), line.text(), 0, at, at);
    }
    for (PieceLine line : lines) {
      line.pieces().forEach(p -> headed.noteTextAt(p.box().centreX()));
    }
    for (int i = lines.size() - 1; i >= 0; i--) {
      List<Placed> own = HeadingLine.place(lines.get(i), headed, parts, space(lines.get(i)));
      for (Placed one : own) {
        Interval extent = Piece.around(one.words()).horizontal();
        double firstWord = one.words().get(0).box().width();
        headed.add(extent, text(one.words()), firstWord, one.first(), one.last());
      }
      placed.add(0, own);
    }
    Draft[] open = new Draft[columns.size()];
    for (TextLine line : turned) {
      int at = headed.at(line.box().centreX());
      place(new Placed(line.words(), at, at), open);
    }
    placed.forEach(line -> line.forEach(one -> place(one, open)));
    for (Draft draft : drafts) {
      levels = Math.max(levels, draft.level + 1);
    }
  }

  /** Whether only one text stands right above a ruling: then it may be its spanner. */
  private static boolean isBelowOneText(Ruling ruling, List<PieceLine> lines) {
    Interval over = null;
    for (PieceLine line : lines) {
      double above = ruling.at() - line.line().baseline();
      for (Piece piece : line.pieces()) {
        Interval extent = piece.box().horizontal();
        boolean near = above > 0 && above < ABOVE_RULING * line.line().size();
        if (near && ruling.extent().overlap(extent) > extent.length() / 2) {
          if (over != null && over.overlap(extent) <= 0) {
            return false;
          }
          over = over == null ? extent : over.union(extent);
        }
      }
    }
    return over != null;
  }

  private static String text(List<Word> words) {
    return String.join(" ", words.stream().map(Word::text).toList());
  }

  /** The width of an ordinary space in the type of a line, in points. */
  private static double space(PieceLine line) {
    double least = Double.MAX_VALUE;
    double most = 0;
    for (Word word : line.words()) {
      for (Glyph glyph : word.glyphs()) {
        least = Math.min(least, glyph.box().width());
        most = Math.max(most, glyph.box().width());
      }
    }
    boolean even = most - least < SAME_WIDTH && line.words().size() > 1;
    return even ? most : ORDINARY_SPACE * line.line().size();
  }

  /** Adds a heading to the one of the same reach above it, or begins one below those. */
  private void place(Placed part, Draft[] open) {
    int first = part.first();
    int last = part.last();
    Draft above = open[first];
    boolean same = above != null && above.first == first && above.last == last;
    if (!same) {
      Draft fresh = new Draft(first, last);
      for (int c = first; c <= last; c++) {
        if (open[c] != null) {
          fresh.level = Math.max(fresh.level, open[c].level + 1);
          open[c].lowest = false;
        }
        open[c] = fresh;
      }
      drafts.add(fresh);
      above = fresh;
    }
    above.words.addAll(part.words());
  }

  /** How many rows the header has. */
  int levels() {
    return levels;
  }

  /** The headings, level by level in each column. */
  List<Head> heads() {
    return drafts.stream()
        .map(d -> new Head(List.copyOf(d.words), d.first, d.last, d.level, d.lowest))
        .toList();
  }
}
