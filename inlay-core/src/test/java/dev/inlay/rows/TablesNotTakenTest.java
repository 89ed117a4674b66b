package dev.inlay.rows;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.TableBuilder;
import dev.inlay.model.Table;
import dev.inlay.rows.TablesNotTaken.Source;
import dev.inlay.spec.DataSetSpec;
import dev.inlay.spec.SpecException;
import dev.inlay.spec.SpecReader;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Tables that fit no data set are reported with their rows, unless the spec means it. */
class TablesNotTakenTest {

  private static final Table LANDINGS =
      new TableBuilder("Vessel", "Weight").row("Skua", "12").row("Tern", "9").build();

  private static DataSetSpec set(String yaml) throws SpecException {
    return SpecReader.read("report: R\n" + yaml).dataSets().get(0);
  }

  private static Source source(DataSetSpec set, List<Table> tables) {
    return new Source(set, tables, DataSetReading.read(set, "a.pdf", tables, List.of()).tables());
  }

  private static List<String> lost(Source... sources) {
    return TablesNotTaken.of("a.pdf", List.of(sources)).stream().map(Finding::message).toList();
  }

  @Test
  void aTableWithAnotherHeadingIsLostWithTheNearestOneNamed() throws SpecException {
    Source source = source(set("columns: {vessel: Vessels at sea}"), List.of(LANDINGS));
    assertThat(lost(source))
        .singleElement()
        .asString()
        .contains("2 rows, was not taken: no column is headed 'Vessels at sea'; the nearest is 'V");
  }

  @Test
  void whatOneOfSeveralDataSetsTakesIsNotLost() throws SpecException {
    DataSetSpec other = set("columns: {length: Length}");
    DataSetSpec own = set("columns: {vessel: Vessel}");
    List<Table> tables = List.of(LANDINGS);
    assertThat(lost(source(other, tables), source(own, tables))).isEmpty();
    assertThat(lost(source(other, tables), source(other, tables))).hasSize(1);
  }

  @Test
  void pagesAndOrderLeaveTablesOutOnPurpose() throws SpecException {
    String columns = "columns: {length: {from: Length, optional: yes}}";
    List<Table> tables = List.of(LANDINGS);
    assertThat(lost(source(set("table: {pages: 2-}\n" + columns), tables))).isEmpty();
    DataSetSpec second = set("table: {headings: Vessel, order: 2}\n" + columns);
    Table again = new TableBuilder("Vessel", "Crew").row("Skua", "4").page(2).build();
    assertThat(lost(source(second, List.of(LANDINGS, again)))).isEmpty();
    assertThat(lost(source(second, tables))).hasSize(1);
  }

  @Test
  void aTableWithoutRowsLosesNothing() throws SpecException {
    Table empty = new TableBuilder("Vessel", "Weight").build();
    assertThat(lost(source(set("columns: {length: Length}"), List.of(empty)))).isEmpty();
  }
}
