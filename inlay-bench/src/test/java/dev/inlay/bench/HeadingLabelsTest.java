package dev.inlay.bench;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.geom.Interval;
import dev.inlay.page.Word;
import dev.inlay.propose.HeaderLayout;
import dev.inlay.propose.Heading;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.json.JsonMapper;

/** True heading cells laid over the lines of a header of three columns, 100 points wide each. */
class HeadingLabelsTest {

  private final PrintedLines page = new PrintedLines();

  private HeadingLabelsTest text(String text, double x, double baseline) {
    page.text(text, x, baseline);
    return this;
  }

  /** The headings of each line, each with its reach; the truth is written with single quotes. */
  private List<String> labels(String grid) {
    List<Interval> columns =
        List.of(new Interval(0, 100), new Interval(100, 200), new Interval(200, 300));
    HeaderLayout layout = new HeaderLayout(page.lines(), List.of(), columns, columns, List.of());
    String truth = "{'kinds': ['header', 'header', 'body'], 'grid': " + grid + "}";
    return HeadingLabels.of(layout, JsonMapper.shared().readTree(truth.replace('\'', '"'))).stream()
        .map(l -> l.stream().map(HeadingLabelsTest::written).collect(Collectors.joining(", ")))
        .toList();
  }

  private static String written(Heading heading) {
    String words = heading.words().stream().map(Word::text).collect(Collectors.joining(" "));
    return words + " " + heading.first() + "-" + heading.last();
  }

  private static final String LANDED =
      "[[['Vessel', 0, 1, 2], ['Landed', 1, 2, 1]], [['fresh fish', 1, 1, 1], ['ice', 2, 1, 1]],"
          + " [['Skua', 0, 1, 1], ['1', 1, 1, 1], ['2', 2, 1, 1]]]";

  @Test
  void linesArePartedIntoWhatTheCellsSay() {
    text("Landed", 185, 10).text("Vessel", 5, 10).text("fresh", 110, 22).text("ice", 210, 22);
    assertThat(text("fish", 110, 34).labels(LANDED))
        .containsExactly("Vessel 0-0, Landed 1-2", "fresh 1-1, ice 2-2", "fish 1-1");
  }

  @Test
  void aHeaderThatSaysLessThanTheTruthHasNoLabels() {
    text("Landed", 185, 10).text("Vessel", 5, 10).text("fresh", 110, 22).text("ice", 210, 22);
    assertThat(labels(LANDED)).isEmpty();
  }

  @Test
  void ofEqualCellsTheNearestIsMeant() {
    String twice =
        "[[['Year', 0, 1, 1], ['Catch', 1, 1, 1], ['Catch', 2, 1, 1]],"
            + " [['kg', 2, 1, 1]], [['2024', 0, 1, 1], ['1', 1, 1, 1], ['2', 2, 1, 1]]]";
    text("Year", 5, 10).text("Catch", 130, 10).text("Catch", 230, 10).text("kg", 230, 22);
    assertThat(labels(twice)).containsExactly("Year 0-0, Catch 1-1, Catch 2-2", "kg 2-2");
  }
}
