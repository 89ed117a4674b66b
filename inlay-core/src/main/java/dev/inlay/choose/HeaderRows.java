package dev.inlay.choose;

import dev.inlay.model.Decision;
import dev.inlay.model.Reason;
import dev.inlay.propose.Grid;
import dev.inlay.score.Choice;
import java.util.Optional;

/**
 * How many rows at the top of a grid are header: the most probable number, all that is known of the
 * grid weighed together.
 *
 * @param count how many, 0 for none
 * @param probability of this number, 0 to 1
 */
record HeaderRows(int count, double probability) {

  /** A less probable number is doubtful. */
  private static final double SURE = 0.6;

  /** The header rows of a grid. */
  static HeaderRows of(Grid grid) {
    return of(grid, 0);
  }

  /**
   * The header rows of a grid, or another number that is possible.
   *
   * @param rank 0 for the most probable number, 1 for the next
   */
  static HeaderRows of(Grid grid, int rank) {
    double[] probabilities = probabilities(new HeaderSigns(grid).ofCandidates());
    int best = Choice.best(probabilities);
    best = rank == 0 ? best : Choice.best(probabilities, best);
    return new HeaderRows(best, probabilities[best]);
  }

  /** Why a grid has as many header rows as it has. */
  static Decision decision(Grid grid) {
    double[][] signs = new HeaderSigns(grid).ofCandidates();
    double[] probabilities = probabilities(signs);
    int best = Choice.best(probabilities);
    int second = Choice.best(probabilities, best);
    boolean rival = second != best;
    double[] weights = HeaderModel.trained().reasons(signs[best], signs[second]);
    return new Decision(
        Decision.Question.HEADER_ROWS,
        grid.frame().page(),
        Optional.of(grid.frame().box()),
        "first rows",
        words(best),
        probabilities[best],
        rival ? words(second) : "",
        rival ? probabilities[second] : 0,
        Reason.of(HeaderSigns.names(), weights));
  }

  private static double[] probabilities(double[][] signs) {
    return HeaderModel.trained().probabilities(signs);
  }

  private static String words(int rows) {
    return switch (rows) {
      case 0 -> "no header";
      case 1 -> "one header row";
      default -> rows + " header rows";
    };
  }

  /** What is doubtful about the number; empty where nothing is. */
  Optional<String> doubt() {
    return probability < SURE
        ? Optional.of("its first rows may be headings or records")
        : Optional.empty();
  }
}
