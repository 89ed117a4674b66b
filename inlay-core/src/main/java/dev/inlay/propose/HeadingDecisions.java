package dev.inlay.propose;

import dev.inlay.evidence.Chunk;
import dev.inlay.evidence.ChunkLine;
import dev.inlay.model.Decision;
import dev.inlay.model.Reason;
import dev.inlay.score.SignScore;
import dev.inlay.score.Weights;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * Says of each line of a header why its headings stand over the columns they are given to: the
 * signs by which the best placing differs from the second best.
 */
public final class HeadingDecisions {

  private HeadingDecisions() {}

  /**
   * The decisions about the lines of a header, from top to bottom.
   *
   * @param page the page's number, from 1
   */
  public static List<Decision> of(int page, HeaderLayout layout) {
    List<Decision> decisions = new ArrayList<>();
    List<List<Heading>> placed = new ArrayList<>();
    for (int i = layout.lines().size() - 1; i >= 0; i--) {
      HeadingLine line = new HeadingLine(layout, i, placed);
      List<Heading> best = line.best(HeadingModel.trained());
      decisions.add(0, decision(page, layout.lines().get(i), line, best));
      placed.add(0, best);
    }
    return decisions;
  }

  private static Decision decision(int page, ChunkLine text, HeadingLine line, List<Heading> best) {
    List<Heading> second = line.secondBest(HeadingModel.trained());
    List<Reason> reasons = second.isEmpty() ? List.of() : reasons(line.way(best), line.way(second));
    return new Decision(
        Decision.Question.HEADINGS,
        page,
        Optional.of(text.box()),
        text.chunks().stream().map(Chunk::text).collect(Collectors.joining(" | ")),
        words(best),
        line.probability(),
        words(second),
        second.isEmpty() ? 0 : line.probability(second, HeadingModel.trained()),
        reasons);
  }

  private static List<Reason> reasons(List<HeadingLine.Step> best, List<HeadingLine.Step> second) {
    SignScore model = HeadingModel.trained();
    double[] shares = new double[HeadingModel.names().size()];
    best.forEach(s -> Weights.addTimes(shares, 1, model.shares(s.signs())));
    second.forEach(s -> Weights.addTimes(shares, -1, model.shares(s.signs())));
    return Reason.of(HeadingModel.names(), shares);
  }

  /** Such as "1: Quay, 2-3: Landed". */
  private static String words(List<Heading> headings) {
    return headings.stream().map(HeadingDecisions::words).collect(Collectors.joining(", "));
  }

  private static String words(Heading heading) {
    String text = heading.text();
    int first = heading.first() + 1;
    int last = heading.last() + 1;
    return (first == last ? "" + first : first + "-" + last) + ": " + text;
  }
}
