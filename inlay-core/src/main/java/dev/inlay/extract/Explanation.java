package dev.inlay.extract;

import dev.inlay.model.Decision;
import dev.inlay.model.Table;
import dev.inlay.model.TableFrame;
import java.util.List;

/**
 * The tables of a document and why they are read as they are.
 *
 * @param document its tables
 * @param decisions about lines and headings in the order of their pages, then about parts over
 *     pages, then about whole tables
 */
public record Explanation(DocumentTables document, List<Decision> decisions) {

  /** Keeps a copy that cannot change. */
  public Explanation {
    decisions = List.copyOf(decisions);
  }

  /** The decisions about one question on a page. */
  public List<Decision> on(int page, Decision.Question question) {
    return decisions.stream().filter(d -> d.page() == page && d.question() == question).toList();
  }

  /** Why a table is estimated as it is. */
  public Decision ofTable(Table table) {
    return decisions.stream()
        .filter(d -> d.question() == Decision.Question.TABLE && d.subject().equals(table.id()))
        .findFirst()
        .orElseThrow();
  }

  /** Whether the middle of a decision's place lies in a frame, or right above or below it. */
  public static boolean isAt(Decision decision, TableFrame frame, double reach) {
    return decision.page() == frame.page()
        && decision
            .place()
            .filter(
                box ->
                    frame.box().contains(box.centreX(), box.centreY())
                        || box.horizontal().overlap(frame.box().horizontal()) > 0
                            && box.bottom() > frame.box().top() - reach
                            && box.top() < frame.box().bottom() + reach)
            .isPresent();
  }
}
