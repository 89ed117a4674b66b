package dev.inlay.score;

import dev.inlay.evidence.ChunkLine;
import dev.inlay.geom.Box;
import dev.inlay.page.Glyph;
import dev.inlay.page.LineComposer;
import dev.inlay.page.Turn;
import dev.inlay.page.Typeface;
import java.util.List;

/** A zone of two short lines, from which the names of signs are gathered. */
public final class SampleZone {

  /** The zone. */
  public static final Zone TWO_LINES =
      new Zone(
          ChunkLine.of(LineComposer.compose(List.of(letter(10), letter(22)))),
          List.of(),
          List.of(),
          List.of(),
          100,
          10);

  private SampleZone() {}

  private static Glyph letter(double baseline) {
    Typeface face = new Typeface("", false, false);
    return new Glyph(
        "a", new Box(0, baseline - 8, 5, baseline + 2), baseline, 10, Turn.UPRIGHT, face);
  }
}
