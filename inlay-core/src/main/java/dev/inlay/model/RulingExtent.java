package dev.inlay.model;

import java.util.Locale;

/** How far rulings bound the cells of a frame. */
public enum RulingExtent {
  /** Every cell is boxed. */
  FULL,
  /** Some boundaries are drawn. */
  PART,
  /** No boundary is drawn. */
  NONE;

  /** The word for it in files. */
  public String word() {
    return name().toLowerCase(Locale.ROOT);
  }
}
