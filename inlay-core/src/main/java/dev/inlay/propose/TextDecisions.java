package dev.inlay.propose;

import dev.inlay.model.Decision;
import dev.inlay.model.Reason;
import dev.inlay.score.Choice;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Says of texts of rows why they stand over the columns they are given to. */
public final class TextDecisions {

  /** What is surer than this is not said of texts that stand over one column. */
  private static final double SURE = 0.95;

  private TextDecisions() {}

  /**
   * The decisions about the texts of a frame's rows that stand over several columns, or may.
   *
   * @param page the page's number, from 1
   */
  public static List<Decision> of(int page, OpenFrame frame) {
    return OpenGridBuilder.texts(frame).stream().flatMap(t -> decision(page, t).stream()).toList();
  }

  private static Optional<Decision> decision(int page, RowText text) {
    double[] probabilities = ReachModel.trained().probabilities(text.signs());
    int best = Choice.best(probabilities);
    if (!text.candidates().get(best).spans() && probabilities[best] >= SURE) {
      return Optional.empty();
    }
    int next = Choice.best(probabilities, best);
    double[] weights = ReachModel.trained().reasons(text.signs()[best], text.signs()[next]);
    return Optional.of(
        new Decision(
            Decision.Question.TEXTS,
            page,
            Optional.of(text.place()),
            String.join(" ", text.parts()),
            words(text, text.candidates().get(best)),
            probabilities[best],
            words(text, text.candidates().get(next)),
            probabilities[next],
            Reason.of(ReachModel.names(), weights)));
  }

  /** Such as "3-5: not recorded", or "3: not, 4: recorded" where its words stand in two columns. */
  private static String words(RowText text, Reach reach) {
    List<String> cells = new ArrayList<>();
    if (reach.spans()) {
      String columns = (reach.first() + 1) + "-" + (reach.last() + 1);
      cells.add(columns + ": " + String.join(" ", text.parts().subList(0, reach.parts())));
    }
    for (int p = reach.parts(); p < text.parts().size(); p++) {
      cells.add((text.homes().get(p) + 1) + ": " + text.parts().get(p));
    }
    return String.join(", ", cells);
  }
}
