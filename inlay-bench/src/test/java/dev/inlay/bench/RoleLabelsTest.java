package dev.inlay.bench;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.evidence.LineRole;
import java.util.List;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.json.JsonMapper;

/** The rows of true tables laid over the lines of a page. */
class RoleLabelsTest {

  private static final String LANDED =
      table(
          "'header', 'body', 'body'",
          "[['Vessel', 0, 1, 1], ['Boxes', 1, 1, 1]],"
              + " [['Skua', 0, 1, 1], ['12', 1, 1, 1]],"
              + " [['Grey Tern', 0, 1, 1], ['127', 1, 1, 1]]");

  private static final String DUES =
      table(
          "'header', 'body'",
          "[['Berth', 0, 1, 1], ['Dues', 1, 1, 1]], [['North quay', 0, 1, 1], ['4.50', 1, 1, 1]]");

  private static String table(String kinds, String grid) {
    return "{'pages': [1], 'kinds': [" + kinds + "], 'grid': [" + grid + "]}";
  }

  private static List<LineRole> labels(PrintedLines page, String... tables) {
    String truth = "{'tables': [" + String.join(", ", tables) + "]}";
    return RoleLabels.of(
        page.lines().stream().map(l -> new RoleLabels.PaperLine(1, l)).toList(),
        JsonMapper.shared().readTree(truth.replace('\'', '"')));
  }

  private static PrintedLines landed() {
    return new PrintedLines()
        .text("Vessel", 50, 100)
        .text("Boxes", 150, 100)
        .text("Skua", 50, 115)
        .text("12", 150, 115)
        .text("Grey", 50, 130)
        .text("127", 150, 130)
        .text("Tern", 50, 142);
  }

  @Test
  void aRowMayHaveSeveralLines() {
    assertThat(labels(landed(), LANDED))
        .containsExactly(LineRole.HEADER, LineRole.RECORD, LineRole.RECORD, LineRole.GOES_ON);
  }

  @Test
  void aPageNumberIsNoRowThoughARowHoldsItsDigits() {
    PrintedLines page = landed().text("1", 300, 700).text("12", 320, 720);
    assertThat(labels(page, LANDED).subList(4, 6))
        .containsExactly(LineRole.OUTSIDE, LineRole.OUTSIDE);
  }

  @Test
  void rowsOfTablesBesideEachOtherMakeALineARecord() {
    PrintedLines page =
        landed()
            .text("Berth", 300, 100)
            .text("Dues", 400, 100)
            .text("North quay", 300, 115)
            .text("4.50", 400, 115);
    assertThat(labels(page, LANDED, DUES).subList(0, 2))
        .containsExactly(LineRole.HEADER, LineRole.RECORD);
    PrintedLines text = landed().text("as in the year before", 300, 115);
    assertThat(labels(text, LANDED).get(1)).isEqualTo(LineRole.OUTSIDE);
  }
}
