package dev.inlay.rows;

/**
 * What a run says of one check of its spec.
 *
 * @param name the check's
 * @param state whether it holds
 * @param count how often it found something to compare, over all files
 */
public record CheckResult(String name, State state, CheckCount count) {

  /** Whether a check holds; the graver states stand behind. */
  public enum State {
    /** It compared something, and nothing contradicts it. */
    HOLDS("holds"),
    /** All that it found wrong follows from other findings. */
    EXPLAINED("explained"),
    /** It found nothing to compare, in no file or not in all that should have it. */
    NOT_ASKED("not asked"),
    /** It found something wrong. */
    FAILS("fails");

    private final String word;

    State(String word) {
      this.word = word;
    }

    /** What a finding that a check made says of it. */
    public static State of(Finding finding) {
      if (finding.code().equals(RunResult.NOT_ASKED)) {
        return NOT_ASKED;
      }
      return finding.cause().isPresent() ? EXPLAINED : FAILS;
    }

    /** The word for it in files. */
    public String word() {
      return word;
    }
  }
}
