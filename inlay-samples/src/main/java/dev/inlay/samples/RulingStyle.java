package dev.inlay.samples;

/** The ways in which programs draw the same lines of a table. */
enum RulingStyle {
  /** A stroke along each boundary. */
  STROKES,
  /** A thin filled box along each boundary. */
  THIN_BOXES,
  /** A stroked box round each cell. */
  CELL_BOXES
}
