package dev.inlay.survey;

import dev.inlay.extract.DocumentStatus;
import dev.inlay.extract.DocumentTables;
import java.util.Locale;

/** What can be read in a document. */
public enum PaperKind {
  /** Every page that is not blank holds text. */
  TEXT,
  /** Some pages hold pictures and no text. */
  MIXED,
  /** Pages hold pictures and no text. */
  PICTURES,
  /** There is nothing on the pages read. */
  BLANK,
  /** It needs a password. */
  LOCKED,
  /** It cannot be read. */
  BROKEN;

  static PaperKind of(DocumentTables document) {
    if (document.status() == DocumentStatus.LOCKED) {
      return LOCKED;
    }
    if (document.status() == DocumentStatus.UNREADABLE) {
      return BROKEN;
    }
    boolean text = document.traits().textPages() > 0;
    boolean pictures = document.traits().picturePages() > 0;
    if (text) {
      return pictures ? MIXED : TEXT;
    }
    return pictures ? PICTURES : BLANK;
  }

  /** The word for it. */
  public String word() {
    return name().toLowerCase(Locale.ROOT);
  }
}
