package dev.inlay.model;

import dev.inlay.geom.Box;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * A question that was open on a page, and how it was answered.
 *
 * @param question what was decided
 * @param page the page's number, from 1
 * @param place where, in points from the page's upper left corner; empty for a whole page
 * @param subject the text or part in question
 * @param chosen the answer taken
 * @param probability how probable it is, 0 to 1; 1 where a rule decides
 * @param runnerUp the answer that comes next; empty where there is none
 * @param runnerUpProbability 0 to 1
 * @param reasons what decides between the two, the weightiest first
 */
public record Decision(
    Question question,
    int page,
    Optional<Box> place,
    String subject,
    String chosen,
    double probability,
    String runnerUp,
    double runnerUpProbability,
    List<Reason> reasons) {

  /** What is decided about a page. */
  public enum Question {
    /** What a line is: header, row, outside ... */
    LINE,
    /** Which columns the headings of a line stand over. */
    HEADINGS,
    /** Which columns a text of a row stands over. */
    TEXTS,
    /** Whether a strip hardly wider than a space parts columns. */
    STRIPS,
    /** How many rows at the top of a grid are header. */
    HEADER_ROWS,
    /** Whether a part of a table goes on with the table of the page before. */
    CONTINUATION,
    /** Whether a table is right as a whole. */
    TABLE
  }

  /** Reasons that weigh less decide nothing. */
  private static final double LEAST_WEIGHT = 0.05;

  /**
   * The answers of a closer decision are both likely: the one taken has less than three quarters.
   */
  private static final double CLOSE = 0.5;

  /** Puts the weightiest reasons first and drops those that weigh nothing. */
  public Decision {
    reasons =
        reasons.stream()
            .filter(r -> Math.abs(r.weight()) >= LEAST_WEIGHT)
            .sorted(Comparator.comparingDouble((Reason r) -> -Math.abs(r.weight())))
            .toList();
  }

  /** A decision by a rule, which has one reason. */
  public static Decision byRule(
      Question question, int page, Optional<Box> place, String subject, String chosen, String why) {
    List<Reason> reasons = List.of(new Reason(why, 1));
    return new Decision(question, page, place, subject, chosen, 1, "", 0, reasons);
  }

  /** Whether the next answer comes so near that a person should weigh it, too. */
  public boolean isClose() {
    return !runnerUp.isEmpty() && margin() < CLOSE;
  }

  /** How much more probable the answer taken is than the next, 0 to 1; negative where less. */
  public double margin() {
    return probability - runnerUpProbability;
  }
}
