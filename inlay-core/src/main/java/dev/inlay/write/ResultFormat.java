package dev.inlay.write;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** The forms of a run's results. */
public enum ResultFormat {
  /** A workbook. */
  XLSX,
  /** An open document spreadsheet. */
  ODS,
  /** Lists with commas. */
  CSV,
  /** Lists with tabs. */
  TSV,
  /** A line of JSON for each record. */
  JSONL,
  /** An SQLite database. */
  SQLITE;

  /** The word for it, and its ending. */
  public String word() {
    return name().toLowerCase(Locale.ROOT);
  }

  /** Whether a file of this form holds one data set. */
  boolean isList() {
    return this == CSV || this == TSV || this == JSONL;
  }

  /** The form that a name stands for: a bare word, or the ending of a file. */
  public static Optional<ResultFormat> of(String name) {
    String lower = name.toLowerCase(Locale.ROOT);
    String ending = lower.substring(lower.lastIndexOf('.') + 1);
    String known = ending.equals("db") ? SQLITE.word() : ending;
    return Arrays.stream(values()).filter(f -> f.word().equals(known)).findFirst();
  }

  /** All words. */
  public static List<String> words() {
    return Arrays.stream(values()).map(ResultFormat::word).toList();
  }
}
