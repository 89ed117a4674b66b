package dev.inlay.samples;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.pdmodel.font.PDFont;

/** Columns of a table without boxes: where their texts begin, or end, and how they are printed. */
final class OpenColumns {

  /**
   * A column.
   *
   * @param at where its texts begin, or end, in points
   * @param right whether its texts end there
   */
  record Edge(float at, boolean right) {

    static Edge left(float at) {
      return new Edge(at, false);
    }

    static Edge right(float at) {
      return new Edge(at, true);
    }
  }

  private final List<Edge> edges;
  private final float size;

  OpenColumns(List<Edge> edges, float size) {
    this.edges = List.copyOf(edges);
    this.size = size;
  }

  /** The same columns further to the right, each by its own way. */
  OpenColumns shifted(List<Float> by) {
    List<Edge> moved = new ArrayList<>();
    for (int i = 0; i < edges.size(); i++) {
      moved.add(new Edge(edges.get(i).at() + by.get(i), edges.get(i).right()));
    }
    return new OpenColumns(moved, size);
  }

  /** Prints texts, one to a column; empty ones leave it white. */
  void print(Sheet sheet, float baseline, PDFont font, List<String> texts) throws IOException {
    for (int i = 0; i < texts.size(); i++) {
      if (!texts.get(i).isEmpty()) {
        print(sheet, baseline, font, i, texts.get(i));
      }
    }
  }

  /** Prints a text into one column. */
  void print(Sheet sheet, float baseline, PDFont font, int column, String text) throws IOException {
    Edge edge = edges.get(column);
    if (edge.right()) {
      sheet.textEndingAt(text, edge.at(), baseline, font, size);
    } else {
      sheet.text(text, edge.at(), baseline, font, size);
    }
  }

  /** A row with a text for each column. */
  static SampleRow row(String kind, List<String> texts) {
    List<SampleCell> cells = new ArrayList<>();
    for (int i = 0; i < texts.size(); i++) {
      cells.add(SampleCell.of(texts.get(i), i));
    }
    return new SampleRow(kind, cells);
  }
}
