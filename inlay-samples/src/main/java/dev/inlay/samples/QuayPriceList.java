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
  private static final float PRICE_END = WIDTH - 18;
  private static final float LOTS_END = WIDTH - 46;
  private static final int YEAR = 2025;

  /**
   * One week's list.
   *
   * @param week of the year
   * @param leaders whether dots lead the eye to the prices
   * @param drifted whether a heading was reworded and a column added
   * @param byTender whether one price is a word and no number
   */
  record Issue(int week, boolean leaders, boolean drifted, boolean byTender) {}

  private final Issue issue;
  private final Random lots;

  private QuayPriceList(Issue issue) {
    this.issue = issue;
    lots = new Random(issue.week());
  }

  /** The plain lists, for which every cell is known. */
  static List<Sample> all() throws IOException {
    return List.of(
        print(new Issue(14, false, false, false)), print(new Issue(15, true, false, false)));
  }

  static Sample print(Issue issue) throws IOException {
    return new QuayPriceList(issue).print();
  }

  static String name(int week) {
    return "quay-prices-" + YEAR + "-w" + week;
  }

  private Sample print() throws IOException {
    List<List<String>> articles = articles(issue.week());
    int height = (articles.size() + COLUMNS - 1) / COLUMNS;
    try (Paper paper = new Paper("Quay prices", "week " + issue.week() + " of " + YEAR)) {
      paper.masthead("Week " + issue.week(), "Quay prices", "Crowns per kilogram, all harbours");
      paper.paragraph(
          "Mean prices paid at the quay in the week, by species and grade. A price in the list is"
              + " that of at least three landings.");
      paper.moveTo(paper.y() + 8);
      OpenColumns columns = columns();
      List<SampleRow> rows = new ArrayList<>();
      List<String> heads = new ArrayList<>();
      for (int c = 0; c < COLUMNS; c++) {
        heads.addAll(heads());
      }
      columns.print(paper.sheet(), paper.y(), paper.sansBold, heads);
      rows.add(OpenColumns.row("header", heads));
      for (int r = 0; r < height; r++) {
        float baseline = paper.y() + STEP * (r + 1) + 3;
        List<String> texts = new ArrayList<>();
        for (int c = 0; c < COLUMNS; c++) {
          int at = c * height + r;
          texts.addAll(at < articles.size() ? articles.get(at) : blank());
        }
        columns.print(paper.sheet(), baseline, paper.sans, texts);
        if (issue.leaders()) {
          leaders(paper, baseline, texts);
        }
        rows.add(OpenColumns.row("body", texts));
      }
      return sample(paper, new SampleTable("", widths(), 0, 1, rows));
    }
  }

  private Sample sample(Paper paper, SampleTable table) throws IOException {
    List<String> tags =
        issue.leaders()
            ? List.of("open", "side-by-side", "numeric", "leaders")
            : List.of("open", "side-by-side", "numeric");
    String name = name(issue.week());
    String note = "one list in three newspaper columns, the last of them shorter";
    PrintedTable printed = new PrintedTable(table, List.of(1));
    Truth truth = new Truth(name + ".pdf", note, tags, List.of(printed));
    return new Sample(name, paper.toPdf(), truth.toJson(), List.of(table));
  }

  private List<String> heads() {
    return issue.drifted()
        ? List.of("Code", "Species and grades", "Lots", "Price")
        : List.of("Code", "Species and grade", "Price");
  }

  private List<String> blank() {
    return heads().stream().map(h -> "").toList();
  }

  private OpenColumns columns() {
    List<Edge> edges = new ArrayList<>();
    for (int c = 0; c < COLUMNS; c++) {
      float left = Paper.LEFT + c * WIDTH;
      edges.add(Edge.left(left));
      edges.add(Edge.left(left + 30));
      if (issue.drifted()) {
        edges.add(Edge.right(left + LOTS_END));
      }
      edges.add(Edge.right(left + PRICE_END));
    }
    return new OpenColumns(edges, issue.drifted() ? SIZE - 1.5f : SIZE);
  }

  private List<Float> widths() {
    int all = COLUMNS * heads().size();
    List<Float> widths = new ArrayList<>();
    for (int c = 0; c < all; c++) {
      widths.add(COLUMNS * WIDTH / all);
    }
    return widths;
  }

  private static void leaders(Paper paper, float baseline, List<String> texts) throws IOException {
    float dot = 2 * Sheet.width(".", paper.sans, SIZE);
    for (int c = 0; c < COLUMNS && !texts.get(3 * c + 1).isEmpty(); c++) {
      float left = Paper.LEFT + c * WIDTH;
      float from = left + 30 + Sheet.width(texts.get(3 * c + 1), paper.sans, SIZE) + 3;
      float to = left + PRICE_END - Sheet.width(texts.get(3 * c + 2), paper.sans, SIZE) - 3;
      for (float x = to - dot; x > from; x -= dot) {
        paper.sheet().text(".", x, baseline, paper.sans, SIZE);
      }
    }
  }

  /** Code, name and price of each article. */
  private List<List<String>> articles(int week) {
    Random random = new Random(YEAR * 100L + week);
    List<List<String>> articles = new ArrayList<>();
    int code = 1000;
    for (String fish : FISH) {
      int grades = 3 + random.nextInt(3);
      for (String grade : GRADES.subList(0, grades)) {
        code += 1 + random.nextInt(9);
        int cents = 180 + random.nextInt(fish.length() * 400);
        String price = String.format(java.util.Locale.ROOT, "%d.%02d", cents / 100, cents % 100);
        boolean tender = issue.byTender() && fish.equals("Turbot") && grade.equals("large");
        articles.add(article(code, fish + ", " + grade, tender ? "by tender" : price));
      }
    }
    return articles;
  }

  private List<String> article(int code, String name, String price) {
    return issue.drifted()
        ? List.of(String.valueOf(code), name, String.valueOf(3 + lots.nextInt(40)), price)
        : List.of(String.valueOf(code), name, price);
  }
}
