package dev.inlay.propose;

import dev.inlay.geom.Box;
import dev.inlay.geom.Interval;
import dev.inlay.model.Warning;
import dev.inlay.model.WarningCode;
import dev.inlay.propose.ColumnedLine.Part;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.function.Predicate;

/** What is doubtful about the gutters of an open or part-ruled frame. */
final class OpenDoubts {

  /** A gutter narrower than this many type sizes could be a space inside a cell. */
  private static final double NARROW_GUTTER = 0.25;

  /** A gutter that has this many times the white of every other could part two tables. */
  private static final double FAR_WIDER = 2.5;

  /** This many times suffice where figures end on its left and names begin on its right. */
  private static final double WIDER = 1.2;

  /** A gutter that could part two tables is at least this wide, in type sizes. */
  private static final double LEAST_PARTING = 3;

  private final OpenFrame open;
  private final List<ColumnedLine> body;
  private final Box whole;
  private final double size;

  /**
   * @param body the lines below the header
   */
  OpenDoubts(OpenFrame open, List<ColumnedLine> body) {
    this.open = open;
    this.body = body;
    this.whole = open.frame().box();
    this.size = open.lines().get(0).line().size();
  }

  /**
   * The warnings, each with its place.
   *
   * @param isOverGutters tells the lines that may well reach over gutters: headings and sums
   */
  List<Warning> warnings(Predicate<ColumnedLine> isOverGutters) {
    List<Warning> warnings = new ArrayList<>();
    if (!open.given()) {
      addNarrow(warnings);
      addUneven(warnings);
    }
    open.rival()
        .ifPresent(
            rival ->
                warnings.add(
                    at(
                        WarningCode.RIVAL_COLUMNS,
                        rival,
                        "the texts on both sides of %d points may be one column or two")));
    addCrossed(warnings, isOverGutters);
    return warnings;
  }

  private void addNarrow(List<Warning> warnings) {
    for (Interval gutter : open.gutters()) {
      if (whiteBelow(gutter) < NARROW_GUTTER * size) {
        warnings.add(
            at(
                WarningCode.NARROW_GUTTER,
                gutter,
                "the gutter at %d points is hardly wider than a space inside a cell"));
        return;
      }
    }
  }

  /** A far wider white with several columns on both sides, which nothing bridges. */
  private void addUneven(List<Warning> warnings) {
    List<Interval> gutters = open.gutters();
    for (int g = 1; g < gutters.size() - 1; g++) {
      Interval gutter = gutters.get(g);
      double white = whiteBelow(gutter);
      OptionalDouble others =
          gutters.stream().filter(o -> o != gutter).mapToDouble(this::whiteBelow).max();
      double wider = holdsFigures(g) && !holdsFigures(g + 1) ? WIDER : FAR_WIDER;
      if (white >= LEAST_PARTING * size
          && white >= wider * others.orElseThrow()
          && open.frame().horizontals().stream()
              .noneMatch(r -> r.extent().overlap(gutter) >= gutter.length())) {
        warnings.add(
            at(
                WarningCode.UNEVEN_GUTTERS,
                gutter,
                "the white at %d points is wider than between the other columns, as between two"
                    + " tables"));
        return;
      }
    }
  }

  /** Whether most texts of a column below the header are figures. */
  private boolean holdsFigures(int column) {
    int figures = 0;
    int texts = 0;
    for (ColumnedLine line : body) {
      for (Part part : line.parts()) {
        if (part.first() == column && !part.spans()) {
          texts++;
          figures += NumericTexts.isFigure(part.text()) ? 1 : 0;
        }
      }
    }
    return 2 * figures > texts;
  }

  private void addCrossed(List<Warning> warnings, Predicate<ColumnedLine> isOverGutters) {
    List<ColumnedLine> crossing =
        body.stream()
            .filter(l -> l.parts().size() > 1 && l.parts().stream().anyMatch(Part::spans))
            .filter(isOverGutters.negate())
            .toList();
    if (!crossing.isEmpty()) {
      String message = crossing.size() + " line(s) have a text that reaches over a gutter";
      warnings.add(
          new Warning(WarningCode.CROSSED_GUTTER, open.frame().page(), message)
              .at(crossing.get(0).line().box()));
    }
  }

  private Warning at(WarningCode code, Interval gutter, String message) {
    return new Warning(
            code, open.frame().page(), String.format(message, Math.round(gutter.middle())))
        .at(new Box(gutter.from(), whole.top(), gutter.to(), whole.bottom()));
  }

  /** How wide a gutter is below the header: headings may reach into it. */
  private double whiteBelow(Interval gutter) {
    double from = gutter.from();
    double to = gutter.to();
    double left = Double.NEGATIVE_INFINITY;
    double right = Double.POSITIVE_INFINITY;
    for (ColumnedLine line : body) {
      for (Part part : line.parts()) {
        Box box = part.box();
        if (box.right() <= gutter.middle()) {
          left = Math.max(left, box.right());
        } else if (box.left() >= gutter.middle()) {
          right = Math.min(right, box.left());
        } else {
          return to - from;
        }
      }
    }
    return Math.max(to - from, right - left);
  }
}
