package dev.inlay.page;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.PageBuilder;
import org.junit.jupiter.api.Test;

class TextLineTest {

  private static final TextLine LINE =
      LineComposer.compose(
              new PageBuilder().text("Berth", 50, 100).text("48", 200, 100).build().glyphs())
          .get(0);

  @Test
  void aLineWithSomeOfItsWordsIsBoundedByThem() {
    TextLine right = LINE.only(w -> w.box().left() > 100).orElseThrow();
    assertThat(right.text()).isEqualTo("48");
    assertThat(right.box().left()).isEqualTo(LINE.words().get(1).box().left());
    assertThat(right.baseline()).isEqualTo(LINE.baseline());
  }

  @Test
  void allWordsAreTheLineItselfAndNoneIsNoLine() {
    assertThat(LINE.only(w -> true)).containsSame(LINE);
    assertThat(LINE.only(w -> false)).isEmpty();
  }
}
