package dev.inlay.propose;

import dev.inlay.geom.Box;
import dev.inlay.page.Word;
import dev.inlay.propose.ColumnedLine.Part;
import dev.inlay.text.TextShape;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;

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

  /** A value is a number, its thousands set off or not, and its unit or currency. */
  private static final int WORDS_OF_VALUE = 3;

  /** Texts this near to each other begin or end at one edge, in type sizes. */
  private static final double SAME_EDGE = 0.2;

  /** An edge is kept to by at least this share of a column's texts. */
  private static final double EDGE_SHARE = 0.3;

  private static final int LEAST_AT_EDGE = 2;

  /** The lines of a heading keep an edge of their own, which the texts below may not share. */
  private static final int LINES_BESIDE = 2;

  /** They keep to it exactly, in type sizes. */
  private static final double EXACT = 0.03;

  /** As many lines that begin alike show whether they are phrases. */
  private static final int MOST_ASKED = 20;

  private final List<ColumnedLine> lines;

  /** Whether what begins alike before a gutter is one phrase with what stands behind it. */
  private final Map<String, Boolean> phrases = new HashMap<>();

  private PhraseJoiner(List<ColumnedLine> lines) {
    this.lines = lines;
  }

  /** The lines with such phrases as one part each. */
  static List<ColumnedLine> join(List<ColumnedLine> lines) {
    PhraseJoiner joiner = new PhraseJoiner(lines);
    return IntStream.range(0, lines.size()).mapToObj(joiner::joined).toList();
  }

  private ColumnedLine joined(int here) {
    ColumnedLine line = lines.get(here);
    List<Part> parts = new ArrayList<>();
    for (Part part : line.parts().stream().flatMap(p -> parted(p, here).stream()).toList()) {
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

  /** A label with a value behind it that begins or ends where those of the next column do. */
  private List<Part> parted(Part part, int here) {
    ColumnedLine line = lines.get(here);
    // The label of a sum may stand within the column of its figure, which is wider than others.
    boolean within = part.first() == part.last() && part.first() > 0 && line.parts().size() == 1;
    if (!within && part.last() != part.first() + 1) {
      return List.of(part);
    }
    int column = part.last() - 1;
    double size = line.line().line().size();
    int count = part.words().size();
    for (int from = count - 1; from > 0 && from >= count - WORDS_OF_VALUE; from--) {
      Part value = new Part(part.words().subList(from, count), part.last(), part.last());
      Part label = new Part(part.words().subList(0, from), column, column);
      boolean apart = value.box().left() - label.box().right() > WIDEST_SPACE * size;
      if (apart
          && isData(value.text())
          && !NumericTexts.isFigure(label.text())
          && isAtEdge(value, here, size)) {
        return List.of(label, value);
      }
    }
    return List.of(part);
  }

  private static boolean isData(String text) {
    TextShape shape = TextShape.of(text);
    return shape.isValue() && shape != TextShape.MARK;
  }

  private boolean isAtEdge(Part value, int here, double size) {
    BitSet none = new BitSet();
    return (keepsEdge(value, value.last(), Box::right, here, size, none)
            || keepsEdge(value, value.last(), Box::left, here, size, none))
        && holdsData(value.last());
  }

  private boolean holdsData(int column) {
    int all = 0;
    int data = 0;
    for (ColumnedLine line : lines) {
      for (Part part : line.parts()) {
        if (part.first() == column && part.last() == column) {
          all++;
          data += isData(part.text()) ? 1 : 0;
        }
      }
    }
    return 2 * data >= all;
  }

  /**
   * Whether parts on both sides of a gutter are one phrase. Where other lines begin with the same
   * words at an ordinary space, as labels of sums do, they show no edges, and all are decided
   * alike.
   */
  private boolean areOnePhrase(Part left, Part right, ColumnedLine line) {
    if (!standAtSpace(left, right, line) || NumericTexts.isFigure(right.text())) {
      return false;
    }
    String pair = left.last() + " " + right.first() + " " + left.text();
    return phrases.computeIfAbsent(pair, p -> areMostlyPhrases(left, right));
  }

  private boolean areMostlyPhrases(Part left, Part right) {
    BitSet alike = new BitSet();
    List<Part[]> pairs = new ArrayList<>();
    for (int i = 0; i < lines.size(); i++) {
      Part[] pair = pairAtSpace(lines.get(i), left, right);
      if (pair != null) {
        alike.set(i);
        pairs.add(pair);
      }
    }
    int phrases = 0;
    int asked = Math.min(MOST_ASKED, pairs.size());
    int next = 0;
    for (int i = alike.nextSetBit(0); i >= 0 && next < asked; i = alike.nextSetBit(i + 1)) {
      Part[] pair = pairs.get(next++);
      double size = lines.get(i).line().line().size();
      boolean phrase =
          !keepsEdge(pair[1], pair[1].first(), Box::left, i, size, alike)
              && !keepsEdge(pair[1], pair[1].last(), Box::right, i, size, alike)
              && !keepsEdge(pair[0], pair[0].last(), Box::right, i, size, alike);
      phrases += phrase ? 1 : 0;
    }
    return 2 * phrases > asked;
  }

  private static boolean standAtSpace(Part left, Part right, ColumnedLine line) {
    double size = line.line().line().size();
    double gap = right.box().left() - left.box().right();
    return gap <= WIDEST_SPACE * size || gap <= evenSpace(line, size);
  }

  /** The parts that the same gutter parts at an ordinary space behind the same words, or null. */
  private static Part[] pairAtSpace(ColumnedLine line, Part left, Part right) {
    List<Part> parts = line.parts();
    for (int i = 1; i < parts.size(); i++) {
      Part before = parts.get(i - 1);
      Part behind = parts.get(i);
      if (before.last() == left.last()
          && behind.first() == right.first()
          && before.text().equals(left.text())
          && standAtSpace(before, behind, line)) {
        return new Part[] {before, behind};
      }
    }
    return null;
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

  /**
   * Whether texts of a column begin, or end, where a part does.
   *
   * @param here the number of the part's own line
   * @param but the lines that are not asked
   */
  private boolean keepsEdge(
      Part part, int column, ToDoubleFunction<Box> edge, int here, double size, BitSet but) {
    double place = edge.applyAsDouble(part.box());
    int all = 0;
    int there = 0;
    int beside = 0;
    for (int i = but.nextClearBit(0); i < lines.size(); i = but.nextClearBit(i + 1)) {
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
