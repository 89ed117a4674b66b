package dev.inlay.samples;

import dev.inlay.samples.OpenColumns.Edge;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;

/**
 * The season summary: a wide table on a page laid across, with two levels of spanners, each ruled
 * off below, and a row of percentages below each row of figures.
 */
final class SeasonSummary {

  private static final List<String> HARBOURS =
      List.of("Brennick", "Oyle", "Skarrholm", "Vane Ness");

  private static final List<String> HALVES = List.of("April to September", "October to March");
  private static final List<String> GROUPS = List.of("Landed weight (t)", "Value (1,000 crowns)");

  private static final List<List<String>> KINDS =
      List.of(List.of("Boxed", "Bulk"), List.of("First sale", "Dues"));

  private static final int FIGURES = 8;
  private static final float LABEL_WIDTH = 130;
  private static final float COLUMN = 72;
  private static final float GAP = 10;
  private static final float STEP = 15;
  private static final float SIZE = 9;

  private SeasonSummary() {}

  static List<Sample> all() throws IOException {
    return List.of(print(2024), print(2025));
  }

  private static Sample print(int year) throws IOException {
    String name = "season-summary-" + year;
    try (Paper paper = new Paper("Season summary", String.valueOf(year), true)) {
      paper.masthead("Season " + year, "Season summary", "April " + year + " to March");
      paper.paragraph(
          "Landings of the season by harbour and half-year. Below each harbour's figures stands its"
              + " share of the Sound's, in per cent.");
      paper.moveTo(paper.y() + 6);
      List<SampleRow> rows = new ArrayList<>(header());
      float y = paper.y();
      float right = edge(FIGURES - 1);
      paper.sheet().line(Paper.LEFT, y, right, y, 0.9f);
      printHeader(paper, y);
      float below = y + 3 * STEP + 3;
      paper.sheet().line(Paper.LEFT, below, right, below, 0.5f);
      body(paper, below, new Random(year), rows);
      SampleTable table = new SampleTable("", widths(), 1, 3, rows);
      Truth truth =
          new Truth(
              name + ".pdf",
              "two levels of spanners over columns of figures, rows of percentages",
              List.of("partial", "spanner", "multi-header", "numeric", "totals", "landscape"),
              List.of(new PrintedTable(table, List.of(1))));
      return new Sample(name, paper.toPdf(), truth.toJson(), List.of(table));
    }
  }

  /** Where a column of figures ends. */
  private static float edge(int figure) {
    return Paper.LEFT + LABEL_WIDTH + COLUMN * (figure + 1);
  }

  private static List<Float> widths() {
    List<Float> widths = new ArrayList<>(List.of(LABEL_WIDTH));
    for (int i = 0; i < FIGURES; i++) {
      widths.add(COLUMN);
    }
    return widths;
  }

  private static List<SampleRow> header() {
    List<SampleCell> halves = new ArrayList<>();
    List<SampleCell> groups = new ArrayList<>();
    List<SampleCell> kinds = new ArrayList<>(List.of(SampleCell.of("Harbour", 0)));
    for (int h = 0; h < 2; h++) {
      halves.add(new SampleCell(HALVES.get(h), 1 + 4 * h, 4, 1));
      for (int g = 0; g < 2; g++) {
        groups.add(new SampleCell(GROUPS.get(g), 1 + 4 * h + 2 * g, 2, 1));
        for (int k = 0; k < 2; k++) {
          kinds.add(SampleCell.of(KINDS.get(g).get(k), 1 + 4 * h + 2 * g + k));
        }
      }
    }
    return List.of(
        new SampleRow("header", halves),
        new SampleRow("header", groups),
        new SampleRow("header", kinds));
  }

  private static void printHeader(Paper paper, float top) throws IOException {
    Sheet sheet = paper.sheet();
    sheet.text("Harbour", Paper.LEFT, top + 3 * STEP - 2, paper.sansBold, SIZE);
    for (int h = 0; h < 2; h++) {
      spanner(paper, HALVES.get(h), 4 * h, 4, top + STEP - 3);
      for (int g = 0; g < 2; g++) {
        spanner(paper, GROUPS.get(g), 4 * h + 2 * g, 2, top + 2 * STEP - 3);
        for (int k = 0; k < 2; k++) {
          float right = edge(4 * h + 2 * g + k);
          String kind = KINDS.get(g).get(k);
          sheet.textEndingAt(kind, right, top + 3 * STEP - 2, paper.sansBold, SIZE);
        }
      }
    }
  }

  /** A heading over some columns, with a ruling of its own below it. */
  private static void spanner(Paper paper, String text, int first, int count, float baseline)
      throws IOException {
    float from = edge(first) - COLUMN + GAP;
    float to = edge(first + count - 1);
    paper.sheet().textAround(text, (from + to) / 2, baseline, paper.sansBold, SIZE);
    paper.sheet().line(from, baseline + 3.5f, to, baseline + 3.5f, 0.4f);
  }

  private static void body(Paper paper, float top, Random random, List<SampleRow> rows)
      throws IOException {
    long[][] tenths = new long[HARBOURS.size()][FIGURES];
    long[] sums = new long[FIGURES];
    for (long[] harbour : tenths) {
      for (int f = 0; f < FIGURES; f++) {
        harbour[f] = 400 + random.nextInt(f % 4 < 2 ? 60_000 : 140_000);
        sums[f] += harbour[f];
      }
    }
    List<Edge> edges = new ArrayList<>(List.of(Edge.left(Paper.LEFT)));
    for (int f = 0; f < FIGURES; f++) {
      edges.add(Edge.right(edge(f)));
    }
    OpenColumns columns = new OpenColumns(edges, SIZE);
    float y = top + STEP - 2;
    for (int h = 0; h < HARBOURS.size(); h++) {
      List<String> figures = new ArrayList<>(List.of(HARBOURS.get(h)));
      List<String> shares = new ArrayList<>(List.of("per cent"));
      for (int f = 0; f < FIGURES; f++) {
        figures.add(String.format(Locale.ROOT, "%,.1f", tenths[h][f] / 10.0));
        shares.add(String.format(Locale.ROOT, "%.1f", 100.0 * tenths[h][f] / sums[f]));
      }
      columns.print(paper.sheet(), y, paper.sans, figures);
      columns.print(paper.sheet(), y + STEP - 2, paper.serifItalic, shares);
      rows.add(OpenColumns.row("body", figures));
      rows.add(OpenColumns.row("body", shares));
      y += 2 * STEP;
    }
    List<String> all = new ArrayList<>(List.of("Total, the Sound"));
    for (long sum : sums) {
      all.add(String.format(Locale.ROOT, "%,.1f", sum / 10.0));
    }
    float right = edge(FIGURES - 1);
    paper.sheet().line(Paper.LEFT, y - STEP + 5, right, y - STEP + 5, 0.5f);
    columns.print(paper.sheet(), y + 2, paper.sansBold, all);
    paper.sheet().line(Paper.LEFT, y + 8, right, y + 8, 0.9f);
    rows.add(OpenColumns.row("total", all));
  }
}
