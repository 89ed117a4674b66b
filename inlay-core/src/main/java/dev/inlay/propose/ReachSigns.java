package dev.inlay.propose;

import dev.inlay.geom.Box;
import dev.inlay.geom.Interval;
import dev.inlay.propose.ColumnEdges.Edge;
import dev.inlay.propose.ColumnedLine.Part;
import dev.inlay.score.Signs;
import dev.inlay.text.TextShape;
import java.util.List;

/**
 * The signs of a text of a row that stands over some columns: whether it is in line with the texts
 * of the column it stands in, or set to an edge or the middle of several. Lengths are in type
 * sizes.
 */
final class ReachSigns {

  /** Lengths count up to this. */
  private static final double LENGTH_LIMIT = 4;

  /** What is set to the same place is less than this far off. */
  private static final double EXACT = 0.06;

  /** What may have been set to the same place. */
  private static final double NEARLY = 0.3;

  /** Fewer of a column's texts in line with a text do not say that it is one of them. */
  private static final double FEW = 0.2;

  private final List<ColumnEdges> columns;
  private final ColumnedLine line;
  private final TextReach text;
  private final double size;

  /** For each part, the share of its column's texts that it is in line with. */
  private final double[] inLine;

  private final boolean last;

  /**
   * @param columns of the table
   * @param line the text's line
   * @param last whether it is the last one
   */
  ReachSigns(List<ColumnEdges> columns, ColumnedLine line, TextReach text, boolean last) {
    this.columns = columns;
    this.line = line;
    this.text = text;
    this.last = last;
    size = line.line().line().size();
    inLine = text.parts().stream().mapToDouble(this::inLine).toArray();
  }

  /** Adds the signs of one of the text's candidates. */
  void add(Signs signs, Reach reach) {
    addHome(signs, reach);
    addSpan(signs, reach);
    addEdges(signs, reach);
    addRow(signs, reach);
  }

  /** The words stay where they stand. */
  private void addHome(Signs signs, Reach reach) {
    boolean stays = !reach.spans();
    Part part = text.parts().get(0);
    boolean single = stays && text.parts().size() == 1 && !part.spans();
    ColumnEdges own = columns.get(part.first());
    int counted = part.spans() ? 0 : 1;
    boolean others = own.count() > counted;
    double most = inLine[0];
    signs.add("stays", stays);
    signs.add("stays over a gutter", stays && part.spans());
    signs.add("begins with its column", single ? share(own, Edge.LEFT, part, 1) : 0);
    signs.add("ends with its column", single ? share(own, Edge.RIGHT, part, 1) : 0);
    signs.add("in the middle of its column", single ? share(own, Edge.MIDDLE, part, 1) : 0);
    signs.add("in line with its column", single ? most : 0);
    signs.add("in line with few of its column", single && others && most < FEW);
    signs.add("in line with none of its column", single && others && most == 0);
    signs.add("alone in its column", single && !others);
    signs.add("stays among figures", single ? own.shareOfValues() : 0);
    signs.add("stays among figures out of line", single && most < FEW ? own.shareOfValues() : 0);
    signs.add("stays in the first column", stays && part.first() == 0);
    signs.add("stays behind a free column", stays && text.freeFrom() < part.first());
    signs.add("stays with all before it free", stays && part.first() > 0 && text.freeFrom() == 0);
    signs.add("stays before a free column", stays && text.freeTo() > reach.last());
    addParts(signs, reach);
  }

  /** Of a text that gutters part: whether its parts keep to their columns. */
  private void addParts(Signs signs, Reach reach) {
    boolean parted = text.parts().size() > 1;
    double least = 1;
    double sum = 0;
    for (int p = reach.parts(); p < inLine.length; p++) {
      least = Math.min(least, inLine[p]);
      sum += inLine[p];
    }
    int staying = text.parts().size() - reach.parts();
    boolean some = parted && staying > 0;
    signs.add("stays parted", parted && !reach.spans());
    signs.add("some words stay", parted && reach.spans() && staying > 0);
    signs.add("least in line of the parts that stay", some ? least : 0);
    signs.add("a part that stays is out of line", some && least < FEW);
    signs.add("in line of the parts that stay", some ? sum / staying : 0);
    Part last = text.lastPart(reach);
    boolean figure = TextShape.of(last.text()).isQuantity();
    boolean together = reach.parts() > 1;
    double lastInLine = together ? inLine[reach.parts() - 1] : 0;
    signs.add("parts put together", together);
    signs.add("puts a figure to words", together && figure);
    signs.add("puts to it what is in line", lastInLine);
    signs.add("puts a figure in line to it", figure ? lastInLine : 0);
    boolean next = parted && reach.spans() && staying > 0;
    String rest = next ? text.parts().get(reach.parts()).text() : "";
    signs.add("before figures of its own text", TextShape.of(rest).isQuantity());
  }

  /** The share of its column's texts that a part begins, ends or stands in the middle with. */
  private double inLine(Part part) {
    ColumnEdges column = columns.get(part.first());
    int own = part.spans() ? 0 : 1;
    double most = 0;
    for (Edge edge : Edge.values()) {
      most = Math.max(most, share(column, edge, part, own));
    }
    return most;
  }

