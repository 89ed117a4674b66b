package dev.inlay.choose;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.PageBuilder;
import dev.inlay.model.Decision;
import dev.inlay.model.Reason;
import java.util.List;
import org.junit.jupiter.api.Test;

/** A table with a spanner over two columns and a label over three, and why they are read so. */
class PageDecisionsTest {

  private static final List<Decision> DECISIONS = PageDecisions.of(page().build());

  private static PageBuilder page() {
    PageBuilder page = new PageBuilder();
    page.bold().text("Landed", 155, 80);
    page.text("Quay", 50, 94).text("Boxed", 130, 94).text("Bulk", 195, 94).text("Paid", 255, 94);
    page.plain();
    for (int r = 0; r < 8; r++) {
      double y = 110 + 14 * r;
      page.text("Quay " + r, 50, y).text("4" + r + "0", 138, y).text("5" + r + "7", 198, y);
      page.text("60" + r, 258, y);
    }
    return page.text("Total", 185, 222).text("4860", 252, 222);
  }

  private static List<Decision> about(Decision.Question question) {
    return DECISIONS.stream().filter(d -> d.question() == question).toList();
  }

  @Test
  void aLabelOverSeveralColumnsIsSaidAndWhy() {
    List<Decision> texts = about(Decision.Question.TEXTS);
    assertThat(texts).hasSize(1);
    Decision total = texts.get(0);
    assertThat(total.subject()).isEqualTo("Total");
    assertThat(total.chosen()).isEqualTo("1-3: Total");
    assertThat(total.runnerUp()).matches("[1-4](-[1-4])?: Total").isNotEqualTo(total.chosen());
    assertAddUp(total);
  }

  @Test
  void headingsAreSaidWithTheirColumns() {
    List<Decision> headings = about(Decision.Question.HEADINGS);
    assertThat(headings)
        .extracting(Decision::chosen)
        .containsExactly("2-3: Landed", "1: Quay, 2: Boxed, 3: Bulk, 4: Paid");
    assertAddUp(headings.get(0));
    assertThat(headings.get(1).runnerUp()).isEmpty(); // four words over four columns: one way
  }

  /** The reasons for and against make up the odds, but for what is too small to be said. */
  private static void assertAddUp(Decision decision) {
    double sum = decision.reasons().stream().mapToDouble(Reason::weight).sum();
    double odds = Math.log(decision.probability() / decision.runnerUpProbability());
    assertThat(Math.signum(sum)).isEqualTo(Math.signum(odds));
  }
}
