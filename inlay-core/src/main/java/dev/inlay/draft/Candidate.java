package dev.inlay.draft;

import java.util.List;

/**
 * A relation that may hold in all samples.
 *
 * @param check the check that it would become, as in a spec
 * @param evidence in how many places it is asked
 * @param otherwise relations that are tried where this one does not hold; the first is taken
 */
record Candidate(String check, String evidence, List<Candidate> otherwise) {

  Candidate {
    otherwise = List.copyOf(otherwise);
  }

  /** All places that have a say hold, or the relation is not proposed. */
  static Candidate of(String check, String held, int count, String places) {
    return new Candidate(check, held + " " + count + " of " + count + " " + places, List.of());
  }

  /** The same with others that are tried instead. */
  Candidate orElse(List<Candidate> others) {
    return new Candidate(check, evidence, others);
  }
}
