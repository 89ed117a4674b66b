package dev.inlay.model;

/**
 * What makes a table doubtful. The codes are written to files and documented in docs/. How much
 * each weighs follows the share of tables with it that were wrong in the papers of
 * docs/ACCURACY.md.
 */
public enum WarningCode {
  /** A boundary runs through the middle of a character. */
  CUT_WORD("cut-word", 0.4),
  /** Characters inside the frame fit no cell. */
  STRAY_TEXT("stray-text", 0.5),
  /** Characters were taken into the cells of two tables. */
  DOUBLED_TEXT("doubled-text", 0.4),
  /** Characters are printed over each other. */
  OVERPRINTED_TEXT("overprinted-text", 0.5),
  /** Rulings bound an area that is no box, so its parts were kept as cells of their own. */
  ODD_CELL("odd-cell", 0.3),
  /** Several lines side by side in one row: rows that no ruling parts. */
  CROWDED_ROW("crowded-row", 0.4),
  /** Nothing tells the heading rows from the others. */
  HEADER_UNSURE("header-unsure", 0.15),
  /** A gutter is hardly wider than a space inside a cell. */
  NARROW_GUTTER("narrow-gutter", 0.15),
  /** One gutter is far wider than the others, as between two tables. */
  UNEVEN_GUTTERS("uneven-gutters", 0.12),
  /** One more gutter, or one less, would explain the page almost as well. */
  RIVAL_COLUMNS("rival-columns", 0.12),
  /** Many rows have far fewer texts than the others. */
  UNEVEN_ROWS("uneven-rows", 0.45),
  /** Too few rows to show which columns there are. */
  FEW_ROWS("few-rows", 0.15),
  /** A column of figures holds other texts too. */
  TYPE_BREAK("type-break", 0.12),
  /** A column has texts in few rows. */
  SPARSE_COLUMN("sparse-column", 0.12),
  /** There are hardly more rows than headings among them. */
  LOOSE_HEADING("loose-heading", 0.4),
  /** Texts reach over the gutter between two columns. */
  CROSSED_GUTTER("crossed-gutter", 0.15),
  /** A printed sum is not the sum of the rows above it, though others in its column are. */
  SUM_OFF("sum-off", 0.2),
  /** Nothing single is doubtful, but tables that look like this one are too often wrong. */
  UNSURE("unsure", 0),
  /** Lines right beside it, or behind the page break, may be rows and were read as text. */
  POSSIBLE_ROWS("possible-rows", 0.4),
  /** What the page is read from is damaged: rows or numbers may be missing. */
  DAMAGED_PAGE("damaged-page", 0.5),
  /** The file does not say which characters some of its signs stand for. */
  UNKNOWN_CHARACTER("unknown-character", 0.3);

  private final String code;
  private final double doubt;

  WarningCode(String code, double doubt) {
    this.code = code;
    this.doubt = doubt;
  }

  /** The code as written to files. */
  public String code() {
    return code;
  }

  /** How much of the confidence in a table it takes away, from 0 to 1. */
  public double doubt() {
    return doubt;
  }
}
