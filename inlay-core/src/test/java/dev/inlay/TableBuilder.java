package dev.inlay;

import dev.inlay.extract.DocumentStatus;
import dev.inlay.extract.DocumentTables;
import dev.inlay.geom.Box;
import dev.inlay.model.Column;
import dev.inlay.model.RowKind;
import dev.inlay.model.RulingExtent;
import dev.inlay.model.Table;
import dev.inlay.model.TableCell;
import dev.inlay.model.TableFrame;
import dev.inlay.model.TableNote;
import dev.inlay.model.TableRow;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/** Builds tables by hand. */
public final class TableBuilder {

  private static final Box BOX = new Box(50, 100, 550, 700);

  private final List<Column> columns = new ArrayList<>();
  private final List<TableRow> rows = new ArrayList<>();
  private final List<TableNote> notes = new ArrayList<>();
  private int page = 1;
  private Optional<String> title = Optional.of("Table 1. Landings");

  /** A table with one header row of these names. */
  public TableBuilder(String... names) {
    columns.addAll(Column.named(Arrays.stream(names).map(TableBuilder::path).toList()));
    row(RowKind.HEADER, names);
  }

  private static List<String> path(String name) {
    return name.isEmpty() ? List.of() : List.of(name);
  }

  public TableBuilder row(String... texts) {
    return row(RowKind.BODY, texts);
  }

  public TableBuilder row(RowKind kind, String... texts) {
    List<TableCell> cells = new ArrayList<>();
    for (int c = 0; c < texts.length; c++) {
      cells.add(new TableCell(texts[c], c, 1, 1, BOX));
    }
    rows.add(new TableRow(kind, page, cells));
    return this;
  }

  /** Above the table stands this instead of a title that all have. */
  public TableBuilder title(String text) {
    title = Optional.of(text);
    return this;
  }

  /** The rows to come stand on this page. */
  public TableBuilder page(int number) {
    page = number;
    return this;
  }

  public TableBuilder cells(RowKind kind, TableCell... cells) {
    rows.add(new TableRow(kind, page, List.of(cells)));
    return this;
  }

  public static TableCell cell(String text, int column, int columnSpan, int rowSpan) {
    return new TableCell(text, column, columnSpan, rowSpan, BOX);
  }

  public TableBuilder note(String marker, String text) {
    notes.add(new TableNote(marker, text));
    return this;
  }

  public Table build() {
    return new Table(
        "p1t1",
        title,
        List.of(new TableFrame(rows.size() < 2 ? 1 : rows.get(1).page(), BOX, RulingExtent.FULL)),
        0.97,
        List.of(),
        1,
        columns,
        rows,
        notes,
        Optional.empty(),
        0,
        List.of());
  }

  public static DocumentTables document(String file, Table... tables) {
    return new DocumentTables(
        Path.of(file), "00", 1, DocumentStatus.OK, List.of(), List.of(tables));
  }
}