  private double share(ColumnEdges column, Edge edge, Part part, int own) {
    return column.shareInLine(edge, part.box(), size, own);
  }

  private void addSpan(Signs signs, Reach reach) {
    boolean spans = reach.spans();
    int width = reach.width();
    int before = reach.first() - text.freeFrom();
    int behind = text.freeTo(reach) - reach.last();
    signs.add("over two columns", spans && width == 2);
    signs.add("over five columns or more", spans && width >= 5);
    signs.add("from the first column on", spans && reach.first() == 0);
    signs.add("from the second column on", spans && reach.first() == 1);
    signs.add("up to the last column", spans && reach.last() + 1 == columns.size());
    signs.add("leaves a column before it", spans && before > 0);
    signs.add("leaves several columns before it", spans && before > 1);
    signs.add("leaves a column behind it", spans && behind > 0);
    signs.add("leaves several columns behind it", spans && behind > 1);
    signs.add("over all free columns", spans && before == 0 && behind == 0);
    int own = text.lastPart(reach).last() - text.parts().get(0).first() + 1;
    signs.add("only over its own columns", spans && width == own);
    double filled = spans && before > 0 ? columns.get(reach.first() - 1).shareFilled() : 0;
    signs.add("leaves a filled column before it", filled);
    signs.add("from a filled column on", spans ? columns.get(reach.first()).shareFilled() : 0);
    double values = 0;
    for (int c = reach.first(); c <= reach.last() && spans; c++) {
      values += columns.get(c).shareOfValues() / width;
    }
    signs.add("over figures", values);
    signs.add("over figures only", spans && values > 1 - FEW);
    signs.add("from names on", spans ? 1 - columns.get(reach.first()).shareOfValues() : 0);
    signs.add("up to names", spans ? 1 - columns.get(reach.last()).shareOfValues() : 0);
  }

  private void addEdges(Signs signs, Reach reach) {
    boolean spans = reach.spans();
    ColumnEdges first = columns.get(reach.first());
    ColumnEdges end = columns.get(reach.last());
    boolean ownFirst = reach.first() == text.parts().get(0).first();
    boolean ownLast = reach.last() == text.lastPart(reach).last();
    Box box = text.box(reach);
    Interval texts = new Interval(first.stretch().from(), end.stretch().to());
    Interval bounds = new Interval(first.bounds().from(), end.bounds().to());
    double left = Math.abs(box.left() - texts.from()) / size;
    double right = Math.abs(box.right() - texts.to()) / size;
    double middle =
        Math.min(
                Math.abs(box.centreX() - texts.middle()), Math.abs(box.centreX() - bounds.middle()))
            / size;
    signs.add(
        "begins with the first",
        spans && !ownFirst ? first.shareInLine(Edge.LEFT, box, size, 0) : 0);
    signs.add(
        "begins with its own first",
        spans && ownFirst ? first.shareInLine(Edge.LEFT, box, size, 0) : 0);
    signs.add(
        "ends with the last", spans && !ownLast ? end.shareInLine(Edge.RIGHT, box, size, 0) : 0);
    signs.add(
        "ends with its own last", spans && ownLast ? end.shareInLine(Edge.RIGHT, box, size, 0) : 0);
    signs.add("at the left edge", spans && left < EXACT);
    signs.add("near the left edge", spans && left < NEARLY);
    signs.add("at the right edge", spans && right < EXACT);
    signs.add("near the right edge", spans && right < NEARLY);
    signs.add("in the middle", spans && middle < EXACT);
    signs.add("near the middle", spans && middle < NEARLY);
    signs.add("near no edge or middle", spans && Math.min(middle, Math.min(left, right)) > NEARLY);
    signs.add("off the middle", spans ? Math.min(LENGTH_LIMIT, middle) : 0);
    signs.add("off the right edge", spans ? Math.min(LENGTH_LIMIT, right) : 0);
  }

  private void addRow(Signs signs, Reach reach) {
    boolean spans = reach.spans();
    List<Part> parts = line.parts();
    boolean begins = parts.get(0) == text.parts().get(0);
    int after = parts.indexOf(text.parts().get(0)) + Math.max(1, reach.parts());
    boolean figures = parts.stream().skip(after).allMatch(p -> TextShape.of(p.text()).isQuantity());
    boolean label = begins && figures && after < parts.size();
    boolean all = text.freeFrom() == 0 && text.freeTo() + 1 == columns.size();
    signs.add("spans before figures only", spans && label);
    signs.add("from the first column on before figures", spans && label && reach.first() == 0);
    signs.add("up to the figures", spans && label && reach.last() == text.freeTo(reach));
    signs.add(
        "ends where it may before figures",
        spans && label && reach.last() == text.lastPart(reach).last());
    signs.add("spans behind others", spans && !begins);
    signs.add("spans all free columns behind others", spans && !begins && leavesNone(reach));
    signs.add("spans alone in its row", spans && all);
    signs.add("spans in the last row", spans && last);
    signs.add("bold text spans", spans && line.line().isBold());
  }

  private boolean leavesNone(Reach reach) {
    return reach.first() == text.freeFrom() && reach.last() == text.freeTo(reach);
  }
}
