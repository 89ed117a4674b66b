package dev.inlay.propose;

import dev.inlay.geom.Box;
import dev.inlay.geom.Interval;
import dev.inlay.propose.ColumnedLine.Part;
import dev.inlay.text.TextShape;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.ToDoubleFunction;

/** Where the texts of one column begin and end, and how many of them are figures. */
final class ColumnEdges {

  /** An edge of a text, or its middle. */
  enum Edge {
    LEFT(Box::left),
    RIGHT(Box::right),
    MIDDLE(Box::centreX);

    private final ToDoubleFunction<Box> place;

    Edge(ToDoubleFunction<Box> place) {
      this.place = place;
    }

    double of(Box box) {
      return place.applyAsDouble(box);
    }
  }

  /** Texts that begin or end this near to each other, in type sizes, are in line. */
  private static final double IN_LINE = 0.3;

  private final Interval bounds;
  private final double[][] places = new double[Edge.values().length][];
  private final int values;
  private final int lines;

  private ColumnEdges(Interval bounds, List<Box> texts, int values, int lines) {
    this.bounds = bounds;
    this.values = values;
    this.lines = lines;
    for (Edge edge : Edge.values()) {
      places[edge.ordinal()] = texts.stream().mapToDouble(edge::of).sorted().toArray();
    }
  }

  /**
   * The edges of each column.
   *
   * @param lines those below the header
   * @param columns the stretches between boundaries
   */
  static List<ColumnEdges> of(List<ColumnedLine> lines, List<Interval> columns) {
    List<List<Box>> texts = new ArrayList<>();
    columns.forEach(c -> texts.add(new ArrayList<>()));
    int[] values = new int[columns.size()];
    for (ColumnedLine line : lines) {
      for (Part part : line.parts()) {
        if (!part.spans()) {
          texts.get(part.first()).add(part.box());
          values[part.first()] += TextShape.of(part.text()).isValue() ? 1 : 0;
        }
      }
    }
    List<ColumnEdges> edges = new ArrayList<>();
    for (int c = 0; c < columns.size(); c++) {
      edges.add(new ColumnEdges(columns.get(c), texts.get(c), values[c], lines.size()));
    }
    return edges;
  }

  /** How many texts stand in it. */
  int count() {
    return places[0].length;
  }

  /** The share of its texts that are data rather than names; 0 where there is none. */
  double shareOfValues() {
    return count() == 0 ? 0 : values / (double) count();
  }

  /** The share of the lines in which a text stands in it. */
  double shareFilled() {
    return lines == 0 ? 0 : count() / (double) lines;
  }

  /** The stretch between its boundaries, in points. */
  Interval bounds() {
    return bounds;
  }

  /** The stretch that its texts fill, in points; its bounds where there is none. */
  Interval stretch() {
    double[] lefts = places[Edge.LEFT.ordinal()];
    double[] rights = places[Edge.RIGHT.ordinal()];
    return count() == 0 ? bounds : new Interval(lefts[0], rights[rights.length - 1]);
  }

  /**
   * The share of its texts with an edge where a box has it.
   *
   * @param size of the type, in points
   * @param own how many of its texts are the box's own: they do not count
   */
  double shareInLine(Edge edge, Box box, double size, int own) {
    double place = edge.of(box);
    int inLine = between(edge, place - IN_LINE * size, place + IN_LINE * size) - own;
    return count() == own ? 0 : inLine / (double) (count() - own);
  }

  private int between(Edge edge, double from, double to) {
    double[] sorted = places[edge.ordinal()];
    return firstFrom(sorted, to) - firstFrom(sorted, from);
  }

  /** How many lie below a place. */
  private static int firstFrom(double[] sorted, double place) {
    int at = Arrays.binarySearch(sorted, place);
    return at < 0 ? -at - 1 : at;
  }
}
