package dev.inlay.propose;

import dev.inlay.geom.Interval;
import dev.inlay.score.Choice;
import java.util.List;

/**
 * A strip that parts the words of one column where no gutter was seen, and may be one.
 *
 * @param strip the white, or where a few texts reach into it the place of most gaps, in points
 * @param signs of it
 * @param rows that it parts
 */
public record HiddenGutter(Interval strip, double[] signs, List<Parted> rows) {

  /** How probably it is a gutter, 0 to 1. */
  double probability() {
    return HiddenGutterModel.trained().probabilities(Choice.orNone(signs))[0];
  }

  /**
   * A row and what of it stands before the strip.
   *
   * @param text of the whole row
   * @param before the part of it that stands before the strip
   */
  public record Parted(String text, String before) {}
}
