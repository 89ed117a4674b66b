package dev.inlay.choose;

import dev.inlay.evidence.Frame;
import dev.inlay.geom.Box;
import dev.inlay.propose.Grid;
import java.util.List;
import java.util.OptionalInt;

/** A grid that says nothing, of which only the names of signs are gathered. */
final class SampleGrid {

  /** Two empty rows. */
  static final Grid TWO_ROWS =
      new Grid(
          new Frame(1, new Box(0, 0, 10, 20), List.of(), List.of()),
          List.of(0.0, 10.0),
          List.of(0.0, 10.0, 20.0),
          List.of(List.of(), List.of()),
          false,
          OptionalInt.empty(),
          List.of());

  private SampleGrid() {}
}
