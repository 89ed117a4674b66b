package dev.inlay.propose;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.PageBuilder;
import dev.inlay.evidence.Frame;
import dev.inlay.evidence.FrameFinder;
import dev.inlay.evidence.PageEvidence;
import dev.inlay.evidence.PageMeasure;
import dev.inlay.model.Warning;
import dev.inlay.model.WarningCode;
import dev.inlay.page.Page;
import java.util.List;
import org.junit.jupiter.api.Test;

class GridBuilderTest {

  private static Grid grid(PageBuilder builder) {
    Page page = builder.build();
    PageEvidence evidence = PageEvidence.of(page).with(new PageMeasure(10));
    List<Frame> frames = FrameFinder.find(1, evidence.rulings(), evidence.measure());
    assertThat(frames).hasSize(1);
    return GridBuilder.build(frames.get(0), evidence);
  }

  private static List<String> texts(Grid grid) {
    return grid.rows().stream().flatMap(List::stream).map(Cell::text).toList();
  }

  private static List<WarningCode> codes(Grid grid) {
    return grid.warnings().stream().map(Warning::code).toList();
  }

  @Test
  void eachCellHoldsItsText() {
    PageBuilder page = new PageBuilder().lattice(50, 100, 60, 20, 2, 2);
    page.cells(50, 100, 60, 20, 2, "Species", "Boxed", "Cod", "1,204.5");
    Grid grid = grid(page);
    assertThat(texts(grid)).containsExactly("Species", "Boxed", "Cod", "1,204.5");
    assertThat(grid.isClosed()).isTrue();
    assertThat(grid.warnings()).isEmpty();
  }

  @Test
  void whereNoRulingPartsThemSquaresAreOneCell() {
    // A spanner over the last two columns, a label over the last two rows.
    PageBuilder page = new PageBuilder();
    page.horizontal(100, 50, 230).horizontal(160, 50, 230);
    page.horizontal(120, 50, 230).horizontal(140, 110, 230);
    page.vertical(50, 100, 160).vertical(110, 100, 160).vertical(230, 100, 160);
    page.vertical(170, 120, 160);
    page.text("Landed weight", 130, 113).text("Oyle", 55, 133).text("12", 115, 133);
    Grid grid = grid(page);
    Cell spanner = grid.rows().get(0).get(1);
    assertThat(spanner.text()).isEqualTo("Landed weight");
    assertThat(spanner.columnSpan()).isEqualTo(2);
    Cell label = grid.rows().get(1).get(0);
    assertThat(label.text()).isEqualTo("Oyle");
    assertThat(label.rowSpan()).isEqualTo(2);
  }

  @Test
  void anAreaThatIsNoBoxIsTakenApartAndReported() {
    PageBuilder page = new PageBuilder();
    page.horizontal(100, 50, 170).horizontal(140, 50, 170);
    page.vertical(50, 100, 140).vertical(170, 100, 140);
    // Only the lower left square is closed off; the other three make an L.
    page.horizontal(120, 50, 110).vertical(110, 120, 140);
    page.text("a", 60, 114).text("b", 120, 114).text("c", 60, 134).text("d", 120, 134);
    Grid grid = grid(page);
    assertThat(texts(grid)).containsExactly("a", "b", "c", "d");
    assertThat(codes(grid)).containsExactly(WarningCode.ODD_CELL);
  }

  @Test
  void outerEdgesThatAreNotDrawnAreWhereTheRowsEnd() {
    PageBuilder page = new PageBuilder();
    for (int r = 0; r <= 2; r++) {
      page.horizontal(100 + r * 20, 50, 230);
    }
    page.vertical(110, 100, 140).vertical(170, 100, 140);
    page.cells(50, 100, 60, 20, 3, "a", "b", "c", "d", "e", "f");
    Grid grid = grid(page);
    assertThat(texts(grid)).containsExactly("a", "b", "c", "d", "e", "f");
    assertThat(grid.isClosed()).isFalse();
  }

  @Test
  void aBoundaryThroughACharacterIsReported() {
    PageBuilder page = new PageBuilder().lattice(50, 100, 60, 20, 2, 2);
    page.text("12345", 97.5, 113);
    assertThat(codes(grid(page))).containsExactly(WarningCode.CUT_WORD);
  }

  @Test
  void rowsThatNothingPartsAreReported() {
    PageBuilder page =
        new PageBuilder().lattice(50, 100, 60, 60, 1, 2).lattice(50, 80, 60, 20, 1, 2);
    for (int i = 0; i < 3; i++) {
      page.text("Cod", 60, 115 + i * 15).text("12", 120, 115 + i * 15);
    }
    assertThat(codes(grid(page))).containsExactly(WarningCode.CROWDED_ROW);
  }

  /** Three lines in a box of two columns: labels and what stands beside them. */
  private static PageBuilder threeLines(String... texts) {
    PageBuilder page = new PageBuilder().lattice(50, 100, 200, 60, 1, 2);
    for (int i = 0; i < texts.length; i++) {
      page.text("Quay " + i, 60, 115 + 14 * i).text(texts[i], 260, 115 + 14 * i);
    }
    return page;
  }

  @Test
  void figuresWithSpacesBetweenTheirGroupsAreFigures() {
    assertThat(codes(grid(threeLines("391 025", "2 025", "18 023"))))
        .containsExactly(WarningCode.CROWDED_ROW);
  }

  @Test
  void aFigureThatGoesOnBelowIsOneWithItsRest() {
    assertThat(codes(grid(threeLines("1.7k /", "2.4k /", "3.0k")))).isEmpty();
  }

  @Test
  void charactersOfUnknownMeaningAreReported() {
    PageBuilder page = new PageBuilder().lattice(50, 100, 60, 20, 2, 2).text("\uFFFD", 60, 113);
    assertThat(codes(grid(page))).containsExactly(WarningCode.UNKNOWN_CHARACTER);
  }

  @Test
  void linesOfACellAreJoinedAsTheyRead() {
    PageBuilder page = new PageBuilder().lattice(50, 100, 200, 120, 1, 2);
    page.text("Lemon", 60, 112).text("sole", 60, 124);
    page.text("Brown-", 60, 136).text("crab", 60, 148);
    page.text("• ice", 60, 160).text("after a blank line", 60, 190);
    page.text("end", 60, 202);
    assertThat(texts(grid(page)).get(0))
        .isEqualTo("Lemon sole Brown-crab\n• ice\nafter a blank line end");
  }
}
