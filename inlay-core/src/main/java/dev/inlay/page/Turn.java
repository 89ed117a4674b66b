package dev.inlay.page;

/** The direction in which text runs, as a reader of the upright page sees it. */
public enum Turn {
  /** From left to right. */
  UPRIGHT,
  /** From bottom to top: turned by a quarter to the left. */
  UPWARDS,
  /** From right to left, standing on its head. */
  UPSIDE_DOWN,
  /** From top to bottom: turned by a quarter to the right. */
  DOWNWARDS,
  /** Any other direction. */
  SLANTED
}
