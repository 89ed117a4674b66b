package dev.inlay.pdf;

import dev.inlay.page.ReadLimits;
import dev.inlay.page.ReadLimits.Limit;

/**
 * Counts what one page asks for. A page that asks for more than it may is left out with the limit
 * named, so that the others are read.
 */
final class PageLimits {

  private static final int MILLION = 1_000_000;

  private final ReadLimits most;
  private long decoded;
  private int commands;
  private int characters;
  private int forms;
  private int depth;

  PageLimits(ReadLimits most) {
    this.most = most;
  }

  /** A page asks for more than it may. */
  static final class Reached extends RuntimeException {

    private static final long serialVersionUID = 1;

    Reached(String what, Limit limit, int most) {
      super(
          "it has more than "
              + most
              + " "
              + what
              + "; --limit "
              + limit.word()
              + "=NUMBER allows more");
    }
  }

  private void check(long count, Limit limit, String what) {
    if (count > most.most(limit)) {
      throw new Reached(what, limit, most.most(limit));
    }
  }

  void decoded(int bytes) {
    decoded += bytes;
    check((decoded + MILLION - 1) / MILLION, Limit.MEGABYTES, "million bytes in one part");
  }

  void command() {
    check(++commands, Limit.COMMANDS, "drawing commands");
  }

  void character() {
    check(++characters, Limit.CHARACTERS, "characters");
  }

  void beginForm() {
    check(++forms, Limit.FORMS, "forms");
    check(++depth, Limit.DEPTH, "forms inside each other");
  }

  void endForm() {
    depth--;
  }

  void saved(int states) {
    check(states, Limit.STATES, "saved graphics states");
  }
}
