package dev.inlay.rows;

import java.util.Optional;

/**
 * A text on its way to a field.
 *
 * @param text as printed; empty where nothing is
 * @param origin where it is printed; none where a spec gives it
 */
record PrintedText(String text, Optional<Origin> origin) {

  /** Nothing printed. */
  static final PrintedText NOTHING = new PrintedText("", Optional.empty());

  PrintedText(String text, Origin origin) {
    this(text, Optional.of(origin));
  }

  boolean isEmpty() {
    return text.isEmpty();
  }

  /** Another text of the same origin. */
  PrintedText with(String other) {
    return new PrintedText(other, origin);
  }

  /** This text and another that goes on with it. */
  PrintedText and(PrintedText more) {
    if (more.isEmpty()) {
      return this;
    }
    return isEmpty() ? more : new PrintedText(text + " " + more.text, origin);
  }
}
