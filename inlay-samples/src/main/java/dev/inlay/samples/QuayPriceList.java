package dev.inlay.samples;

import dev.inlay.samples.OpenColumns.Edge;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/**
 * The weekly list of quay prices: one list printed in three newspaper columns, without rulings. The
 * second issue leads the eye to the prices with dots.
 */
final class QuayPriceList {

  private static final List<String> FISH =
      List.of(
          "Brill",
          "Coalfish",
          "Cod",
          "Dab",
          "Gurnard",
          "Haddock",
          "Hake",
          "Halibut",
          "Herring",
          "Ling",
          "Mackerel",
          "Megrim",
          "Monkfish",
          "Plaice",
          "Pollack",
          "Saithe",
          "Skate",
          "Turbot",
          "Tusk",
          "Whiting",
          "Witch",
          "Wolffish");

  private static final List<String> GRADES = List.of("large", "medium", "small", "gutted", "mixed");

  private static final int COLUMNS = 3;
  private static final float STEP = 12.5f;
  private static final float SIZE = 8.5f;
  private static final float WIDTH = 160;
  private static final int YEAR = 2025;

  private QuayPriceList() {}

  static List<Sample> all() throws IOException {
    return List.of(print(14, false), print(15, true));
  }

  private static Sample print(int week, boolean leaders) throws IOException {
    String name = "quay-prices-" + YEAR + "-w" + week;
    List<List<String>> articles = articles(week);
    int height = (articles.size() + COLUMNS - 1) / COLUMNS;
    try (Paper paper = new Paper("Quay prices", "week " + week + " of " + YEAR)) {
      paper.masthead("Week " + week, "Quay prices", "Crowns per kilogram, all harbours");
      paper.paragraph(
          "Mean prices paid at the quay in the week, by species and grade. A price in the list is"
              + " that of at least three landings.");
      paper.moveTo(paper.y() + 8);
      OpenColumns columns = columns();
      List<SampleRow> rows = new ArrayList<>();
      List<String> heads = new ArrayList<>();
      for (int c = 0; c < COLUMNS; c++) {
        heads.addAll(List.of("Code", "Species and grade", "Price"));
      }
      columns.print(paper.sheet(), paper.y(), paper.sansBold, heads);
      rows.add(OpenColumns.row("header", heads));
      for (int r = 0; r < height; r++) {
        float baseline = paper.y() + STEP * (r + 1) + 3;
        List<String> texts = new ArrayList<>();
        for (int c = 0; c < COLUMNS; c++) {
          int at = c * height + r;
          texts.addAll(at < articles.size() ? articles.get(at) : List.of("", "", ""));
        }
        columns.print(paper.sheet(), baseline, paper.sans, texts);
        if (leaders) {
          leaders(paper, baseline, texts);
        }
        rows.add(OpenColumns.row("body", texts));
      }
      SampleTable table = new SampleTable("", widths(), 0, 1, rows);
      List<String> tags =
          leaders
              ? List.of("open", "side-by-side", "numeric", "leaders")
              : List.of("open", "side-by-side", "numeric");
      String note = "one list in three newspaper columns, the last of them shorter";
      Truth truth =
          new Truth(name + ".pdf", note, tags, List.of(new PrintedTable(table, List.of(1))));
      return new Sample(name, paper.toPdf(), truth.toJson());
    }
  }

  private static OpenColumns columns() {
    List<Edge> edges = new ArrayList<>();
    for (int c = 0; c < COLUMNS; c++) {
      float left = Paper.LEFT + c * WIDTH;
      edges.add(Edge.left(left));
      edges.add(Edge.left(left + 30));
      edges.add(Edge.right(left + WIDTH - 18));
    }
    return new OpenColumns(edges, SIZE);
  }

  private static List<Float> widths() {
    List<Float> widths = new ArrayList<>();
    for (int c = 0; c < COLUMNS * 3; c++) {
      widths.add(WIDTH / 3);
    }
    return widths;
  }

  private static void leaders(Paper paper, float baseline, List<String> texts) throws IOException {
    float dot = 2 * Sheet.width(".", paper.sans, SIZE);
    for (int c = 0; c < COLUMNS && !texts.get(3 * c + 1).isEmpty(); c++) {
      float left = Paper.LEFT + c * WIDTH;
      float from = left + 30 + Sheet.width(texts.get(3 * c + 1), paper.sans, SIZE) + 3;
      float to = left + WIDTH - 18 - Sheet.width(texts.get(3 * c + 2), paper.sans, SIZE) - 3;
      for (float x = to - dot; x > from; x -= dot) {
        paper.sheet().text(".", x, baseline, paper.sans, SIZE);
      }
    }
  }

  /** Code, name and price of each article. */
  private static List<List<String>> articles(int week) {
    Random random = new Random(YEAR * 100L + week);
    List<List<String>> articles = new ArrayList<>();
    int code = 1000;
    for (String fish : FISH) {
      int grades = 3 + random.nextInt(3);
      for (String grade : GRADES.subList(0, grades)) {
        code += 1 + random.nextInt(9);
        int cents = 180 + random.nextInt(fish.length() * 400);
        String price = String.format(java.util.Locale.ROOT, "%d.%02d", cents / 100, cents % 100);
        articles.add(List.of(String.valueOf(code), fish + ", " + grade, price));
      }
    }
    return articles;
  }
}
