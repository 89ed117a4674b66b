package dev.inlay.samples;

import dev.inlay.samples.OpenColumns.Edge;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;

/**
 * The cash book of the harbour office: numbered entries with a running balance, carried from page
 * to page, and their number and sum at the end.
 */
final class CashBook {

  private static final List<String> HEADS =
      List.of("No.", "Sheet", "Date", "Particulars", "Amount", "Balance");

  private static final List<String> TAKEN =
      List.of("Berth, visitor", "Slip, half a day", "Ice, loose", "Water", "Crane, one lift");

  private static final List<String> PAID =
      List.of("Lamp oil", "Rope and shackles", "Wages, night watch", "Paint", "Stamps");

  /** The entry in which an error is planted. */
  private static final int PLANTED = 12;

  private static final float STEP = 13;
  private static final float SIZE = 9;
  private static final int SHEETS_BEFORE = 31;

  private final Paper paper;
  private final CashPlant plant;
  private final Random random;
  private final OpenColumns columns =
      new OpenColumns(
          List.of(
              Edge.right(Paper.LEFT + 28),
              Edge.left(Paper.LEFT + 46),
              Edge.left(Paper.LEFT + 84),
              Edge.left(Paper.LEFT + 160),
              Edge.right(Paper.LEFT + 390),
              Edge.right(Paper.RIGHT)),
          SIZE);

  private final List<SampleRow> rows = new ArrayList<>();
  private final List<Integer> pages = new ArrayList<>();
  private long balance;
  private long sum;
  private int number;

  private CashBook(Paper paper, Month month, CashPlant plant) {
    this.paper = paper;
    this.plant = plant;
    random = new Random(month.entries());
    balance = month.opening();
    number = month.firstNumber() - 1;
  }

  /** What one month's book holds; amounts in hundredths. */
  private record Month(String name, String digits, int firstNumber, int entries, long opening) {}

  private static final Month MARCH = new Month("March", "03", 212, 61, 104_050);

  static List<Sample> all() throws IOException {
    return List.of(
        print(MARCH, CashPlant.NONE),
        print(new Month("April", "04", 273, 74, 88_120), CashPlant.NONE),
        // with a slip, for a check to find
        print(new Month("May", "05", 347, 58, 132_900), CashPlant.SIGN_TURNED));
  }

  /** A book with an error in it. */
  static Sample planted(CashPlant plant) throws IOException {
    return print(MARCH, plant);
  }

  private static Sample print(Month month, CashPlant plant) throws IOException {
    String name = "cash-book-2025-" + month.digits();
    try (Paper paper = new Paper("Cash book", month.name() + " 2025")) {
      paper.masthead("Office till", "Cash book", month.name() + " 2025");
      paper.paragraph(
          "What the office till took and paid in the month, in crowns. At the beginning it held "
              + money(month.opening())
              + ".");
      CashBook book = new CashBook(paper, month, plant);
      book.head();
      book.rows.add(OpenColumns.row("header", HEADS));
      for (int i = 0; i < month.entries(); i++) {
        book.entry(i, month);
      }
      book.end(month);
      SampleTable table =
          new SampleTable("", List.of(30f, 38f, 76f, 160f, 86f, 81f), 4, 1, book.rows);
      Truth truth =
          new Truth(
              name + ".pdf",
              "numbered entries with a running balance, carried from page to page",
              List.of("partial", "totals", "multi-page", "numeric"),
              List.of(new PrintedTable(table, book.pages)));
      return new Sample(name, paper.toPdf(), truth.toJson(), List.of(table));
    }
  }

  private void head() throws IOException {
    pages.add(paper.pageNumber());
    float y = paper.y();
    paper.sheet().line(Paper.LEFT, y, Paper.RIGHT, y, 0.8f);
    columns.print(paper.sheet(), y + 11, paper.sansBold, HEADS);
    paper.sheet().line(Paper.LEFT, y + 15, Paper.RIGHT, y + 15, 0.4f);
    paper.moveTo(y + 18);
  }

  private void entry(int index, Month month) throws IOException {
    if (paper.room() < 3 * STEP) {
      sumLine("Carried forward", "", balance);
      paper.newPage();
      head();
      boolean off = plant == CashPlant.CARRIED_OFF && pages.size() == 2;
      sumLine("Brought forward", "", balance + (off ? 900 : 0));
    }
    boolean planted = index == PLANTED;
    number += planted && plant == CashPlant.SERIAL_GAP ? 2 : 1;
    boolean taken = random.nextInt(3) > 0;
    long amount = (taken ? 1 : -1) * (500 + random.nextInt(taken ? 9_000 : 12_000));
    balance += amount + (planted && plant == CashPlant.BALANCE_OFF ? 777 : 0);
    sum += amount;
    List<String> texts = taken ? TAKEN : PAID;
    int sheet = SHEETS_BEFORE + pages.size() - (planted && plant == CashPlant.OTHER_SHEET ? 1 : 0);
    boolean turned = planted && plant == CashPlant.SIGN_TURNED;
    List<String> cells =
        List.of(
            String.valueOf(number),
            String.valueOf(sheet),
            String.format(
                Locale.ROOT, "2025-%s-%02d", month.digits(), 1 + index * 30 / month.entries()),
            texts.get(random.nextInt(texts.size())),
            money(turned ? -amount : amount),
            money(balance));
    columns.print(paper.sheet(), paper.y() + SIZE, paper.sans, cells);
    paper.moveTo(paper.y() + STEP);
    rows.add(OpenColumns.row("body", cells));
  }

  private void sumLine(String label, String amount, long balanceSoFar) throws IOException {
    List<String> cells = List.of("", "", "", label, amount, money(balanceSoFar));
    columns.print(paper.sheet(), paper.y() + SIZE, paper.serifItalic, cells);
    paper.moveTo(paper.y() + STEP);
    rows.add(OpenColumns.row("total", cells));
  }

  private void end(Month month) throws IOException {
    paper.sheet().line(Paper.LEFT, paper.y() + 2, Paper.RIGHT, paper.y() + 2, 0.8f);
    paper.moveTo(paper.y() + 5);
    List<String> cells = List.of("", "", "", "Total", money(sum), "");
    columns.print(paper.sheet(), paper.y() + SIZE, paper.sansBold, cells);
    rows.add(OpenColumns.row("total", cells));
    paper.moveTo(paper.y() + 3 * STEP);
    int entries = month.entries() + (plant == CashPlant.COUNT_OFF ? 3 : 0);
    paper.sheet().text("Entries: " + entries, Paper.LEFT, paper.y(), paper.sans, SIZE);
  }

  private static String money(long cents) {
    String digits =
        String.format(Locale.ROOT, "%,d.%02d", Math.abs(cents) / 100, Math.abs(cents) % 100);
    return (cents < 0 ? "-" : "") + digits;
  }
}
