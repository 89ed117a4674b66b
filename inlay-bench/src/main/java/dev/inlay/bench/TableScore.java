package dev.inlay.bench;

import java.util.List;

/**
 * How one true table came out.
 *
 * @param kinds kinds of difficulty
 * @param found whether some table of the result stands for it
 * @param relations neighbour relations: right, in the truth, in the result
 * @param records body and total rows: right, in the truth, in the result
 * @param headings whether the headings over each column are right
 * @param groups whether the group headings are right
 * @param sums printed sums reported as such: right, in the truth, in the result
 * @param warnings codes of the warnings that the result has for it, each once
 * @param confidence of the result, 1 where there is none
 */
record TableScore(
    List<String> kinds,
    boolean found,
    Counts relations,
    Counts records,
    boolean headings,
    boolean groups,
    Counts sums,
    List<String> warnings,
    double confidence) {

  /** How many are right, due and given. */
  record Counts(int right, int due, int given) {

    /** The harmonic mean of the shares of right ones among those due and those given. */
    static double f1(int right, int due, int given) {
      return due + given == 0 ? 1 : 2.0 * right / (due + given);
    }
  }

  boolean perfect() {
    boolean rows = records.right() == records.due() && records.right() == records.given();
    return headings && groups && rows;
  }

  /** Whether the result has a warning for it. */
  boolean flagged() {
    return !warnings.isEmpty();
  }

  /** Wrong, and looks fine: the worst outcome. */
  boolean silent() {
    return !perfect() && !flagged();
  }

  static TableScore of(
      List<String> kinds,
      CaseGrid truth,
      CaseGrid result,
      boolean found,
      List<String> warnings,
      double confidence) {
    Tally<List<String>> dueSums = truth.sums();
    Tally<List<String>> givenSums = result.sums();
    Tally<List<String>> due = truth.relations();
    Tally<List<String>> given = result.relations();
    List<CaseGrid.Reading> dueRecords = truth.records();
    List<CaseGrid.Reading> givenRecords = result.records();
    boolean headings =
        truth.headerRows() > 0
            ? truth.headings().equals(result.headings())
            : result.headerRows() == 0;
    return new TableScore(
        kinds,
        found,
        new Counts(due.common(given), due.size(), given.size()),
        new Counts(matching(dueRecords, givenRecords), dueRecords.size(), givenRecords.size()),
        headings,
        truth.groups().equals(result.groups()),
        new Counts(dueSums.common(givenSums), dueSums.size(), givenSums.size()),
        warnings,
        confidence);
  }

  /** How many records agree; in order where they can, since rows seldom move. */
  private static int matching(List<CaseGrid.Reading> due, List<CaseGrid.Reading> given) {
    boolean[] taken = new boolean[given.size()];
    int matching = 0;
    int next = 0;
    for (CaseGrid.Reading reading : due) {
      for (int i = 0; i < given.size(); i++) {
        int at = (next + i) % given.size();
        if (!taken[at] && reading.agreesWith(given.get(at))) {
          taken[at] = true;
          matching++;
          next = at + 1;
          break;
        }
      }
    }
    return matching;
  }
}
