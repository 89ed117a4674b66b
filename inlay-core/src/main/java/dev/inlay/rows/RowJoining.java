package dev.inlay.rows;

import dev.inlay.spec.Shape;
import java.util.HashMap;
import java.util.Map;

/** Joins rows that go on with the row above, and passes whole rows on. */
final class RowJoining {

  /** The name under which such rows are counted. */
  static final String RULE = "continued rows";

  private final Shape shape;
  private final RecordBuilder records;
  private Map<String, PrintedText> pending;
  private Origin origin;

  RowJoining(Shape shape, RecordBuilder records) {
    this.shape = shape;
    this.records = records;
  }

  /** Whether a row goes on with the one above. */
  boolean goesOn(String text, Map<String, PrintedText> printed) {
    if (pending == null) {
      return false;
    }
    if (shape.continuedPattern().isPresent() && shape.continuedPattern().get().isIn(text)) {
      return true;
    }
    return !shape.continuedWhenEmpty().isEmpty()
        && shape.continuedWhenEmpty().stream()
            .allMatch(f -> printed.getOrDefault(f, PrintedText.NOTHING).isEmpty());
  }

  /** Whether there is a row that texts can be added to. */
  boolean isOpen() {
    return pending != null;
  }

  /** Adds texts to the row above. */
  void join(Map<String, PrintedText> printed) {
    printed.forEach((field, raw) -> pending.merge(field, raw, PrintedText::and));
  }

  /** Takes the next row. */
  void next(Map<String, PrintedText> raws, Origin at) {
    flush();
    pending = new HashMap<>(raws);
    origin = at;
  }

  /** Passes the last row on. */
  void flush() {
    if (pending != null) {
      records.add(pending, origin);
      pending = null;
    }
  }
}
