package dev.inlay.samples;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;

/** The quarterly landings bulletin: the first family of the demo papers. */
final class LandingsBulletin {

  /**
   * One issue of the bulletin.
   *
   * @param quarter from 1 to 4
   * @param season its months in words
   * @param species how many species each harbour lands
   * @param style how this issue's lines are drawn: the board changed its programs over the year
   * @param shadedHeader whether heading rows stand on grey
   */
  private record Issue(
      int quarter, String season, int species, RulingStyle style, boolean shadedHeader) {}

  private static final int YEAR = 2025;

  private static final List<Issue> ISSUES =
      List.of(
          new Issue(1, "January to March", 11, RulingStyle.STROKES, false),
          new Issue(2, "April to June", 9, RulingStyle.THIN_BOXES, true),
          new Issue(3, "July to September", 16, RulingStyle.CELL_BOXES, false),
          new Issue(4, "October to December", 13, RulingStyle.STROKES, true));

  private LandingsBulletin() {}

  static List<Sample> all() throws IOException {
    List<Sample> samples = new ArrayList<>();
    for (Issue issue : ISSUES) {
      samples.add(print(issue));
    }
    return samples;
  }

  private static Sample print(Issue issue) throws IOException {
    String name = "landings-" + YEAR + "-q" + issue.quarter();
    String period = issue.season() + " " + YEAR;
    LandingsFigures figures = new LandingsFigures(YEAR * 10L + issue.quarter(), issue.species());
    SampleTable byHarbour = figures.byHarbour(period);
    SampleTable byLength = figures.byLength(period);
    try (Paper paper =
        new Paper("Quarterly landings bulletin", "Q" + issue.quarter() + " " + YEAR)) {
      paper.masthead("No. " + (56 + issue.quarter()), "Quarterly landings bulletin", period);
      paper.paragraph(
          "The four harbours of the Sound took in "
              + LandingsFigures.whole(figures.tonnes())
              + " tonnes of fish and shellfish in the quarter. This bulletin gives the landings of"
              + " each harbour by species, as declared by the masters and weighed at the quay, and"
              + " the vessels that made them by length.");
      paper.paragraph(
          "Weights are landed weights in kilograms: boxed fish is weighed in the box with the ice"
              + " taken off, bulk landings are weighed over the pier scales. Values are first-sale"
              + " values in whole crowns, before dues. Figures may be revised until the season"
              + " summary is closed.");
      PrintedTable first =
          RuledTablePrinter.print(paper, issue.style(), issue.shadedHeader(), byHarbour);
      paper.note(
          "¹ Saithe landed at Oyle includes fish moved between vessels at sea, which was weighed once,"
              + " at the quay.");
      paper.heading("Vessels");
      paper.paragraph(
          "Vessels are counted once for the quarter, whatever number of landings they made and at"
              + " whichever harbour. Lengths are overall lengths as entered in the register.");
      PrintedTable second =
          RuledTablePrinter.print(paper, issue.style(), issue.shadedHeader(), byLength);
      closingWords(issue, paper);
      return sample(name, paper, List.of(first, second));
    }
  }

  private static void closingWords(Issue issue, Paper paper) throws IOException {
    paper.heading("About these figures");
    paper.paragraph(
        "Landing declarations reach the Board within two days of each landing. Late declarations are"
            + " entered in the quarter of the landing, not of the declaration.");
    if (issue.quarter() == 4) {
      paper.paragraph(
          "The season summary for the year will be printed when all four quarters have been closed."
              + " Harbour masters who find an error are asked to write to the Board's office at"
              + " Brennick before the end of February.");
    }
  }

  private static Sample sample(String name, Paper paper, List<PrintedTable> tables)
      throws IOException {
    Truth truth =
        new Truth(
            name + ".pdf",
            "a ruled table with a spanner and merged harbour names runs over the page break",
            List.of(
                "ruled",
                "spanner",
                "multi-header",
                "rowspan",
                "colspan-body",
                "multi-page",
                "multi-table",
                "totals",
                "footnotes",
                "numeric"),
            tables);
    return new Sample(
        name, paper.toPdf(), truth.toJson(), tables.stream().map(PrintedTable::table).toList());
  }
}
