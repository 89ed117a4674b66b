package dev.inlay.rows;

import dev.inlay.spec.Shape;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** Folds and unpivots a table before its columns are matched. */
final class Reshaping {

  private Reshaping() {}

  /** The table in the shape that a spec wants. */
  static TableView of(TableView table, Shape shape) {
    TableView view = folded(table, shape);
    return shape.unpivot().isPresent() ? Unpivoting.unpivot(view, shape.unpivot().get()) : view;
  }

  private static TableView folded(TableView table, Shape shape) {
    return shape.fold().map(f -> Folding.fold(table, f)).orElse(table);
  }

  /**
   * Why a table cannot have the shape: no heading fits that is to become rows, so that the rows
   * would come out without values. Empty where it can.
   */
  static Optional<String> unfit(TableView table, Shape shape) {
    if (shape.unpivot().isEmpty()) {
      return Optional.empty();
    }
    TableView view = folded(table, shape);
    return shape
        .unpivot()
        .filter(u -> !Unpivoting.fits(view, u))
        .map(
            u ->
                "no heading fits 'unpivot: "
                    + u.columns().stream()
                        .map(Object::toString)
                        .collect(Collectors.joining("' or '"))
                    + "'; the headings are '"
                    + IntStream.range(0, view.paths().size())
                        .mapToObj(view::heading)
                        .collect(Collectors.joining("', '"))
                    + "'");
  }
}
