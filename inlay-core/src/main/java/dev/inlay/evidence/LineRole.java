package dev.inlay.evidence;

/** What a line of text is to the table around it. */
public enum LineRole {
  /** It belongs to no table: running text, titles, notes below, page headers. */
  OUTSIDE,
  /** It holds column headings, or spanners, units or numbers of columns. */
  HEADER,
  /** It begins a record, or a sum. */
  RECORD,
  /** It goes on with the row above it. */
  GOES_ON,
  /** It heads the rows below it. */
  GROUP,
  /** A note among the rows. */
  NOTE
}
