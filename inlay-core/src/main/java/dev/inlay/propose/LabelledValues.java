package dev.inlay.propose;

import dev.inlay.geom.Box;
import dev.inlay.propose.ColumnedLine.Part;
import dev.inlay.text.TextShape;
import java.util.List;
import java.util.function.ToDoubleFunction;

/**
 * Recognises records among lines that read like headings of rows: the longest label of a table
 * comes so near to its value that both look like one text, but the value keeps to its column.
 */
final class LabelledValues {

  /** Texts this near to each other begin or end at one edge, in type sizes. */
  private static final double SAME_EDGE = 0.1;

  /** An edge is kept to by at least this share of a column's texts, */
  private static final double EDGE_SHARE = 0.5;

  /** and by at least as many. */
  private static final int LEAST_AT_EDGE = 2;

  private final List<ColumnedLine> lines;

  /** Looks at the lines of a table. */
  LabelledValues(List<ColumnedLine> lines) {
    this.lines = List.copyOf(lines);
  }

  /** Whether a line is a label in the first column and values that keep to theirs. */
  boolean are(ColumnedLine line) {
    List<Part> parts = line.parts();
    Part label = parts.get(0);
    return parts.size() > 1
        && label.first() == 0
        && !TextShape.of(label.text()).isValue()
        && parts.stream().noneMatch(Part::spans)
        && parts.stream().skip(1).allMatch(p -> keepsToColumn(p, line));
  }

  private boolean keepsToColumn(Part value, ColumnedLine own) {
    return TextShape.of(value.text()).isValue()
        && (isEdge(value, Box::left, own) || isEdge(value, Box::right, own));
  }

  private boolean isEdge(Part value, ToDoubleFunction<Box> edge, ColumnedLine own) {
    double near = SAME_EDGE * own.line().line().size();
    int all = 0;
    int there = 0;
    for (ColumnedLine line : lines) {
      for (Part part : line.parts()) {
        if (line != own && part.first() == value.first() && !part.spans()) {
          double off = edge.applyAsDouble(part.box()) - edge.applyAsDouble(value.box());
          all++;
          there += Math.abs(off) < near ? 1 : 0;
        }
      }
    }
    return there >= Math.max(LEAST_AT_EDGE, EDGE_SHARE * all);
  }
}
