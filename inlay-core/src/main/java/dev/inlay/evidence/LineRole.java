package dev.inlay.evidence;

/** What a line of text is to the table around it. */
public enum LineRole {
  /** It belongs to no table: running text, titles, notes below, page headers. */
  OUTSIDE("outside"),
  /** It holds column headings, or spanners, units or numbers of columns. */
  HEADER("header"),
  /** It begins a record, or a sum. */
  RECORD("row"),
  /** It goes on with the row above it. */
  GOES_ON("goes on"),
  /** It heads the rows below it. */
  GROUP("group heading"),
  /** A note among the rows. */
  NOTE("note");

  private final String words;

  LineRole(String words) {
    this.words = words;
  }

  /** Whether a line with it is part of a record. */
  public boolean isOfRecord() {
    return this == RECORD || this == GOES_ON;
  }

  /** What a person calls it. */
  public String words() {
    return words;
  }
}
