package dev.inlay.check;

import dev.inlay.rows.DataSetPart;

/** A check over what one file gave. */
interface FileCheck {

  /** Makes the check and says what it finds. */
  void make(DataSetPart part, CheckReport report);
}
