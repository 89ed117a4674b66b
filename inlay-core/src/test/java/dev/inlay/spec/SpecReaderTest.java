package dev.inlay.spec;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import dev.inlay.page.ReadLimits;
import dev.inlay.page.ReadLimits.Limit;
import java.io.ByteArrayOutputStream;
import java.util.List;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class SpecReaderTest {

  private static List<String> reported(String yaml) {
    SpecException e = catchThrowableOfType(SpecException.class, () -> SpecReader.read(yaml));
    assertThat(e).as("nothing was reported of: " + yaml).isNotNull();
    return e.messages().stream().map(m -> m.line() + ":" + m.column() + ": " + m.text()).toList();
  }

  private static DataSetSpec set(String yaml) throws SpecException {
    return SpecReader.read("report: R\n" + yaml).dataSets().get(0);
  }

  @Test
  void aFieldTakesItsOwnNameAsHeadingUnlessAPatternGivesIt() throws SpecException {
    DataSetSpec set =
        set(
            """
            columns:
              landed_weight: {type: number}
              vessel: {type: string}
              both: {from: Both, split: "(?<one>.) (?<other>.)"}
              other: {type: integer}
            headings: [{pattern: "(?<vessel>.+)"}]
            """);
    assertThat(set.fields()).extracting(FieldSpec::name).contains("one", "other", "vessel");
    assertThat(field(set, "landed_weight").headings()).containsExactly("landed weight");
    assertThat(field(set, "vessel").isColumn()).isFalse();
    assertThat(field(set, "other").isColumn()).isFalse();
    assertThat(field(set, "other").form().type()).isEqualTo(FieldType.INTEGER);
  }

  private static FieldSpec field(DataSetSpec set, String name) {
    return set.fields().stream().filter(f -> f.name().equals(name)).findFirst().orElseThrow();
  }

  @Test
  void whatIsSaidOfTheReportHoldsForItsFieldsUnlessTheySayOtherwise() throws SpecException {
    DataSetSpec set =
        set(
            """
            numbers: {decimal: ",", groups: "."}
            nothing: ["-"]
            columns:
              a: {from: A, type: number}
              b: {from: B, type: number, decimal: ".", nothing: [x, y]}
            """);
    assertThat(field(set, "a").form().decimal()).contains(',');
    assertThat(field(set, "a").form().groups()).contains('.');
    assertThat(field(set, "a").form().nothing()).containsExactly("-");
    assertThat(field(set, "b").form().decimal()).contains('.');
    assertThat(field(set, "b").form().nothing()).containsExactly("x", "y");
  }

  @Test
  void rowsThatAreNoRecordsAreLeftOutUnlessASpecSaysWhich() throws SpecException {
    assertThat(set("columns: {a: A}").leaveOut())
        .extracting(LeaveOutRule::name)
        .containsExactly("subtotals", "totals", "headings", "notes");
    assertThat(set("columns: {a: A}\nleave out: []").leaveOut()).isEmpty();
  }

  @Test
  void severalDataSetsBearTheirNames() throws SpecException {
    ReportSpec spec =
        SpecReader.read("report: R\ndata:\n  Big fish: {table: T}\n  nets: {table: U}\n");
    assertThat(spec.dataSets()).extracting(DataSetSpec::name).containsExactly("big-fish", "nets");
  }

  @Test
  void aSpecMaySayHowLongAFileMayTake() throws SpecException {
    String yaml = "report: R\ntime limit: %s\ncolumns: {a: A}\n";
    assertThat(SpecReader.read(yaml.formatted(30)).limits().time()).hasSeconds(30);
    assertThat(SpecReader.read("report: R\ncolumns: {a: A}\n").limits())
        .isEqualTo(ReadLimits.USUAL);
    assertThat(reported(yaml.formatted(0)))
        .containsExactly("2:13: 'time limit' takes a number from 1 on, not '0'");
  }

  @Test
  void aSpecMaySayWhatAFileMayAskFor() throws SpecException {
    String yaml = "report: R\nlimits: {pages: 12, %s: %s}\ncolumns: {a: A}\n";
    ReadLimits limits = SpecReader.read(yaml.formatted("megabytes", 5)).limits();
    assertThat(limits).isEqualTo(ReadLimits.USUAL.with(Limit.PAGES, 12).with(Limit.MEGABYTES, 5));
    assertThat(limits.most(Limit.DEPTH)).isEqualTo(40);
    assertThat(reported(yaml.formatted("depth", 0)))
        .containsExactly("2:28: 'depth' takes a number from 1 on, not '0'");
    assertThat(reported(yaml.formatted("deepth", 9)).get(0)).contains("deepth", "depth");
  }

  @Test
  void allMistakesAreToldAtOnceInTheirOrder() {
    assertThat(
            reported(
                """
                repot: R
                colums: {a: A}
                pages: 3-1
                results: [landings.xslx]
                table: {frame: "1,2,3", rulings: us}
                """))
        .hasSize(7)
        .anyMatch(m -> m.startsWith("1:1: unknown key 'repot'; probably 'report'"))
        .anyMatch(m -> m.startsWith("1:1: 'report' is missing here"))
        .anyMatch(m -> m.startsWith("2:1: unknown key 'colums'; probably 'columns'"))
        .anyMatch(m -> m.startsWith("3:8: "))
        .anyMatch(m -> m.contains("'landings.xslx' is no result; probably 'landings.xlsx'"))
        .anyMatch(m -> m.startsWith("5:16: 4 edges are needed"))
        .anyMatch(m -> m.startsWith("5:34: 'us' is no rulings; probably 'use'"));
  }

  @Test
  void whatIsNoYamlIsToldWithItsPlace() {
    assertThat(reported("report: [a\nb: c"))
        .hasSize(1)
        .allMatch(m -> m.contains("this is no YAML"));
    assertThat(reported("")).containsExactly("1:1: the spec is empty; begin with 'report: NAME'");
    assertThat(reported("- a")).anyMatch(m -> m.contains("here stand keys with values"));
    assertThat(reported("report: R\nreport: S")).anyMatch(m -> m.startsWith("2:1: "));
  }

  @Test
  void wrongPatternsExpressionsAndNamesAreReported() {
    assertThat(
            reported(
                """
                report: R
                columns:
                  a b: A
                  c: {from: C, split: "(?=x)", required: maybe, similar: 200 %, position: 0}
                compute: {d: c.size(), e: "c *"}
                """))
        .anyMatch(m -> m.startsWith("3:8: 'a b' is no name for a field"))
        .anyMatch(m -> m.contains("cannot look ahead or behind"))
        .anyMatch(m -> m.contains("'required' takes yes or no, not 'maybe'"))
        .anyMatch(m -> m.contains("'similar' takes a share"))
        .anyMatch(m -> m.contains("'position' takes a number from 1 on"))
        .anyMatch(m -> m.contains("'c.size()' is no expression"))
        .anyMatch(m -> m.contains("'c *' is no expression"));
  }

  @Test
  void sumsAndYearsThatLeadNowhereAreReported() {
    assertThat(
            reported(
                """
                report: R
                records:
                  record: "(?<day>\\\\S+) (?<note>.+) (?<tons>\\\\d+)"
                  totals: "Total (?<ton>.+)"
                  subtotals: "Sum (?<note>.+)"
                columns:
                  day: {type: date, format: d.M.}
                  due: {type: date, format: d MMM, year from: mont}
                  tons: {type: number}
                table: {order: second}
                """))
        .anyMatch(m -> m.startsWith("7:29: 'd.M.' has no year; 'year from' names the field"))
        .anyMatch(m -> m.contains("'year from' speaks of 'mont', which is no field here"))
        .anyMatch(m -> m.contains("'totals' speaks of 'ton'"))
        .anyMatch(m -> m.contains("a pattern of 'subtotals' takes no sum"))
        .anyMatch(m -> m.contains("'order' takes 1, 2 ... or last"));
  }

  @Test
  void checksSayWhatTheyLackAndHoldNoRowsOverABatch() {
    assertThat(
            reported(
                """
                report: Dues
                columns: {code: Code, day: Day, price: {from: Price, type: number}}
                checks:
                  - {change: price, along: day, within: 10 %, effect: hold row}
                  - {lookup: code}
                  - {lookup: code, in: nowhere.csv}
                  - {sum: price, is: totals, within: 5 %}
                """))
        .containsExactly(
            "4:55: a check over all files holds no rows; leave it out",
            "5:5: give either 'values' or 'in', a CSV file with them",
            "6:24: 'nowhere.csv' cannot be read; it must lie beside the spec, as CSV in UTF-8",
            "7:38: 'within' takes per cent with 'change' only");
  }

  @Test
  void theSchemaKnowsEveryKeyOfEverySection() {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    SpecSchema.write(out);
    JsonNode schema = JsonMapper.builder().build().readTree(out.toByteArray());
    for (SpecKeys section : SpecKeys.values()) {
      JsonNode properties = schema.get("$defs").get(section.word()).get("properties");
      assertThat(properties.propertyNames()).containsExactlyInAnyOrderElementsOf(section.names());
    }
    assertThat(schema.get("$ref").asString()).isEqualTo("#/$defs/report");
  }
}
