package dev.inlay.document;

import dev.inlay.model.Certainty;
import dev.inlay.model.Column;
import dev.inlay.model.RowKind;
import dev.inlay.model.RulingExtent;
import dev.inlay.model.Table;
import dev.inlay.model.TableCell;
import dev.inlay.model.TableFrame;
import dev.inlay.model.TableRow;
import dev.inlay.model.Warning;
import dev.inlay.model.WarningCode;
import dev.inlay.score.Signs;
import dev.inlay.text.TextShape;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;

/**
 * The signs of a whole table from which it is read how probably it is right: what was doubtful on
 * the way, whether it is as even as tables are, and what stands beside it.
 */
public final class WholeTable {

  /** More characters make a heading a sentence. */
  private static final int LONG_HEADING = 45;

  /** A cell set this many times as wide as the table's usual for its length holds wide white. */
  private static final double WIDE = 1.7;

  /** Two numbers one after the other are two values, unless the second is a group of three. */
  private static final Pattern TWO_NUMBERS =
      Pattern.compile("[^\\s(]*\\d\\s+[-+−–]?\\d+([.,]\\d{1,2})?%?(\\s.*)?");

  private static final Pattern GROUPED = Pattern.compile(".*\\d\\s\\d{3}(\\D.*)?");

  private final Table table;
  private final List<TableRow> records;

  private final TableNeighbours neighbours;

  private WholeTable(TableNeighbours neighbours) {
    this.neighbours = neighbours;
    table = neighbours.table();
    records =
        table.bodyRows().stream()
            .filter(r -> r.kind() != RowKind.GROUP && r.kind() != RowKind.NOTE)
            .toList();
  }

  /** The names of the signs, in the order of their values. */
  public static List<String> names() {
    Signs names = Signs.ofNames();
    TableNeighbours.Placed sample = new TableNeighbours.Placed(SampleTable.EMPTY, true, true);
    new WholeTable(new TableNeighbours(List.of(sample), 0)).addTo(names);
    return names.names();
  }

  /** The signs of a table. */
  static double[] signs(TableNeighbours neighbours, int count) {
    double[] values = new double[count];
    new WholeTable(neighbours).addTo(Signs.into(values));
    return values;
  }

  private void addTo(Signs signs) {
    signs.add("any table", 1);
    signs.add("rows", log(records.size()));
    signs.add("one record", records.size() < 2);
    signs.add("columns", log(table.columns().size()));
    signs.add("two columns", table.columns().size() <= 2);
    signs.add("no header", table.headerRows() == 0);
    signs.add("two header rows", table.headerRows() == 2);
    signs.add("three or more header rows", table.headerRows() > 2);
    RulingExtent rulings = table.frames().get(0).rulings();
    signs.add("closed rulings", rulings == RulingExtent.FULL);
    signs.add("no rulings", rulings == RulingExtent.NONE);
    signs.add("several pages", table.frames().size() > 1);
    signs.add("no title", table.title().isEmpty());
    addCertainty(signs);
    addWarnings(signs);
    addHeader(signs);
    addRows(signs);
    addCells(signs);
    neighbours.addTo(signs);
  }

  private static double log(int count) {
    return Math.log(1 + count) / 4;
  }

