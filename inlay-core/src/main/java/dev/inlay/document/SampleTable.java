package dev.inlay.document;

import dev.inlay.geom.Box;
import dev.inlay.model.RulingExtent;
import dev.inlay.model.Table;
import dev.inlay.model.TableFrame;
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
          0,
          List.of());

  private SampleTable() {}
}
