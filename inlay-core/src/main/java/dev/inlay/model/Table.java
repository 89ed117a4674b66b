package dev.inlay.model;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * A table as a reader sees it, over all the pages it is printed on.
 *
 * @param id page and order of its start, e.g. {@code p1t1}
 * @param title its caption, if it has one
 * @param frames from its first to its last page
 * @param confidence an estimate from 0 to 1 that it is right as a whole
 * @param warnings reasons to look at it
 * @param headerRows how many rows at the top are header
 * @param columns from left to right
 * @param rows header rows once, then the others
 * @param notes what stands below it with or without a marker
 * @param rightOf the id of the table that it goes on to the right of, where a sheet wider than the
 *     paper was printed in parts
 * @param provedSums how many printed sums are the sums of the rows above them
 * @param signs what the estimate rests on, in the order of its names; empty before it is made
 */
public record Table(
    String id,
    Optional<String> title,
    List<TableFrame> frames,
    double confidence,
    List<Warning> warnings,
    int headerRows,
    List<Column> columns,
    List<TableRow> rows,
    List<TableNote> notes,
    Optional<String> rightOf,
    int provedSums,
    List<Double> signs) {

  /** Keeps copies that cannot change. */
  public Table {
    frames = List.copyOf(frames);
    warnings = List.copyOf(warnings);
    columns = List.copyOf(columns);
    rows = List.copyOf(rows);
    notes = List.copyOf(notes);
    signs = List.copyOf(signs);
  }

  /** The same table, known to go on to the right of another. */
  public Table rightOf(String left) {
    return new Table(
        id,
        title,
        frames,
        confidence,
        warnings,
        headerRows,
        columns,
        rows,
        notes,
        Optional.of(left),
        provedSums,
        signs);
  }

  /** The same table with an estimate, what that rests on, and the warnings that go with it. */
  public Table estimated(double probability, List<Double> by, List<Warning> left) {
    return new Table(
        id,
        title,
        frames,
        probability,
        left,
        headerRows,
        columns,
        rows,
        notes,
        rightOf,
        provedSums,
        by);
  }

  /** The same table with other rows and columns. */
  public Table withRows(List<Column> otherColumns, List<TableRow> others) {
    return new Table(
        id,
        title,
        frames,
        confidence,
        warnings,
        headerRows,
        otherColumns,
        others,
        notes,
        rightOf,
        provedSums,
        signs);
  }

  /** This table together with the part to its right. */
  public Table withPart(Table right, List<Column> allColumns, List<TableRow> allRows) {
    List<TableFrame> allFrames = new ArrayList<>(frames);
    allFrames.addAll(right.frames);
    List<Warning> allWarnings = new ArrayList<>(warnings);
    allWarnings.addAll(right.warnings);
    List<TableNote> allNotes = new ArrayList<>(notes);
    allNotes.addAll(right.notes);
    return new Table(
        id,
        title,
        allFrames,
        Math.min(confidence, right.confidence),
        allWarnings,
        Math.max(headerRows, right.headerRows),
        allColumns,
        allRows,
        allNotes,
        rightOf,
        provedSums + right.provedSums,
        List.of());
  }

  /** The rows below the header. */
  public List<TableRow> bodyRows() {
    return rows.subList(headerRows, rows.size());
  }

  /** The numbers of the pages it is printed on, each once. */
  public List<Integer> pages() {
    return frames.stream().map(TableFrame::page).distinct().toList();
  }

  /** An estimate from 0 to 1 as people read it: with two decimals in every language. */
  public static String confidenceText(double confidence) {
    return String.format(Locale.ROOT, "%.2f", confidence);
  }
}
