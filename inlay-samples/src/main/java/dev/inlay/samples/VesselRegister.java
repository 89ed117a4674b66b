package dev.inlay.samples;

import dev.inlay.samples.OpenColumns.Edge;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;

/** The register of vessels: sixty pages without rulings, whose columns move from page to page. */
final class VesselRegister {

  private static final List<String> HEADS =
      List.of("Mark", "Name", "Home port", "Built", "Length (m)", "Power (kW)", "Owner");

  private static final List<String> PORTS = List.of("Brennick", "Oyle", "Skarrholm", "Vane Ness");

  private static final List<String> FIRST =
      List.of("Grey", "Bright", "North", "Stout", "Swift", "Silver", "Old", "Fair", "Wild", "Blue");

  private static final List<String> SECOND =
      List.of("Heron", "Tern", "Dawn", "Venture", "Petrel", "Harvest", "Lass", "Star", "Tide");

  private static final List<String> OWNERS =
      List.of(
          "A. Corran",
          "B. Fenwick and sons",
          "C. Tallis",
          "D. Moran",
          "E. Ashby and partners",
          "F. Quill",
          "Sound Fisheries Union",
          "H. Ferrier",
          "J. Strand",
          "K. Hallam");

  private static final int PAGES = 60;
  private static final float STEP = 13.6f;
  private static final float SIZE = 8.5f;
  private static final float MOST_SHIFT = 7;

  private VesselRegister() {}

  static List<Sample> all() throws IOException {
    String name = "vessel-register-2025";
    Random random = new Random(2025);
    try (Paper paper = new Paper("Register of vessels", "1 January 2025")) {
      List<SampleRow> rows = new ArrayList<>();
      rows.add(OpenColumns.row("header", HEADS));
      List<Integer> pages = new ArrayList<>();
      for (int p = 1; p <= PAGES; p++) {
        if (p == 1) {
          paper.masthead("Harbour office", "Register of vessels", "1 January 2025");
        } else {
          paper.newPage();
        }
        pages.add(p);
        page(paper, columns().shifted(shifts(random)), random, rows);
      }
      SampleTable table =
          new SampleTable("", List.of(50f, 90f, 75f, 40f, 60f, 60f, 95f), 3, 1, rows);
      Truth truth =
          new Truth(
              name + ".pdf",
              "sixty pages without rulings, with columns that move from page to page",
              List.of("open", "long", "multi-page", "shifted", "numeric"),
              List.of(new PrintedTable(table, pages)));
      return List.of(new Sample(name, paper.toPdf(), truth.toJson(), List.of(table)));
    }
  }

  private static OpenColumns columns() {
    float left = Paper.LEFT;
    return new OpenColumns(
        List.of(
            Edge.left(left + 10),
            Edge.left(left + 62),
            Edge.left(left + 150),
            Edge.right(left + 238),
            Edge.right(left + 304),
            Edge.right(left + 372),
            Edge.left(left + 390)),
        SIZE);
  }

  /** Each column lies a little elsewhere, all of them in the same order. */
  private static List<Float> shifts(Random random) {
    List<Float> shifts = new ArrayList<>();
    for (int i = 0; i < HEADS.size(); i++) {
      shifts.add((random.nextFloat() - 0.5f) * 2 * MOST_SHIFT);
    }
    return shifts;
  }

  private static void page(Paper paper, OpenColumns columns, Random random, List<SampleRow> rows)
      throws IOException {
    float y = paper.y();
    columns.print(paper.sheet(), y, paper.sansBold, HEADS);
    for (int r = 1; paper.room() > 2 * STEP + r * STEP; r++) {
      List<String> vessel = vessel(rows.size(), random);
      columns.print(paper.sheet(), y + 4 + r * STEP, paper.sans, vessel);
      rows.add(OpenColumns.row("body", vessel));
    }
  }

  private static List<String> vessel(int number, Random random) {
    String port = PORTS.get(random.nextInt(PORTS.size()));
    String mark = port.substring(0, 2).toUpperCase(Locale.ROOT) + " " + (100 + number);
    int decimetres = 60 + random.nextInt(300);
    return List.of(
        mark,
        FIRST.get(random.nextInt(FIRST.size())) + " " + SECOND.get(random.nextInt(SECOND.size())),
        port,
        String.valueOf(1961 + random.nextInt(64)),
        String.format(Locale.ROOT, "%.1f", decimetres / 10.0),
        String.format(Locale.ROOT, "%,d", decimetres * (3 + random.nextInt(4))),
        OWNERS.get(random.nextInt(OWNERS.size())));
  }
}
