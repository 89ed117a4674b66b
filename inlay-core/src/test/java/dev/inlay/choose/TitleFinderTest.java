package dev.inlay.choose;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.PageBuilder;
import dev.inlay.geom.Box;
import dev.inlay.page.LineComposer;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class TitleFinderTest {

  private static final Box FRAME = new Box(50, 200, 300, 400);

  private static final double TYPE_SIZE = 10;

  private static Optional<String> title(PageBuilder page) {
    return TitleFinder.above(FRAME, LineComposer.compose(page.build().glyphs()), TYPE_SIZE);
  }

  @Test
  void aLabelWithANumberIsATitle() {
    assertThat(title(new PageBuilder().text("Tabelle 3.1: Fischarten", 50, 192)))
        .contains("Tabelle 3.1: Fischarten");
  }

  @Test
  void aWordInTheMiddleOfASentenceIsNoLabel() {
    assertThat(title(new PageBuilder().text("from 2 June", 50, 192))).isEmpty();
  }

  @Test
  void boldLinesAreOneTitle() {
    PageBuilder page = new PageBuilder().bold().text("Landings by", 50, 180);
    assertThat(title(page.text("harbour", 50, 192))).contains("Landings by harbour");
  }

  @Test
  void aTitleStandsRightAboveItsFrame() {
    assertThat(title(new PageBuilder().bold().text("Landings", 50, 150))).isEmpty();
    assertThat(title(new PageBuilder().bold().text("Landings", 320, 192))).isEmpty();
    assertThat(title(new PageBuilder().bold().text("Landings", 50, 220))).isEmpty();
  }

  @Test
  void linesInLargerTypeAreATitleAndThoseInOtherTypeNoPartOfIt() {
    PageBuilder page = new PageBuilder().text("Landings by", 50, 178, 13);
    assertThat(title(page.text("harbour", 50, 192, 13))).contains("Landings by harbour");
    PageBuilder below = new PageBuilder().text("The Sound in figures", 50, 170, 20);
    assertThat(title(below.text("Landings", 50, 192, 13))).contains("Landings");
    assertThat(title(new PageBuilder().text("weighed at the quay", 50, 192, 10.5))).isEmpty();
    assertThat(title(new PageBuilder().text("All was weighed.", 50, 192, 13))).isEmpty();
  }

  @Test
  void theParagraphAboveABoldTitleIsNoPartOfIt() {
    PageBuilder page = new PageBuilder().text("before noon.", 50, 180);
    assertThat(title(page.bold().text("Landings", 50, 192))).contains("Landings");
  }

  @Test
  void aWholeBoldParagraphIsNoTitle() {
    PageBuilder page = new PageBuilder().bold();
    for (int i = 0; i < 5; i++) {
      page.text("weighed at the quay", 50, 192 - i * 12);
    }
    assertThat(title(page)).isEmpty();
  }
}
