package dev.inlay.draft;

import java.util.List;

/**
 * A relation that may hold in all samples.
 *
 * @param check the check that it would become, as in a spec
 * @param held how the places are spoken of, as "held in"
 * @param count in how many places it is asked
 * @param places what they are
 * @param mayFail whether it is proposed though it fails in a few of many places: those are often
 *     the errors that one looks for
 * @param otherwise relations that are tried where this one does not hold; the first is taken
 */
record Candidate(
    String check,
    String held,
    int count,
    String places,
    boolean mayFail,
    List<Candidate> otherwise) {

  /** A relation that fails somewhere is asked in at least this many places. */
  private static final int LEAST_FOR_FAILURES = 30;

  /** And fails in at most this share of them. */
  private static final double MOST_FAILURES = 0.03;

  Candidate {
    otherwise = List.copyOf(otherwise);
  }

  /** All places that have a say hold, or the relation is not proposed. */
  static Candidate of(String check, String held, int count, String places) {
    return new Candidate(check, held, count, places, false, List.of());
  }

  /** The same, proposed also where it fails in few of many places. */
  Candidate failingSeldom() {
    return new Candidate(check, held, count, places, true, otherwise);
  }

  /** Whether it may be proposed with this many failures. */
  boolean stands(int failures) {
    return failures == 0
        || mayFail && count >= LEAST_FOR_FAILURES && failures <= MOST_FAILURES * count;
  }

  /** In how many places it holds. */
  String evidence(int failures) {
    return held + " " + (count - failures) + " of " + count + " " + places;
  }

  /** The same with others that are tried instead. */
  Candidate orElse(List<Candidate> others) {
    return new Candidate(check, held, count, places, mayFail, others);
  }
}
