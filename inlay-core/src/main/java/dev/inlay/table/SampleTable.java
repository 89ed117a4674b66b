package dev.inlay.table;

import dev.inlay.geom.Box;
import java.util.List;
import java.util.Optional;

/** A table of nothing, from which the names of signs are gathered. */
final class SampleTable {

  static final Table EMPTY =
      new Table(
          "",
          Optional.empty(),
          List.of(new TableFrame(1, new Box(0, 0, 1, 1), RulingExtent.NONE)),
          1,
          List.of(),
          0,
          List.of(),
          List.of(),
          List.of(),
          Optional.empty(),
          0);

  private SampleTable() {}
}
