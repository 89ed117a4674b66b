package dev.inlay.samples;

import dev.inlay.samples.OpenColumns.Edge;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.common.PDStream;

/**
 * A statement of berth and ice dues: wrapped descriptions, a heading and a subtotal for each
 * vessel, and sums carried from one page to the next.
 */
final class DuesStatement {

  private static final List<String> HEADS =
      List.of("Date", "Particulars", "Quantity", "Rate", "Amount");

  private static final List<String> SHORT =
      List.of("Berth, north quay", "Berth, fish pier", "Ice, crushed", "Fresh water", "Crane");

  private static final List<String> LONG =
      List.of(
          "Berth at the fish pier while waiting for the slip, by agreement with the harbour master",
          "Ice for the hold, taken at night from the store on the north quay and weighed there",
          "Shore power at the outer berth, read from the meter at the beginning and the end");

  private static final List<String> VESSELS =
      List.of(
          "Skua, SK 114",
          "Merganser, OY 27",
          "Fulmar, BR 203",
          "Razorbill, VN 9",
          "Eider, BR 58",
          "Dunlin, SK 41",
          "Petrel, OY 88",
          "Gannet, VN 31");

  /** The entry in which an error is planted. */
  private static final int PLANTED = 9;

  private static final float STEP = 11.5f;
  private static final float SIZE = 9;
  private static final float WRAP = 200;
  private static final float HEAD_ROOM = 40;

  private final Paper paper;
  private final Random random;
  private final OpenColumns columns =
      new OpenColumns(
          List.of(
              Edge.left(Paper.LEFT),
              Edge.left(Paper.LEFT + 62),
              Edge.right(Paper.LEFT + 320),
              Edge.right(Paper.LEFT + 380),
              Edge.right(Paper.RIGHT)),
          SIZE);

  private final List<SampleRow> rows = new ArrayList<>();
  private final List<Integer> pages = new ArrayList<>();
  private long total;

  private final Plant plant;
  private int entries;

  private DuesStatement(Paper paper, long seed, Plant plant) {
    this.paper = paper;
    this.plant = plant;
    random = new Random(seed);
  }

  static List<Sample> all() throws IOException {
    return List.of(print("Brennick", 5, 3, null), print("Oyle", 8, 7, null));
  }

  /** A statement with an error in it. */
  static Sample planted(Plant plant) throws IOException {
    Sample sample = print("Skarrholm", VESSELS.size(), 11, plant);
    if (!isLong(plant)) {
      return sample;
    }
    try (PDDocument document = Loader.loadPDF(sample.pdf())) {
      if (plant == Plant.LOST_PAGE) {
        document.removePage(1);
      } else {
        document.getPage(1).setContents(new PDStream(document));
      }
      ByteArrayOutputStream out = new ByteArrayOutputStream();
      document.save(out);
      return new Sample(sample.name(), out.toByteArray(), new byte[0], List.of());
    }
  }

  /** A page can go from a statement of three pages. */
  private static boolean isLong(Plant plant) {
    return plant == Plant.LOST_PAGE || plant == Plant.BLANK_PAGE;
  }

  private static Sample print(String harbour, int vessels, int number, Plant plant)
      throws IOException {
    String name = "dues-statement-" + harbour.toLowerCase(Locale.ROOT);
    try (Paper paper = new Paper("Statement of dues", "No. " + number + ", " + harbour)) {
      paper.masthead("No. " + number, "Statement of dues", harbour + ", March 2025");
      paper.paragraph(
          "Dues for berths, ice, water and power in the month, for each vessel in the order of its"
              + " first call. Amounts are in crowns and are to be paid within thirty days.");
      DuesStatement statement = new DuesStatement(paper, 900 + number, plant);
      statement.head();
      statement.rows.add(OpenColumns.row("header", HEADS));
      for (String vessel : VESSELS.subList(0, vessels)) {
        statement.vessel(vessel);
      }
      statement.sum("Total dues", statement.total, true);
      SampleTable table =
          new SampleTable("", List.of(62f, 198f, 60f, 60f, 91f), 2, 1, statement.rows);
      Truth truth =
          new Truth(
              name + ".pdf",
              "wrapped descriptions, headings, subtotals, sums carried over the page break",
              List.of("partial", "multiline", "groups", "totals", "multi-page", "numeric"),
              List.of(new PrintedTable(table, statement.pages)));
      return new Sample(name, paper.toPdf(), truth.toJson(), List.of(table));
    }
  }

  /** The headings between two rulings. */
  private void head() throws IOException {
    pages.add(paper.pageNumber());
    float y = paper.y();
    paper.sheet().line(Paper.LEFT, y, Paper.RIGHT, y, 0.8f);
    columns.print(paper.sheet(), y + 11, paper.sansBold, HEADS);
    paper.sheet().line(Paper.LEFT, y + 15, Paper.RIGHT, y + 15, 0.4f);
    paper.moveTo(y + 17);
  }

