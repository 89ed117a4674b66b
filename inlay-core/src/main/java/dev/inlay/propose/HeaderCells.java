package dev.inlay.propose;

import dev.inlay.evidence.ChunkLine;
import dev.inlay.page.TextLine;
import dev.inlay.page.Word;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * The headings of an open frame. Words of a wrapped heading are one cell; a heading that reaches
 * over several columns is a spanner, a level above those below it.
 */
final class HeaderCells {

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

  /** A ruling over this share of the table's width is one of the whole table. */
  private static final double WHOLE = 0.95;

  /** A text this near to the middle of a ruling, in type sizes, is centred over it. */
  private static final double IN_MIDDLE = 0.5;

  /** No ordinary space is wider, in type sizes. */
  private static final double SPACE = 0.5;

  private final List<Draft> drafts = new ArrayList<>();
  private int levels;
  private double certainty = 1;

  /** Places the headings. */
  HeaderCells(HeaderLayout layout) {
    List<List<Heading>> placed = new ArrayList<>();
    boolean title = isTitle(layout);
    for (int i = layout.lines().size() - 1; i >= (title ? 1 : 0); i--) {
      HeadingLine line = new HeadingLine(layout, i, placed);
      placed.add(0, line.best(HeadingModel.trained()));
      certainty = Math.min(certainty, line.probability());
    }
    Draft[] open = new Draft[layout.columns().size()];
    if (title) {
      List<Word> words = layout.lines().get(0).line().words();
      placed.add(0, List.of(new Heading(words, 0, open.length - 1)));
    }
    for (TextLine line : layout.turned()) {
      int at = layout.columnAt(line.box().centreX());
      place(new Heading(line.words(), at, at), open, false);
    }
    for (List<Heading> line : placed) {
      boolean numbers = ColumnNumbers.are(line, open.length);
      line.forEach(one -> place(one, open, numbers));
    }
    for (Draft draft : drafts) {
      levels = Math.max(levels, draft.level + 1);
    }
  }

  /**
   * Whether the first line is a title over all columns: one text in the middle between a ruling
   * above it and one that parts it from the headings below. The middle may lie over a gutter, or
   * over one column.
   */
  private static boolean isTitle(HeaderLayout layout) {
    ChunkLine first = layout.lines().isEmpty() ? null : layout.lines().get(0);
    if (first == null || !isPhrase(first)) {
      return false;
    }
    double middle = first.box().centreY();
    double below =
        layout.lines().size() > 1
            ? layout.lines().get(1).box().centreY()
            : first.box().bottom() + first.line().size();
    return isCentredAt(layout, first, 0, middle) && isCentredAt(layout, first, middle, below);
  }

  /** Whether a line stands in the middle of a ruling over the whole table between two heights. */
  private static boolean isCentredAt(HeaderLayout layout, ChunkLine line, double from, double to) {
    return layout.rulings().stream()
        .filter(r -> r.isDrawn() && r.at() > from && r.at() < to)
        .filter(r -> r.extent().length() >= WHOLE * layout.width())
        .anyMatch(
            r ->
                Math.abs(r.extent().middle() - line.box().centreX())
                    < IN_MIDDLE * line.line().size());
  }

  /** Whether only ordinary spaces stand between the words of a line, be there a gutter or not. */
  private static boolean isPhrase(ChunkLine line) {
    List<Word> words = line.line().words();
    for (int w = 1; w < words.size(); w++) {
      double gap = words.get(w).box().left() - words.get(w - 1).box().right();
      if (gap > SPACE * line.line().size()) {
        return false;
      }
    }
    return true;
  }

  /**
   * Adds a heading to the one of the same reach above it, or begins one below those.
   *
   * @param alone whether it is no part of the one above it
   */
  private void place(Heading part, Draft[] open, boolean alone) {
    int first = part.first();
    int last = part.last();
    Draft above = open[first];
    boolean same = above != null && above.first == first && above.last == last;
    if (!same || alone) {
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
    above.words.addAll(withoutDashes(part.words()));
  }

  /**
   * The words of a heading without the dashes that show how far it reaches: on both sides, or
   * several on one, where those on the other are a rule.
   */
  static List<Word> withoutDashes(List<Word> words) {
    int last = words.size() - 1;
    boolean between =
        last > 1 && Heading.isDashes(words.get(0)) && Heading.isDashes(words.get(last));
    if (between) {
      return words.subList(1, last);
    }
    int from = last > 0 && areDashes(words.get(0)) ? 1 : 0;
    int to = last > 0 && areDashes(words.get(last)) ? last : last + 1;
    return from < to ? words.subList(from, to) : words;
  }

  private static boolean areDashes(Word word) {
    return word.text().length() > 1 && Heading.isDashes(word);
  }

  /** How probable the least sure placing of a line is, 0 to 1. */
  double certainty() {
    return certainty;
  }

  /** How many rows the header has. */
  int levels() {
    return levels;
  }

  /** The headings as cells, level by level, from left to right. */
  List<List<Cell>> rows() {
    List<List<Cell>> rows = new ArrayList<>();
    for (int level = 0; level < levels; level++) {
      rows.add(new ArrayList<>());
    }
    for (Head head : heads()) {
      int columns = head.last() - head.first() + 1;
      rows.get(head.level())
          .add(
              Cell.ofWords(
                  head.level(), head.first(), head.rowSpan(levels), columns, head.words()));
    }
    rows.forEach(r -> r.sort(Comparator.comparingInt(Cell::column)));
    return rows;
  }

  /** The headings, level by level in each column. */
  List<Head> heads() {
    return drafts.stream()
        .map(d -> new Head(List.copyOf(d.words), d.first, d.last, d.level, d.lowest))
        .toList();
  }
}
