package dev.inlay.model;

import java.util.Locale;

/** What a row of a table is. */
public enum RowKind {
  /** A heading row at the top. */
  HEADER,
  /** A record. */
  BODY,
  /** A heading inside the table, for the rows below it. */
  GROUP,
  /** The sum of a part of the rows. */
  SUBTOTAL,
  /** The sum of all rows. */
  TOTAL,
  /** A remark inside the frame. */
  NOTE;

  /** Whether it is a sum, of all rows or of a part. */
  public boolean isSum() {
    return this == SUBTOTAL || this == TOTAL;
  }

  /** The word for it in files. */
  public String word() {
    return name().toLowerCase(Locale.ROOT);
  }
}
