package dev.inlay.choose;

/** What rulings mean where tables are found. */
public enum RulingUse {
  /** They are weighed together with gutters and alignment. */
  WEIGH,
  /** Cells are what rulings bound; tables without rulings are not looked for. */
  USE,
  /** They mean nothing: tables are known by their text alone. */
  IGNORE
}
