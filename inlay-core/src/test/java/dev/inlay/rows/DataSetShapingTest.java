package dev.inlay.rows;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.geom.Box;
import dev.inlay.spec.DataSetSpec;
import dev.inlay.spec.SpecException;
import dev.inlay.spec.SpecReader;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class DataSetShapingTest {

  private static final String COLUMNS =
      "report: R\ncolumns: {port: Port, fish: Fish, kg: {from: Kg, type: number}}\n";

  private static List<DataRecord> records(String... rows) {
    List<DataRecord> records = new ArrayList<>();
    for (String row : rows) {
      String[] parts = row.split(" ");
      Map<String, Value> values = new LinkedHashMap<>();
      values.put("port", Value.reckoned(parts[0]));
      values.put("fish", Value.reckoned(parts[1]));
      values.put("kg", Value.reckoned(parts.length > 2 ? new BigDecimal(parts[2]) : null));
      records.add(new DataRecord("a.pdf", new Origin(1, new Box(0, 0, 1, 1), "p1t1"), values));
    }
    return records;
  }

  private static List<String> rows(String shape, List<DataRecord> records) throws SpecException {
    DataSetSpec set = SpecReader.read(COLUMNS + shape).dataSets().get(0);
    DataSet data = DataSetShaping.of(set, records);
    List<String> rows = new ArrayList<>();
    for (DataRecord record : data.records()) {
      List<String> texts = new ArrayList<>();
      data.fields().forEach(f -> texts.add(String.valueOf(record.value(f.name()).content())));
      rows.add(String.join(" ", texts));
    }
    return rows;
  }

  @Test
  void sumsAreExactAndMissingValuesAddNothing() throws SpecException {
    List<DataRecord> records =
        records("Oyle Cod 0.1", "Brennick Cod 1", "Oyle Ling 0.2", "Oyle Hake");
    assertThat(rows("sums: {by: port, add: kg, count: n}", records))
        .containsExactly("Oyle 0.3 3", "Brennick 1 1");
  }

  @Test
  void sortingPutsMissingValuesLastEitherWay() throws SpecException {
    List<DataRecord> records = records("A x 2", "B x", "C x 10");
    assertThat(rows("sort: kg", records)).containsExactly("A x 2", "C x 10", "B x null");
    assertThat(rows("sort: [kg falling]", records)).containsExactly("C x 10", "A x 2", "B x null");
  }

  @Test
  void aPivotLosesNoSecondValue() throws SpecException {
    List<DataRecord> records = records("Oyle Cod 1", "Oyle Ling 2", "Brennick Cod 3", "Oyle Cod 4");
    assertThat(rows("pivot: {by: fish, value: kg}", records))
        .containsExactly("Oyle 1 2", "Brennick 3 null", "Oyle 4 null");
  }

  @Test
  void columnsOfAPivotThatNoFieldNamesAreKeptBehindTheOthers() throws SpecException {
    List<DataRecord> records = records("Oyle Cod 1", "Oyle Ling 2", "Brennick Hake 3");
    assertThat(rows("pivot: {by: fish, value: kg}\nfields: [Ling, port]", records))
        .containsExactly("2 Oyle 1 null", "null Brennick null 3");
  }

  @Test
  void fieldsAreChosenOrderedAndRenamed() throws SpecException {
    assertThat(rows("fields: [kg, {Port of landing: port}]", records("Oyle Cod 1")))
        .containsExactly("1 Oyle");
  }
}