  private void addCertainty(Signs signs) {
    Certainty all =
        table.frames().stream()
            .map(TableFrame::certainty)
            .reduce(Certainty::and)
            .orElse(Certainty.FULL);
    signs.add("doubt about header lines", doubt(all.header()));
    signs.add("doubt about row lines", doubt(all.rows()));
    signs.add("header lines hardly sure", all.header() < 0.6);
    signs.add("row lines hardly sure", all.rows() < 0.6);
    signs.add("row lines not quite sure", all.rows() < 0.9);
    signs.add("doubt about header rows", doubt(all.headerRows()));
    signs.add("header rows hardly sure", all.headerRows() < 0.7);
    signs.add("header rows not quite sure", all.headerRows() < 0.95);
    signs.add("doubt about lines around", doubt(all.edges()));
    signs.add("lines around hardly sure", all.edges() < 0.6);
    signs.add("lines expected wrong", Math.min(1, all.wrongLines()));
    signs.add("doubt about headings", doubt(all.headings()));
    signs.add("headings hardly sure", all.headings() < 0.6);
    signs.add("headings not quite sure", all.headings() < 0.9);
    signs.add("doubt about texts over columns", doubt(all.texts()));
    signs.add("texts over columns hardly sure", all.texts() < 0.6);
    signs.add("texts over columns not quite sure", all.texts() < 0.9);
    signs.add("narrow gutter", all.gutter() < 0.7);
    signs.add("very narrow gutter", all.gutter() < 0.45);
    signs.add("narrowest gutter", 1 - all.gutter() / Certainty.WIDE);
    signs.add("doubt about narrow strips", doubt(all.strips()));
    signs.add("narrow strips hardly sure", all.strips() < 0.8);
  }

  /** From 0 for certainty to 1 for an even chance or less. */
  private static double doubt(double probability) {
    return Math.min(1, -Math.log(Math.max(0.001, probability)) / Math.log(2));
  }

  private void addWarnings(Signs signs) {
    Set<WarningCode> codes = EnumSet.noneOf(WarningCode.class);
    for (Warning warning : table.warnings()) {
      codes.add(warning.code());
    }
    for (WarningCode code : WarningCode.values()) {
      if (code != WarningCode.UNSURE) {
        signs.add("warning " + code.code(), codes.contains(code));
      }
    }
  }

  private void addHeader(Signs signs) {
    int without = 0;
    int numbers = 0;
    int sentences = 0;
    Set<List<String>> paths = new HashSet<>();
    int doubled = 0;
    for (int c = 0; c < table.columns().size(); c++) {
      List<String> path = table.columns().get(c).path();
      without += c > 0 && path.isEmpty() ? 1 : 0;
      doubled += !path.isEmpty() && !paths.add(path) ? 1 : 0;
      String last = path.isEmpty() ? "" : path.get(path.size() - 1);
      numbers += TextShape.of(last).isQuantity() && !TextShape.isYear(last) ? 1 : 0;
      sentences += last.length() > LONG_HEADING ? 1 : 0;
    }
    double columns = Math.max(1, table.columns().size());
    boolean headed = table.headerRows() > 0;
    signs.add("columns without heading", headed ? without / columns : 0);
    signs.add("any column without heading", headed && without > 0);
    signs.add("columns with one name", isRepeated() ? 0 : doubled / columns);
    signs.add("numbers as headings", numbers / columns);
    signs.add("long headings", sentences / columns);
    boolean corner =
        headed && !table.columns().isEmpty() && table.columns().get(0).path().isEmpty();
    signs.add("empty corner", corner);
    boolean spanners = false;
    for (TableRow row : table.rows().subList(0, table.headerRows())) {
      spanners |= row.cells().stream().anyMatch(c -> c.columnSpan() > 1);
    }
    signs.add("spanners", spanners);
  }

  /** Whether the headings are a few that come again in order, as in a list printed in repeats. */
  private boolean isRepeated() {
    List<List<String>> paths = table.columns().stream().map(Column::path).toList();
    for (int width = 2; 2 * width <= paths.size(); width++) {
      boolean again = paths.size() % width == 0;
      for (int c = width; again && c < paths.size(); c++) {
        again = paths.get(c).equals(paths.get(c - width));
      }
      if (again) {
        return true;
      }
    }
    return false;
  }

