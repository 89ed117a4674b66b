package dev.inlay.draft;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.TableBuilder;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Balances that a draft proposes: of what comes in and goes out, over all rows or in groups. */
class BalanceCandidatesTest {

  /**
   * Accounts of some rows each, their names printed once; each begins anew.
   *
   * @param off a row whose balance is wrong, from 0; -1 for none
   */
  private static String draft(int accounts, int rows, int off) {
    TableBuilder table = new TableBuilder("Account", "Day", "In", "Out", "Balance");
    for (int a = 0; a < accounts; a++) {
      int balance = 700 + 90 * a;
      for (int r = 0; r < rows; r++) {
        int in = 13 * (r + 2 * a) % 29 + 5;
        int out = 17 * (r + 3 * a) % 31 + 3;
        balance += in - out;
        int printed = balance + (a * rows + r == off ? 1 : 0);
        String name = r == 0 ? "K-" + a : "";
        table.row(name, "D" + (r + 1) + "x", in + ".50", out + ".50", printed + ".00");
      }
    }
    SampleFile file = new SampleFile("a.pdf", List.of(table.build()), List.of(), List.of());
    return SpecDraft.of(List.of(file));
  }

  @Test
  void whatComesInLessWhatGoesOutIsAnAmount() {
    assertThat(draft(1, 9, -1))
        .contains("- {balance: balance, plus: in - out}  # held in 8 of 8 steps")
        .doesNotContain("plus: in}", "plus: out - in");
    assertThat(draft(1, 8, -1)).as("too few steps").doesNotContain("balance: balance");
  }

  @Test
  void aBalanceThatBeginsAnewIsOneInEachGroup() {
    assertThat(draft(4, 6, -1))
        .contains("- {balance: balance, plus: in - out, by: [account]}  # held in 20 of 20 steps");
  }

  @Test
  void inManyRowsTheOneThatIsOffIsNamed() {
    assertThat(draft(1, 90, 89))
        .contains("plus: in - out}  # held in 88 of 89 steps; not in a.pdf, page 1: ");
    assertThat(draft(1, 20, 19)).as("few rows").doesNotContain("balance: balance");
  }
}
