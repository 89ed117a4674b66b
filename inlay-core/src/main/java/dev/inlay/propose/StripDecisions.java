package dev.inlay.propose;

import dev.inlay.geom.Box;
import dev.inlay.model.Decision;
import dev.inlay.model.Reason;
import dev.inlay.score.Choice;
import java.util.List;
import java.util.Optional;

/** Says of strips hardly wider than a space why they part columns, or are white between words. */
public final class StripDecisions {

  /** Nothing is said of strips that are gutters less probably: the white between words is such. */
  private static final double LEAST = 0.05;

  private static final String PARTS = "parts columns";
  private static final String BETWEEN_WORDS = "is white between words";

  private StripDecisions() {}

  /**
   * The decisions about the strips of a frame, from left to right.
   *
   * @param page the page's number, from 1
   */
  public static List<Decision> of(int page, OpenFrame frame) {
    return frame.strips().stream()
        .filter(s -> s.probability() >= LEAST)
        .map(s -> decision(page, frame, s))
        .toList();
  }

  private static Decision decision(int page, OpenFrame frame, HiddenGutter strip) {
    double probability = strip.probability();
    boolean parts = RegionGutters.isBelieved(probability);
    double[][] signs = Choice.orNone(strip.signs());
    double[] weights =
        HiddenGutterModel.trained().reasons(signs[parts ? 0 : 1], signs[parts ? 1 : 0]);
    Box box = frame.frame().box();
    Box place = new Box(strip.strip().from(), box.top(), strip.strip().to(), box.bottom());
    return new Decision(
        Decision.Question.STRIPS,
        page,
        Optional.of(place),
        example(strip.rows().get(0)),
        parts ? PARTS : BETWEEN_WORDS,
        parts ? probability : 1 - probability,
        parts ? BETWEEN_WORDS : PARTS,
        parts ? 1 - probability : probability,
        Reason.of(HiddenGutterModel.names(), weights));
  }

  /** The texts of a row with a bar where the strip is; without, where they read leftwards. */
  private static String example(HiddenGutter.Parted row) {
    return row.text().startsWith(row.before())
        ? row.before() + " |" + row.text().substring(row.before().length())
        : row.text();
  }
}
