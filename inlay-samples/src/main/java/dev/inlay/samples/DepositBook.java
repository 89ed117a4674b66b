package dev.inlay.samples;

import dev.inlay.samples.OpenColumns.Edge;
import java.io.IOException;
import java.util.List;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType1Font;
import org.apache.pdfbox.pdmodel.font.Standard14Fonts.FontName;

/** The book of deposits: values of every type in one table, and a listing of meter readings. */
final class DepositBook {

  private static final List<String> HEADS =
      List.of("Account", "Holder", "Opened", "Due in", "Balance", "Share", "Lent");

  private static final List<List<String>> ROWS =
      List.of(
          List.of("0042", "A. Corran", "3 March 2019", "June 2025", "$ 1,204.50", "12.5 %", "yes"),
          List.of(
              "0057", "B. Fenwick and sons", "17 May 2020", "July 2025", "(88.00)", "4 %", "no"),
          List.of("", "", "1 July 2021", "July 2025", "12.00 CR", "0.5 %", "no"),
          List.of("0061", "C. Tallis\u00B9", "9 June 2022", "May 2026", "\u2013", "", "yes"),
          List.of(
              "0103", "Sound Fisheries Union", "2 Jan 2023", "May 2026", "10,331.25", "83 %", "no"),
          List.of("0110", "D. Moran", "on request", "May 2026", "40.00-", "", "no"));

  private static final List<String> LISTING =
      List.of(
          "METER READINGS",
          "Quay NORTH, read 12.03.2025",
          "A1  000452  Grey Tern            1.204,5 kWh",
          "A2  000453  Bright Heron           310,0 kWh",
          "    read twice, the lower counts",
          "Quay FISH PIER, read 13.03.2025",
          "B1  000460  Old Petrel              88,5 kWh",
          "B2  ------  no meter",
          "END OF READINGS");

  private static final float STEP = 15;
  private static final float SIZE = 9;

  private DepositBook() {}

  static Sample print() throws IOException {
    try (Paper paper = new Paper("Deposit book", "No. 4")) {
      paper.masthead("No. 4", "Deposit book", "31 March 2025");
      paper.paragraph("Deposits of masters and owners, in crowns. CR marks what the Board owes.");
      float top = paper.y() + 4;
      paper.sheet().text("Currency: crowns", Paper.LEFT, top, paper.sans, SIZE);
      paper.sheet().text("Clerk: H. Ferrier", Paper.LEFT + 250, top, paper.sans, SIZE);
      paper.moveTo(top + 2 * STEP);
      table(paper);
      paper.note("\u00B9 Held in trust.");
      listing(paper);
      return new Sample("deposit-book-2025", paper.toPdf(), new byte[0], List.of());
    }
  }

  private static void table(Paper paper) throws IOException {
    float left = Paper.LEFT;
    OpenColumns columns =
        new OpenColumns(
            List.of(
                Edge.left(left),
                Edge.left(left + 52),
                Edge.left(left + 168),
                Edge.left(left + 246),
                Edge.right(left + 364),
                Edge.right(left + 416),
                Edge.left(left + 440)),
            SIZE);
    float y = paper.y();
    paper.sheet().line(left, y - 12, Paper.RIGHT, y - 12, 0.8f);
    columns.print(paper.sheet(), y, paper.sansBold, HEADS);
    paper.sheet().line(left, y + 5, Paper.RIGHT, y + 5, 0.4f);
    for (List<String> row : ROWS) {
      y += STEP;
      columns.print(paper.sheet(), y, paper.sans, row);
    }
    paper.sheet().line(left, y + 6, Paper.RIGHT, y + 6, 0.8f);
    paper.moveTo(y + 2 * STEP);
  }

  private static void listing(Paper paper) throws IOException {
    PDFont typewriter = new PDType1Font(FontName.COURIER);
    float y = paper.y() + 2 * STEP;
    for (String line : LISTING) {
      int indent = line.length() - line.stripLeading().length();
      float left = Paper.LEFT + indent * Sheet.width("m", typewriter, SIZE);
      paper.sheet().text(line.strip(), left, y, typewriter, SIZE);
      y += STEP - 2;
    }
    paper.moveTo(y);
  }
}
