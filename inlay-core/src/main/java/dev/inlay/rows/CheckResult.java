package dev.inlay.rows;

/**
 * What a run says of one check of its spec.
 *
 * @param name the check's
 * @param state whether it holds
 * @param count how often it found something to compare, over all files
 */
public record CheckResult(String name, State state, CheckCount count) {

  /** Whether a check holds. */
  public enum State {
    /** It compared something, and nothing contradicts it. */
    HOLDS("holds"),
    /** All that it found wrong follows from other findings. */
    EXPLAINED("explained"),
    /** It found something wrong. */
    FAILS("fails"),
    /** It found nothing to compare, in no file or not in all that should have it. */
    NOT_ASKED("not asked");

    private final String word;

    State(String word) {
      this.word = word;
    }

    /** The word for it in files. */
    public String word() {
      return word;
    }
  }
}
