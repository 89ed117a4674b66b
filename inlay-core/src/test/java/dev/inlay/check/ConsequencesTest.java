package dev.inlay.check;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.TableBuilder;
import dev.inlay.geom.Box;
import dev.inlay.model.RowKind;
import dev.inlay.rows.DataSetPart;
import dev.inlay.rows.DataSetReading;
import dev.inlay.rows.Finding;
import dev.inlay.rows.PageLine;
import dev.inlay.spec.DataSetSpec;
import dev.inlay.spec.SpecException;
import dev.inlay.spec.SpecReader;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Findings that follow from others, and sums whose rows other checks prove; all on page 1. */
class ConsequencesTest {

  private static final String PRICE = "{name: price, row: a * b == t, within: 0}";
  private static final String SUM = "{name: total, sum: t, is: totals}";
  private static final String PAGES = "{name: pages, pages: 'Page (\\d+) of (\\d+)'}";

  private static List<Finding> findings(String pages, TableBuilder table, String... checks)
      throws SpecException {
    String spec =
        """
        report: R
        columns:
          no: {from: No, type: integer}
          a: {from: A, type: number}
          b: {from: B, type: number}
          t: {from: T, type: number}
        checks:
        """
            + "  - "
            + String.join("\n  - ", checks);
    DataSetSpec set = SpecReader.read(spec).dataSets().get(0);
    List<PageLine> lines = List.of(new PageLine(1, pages, new Box(50, 20, 150, 30), List.of()));
    DataSetPart read = DataSetReading.read(set, "a.pdf", List.of(table.build()), lines);
    return Checks.made(set.checks(), read, "a.pdf", lines).findings();
  }

  private static TableBuilder orders(String total, String... last) {
    return new TableBuilder("No", "A", "B", "T")
        .row("1", "2", "3", "6")
        .row("2", "4", "5", "20")
        .row(last)
        .row(RowKind.TOTAL, "Total", "", "", total);
  }

  private static final String[] RIGHT = {"3", "7", "2", "14"};

  @Test
  void aSumThatNothingExplainsFollowsFromAMissingPageAndStandsBelowIt() throws SpecException {
    List<Finding> findings = findings("Page 1 of 2", orders("140", RIGHT), PRICE, SUM, PAGES);
    assertThat(findings).extracting(f -> f.check().orElse("")).containsExactly("pages", "total");
    assertThat(findings.get(1).cause()).containsSame(findings.get(0));
    assertThat(findings.get(1).evidence().cause()).isEqualTo("page 2 is missing");
    assertThat(findings.get(1).message()).endsWith("(difference 100); page 2 is missing");
  }

  @Test
  void aSumWithAnExplanationOfItsOwnIsNoConsequence() throws SpecException {
    List<Finding> findings = findings("Page 1 of 2", orders("40", "2", "4", "5", "20"), SUM, PAGES);
    assertThat(findings).hasSize(2).allMatch(f -> f.cause().isEmpty());
    assertThat(findings.get(0).evidence().cause()).contains("is not in the printed sum");
  }

  @Test
  void whereAllPagesAreThereTheSumStandsForItself() throws SpecException {
    List<Finding> findings = findings("Page 1 of 1", orders("140", RIGHT), PRICE, SUM, PAGES);
    assertThat(findings).singleElement().matches(f -> f.cause().isEmpty());
    assertThat(findings.get(0).evidence().cause())
        .isEqualTo("'price' proves its rows right: the printed sum is wrong, or a row is missing");
  }

  /** 20 for 02 would be a slip, if the price did not prove the figure. */
  @Test
  void aFigureThatIsProvedIsNoSlip() throws SpecException {
    List<Finding> unproved = findings("", orders("31", "3", "1", "23", "23"), SUM);
    assertThat(unproved.get(0).evidence().cause()).contains("two digits are exchanged");
    List<Finding> proved = findings("", orders("58", "3", "1", "23", "23"), SUM, PRICE);
    assertThat(proved).singleElement();
    assertThat(proved.get(0).evidence().cause()).startsWith("'price' proves its rows right");
  }

  @Test
  void oneRowThatNothingProvesLeavesTheSumUnexplained() throws SpecException {
    List<Finding> findings =
        findings(
            "",
            orders("140", "3", "7", "2", "15"),
            SUM,
            "{name: price, row: a * b == t, within: 0}");
    assertThat(findings).hasSize(2);
    assertThat(findings.get(0).message()).endsWith("no simple explanation");
  }

  @Test
  void aFindingSaysWhatItSawAndWhatItExpected() throws SpecException {
    List<Finding> findings = findings("", orders("41", "3", "7", "2", "15"), PRICE);
    assertThat(findings).singleElement();
    assertThat(findings.get(0).evidence().row()).isEqualTo("3 7 2");
    assertThat(findings.get(0).evidence().field()).isEqualTo("t");
    assertThat(findings.get(0).evidence().seen()).isEqualTo("15");
    assertThat(findings.get(0).evidence().expected()).isEqualTo("14");
    assertThat(findings.get(0).evidence().difference()).isEqualTo("1");
  }

  @Test
  void aSumFollowsFromTheFigureThatIsWrongByItself() throws SpecException {
    List<Finding> findings = findings("", orders("40", "3", "7", "2", "41"), PRICE, SUM);
    assertThat(findings).extracting(f -> f.check().orElse("")).containsExactly("price", "total");
    assertThat(findings.get(1).cause()).containsSame(findings.get(0));
    List<Finding> other = findings("", orders("43", "3", "7", "2", "41"), PRICE, SUM);
    assertThat(other).hasSize(2).allMatch(f -> f.cause().isEmpty()); // off by another amount
  }
}
