package dev.inlay.page;

/** Why text of a page's description is no text that a reader sees. */
public enum DropReason {
  /** Drawn in the invisible mode, though the page has visible text. */
  INVISIBLE,
  /** Drawn outside the page or its clipping region. */
  OUTSIDE_PAGE,
  /** The same character once more at the same place, as a stand-in for bold type. */
  PRINTED_TWICE,
  /** Drawn in the colour of what lies below it. */
  GROUND_COLOUR,
  /** On a layer that is switched off. */
  HIDDEN_LAYER,
  /** Large and slanting over the page: a watermark. */
  WATERMARK;

  /** The word for it in messages and files. */
  public String word() {
    return name().toLowerCase(java.util.Locale.ROOT).replace('_', '-');
  }
}
