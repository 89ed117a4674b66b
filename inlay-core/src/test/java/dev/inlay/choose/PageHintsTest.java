package dev.inlay.choose;

import static dev.inlay.ReadTables.texts;
import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.PageBuilder;
import dev.inlay.document.Stitcher;
import dev.inlay.geom.Box;
import dev.inlay.model.RulingExtent;
import dev.inlay.model.Table;
import dev.inlay.model.Warning;
import dev.inlay.model.WarningCode;
import dev.inlay.page.Page;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What a person says of a table holds, whatever the page looks like. */
class PageHintsTest {

  private static List<Table> tables(Page page, PageHints guidance) {
    PageTables found = PageTables.of(page, guidance);
    assertThat(found.ledger().balances()).isTrue();
    Stitcher stitcher = new Stitcher();
    stitcher.add(found);
    return stitcher.finish();
  }

  private static PageHints frame(double left, double top, double right, double bottom) {
    Box box = new Box(left, top, right, bottom);
    return new PageHints(Optional.of(box), true, List.of(), false, Proposal.CHOSEN);
  }

  private static PageHints gutters(Double... gutters) {
    return new PageHints(Optional.empty(), false, List.of(gutters), false, Proposal.CHOSEN);
  }

  private static PageBuilder addresses() {
    PageBuilder page = new PageBuilder();
    page.text("Harbour office of the board", 50, 80);
    page.text("Brennick", 50, 100).text("North quay", 150, 100);
    page.text("Oyle", 50, 114).text("Fish pier", 150, 114);
    return page.text("All are open on weekdays", 50, 300);
  }

  @Test
  void aGivenFrameIsATableThoughNothingElseSaysSo() {
    assertThat(tables(addresses().build(), PageHints.NONE)).isEmpty();
    List<Table> tables = tables(addresses().build(), frame(40, 88, 300, 120));
    assertThat(tables).hasSize(1);
    assertThat(texts(tables.get(0)))
        .contains(List.of("Brennick", "North quay"), List.of("Oyle", "Fish pier"));
  }

  @Test
  void whatStandsOutsideAGivenFrameIsNotRead() {
    PageBuilder page = addresses();
    Table table = tables(page.build(), frame(40, 106, 300, 310)).get(0);
    assertThat(texts(table).toString()).contains("Oyle").doesNotContain("Brennick");
  }

  @Test
  void aGivenGutterThatCutsAWordIsToldWithItsPlace() {
    PageBuilder page = new PageBuilder();
    page.text("Species", 50, 100).text("Boxed", 150, 100);
    page.text("Lemonsole", 50, 114).text("12.5", 150, 114);
    page.text("Cod", 50, 128).text("7.0", 150, 128);
    Table table = tables(page.build(), gutters(72.0, 140.0)).get(0);
    assertThat(table.columns()).hasSize(3);
    assertThat(texts(table)).contains(List.of("Lemo", "nsole", "12.5"), List.of("Cod", "7.0"));
    List<Warning> cuts =
        table.warnings().stream().filter(w -> w.code() == WarningCode.CUT_WORD).toList();
    assertThat(cuts).extracting(Warning::message).anyMatch(m -> m.contains("\"Lemonsole\""));
    assertThat(cuts).allMatch(w -> w.page() == 1 && w.message().contains("72 points"));
    assertThat(cuts.get(0).box()).isPresent();
    assertThat(table.confidence()).isLessThan(0.9);
  }

  @Test
  void givenGuttersBetweenWordsWarnOfNothing() {
    PageBuilder page = new PageBuilder();
    page.text("Species", 50, 100).text("Boxed", 150, 100);
    page.text("Ling", 50, 114).text("12.5", 150, 114);
    page.text("Cod", 50, 128).text("7.0", 150, 128);
    Table table = tables(page.build(), gutters(120.0)).get(0);
    assertThat(table.warnings()).extracting(Warning::code).doesNotContain(WarningCode.CUT_WORD);
    assertThat(texts(table)).contains(List.of("Ling", "12.5"));
  }

  @Test
  void rulingsAreIgnoredOrUsedAloneOnDemand() {
    PageBuilder page = new PageBuilder().lattice(45, 86, 200, 20, 3, 1);
    page.text("Species", 50, 100).text("Boxed", 150, 100);
    page.text("Ling", 50, 120).text("12.5", 150, 120);
    page.text("Cod", 50, 140).text("7.0", 150, 140);
    PageHints ignore =
        new PageHints(Optional.empty(), false, List.of(), false, Proposal.of(RulingUse.IGNORE));
    PageHints use =
        new PageHints(Optional.empty(), false, List.of(), false, Proposal.of(RulingUse.USE));
    Table open = tables(page.build(), ignore).get(0);
    assertThat(open.frames().get(0).rulings()).isEqualTo(RulingExtent.NONE);
    assertThat(open.columns()).hasSize(2);
    assertThat(tables(page.build(), use)).isEmpty();
  }
}
