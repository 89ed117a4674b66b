package dev.inlay.compare;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import dev.inlay.compare.TableComparison.RowChange;
import dev.inlay.compare.TableComparison.ValueChange;
import java.math.BigDecimal;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Landings of one week in two results. */
class TableComparerTest {

  /** A table of lines, values parted by bars. */
  private static ResultTable table(String... lines) {
    List<List<String>> rows = Arrays.stream(lines).map(l -> List.of(l.split("\\|", -1))).toList();
    return new ResultTable("landings", rows.get(0), rows.subList(1, rows.size()));
  }

  private static final ResultTable BEFORE =
      table(
          "code|species|day|boxes",
          "0042|Cod|2025-03-01|12",
          "0057|Ling|2025-03-01|7.50",
          "0061|Tusk|2025-03-02|3");

  private static TableComparison compare(ResultTable after, String... key) {
    return new TableComparer(List.of(key), Set.of(), BigDecimal.ZERO).compare(BEFORE, after);
  }

  @Test
  void numbersDaysAndHeadingsAreTheSameHoweverTheyAreWritten() {
    ResultTable after =
        table(
            "Code|SPECIES|Day|Boxes",
            "0057|Ling|1.3.2025|7,5",
            "0042|Cod|01.03.2025|12,00",
            "0061|Tusk|2.3.2025|3,0");
    TableComparison comparison = compare(after, "code");
    assertThat(comparison.differs()).isFalse();
    assertThat(comparison.same()).isEqualTo(3);
  }

  @Test
  void aCodeWithoutItsZerosIsAnother() {
    ResultTable after = table("code|species|day|boxes", "42|Cod|2025-03-01|12");
    TableComparison comparison = compare(after, "code");
    assertThat(comparison.gone()).hasSize(3);
    assertThat(comparison.added()).extracting(RowChange::key).containsExactly("code 42");
  }

  private static final ResultTable AFTER =
      table(
          "code|species|day|boxes",
          "0042|Cod|2025-03-01|12",
          "0057|Ling|2025-03-01|7.05",
          "0070|Hake|2025-03-02|1");

  @Test
  void rowsAreMatchedByTheirKey() {
    TableComparison comparison = compare(AFTER, "code");
    assertThat(comparison.same()).isEqualTo(1);
    assertThat(comparison.changed()).hasSize(1);
    RowChange changed = comparison.changed().get(0);
    assertThat(changed.key()).isEqualTo("code 0057");
    assertThat(changed.values()).containsExactly(new ValueChange("boxes", "7.50", "7.05"));
    assertThat(comparison.gone()).extracting(RowChange::rowBefore).containsExactly(3);
    assertThat(comparison.added()).extracting(RowChange::rowAfter).containsExactly(3);
  }

  @Test
  void withoutAKeyRowsThatAreMostAlikeAreOne() {
    TableComparison comparison = compare(AFTER);
    assertThat(comparison.changed()).hasSize(1);
    assertThat(comparison.changed().get(0).values())
        .extracting(ValueChange::field)
        .containsExactly("boxes");
    assertThat(comparison.gone()).hasSize(1);
    assertThat(comparison.added()).hasSize(1);
  }

  @Test
  void fieldsHaveCountsAndSums() {
    TableComparison comparison = compare(AFTER, "code");
    TableComparison.FieldSum boxes = comparison.fields().get(3);
    assertThat(boxes.changed()).isEqualTo(1);
    assertThat(boxes.before()).isEqualByComparingTo("22.5");
    assertThat(boxes.after()).isEqualByComparingTo("20.05");
    assertThat(comparison.fields().get(1).before()).isNull();
  }

  @Test
  void withinTheToleranceNumbersAreTheSame() {
    ResultTable after = table("code|boxes", "0042|12.01", "0057|7.5", "0061|3.02");
    TableComparer within = new TableComparer(List.of("code"), Set.of(), new BigDecimal("0.01"));
    TableComparison comparison = within.compare(BEFORE, after);
    assertThat(comparison.changed()).extracting(RowChange::key).containsExactly("code 0061");
    assertThat(comparison.fieldsGone()).containsExactly("species", "day");
  }

  @Test
  void fieldsThatAreIgnoredChangeNothing() {
    TableComparer ignoring = new TableComparer(List.of("code"), Set.of("boxes"), BigDecimal.ZERO);
    TableComparison comparison = ignoring.compare(BEFORE, AFTER);
    assertThat(comparison.changed()).isEmpty();
    assertThat(comparison.same()).isEqualTo(2);
  }

  @Test
  void rowsWithOneKeyAreMatchedInTheirOrder() {
    ResultTable twice = table("code|boxes", "0042|1", "0042|2");
    ResultTable after = table("code|boxes", "0042|1", "0042|3");
    TableComparison comparison =
        new TableComparer(List.of("code"), Set.of(), BigDecimal.ZERO).compare(twice, after);
    assertThat(comparison.repeatedKeys()).isEqualTo(2);
    assertThat(comparison.changed()).hasSize(1);
    assertThat(comparison.changed().get(0).rowBefore()).isEqualTo(2);
  }

  @Test
  void aTextAmongNumbersLeavesTheOthersNumbers() {
    String[] before = new String[12];
    String[] after = new String[12];
    before[0] = "boxes";
    after[0] = "boxes";
    for (int i = 1; i < 12; i++) {
      before[i] = i + ".0";
      after[i] = String.valueOf(i);
    }
    before[11] = "n/a";
    TableComparison comparison =
        new TableComparer(List.of(), Set.of(), BigDecimal.ZERO)
            .compare(table(before), table(after));
    assertThat(comparison.same()).isEqualTo(10);
  }

  @Test
  void aKeyThatIsNotThereIsRefused() {
    assertThatThrownBy(() -> compare(AFTER, "vessel"))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining("vessel");
    ResultTable other = table("vessel", "Skua");
    assertThatThrownBy(() -> compare(other)).hasMessageContaining("no field in common");
  }
}
