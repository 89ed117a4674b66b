package dev.inlay.rows;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class PrintedTextTest {

  private static PrintedText printed(String text, Integer... lineStarts) {
    return new PrintedText(text, List.of(lineStarts), Optional.empty());
  }

  private static List<String> lines(PrintedText text, int pieces) {
    return text.inLines(pieces).stream().map(PrintedText::text).toList();
  }

  @Test
  void theLastPieceHoldsAllLinesThatAreLeft() {
    PrintedText three = printed("Ice, crushed by hand", 5, 13);
    assertThat(lines(three, 3)).containsExactly("Ice,", "crushed", "by hand");
    assertThat(lines(three, 2)).containsExactly("Ice,", "crushed by hand");
  }

  @Test
  void piecesWithoutALineAreEmpty() {
    assertThat(lines(printed("Crane"), 3)).containsExactly("Crane", "", "");
    assertThat(lines(PrintedText.NOTHING, 2)).containsExactly("", "");
  }

  @Test
  void aTextThatGoesOnBeginsANewLine() {
    PrintedText joined = printed("Shore power", 6).and(printed("read twice", 5));
    assertThat(joined.text()).isEqualTo("Shore power read twice");
    assertThat(lines(joined, 4)).containsExactly("Shore", "power", "read", "twice");
  }
}