  private void vessel(String vessel) throws IOException {
    makeRoom(4);
    paper.moveTo(paper.y() + 4);
    columns.print(paper.sheet(), baseline(), paper.sansBold, 0, vessel);
    rows.add(new SampleRow("group", List.of(new SampleCell(vessel, 0, HEADS.size(), 1))));
    next();
    long subtotal = 0;
    int lines = (isLong(plant) ? 12 : 4) + random.nextInt(6);
    for (int i = 0; i < lines; i++) {
      subtotal += entry(1 + i * 28 / lines);
    }
    boolean third = vessel.equals(VESSELS.get(2));
    sum(
        "Dues of " + vessel.substring(0, vessel.indexOf(',')),
        subtotal + (third && plant == Plant.WRONG_SUBTOTAL ? 100 : 0),
        false);
    total += third && plant == Plant.SUM_AMONG_ROWS ? subtotal : 0;
  }

  private long entry(int day) throws IOException {
    boolean wrapped = random.nextInt(4) == 0;
    List<String> texts = wrapped ? LONG : SHORT;
    String text = texts.get(random.nextInt(texts.size()));
    int tenths = 5 + random.nextInt(400);
    int cents = 40 + random.nextInt(260);
    long amount = Math.round(tenths * cents / 10.0);
    List<String> lines = Sheet.wrapped(text, WRAP, paper.sans, SIZE);
    makeRoom(lines.size() + 1);
    List<String> cells =
        planted(
            List.of(
                String.format(Locale.ROOT, "2025-03-%02d", day),
                text,
                String.format(Locale.ROOT, "%.1f", tenths / 10.0),
                money(cents),
                money(amount)));
    entries++;
    boolean here = entries == PLANTED;
    for (int i = 0; i < (here ? timesPrinted() : 1); i++) {
      line(cells, lines);
    }
    rows.add(OpenColumns.row("body", cells));
    long summed = here ? timesSummed() * amount : amount;
    total += summed;
    return summed;
  }

  private int timesSummed() {
    if (plant == Plant.NOT_SUMMED) {
      return 0;
    }
    return plant == Plant.COUNTED_TWICE ? 2 : 1;
  }

  private int timesPrinted() {
    if (plant == Plant.LOST_ROW) {
      return 0;
    }
    return plant == Plant.DOUBLED_ROW ? 2 : 1;
  }

  /** The cells of an entry, with the error where it is planted. */
  private List<String> planted(List<String> cells) {
    if (plant == null || entries + 1 != PLANTED) {
      return cells;
    }
    List<String> changed = new ArrayList<>(cells);
    String amount = cells.get(4);
    switch (plant) {
      case EXCHANGED_DIGITS ->
          changed.set(4, "" + amount.charAt(1) + amount.charAt(0) + amount.substring(2));
      case SHIFTED_MARK -> changed.set(4, amount.replace(".", "") + ".00");
      case PRODUCT_OFF -> changed.set(2, cells.get(2).replaceFirst("\\.\\d", "") + "9.9");
      case UNREADABLE -> changed.set(4, "see note");
      default -> {
        // planted elsewhere
      }
    }
    return changed;
  }

  private void line(List<String> cells, List<String> lines) throws IOException {
    List<String> first = new ArrayList<>(cells);
    first.set(1, lines.get(0));
    columns.print(paper.sheet(), baseline(), paper.sans, first);
    next();
    for (String more : lines.subList(1, lines.size())) {
      columns.print(paper.sheet(), baseline(), paper.sans, 1, more);
      next();
    }
  }

  private void sum(String label, long amount, boolean ruled) throws IOException {
    makeRoom(1);
    if (ruled) {
      paper.moveTo(paper.y() + 4);
      paper.sheet().line(Paper.LEFT, paper.y(), Paper.RIGHT, paper.y(), 0.8f);
      paper.moveTo(paper.y() + 2);
    }
    columns.print(
        paper.sheet(), baseline(), paper.sansBold, List.of("", label, "", "", money(amount)));
    rows.add(OpenColumns.row("total", List.of("", label, "", "", money(amount))));
    next();
  }

  /** Goes on with the next page where lines do not fit, with the sum so far on both. */
  private void makeRoom(int lines) throws IOException {
    if (paper.room() >= (lines + 1) * STEP + HEAD_ROOM / 2) {
      return;
    }
    sum("Carried forward", total);
    paper.newPage();
    head();
    sum("Brought forward", total);
  }

  private void sum(String label, long amount) throws IOException {
    List<String> cells = List.of("", label, "", "", money(amount));
    columns.print(paper.sheet(), baseline(), paper.serifItalic, cells);
    rows.add(OpenColumns.row("total", cells));
    next();
  }

  private float baseline() {
    return paper.y() + SIZE;
  }

  private void next() {
    paper.moveTo(paper.y() + STEP);
  }

  private static String money(long cents) {
    return String.format(Locale.ROOT, "%,d.%02d", cents / 100, cents % 100);
  }
}
