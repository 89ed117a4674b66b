package dev.inlay.propose;

import dev.inlay.geom.Box;
import dev.inlay.page.Word;
import dev.inlay.propose.ColumnedLine.Part;
import java.util.ArrayList;
import java.util.List;
import java.util.function.ToDoubleFunction;

/**
 * Puts phrases together again that a gutter parts at an ordinary space by chance: a label over
 * several columns is one text, unless what stands behind the gutter keeps to its column's edge. And
 * parts a figure that keeps to its column's edge from the label that it comes near to, as wide bold
 * sums do.
 */
final class PhraseJoiner {

  /** Words of one phrase stand at most this far apart, in type sizes. */
  private static final double WIDEST_SPACE = 0.4;

  /** In even type spaces are wider: as wide as the narrowest of their line, */
  private static final double SAME_SPACE = 1.05;

  /** and at most this wide, in type sizes. */
  private static final double WIDEST_EVEN_SPACE = 0.65;

  private static final int MANY_WORDS = 5;

  /** Texts this near to each other begin or end at one edge, in type sizes. */
  private static final double SAME_EDGE = 0.2;

  /** An edge is kept to by at least this share of a column's texts. */
  private static final double EDGE_SHARE = 0.3;

  private static final int LEAST_AT_EDGE = 2;

  /** The lines of a heading keep an edge of their own, which the texts below may not share. */
  private static final int LINES_BESIDE = 2;

  /** They keep to it exactly, in type sizes. */
  private static final double EXACT = 0.03;

  private final List<ColumnedLine> lines;

  private PhraseJoiner(List<ColumnedLine> lines) {
    this.lines = lines;
  }

  /** The lines with such phrases as one part each. */
  static List<ColumnedLine> join(List<ColumnedLine> lines) {
    PhraseJoiner joiner = new PhraseJoiner(lines);
    return lines.stream().map(joiner::joined).toList();
  }

  private ColumnedLine joined(ColumnedLine line) {
    List<Part> parts = new ArrayList<>();
    for (Part part : line.parts().stream().flatMap(p -> parted(p, line).stream()).toList()) {
      Part before = parts.isEmpty() ? null : parts.get(parts.size() - 1);
      if (before != null && areOnePhrase(before, part, line)) {
        List<Word> words = new ArrayList<>(before.words());
        words.addAll(part.words());
        parts.set(parts.size() - 1, new Part(words, before.first(), part.last()));
      } else {
        parts.add(part);
      }
    }
    return new ColumnedLine(line.line(), parts);
  }

  /** A label with a figure behind it that ends where those of the next column do. */
  private List<Part> parted(Part part, ColumnedLine line) {
    int last = part.words().size() - 1;
    if (part.last() != part.first() + 1 || last < 1) {
      return List.of(part);
    }
    double size = line.line().line().size();
    Word figure = part.words().get(last);
    Part right = new Part(List.of(figure), part.last(), part.last());
    Part left = new Part(part.words().subList(0, last), part.first(), part.first());
    boolean apart = right.box().left() - left.box().right() > WIDEST_SPACE * size;
    boolean parted =
        apart
            && NumericTexts.isFigure(figure.text())
            && !NumericTexts.isFigure(left.text())
            && keepsEdge(right, right.last(), Box::right, line, size);
    return parted ? List.of(left, right) : List.of(part);
  }

  private boolean areOnePhrase(Part left, Part right, ColumnedLine line) {
    double size = line.line().line().size();
    double gap = right.box().left() - left.box().right();
    boolean space = gap <= WIDEST_SPACE * size || gap <= evenSpace(line, size);
    if (!space || NumericTexts.isFigure(right.text())) {
      return false;
    }
    return !keepsEdge(right, right.first(), Box::left, line, size)
        && !keepsEdge(right, right.last(), Box::right, line, size)
        && !keepsEdge(left, left.last(), Box::right, line, size);
  }

  /** The widest space of a line in even type, as wide as its letters are; 0 for other type. */
  private static double evenSpace(ColumnedLine line, double size) {
    List<Word> words = line.line().words();
    double narrowest = Double.POSITIVE_INFINITY;
    for (int i = 1; i < words.size(); i++) {
      double gap = words.get(i).box().left() - words.get(i - 1).box().right();
      narrowest = Math.min(narrowest, gap);
    }
    boolean even = words.size() >= MANY_WORDS && narrowest <= WIDEST_EVEN_SPACE * size;
    return even ? SAME_SPACE * narrowest : 0;
  }

  /** Whether other texts of a column begin, or end, where a part does. */
  private boolean keepsEdge(
      Part part, int column, ToDoubleFunction<Box> edge, ColumnedLine own, double size) {
    double place = edge.applyAsDouble(part.box());
    int here = lines.indexOf(own);
    int all = 0;
    int there = 0;
    int beside = 0;
    for (int i = 0; i < lines.size(); i++) {
      for (Part other : lines.get(i).parts()) {
        if (i != here && other.first() == column && other.last() == column) {
          double off = Math.abs(edge.applyAsDouble(other.box()) - place);
          all++;
          there += off < SAME_EDGE * size ? 1 : 0;
          beside += Math.abs(i - here) <= LINES_BESIDE && off < EXACT * size ? 1 : 0;
        }
      }
    }
    return there >= Math.max(LEAST_AT_EDGE, EDGE_SHARE * all)
        || beside >= LEAST_AT_EDGE
        || all < LEAST_AT_EDGE;
  }
}
