package dev.inlay.rows;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.geom.Box;
import dev.inlay.spec.SpecException;
import dev.inlay.spec.SpecReader;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class UnfitLinesTest {

  private static final Box BOX = new Box(50, 20, 150, 30);

  private final List<PageLine> lines = new ArrayList<>();

  private UnfitLinesTest line(int page, String text) {
    lines.add(new PageLine(page, text, BOX, List.of()));
    return this;
  }

  private List<Finding> findings() throws SpecException {
    var set = SpecReader.read("report: R\nrecords: {record: '(?<code>[A-Z])'}\n").dataSets().get(0);
    DataSetPart part = DataSetReading.read(set, "a.pdf", List.of(), lines);
    assertThat(part.ledger().balances()).isTrue();
    return part.findings();
  }

  @Test
  void linesOfOneShapeAreReportedOnceWithTheirPages() throws SpecException {
    for (int page = 1; page <= 7; page++) {
      line(page, "A").line(page, "Sheet " + page + " of 17");
    }
    assertThat(findings()).singleElement();
    Finding finding = findings().get(0);
    assertThat(finding.message())
        .isEqualTo(
            "7 lines like 'Sheet 1 of 17' fit no pattern of 'records', on pages 1, 2, 3, 4, 5"
                + " and 2 more");
    assertThat(finding.origin()).contains(new Origin(1, BOX, ""));
    assertThat(finding.evidence().seen()).isEqualTo("Sheet 1 of 17");
  }

  @Test
  void anotherShapeIsAnotherFindingAndOneLineAloneIsQuoted() throws SpecException {
    line(1, "A").line(1, "12.50").line(1, "see  note").line(1, "7.3").line(2, "12,50");
    assertThat(findings())
        .extracting(Finding::message)
        .containsExactly(
            "2 lines like '12.50' fit no pattern of 'records', on page 1",
            "the line 'see  note' fits no pattern of 'records'",
            "the line '12,50' fits no pattern of 'records'");
  }
}
