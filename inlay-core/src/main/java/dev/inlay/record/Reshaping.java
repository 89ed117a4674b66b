package dev.inlay.record;

import dev.inlay.spec.Shape;

/** Folds and unpivots a table before its columns are matched. */
final class Reshaping {

  private Reshaping() {}

  /** The table in the shape that a spec wants. */
  static TableView of(TableView table, Shape shape) {
    TableView view = table;
    if (shape.fold().isPresent()) {
      view = Folding.fold(view, shape.fold().get());
    }
    return shape.unpivot().isPresent() ? Unpivoting.unpivot(view, shape.unpivot().get()) : view;
  }
}
