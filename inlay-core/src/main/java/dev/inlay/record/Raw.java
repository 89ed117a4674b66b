package dev.inlay.record;

import java.util.Optional;

/**
 * A text on its way to a field.
 *
 * @param text as printed; empty where nothing is
 * @param origin where it is printed; none where a spec gives it
 */
record Raw(String text, Optional<Origin> origin) {

  /** Nothing printed. */
  static final Raw NOTHING = new Raw("", Optional.empty());

  Raw(String text, Origin origin) {
    this(text, Optional.of(origin));
  }

  boolean isEmpty() {
    return text.isEmpty();
  }

  /** Another text of the same origin. */
  Raw with(String other) {
    return new Raw(other, origin);
  }

  /** This text and another that goes on with it. */
  Raw and(Raw more) {
    if (more.isEmpty()) {
      return this;
    }
    return isEmpty() ? more : new Raw(text + " " + more.text, origin);
  }
}
