package dev.inlay.pdf;

/**
 * What one page may ask for. A page that asks for more is made to use the machine up, or is broken;
 * it is left out with the limit named, so that the others are read. The largest page of all papers
 * seen has 400,000 characters and 90,000 commands.
 */
final class PageLimits {

  /** Drawing commands, those of forms counted each time they are drawn. */
  static final int MOST_COMMANDS = 10_000_000;

  static final int MOST_CHARACTERS = 2_000_000;

  /** Forms drawn, one inside another or not. */
  static final int MOST_FORMS = 50_000;

  /** Forms inside each other. */
  static final int MOST_DEPTH = 40;

  /** Graphics states saved and not restored. */
  static final int MOST_SAVED = 5_000;

  /** Bytes of one part of a page, in millions, when it is inflated; small parts can hold much. */
  static final int MOST_DECODED = 256;

  private static final int MILLION = 1_000_000;

  private long decoded;
  private int commands;
  private int characters;
  private int forms;
  private int depth;

  /** A page asks for more than it may. */
  static final class Reached extends RuntimeException {

    private static final long serialVersionUID = 1;

    Reached(String what, int most) {
      super("it has more than " + most + " " + what);
    }
  }

  void decoded(int bytes) {
    decoded += bytes;
    if (decoded > (long) MOST_DECODED * MILLION) {
      throw new Reached("million bytes in one part", MOST_DECODED);
    }
  }

  void command() {
    if (++commands > MOST_COMMANDS) {
      throw new Reached("drawing commands", MOST_COMMANDS);
    }
  }

  void character() {
    if (++characters > MOST_CHARACTERS) {
      throw new Reached("characters", MOST_CHARACTERS);
    }
  }

  void beginForm() {
    if (++forms > MOST_FORMS) {
      throw new Reached("forms", MOST_FORMS);
    }
    if (++depth > MOST_DEPTH) {
      throw new Reached("forms inside each other", MOST_DEPTH);
    }
  }

  void endForm() {
    depth--;
  }

  void saved(int states) {
    if (states > MOST_SAVED) {
      throw new Reached("saved graphics states", MOST_SAVED);
    }
  }
}
