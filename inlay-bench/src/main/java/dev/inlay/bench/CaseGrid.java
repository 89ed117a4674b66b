package dev.inlay.bench;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import tools.jackson.databind.JsonNode;

/** A table as it is compared: texts at places, whether from a truth or from a result. */
final class CaseGrid {

  /** A cell with text, over all places that it covers. */
  record Cell(int row, int column, int columnSpan, int rowSpan, String text) {}

  /** A place in the grid. */
  private record Spot(int row, int column) {}

  /**
   * A record in two readings.
   *
   * @param filled merged cells stand at each place that they cover
   * @param printed merged cells stand where they begin
   */
  record Reading(List<String> filled, List<String> printed) {

    /** Whether each cell agrees in one reading or the other. */
    boolean agreesWith(Reading other) {
      if (filled.size() != other.filled.size()) {
        return false;
      }
      for (int i = 0; i < filled.size(); i++) {
        String a = other.filled.get(i);
        String b = other.printed.get(i);
        boolean one = filled.get(i).equals(a) || filled.get(i).equals(b);
        boolean two = printed.get(i).equals(a) || printed.get(i).equals(b);
        if (!one && !two) {
          return false;
        }
      }
      return true;
    }
  }

  /** No table at all. */
  static final CaseGrid NONE = new CaseGrid(List.of(), 0, List.of());

  private final List<Cell> cells;
  private final int headerRows;
  private final List<String> kinds;
  private final List<Integer> used;
  private final Map<Spot, Cell> at = new HashMap<>();

  private CaseGrid(List<Cell> cells, int headerRows, List<String> kinds) {
    this.cells = cells.stream().filter(c -> !c.text().isEmpty()).toList();
    this.headerRows = headerRows;
    this.kinds = kinds;
    Set<Integer> columns = new TreeSet<>();
    for (Cell cell : this.cells) {
      columns.add(cell.column()); // columns in which no cell begins do not count
      for (int r = cell.row(); r < cell.row() + cell.rowSpan(); r++) {
        for (int c = cell.column(); c < cell.column() + cell.columnSpan(); c++) {
          at.put(new Spot(r, c), cell);
        }
      }
    }
    used = List.copyOf(columns);
  }

  /** The table of a truth. */
  static CaseGrid ofTruth(JsonNode table) {
    List<Cell> cells = new ArrayList<>();
    JsonNode grid = table.get("grid");
    for (int r = 0; r < grid.size(); r++) {
      for (JsonNode c : grid.get(r)) {
        String text = ComparedText.of(c.get(0).asString());
        int rowSpan = Math.max(1, c.get(3).asInt());
        cells.add(new Cell(r, c.get(1).asInt(), Math.max(1, c.get(2).asInt()), rowSpan, text));
      }
    }
    List<String> kinds = new ArrayList<>();
    table.get("kinds").forEach(k -> kinds.add(k.asString()));
    return new CaseGrid(cells, table.get("header_rows").asInt(), kinds);
  }

  /** A table of a result, as {@code extract} writes it to JSON. */
  static CaseGrid ofResult(JsonNode table) {
    List<Cell> cells = new ArrayList<>();
    List<String> kinds = new ArrayList<>();
    JsonNode rows = table.get("rows");
    for (int r = 0; r < rows.size(); r++) {
      String kind = rows.get(r).path("kind").asString("body");
      kinds.add(kind.equals("subtotal") ? "total" : kind);
      for (JsonNode c : rows.get(r).get("cells")) {
        String text = ComparedText.of(c.path("text").asString(""));
        int columnSpan = Math.max(1, c.path("columnSpan").asInt(1));
        int rowSpan = Math.max(1, c.path("rowSpan").asInt(1));
        cells.add(new Cell(r, c.get("column").asInt(), columnSpan, rowSpan, text));
      }
    }
    return new CaseGrid(cells, table.path("headerRows").asInt(), kinds);
  }

