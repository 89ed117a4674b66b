package dev.inlay.draft;

import dev.inlay.model.Table;
import dev.inlay.rows.TableTexts;
import dev.inlay.spec.FieldSpec;
import dev.inlay.spec.Wording;
import dev.inlay.text.TextShape;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Tables of several files that are the same table of their report: most headings are alike. */
final class Layout {

  /** In a column whose values go on downwards at least this share of the rows is blank. */
  private static final double LEAST_BLANK = 0.3;

  /** This many of the headings must be alike. */
  private static final double SAME_SHARE = 0.6;

  /** A column of the layout. */
  static final class LayoutColumn {
    private final List<String> path;
    private final Set<String> wordings = new LinkedHashSet<>();
    private final List<List<String>> textsByFile = new ArrayList<>();
    private final Set<String> files = new LinkedHashSet<>();
    private final Map<String, List<String>> reworded = new LinkedHashMap<>();
    private final Map<String, Integer> places = new LinkedHashMap<>();

    private LayoutColumn(List<String> path) {
      this.path = path;
    }

    List<String> path() {
      return path;
    }

    Set<String> wordings() {
      return wordings;
    }

    List<List<String>> textsByFile() {
      return textsByFile;
    }

    Set<String> files() {
      return files;
    }

    /** Other headings over it, with the files that have them. */
    Map<String, List<String>> reworded() {
      return reworded;
    }

    /** Its place among the columns of a file, from the left; such a file is one of its files. */
    int placeIn(String file) {
      return places.get(file);
    }

    /** Takes the texts of a column that is this one under another heading. */
    void take(LayoutColumn other) {
      reworded.put(String.join(" / ", other.path), List.copyOf(other.files));
      wordings.addAll(other.wordings);
      textsByFile.addAll(other.textsByFile);
      files.addAll(other.files);
      places.putAll(other.places);
    }

    /** Which share of its texts are quantities. */
    double quantities() {
      int all = 0;
      int quantities = 0;
      for (List<String> texts : textsByFile) {
        for (String text : texts) {
          all += text.isEmpty() ? 0 : 1;
          quantities += TextShape.of(text).isQuantity() ? 1 : 0;
        }
      }
      return all == 0 ? 0 : (double) quantities / all;
    }
  }

  /** A table of the layout, the file that has it, and what it prints. */
  private record Part(String file, Table table, TableTexts texts) {}

  private final List<LayoutColumn> columns = new ArrayList<>();
  private final Map<String, Table> tables = new LinkedHashMap<>();
  private final List<Part> parts = new ArrayList<>();
  private final Map<String, List<String>> titles = new LinkedHashMap<>();

  /** The layouts of the tables in some files, in the order of their first tables. */
  static List<Layout> of(List<SampleFile> files) {
    List<Layout> layouts = new ArrayList<>();
    for (SampleFile file : files) {
      for (Table table : file.tables()) {
        TableTexts texts = TableTexts.of(table);
        Layout layout =
            layouts.stream()
                .filter(l -> l.isLike(texts))
                .findFirst()
                .orElseGet(
                    () -> {
                      layouts.add(new Layout());
                      return layouts.get(layouts.size() - 1);
                    });
        layout.add(file.name(), table, texts);
      }
    }
    List<Layout> parted = layouts.stream().flatMap(l -> l.parted().stream()).toList();
    parted.forEach(l -> RewordedColumns.join(l.columns, List.copyOf(l.tables.keySet())));
    return parted;
  }

  /**
   * The lists that the report itself keeps apart, each a layout of its own: in every file the same
   * titles, each with a number in front. Else this layout alone; titles without numbers may be
   * groups of one list.
   */
  private List<Layout> parted() {
    List<String> names = titlesInOneFile();
    boolean numbered = names.size() > 1 && names.stream().allMatch(NumberedTitle::isNumbered);
    boolean apart =
        numbered
            && titles.size() > 1
            && titles.keySet().equals(tables.keySet())
            && titles.values().stream().allMatch(names::equals)
            && parts.stream().allMatch(p -> p.table().title().isPresent());
    if (!apart) {
      return List.of(this);
    }
    Map<String, Layout> byTitle = new LinkedHashMap<>();
    for (Part part : parts) {
      byTitle
          .computeIfAbsent(part.table().title().orElseThrow(), title -> new Layout())
          .add(part.file(), part.table(), part.texts());
    }
    return List.copyOf(byTitle.values());
  }

