package dev.inlay.document;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.PageBuilder;
import dev.inlay.choose.PageTables;
import dev.inlay.model.Decision;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What is said of parts of tables on following pages. */
class PartLinkTest {

  private static PageBuilder page(int number, String title, String... headings) {
    PageBuilder page = new PageBuilder(number);
    if (!title.isEmpty()) {
      page.text(title, 50, 80);
    }
    row(page.bold(), 100, headings).plain();
    for (int r = 1; r <= 5; r++) {
      String[] texts = new String[headings.length];
      for (int c = 0; c < texts.length; c++) {
        texts[c] = c == 0 ? "Skua " + number + r : number + c + r + ".50";
      }
      row(page, 100 + 14 * r, texts);
    }
    return page;
  }

  private static PageBuilder row(PageBuilder page, double y, String... texts) {
    for (int c = 0; c < texts.length; c++) {
      page.text(texts[c], 50 + 110 * c, y);
    }
    return page;
  }

  private static Decision link(PageBuilder first, PageBuilder second) {
    Stitcher stitcher = new Stitcher();
    stitcher.add(PageTables.of(first.build()));
    stitcher.add(PageTables.of(second.build()));
    List<Decision> links = stitcher.links();
    assertThat(links).hasSize(1);
    return links.get(0);
  }

  private static final String[] DUES = {"Vessel", "Berth", "Water"};

  @Test
  void aHeaderPrintedAgainLinks() {
    Decision link = link(page(1, "", DUES), page(2, "", DUES));
    assertThat(link.chosen()).isEqualTo("goes on with p1t1");
    assertThat(link.reasons().get(0).name()).isEqualTo(PartLink.HEADER_REPEATED.words());
    assertThat(link.page()).isEqualTo(2);
  }

  @Test
  void anotherHeaderBeginsATable() {
    Decision link = link(page(1, "", DUES), page(2, "", "Boat", "Weight", "Value"));
    assertThat(link.chosen()).startsWith("p2t1 begins");
    assertThat(link.reasons().get(0).name()).isEqualTo(PartLink.OTHER_HEADER.words());
  }

  @Test
  void aTitleOfItsOwnBeginsATable() {
    Decision link =
        link(page(1, "Table 1. Dues in spring", DUES), page(2, "Table 2. Dues in autumn", DUES));
    assertThat(link.reasons().get(0).name()).isEqualTo(PartLink.OWN_TITLE.words());
  }

  @Test
  void anotherNumberOfColumnsBeginsATable() {
    Decision link = link(page(1, "", DUES), page(2, "", "Vessel", "Berth", "Water", "Power"));
    assertThat(link.reasons().get(0).name()).isEqualTo(PartLink.OTHER_COLUMNS.words());
  }

  /** The table of dues, and on the same page below it one of catches. */
  private static PageBuilder withCatches(int number, boolean catches) {
    PageBuilder page = page(number, "", DUES);
    return catches ? catches(page, 300) : page;
  }

  private static PageBuilder catches(PageBuilder page, double y) {
    row(page.bold(), y, "Ground", "Gear", "Boats", "Boxes").plain();
    for (int r = 1; r <= 4; r++) {
      row(page, y + 14 * r, "Ground " + r, "trawl", "1" + r, "2" + r + ".40");
    }
    return page;
  }

  private static List<Decision> links(PageBuilder... pages) {
    Stitcher stitcher = new Stitcher();
    for (PageBuilder page : pages) {
      stitcher.add(PageTables.of(page.build()));
    }
    return stitcher.links();
  }

  @Test
  void aTableGoesOnBehindOneSetBelowIt() {
    Decision link = links(withCatches(1, true), withCatches(2, false)).get(1);
    assertThat(link.chosen()).isEqualTo("goes on with p1t1");
    assertThat(link.reasons().get(0).name()).isEqualTo(PartLink.BEHIND_OTHERS.words());
  }

  @Test
  void behindAPageOfOthersToo() {
    PageBuilder between = catches(new PageBuilder(2), 100);
    Decision link = links(page(1, "", DUES), between, page(3, "", DUES)).get(1);
    assertThat(link.chosen()).isEqualTo("goes on with p1t1");
  }

  /** A page with catches, perhaps under a title, and the table of dues below them. */
  private static PageBuilder below(String title) {
    PageBuilder page = catches(new PageBuilder(2), 100);
    if (!title.isEmpty()) {
      page.text(title, 50, 80);
    }
    row(page.bold(), 240, DUES).plain();
    for (int r = 1; r <= 5; r++) {
      row(page, 240 + 14 * r, "Skua 2" + r, "21" + r + ".50", "22" + r + ".50");
    }
    return page;
  }

  @Test
  void aTableGoesOnBelowOneWithATitleSetAtTheTopOfThePage() {
    List<Decision> links = links(page(1, "", DUES), below("Table 3. Catches"));
    assertThat(links).hasSize(2);
    assertThat(links.get(1).chosen()).isEqualTo("goes on with p1t1");
    assertThat(links.get(1).reasons().get(0).name()).isEqualTo(PartLink.BEHIND_OTHERS.words());
  }

  @Test
  void belowATableWithoutTitleOrWhereTextEndsThePageBeforeItBegins() {
    assertThat(links(page(1, "", DUES), below("")).get(1).chosen()).startsWith("p2t2 begins");
    PageBuilder text = page(1, "", DUES);
    text.text("The season was short, and two vessels stayed in port until May,", 50, 240);
    text.text("so that fewer dues came in than in the year before, as was feared.", 50, 254);
    assertThat(links(text, below("Table 3. Catches")).get(1).chosen()).startsWith("p2t2 begins");
  }

  @Test
  void whereEachPageHasBothTheyAreOtherTables() {
    assertThat(links(withCatches(1, true), withCatches(2, true)))
        .noneMatch(l -> l.chosen().equals("goes on with p1t1"));
  }

  @Test
  void whatIsSaidToBeContinuedGoesOnWhereverItsColumnsStand() {
    PageBuilder second = new PageBuilder(2).text("Table 1 (continued)", 50, 86);
    for (int r = 1; r <= 5; r++) {
      second.text("Tern 2" + r, 50, 86 + 14 * r).text("2" + r + ".50", 400, 86 + 14 * r);
      second.text("3" + r + ".50", 480, 86 + 14 * r);
    }
    Decision link = link(page(1, "Table 1. Dues", DUES), second);
    assertThat(link.reasons().get(0).name()).isEqualTo(PartLink.CONTINUED.words());
  }
}