  private void addRows(Signs signs) {
    int all = Math.max(1, table.bodyRows().size());
    long groups = table.bodyRows().stream().filter(r -> r.kind() == RowKind.GROUP).count();
    signs.add("group headings", (double) groups / all);
    signs.add("any group heading", groups > 0);
    signs.add("notes", table.bodyRows().stream().anyMatch(r -> r.kind() == RowKind.NOTE));
    int[] filled = records.stream().mapToInt(WholeTable::filled).sorted().toArray();
    int usual = filled.length == 0 ? 0 : filled[filled.length / 2];
    double count = Math.max(1, filled.length);
    signs.add(
        "rows half filled", Arrays.stream(filled).filter(f -> 2 * f <= usual).count() / count);
    signs.add("rows of one text", Arrays.stream(filled).filter(f -> f == 1).count() / count);
    signs.add("rows not full", Arrays.stream(filled).filter(f -> f < usual).count() / count);
    long unlabelled = records.stream().filter(r -> r.textAt(0).isEmpty()).count();
    signs.add("rows without label", unlabelled / count);
    signs.add("first row without label", !records.isEmpty() && records.get(0).textAt(0).isEmpty());
    TableRow last = table.rows().isEmpty() ? null : table.rows().get(table.rows().size() - 1);
    signs.add("ends with a heading", last != null && last.kind() == RowKind.GROUP);
    signs.add("sums", table.rows().stream().anyMatch(r -> r.kind().isSum()));
    signs.add("proved sums", table.provedSums() > 0);
    signs.add("several proved sums", table.provedSums() > 2);
    long spans =
        records.stream().filter(r -> r.cells().stream().anyMatch(c -> c.columnSpan() > 1)).count();
    signs.add("rows with cells over columns", spans / count);
  }

  private static int filled(TableRow row) {
    return (int) row.cells().stream().filter(c -> !c.text().isEmpty()).count();
  }

  private void addCells(Signs signs) {
    int cells = 0;
    int twoNumbers = 0;
    int longTexts = 0;
    int lowerCase = 0;
    int marksAlone = 0;
    for (TableRow row : records) {
      for (TableCell cell : row.cells()) {
        String text = cell.text();
        if (!text.isEmpty()) {
          cells++;
          boolean two = TWO_NUMBERS.matcher(text).matches() && !GROUPED.matcher(text).matches();
          twoNumbers += two ? 1 : 0;
          longTexts += text.length() > 60 ? 1 : 0;
          lowerCase += cell.column() == 0 && Character.isLowerCase(text.charAt(0)) ? 1 : 0;
          marksAlone += "€$£(%".contains(text) ? 1 : 0;
        }
      }
    }
    double all = Math.max(1, cells);
    signs.add("cells of two numbers", Math.min(0.2, twoNumbers / all) * 5);
    signs.add("any cell of two numbers", twoNumbers > 0);
    signs.add("long texts", longTexts / all);
    signs.add("labels in lower case", lowerCase / Math.max(1.0, records.size()));
    signs.add("signs alone", marksAlone > 0);
    signs.add("cells with wide white", Math.min(0.2, wide() / all) * 5);
    signs.add("mixed columns", mixed());
  }

  /** How many cells are set far wider than others of their length. */
  private double wide() {
    double[] ratios =
        records.stream()
            .flatMap(r -> r.cells().stream())
            .filter(c -> c.text().length() > 2 && c.columnSpan() == 1)
            .mapToDouble(WholeTable::widthOfCharacter)
            .sorted()
            .toArray();
    if (ratios.length == 0 || table.frames().get(0).rulings() == RulingExtent.FULL) {
      return 0;
    }
    double usual = ratios[ratios.length / 2];
    return Arrays.stream(ratios).filter(r -> r > WIDE * usual).count();
  }

  private static double widthOfCharacter(TableCell cell) {
    return cell.box().width() / cell.text().length();
  }

  /** The share of columns that hold quantities and words, neither hardly ever. */
  private double mixed() {
    int mixed = 0;
    for (int c = 0; c < table.columns().size(); c++) {
      int column = c;
      List<TextShape> shapes =
          records.stream()
              .map(r -> r.textAt(column))
              .filter(t -> !t.isEmpty())
              .map(TextShape::of)
              .toList();
      long values = shapes.stream().filter(TextShape::isValue).count();
      boolean both = values > 0.15 * shapes.size() && values < 0.85 * shapes.size();
      mixed += shapes.size() > 2 && both ? 1 : 0;
    }
    return mixed / Math.max(1.0, table.columns().size());
  }
}