  private boolean isLike(TableTexts texts) {
    int alike = 0;
    for (List<String> path : texts.paths()) {
      alike += columns.stream().anyMatch(c -> areAlike(c, path)) ? 1 : 0;
    }
    int most = Math.max(columns.size(), texts.paths().size());
    return alike >= SAME_SHARE * most && parts.get(0).texts().blocks() > 1 == texts.blocks() > 1;
  }

  private static boolean areAlike(LayoutColumn column, List<String> path) {
    return Wording.similarity(String.join(" ", column.path), String.join(" ", path))
        >= FieldSpec.USUAL_SIMILARITY;
  }

  private void add(String file, Table table, TableTexts texts) {
    tables.putIfAbsent(file, table);
    parts.add(new Part(file, table, texts));
    table
        .title()
        .filter(t -> !titles.computeIfAbsent(file, f -> new ArrayList<>()).contains(t))
        .ifPresent(t -> titles.get(file).add(t));
    Set<LayoutColumn> taken = new LinkedHashSet<>();
    for (int c = 0; c < texts.paths().size(); c++) {
      List<String> path = texts.paths().get(c);
      LayoutColumn column = null;
      for (LayoutColumn known : columns) {
        boolean better = column == null || known.wordings.contains(String.join(" / ", path));
        if (!taken.contains(known) && areAlike(known, path) && better) {
          column = known;
        }
      }
      if (column == null) {
        column = new LayoutColumn(path);
        columns.add(Math.min(c, columns.size()), column);
      }
      taken.add(column);
      column.wordings.add(String.join(" / ", path));
      column.textsByFile.add(texts.columns().get(c));
      column.files.add(file);
      column.places.putIfAbsent(file, c);
    }
  }

  List<LayoutColumn> columns() {
    return columns;
  }

  /** The first such table of each file. */
  Map<String, Table> tables() {
    return tables;
  }

  /** The titles of those that have one. */
  List<String> firstTitles() {
    return tables.values().stream().map(Table::title).flatMap(Optional::stream).toList();
  }

  /** What all its tables print. */
  List<TableTexts> texts() {
    return parts.stream().map(Part::texts).toList();
  }

  /** All its tables. */
  List<Table> all() {
    return parts.stream().map(Part::table).toList();
  }

  /** The titles of its tables in the first file that has several of them. */
  List<String> titlesInOneFile() {
    return titles.values().stream().filter(t -> t.size() > 1).findFirst().orElse(List.of());
  }

  /** Whether all its tables are blocks of labels and values. */
  boolean isBlockOfLabels() {
    return parts.stream().map(Part::table).allMatch(LabelValues::isBlock);
  }

  /**
   * Whether a value in a column holds for the rows below that have none: at the left, where the
   * first row has a value and rows without one are many and have other values.
   */
  boolean goesOnDown(LayoutColumn column) {
    int at = columns.indexOf(column);
    int blank = 0;
    int rows = 0;
    for (int before = 0; before <= at; before++) {
      blank = 0;
      rows = 0;
      for (List<String> texts : columns.get(before).textsByFile()) {
        if (texts.isEmpty() || texts.get(0).isEmpty()) {
          return false;
        }
        rows += texts.size();
        blank += (int) texts.stream().filter(String::isEmpty).count();
      }
      if (blank < LEAST_BLANK * rows) {
        return false; // only columns at the left, next to each other
      }
    }
    return at + 1 < columns.size() && hasFullColumn(rows);
  }

  /** Whether a column has a value in each row: then the others are rows of their own. */
  private boolean hasFullColumn(int rows) {
    return columns.stream()
        .anyMatch(
            c ->
                c.textsByFile().stream().mapToInt(List::size).sum() == rows
                    && c.textsByFile().stream()
                        .allMatch(t -> t.stream().noneMatch(String::isEmpty)));
  }

  boolean isFolded() {
    return parts.get(0).texts().blocks() > 1;
  }
}