  int cellCount() {
    return cells.size();
  }

  int headerRows() {
    return headerRows;
  }

  /** Its texts and how often each stands in it. */
  Tally<String> texts() {
    Tally<String> texts = new Tally<>();
    cells.forEach(c -> texts.add(c.text()));
    return texts;
  }

  /** Each cell with its nearest neighbours to the right and below. */
  Tally<List<String>> relations() {
    int height = kinds.size() + 1;
    int width = cells.stream().mapToInt(c -> c.column() + c.columnSpan()).max().orElse(0) + 1;
    Tally<List<String>> relations = new Tally<>();
    for (Cell cell : cells) {
      Set<Cell> right = new LinkedHashSet<>();
      for (int r = cell.row(); r < cell.row() + cell.rowSpan(); r++) {
        addFirst(r, cell.column() + cell.columnSpan(), 0, 1, height, width, right);
      }
      right.forEach(n -> relations.add(List.of(cell.text(), n.text(), "right")));
      Set<Cell> below = new LinkedHashSet<>();
      for (int c = cell.column(); c < cell.column() + cell.columnSpan(); c++) {
        addFirst(cell.row() + cell.rowSpan(), c, 1, 0, height, width, below);
      }
      below.forEach(n -> relations.add(List.of(cell.text(), n.text(), "below")));
    }
    return relations;
  }

  private void addFirst(
      int row, int column, int down, int across, int height, int width, Set<Cell> found) {
    int r = row;
    int c = column;
    while (r < height && c < width) {
      Cell cell = at.get(new Spot(r, c));
      if (cell != null) {
        found.add(cell);
        return;
      }
      r += down;
      c += across;
    }
  }

  /** Its body and total rows. */
  List<Reading> records() {
    List<Reading> records = new ArrayList<>();
    for (int r = headerRows; r < kinds.size(); r++) {
      if (!kinds.get(r).equals("body") && !kinds.get(r).equals("total")) {
        continue;
      }
      List<String> filled = new ArrayList<>();
      List<String> printed = new ArrayList<>();
      for (int c : used) {
        Cell cell = at.get(new Spot(r, c));
        boolean begins = cell != null && cell.row() == r && cell.column() == c;
        filled.add(cell == null ? "" : cell.text());
        printed.add(begins ? cell.text() : "");
      }
      if (printed.stream().anyMatch(t -> !t.isEmpty())) {
        records.add(new Reading(filled, printed));
      }
    }
    return records;
  }

  /** The headings over each column from top to bottom, as one text. */
  List<String> headings() {
    List<String> headings = new ArrayList<>();
    for (int c : used) {
      Set<Cell> path = new LinkedHashSet<>();
      for (int r = 0; r < headerRows; r++) {
        Cell cell = at.get(new Spot(r, c));
        if (cell != null) {
          path.add(cell);
        }
      }
      headings.add(String.join("", path.stream().map(Cell::text).toList()));
    }
    return headings;
  }

  /** The texts of its group headings. */
  Tally<String> groups() {
    Tally<String> groups = new Tally<>();
    rowsOf("group").forEach(r -> groups.add(String.join("", r)));
    return groups;
  }

  /** Its rows that are printed sums, as texts from left to right. */
  Tally<List<String>> sums() {
    Tally<List<String>> sums = new Tally<>();
    rowsOf("total").forEach(sums::add);
    return sums;
  }

  private List<List<String>> rowsOf(String kind) {
    List<List<String>> rows = new ArrayList<>();
    for (int r = 0; r < kinds.size(); r++) {
      if (kinds.get(r).equals(kind)) {
        int row = r;
        rows.add(
            cells.stream()
                .filter(c -> c.row() == row)
                .sorted(Comparator.comparingInt(Cell::column).thenComparing(Cell::text))
                .map(Cell::text)
                .toList());
      }
    }
    return rows;
  }
}
