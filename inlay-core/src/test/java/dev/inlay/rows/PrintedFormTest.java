package dev.inlay.rows;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.entry;

import dev.inlay.TableBuilder;
import dev.inlay.spec.SpecException;
import dev.inlay.spec.SpecReader;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PrintedFormTest {

  @ParameterizedTest
  @CsvSource({
    "'-12.50', their minus in front",
    "'−1,204', their minus in front",
    "'12.50-', their minus behind",
    "'(12.50)', brackets",
    "'12.00 CR', CR behind"
  })
  void theSignOfNegativeNumbers(String text, String due) {
    assertThat(PrintedForm.sign(List.of("7.00", text, "–"))).contains(due);
  }

  @Test
  void whereNoNumberIsNegativeNothingIsSaidOfSigns() {
    assertThat(PrintedForm.sign(List.of("7.00", "–", ""))).isEmpty();
  }

  @Test
  void theFormOfMostDatesCounts() {
    List<String> dates = List.of("3 Mar 2025", "2025-03-04", "5 Mar 2025", "on request");
    assertThat(PrintedForm.date(dates)).contains(new PrintedForm.Seen("9 a 9999", "3 Mar 2025"));
    assertThat(PrintedForm.date(List.of("on request"))).isEmpty();
  }

  @Test
  void aTableSaysHowItsFieldsArePrinted() throws SpecException {
    String spec =
        """
        report: R
        columns:
          day: {from: Day, type: date, format: [d MMM yyyy, yyyy-MM-dd]}
          sum: {from: [Amount, Sum], type: number}
        """;
    TableBuilder table =
        new TableBuilder("Day", "Sum").row("3 Mar 2025", "1,50-").row("4 Mar 2025", "2,00");
    DataSetPart part =
        DataSetReading.read(
            SpecReader.read(spec).dataSets().get(0), "a.pdf", List.of(table.build()), List.of());
    assertThat(part.forms())
        .containsOnly(
            seen("day", PrintedForm.Aspect.HEADING, "Day"),
            entry(
                new PrintedForm("day", PrintedForm.Aspect.DATE),
                new PrintedForm.Seen("9 a 9999", "3 Mar 2025")),
            seen("sum", PrintedForm.Aspect.HEADING, "Sum"),
            seen("sum", PrintedForm.Aspect.DECIMAL_MARK, ","),
            seen("sum", PrintedForm.Aspect.SIGN, "their minus behind"));
  }

  private static Map.Entry<PrintedForm, PrintedForm.Seen> seen(
      String field, PrintedForm.Aspect aspect, String form) {
    return entry(new PrintedForm(field, aspect), PrintedForm.Seen.of(form));
  }
}
