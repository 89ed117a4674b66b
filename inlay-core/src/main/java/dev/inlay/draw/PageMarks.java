package dev.inlay.draw;

import dev.inlay.draw.Canvas.Pen;
import dev.inlay.evidence.PageEvidence;
import dev.inlay.evidence.Ruling;
import dev.inlay.geom.Box;
import dev.inlay.model.Decision;
import dev.inlay.model.RowKind;
import dev.inlay.model.RulingExtent;
import dev.inlay.model.Table;
import dev.inlay.model.TableCell;
import dev.inlay.model.TableFrame;
import dev.inlay.model.TableRow;
import dev.inlay.model.Warning;
import dev.inlay.page.DroppedGlyph;
import dev.inlay.page.Page;
import dev.inlay.page.TextLine;
import java.io.IOException;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/** Draws over a page what was found on it. */
final class PageMarks {

  /** What is decided about single lines. */
  private static final Set<Decision.Question> OF_LINES =
      EnumSet.of(Decision.Question.LINE, Decision.Question.HEADINGS, Decision.Question.TEXTS);

  /** The height of a table's tag, in points. */
  private static final double TAG = 10;

  private static final double HEADER_TINT = 0.16;

  private final Canvas canvas;
  private final Page page;
  private final PageEvidence evidence;
  private final List<String> warnings = new ArrayList<>();

  PageMarks(Canvas canvas, Page page) {
    this.canvas = canvas;
    this.page = page;
    evidence = PageEvidence.of(page);
  }

  /** Marks what stands outside tables, furniture apart from the rest. */
  void outside(List<TextLine> lines, List<Box> furniture) throws IOException {
    for (TextLine line : lines) {
      Box box = line.box();
      if (furniture.contains(box)) {
        canvas.outline(box, ProofColour.OUTSIDE, 0.6, Pen.DASHED);
        canvas.hatch(box, ProofColour.OUTSIDE);
      } else {
        canvas.line(
            box.left(),
            box.bottom(),
            box.right(),
            box.bottom(),
            ProofColour.OUTSIDE,
            0.8,
            Pen.DOTTED);
      }
    }
  }

  /** Crosses out characters that nobody sees, those side by side together. */
  void dropped(List<DroppedGlyph> dropped) throws IOException {
    Box open = null;
    DroppedGlyph before = null;
    for (DroppedGlyph drop : dropped) {
      Box box = drop.glyph().box();
      boolean goesOn =
          before != null
              && before.reason() == drop.reason()
              && Math.abs(before.glyph().baseline() - drop.glyph().baseline()) < 1;
      if (!goesOn && open != null) {
        crossOut(open, before);
        open = null;
      }
      open = open == null ? box : open.union(box);
      before = drop;
    }
    if (open != null) {
      crossOut(open, before);
    }
  }

  private void crossOut(Box box, DroppedGlyph drop) throws IOException {
    Box sheet = new Box(0, 0, page.width(), page.height());
    if (box.meets(sheet)) {
      canvas.cross(box.intersection(sheet), ProofColour.OUTSIDE);
      canvas.text(drop.reason().word(), box.left(), box.top() - 1, 5, ProofColour.OUTSIDE, false);
    }
  }

  /** Marks the part of a table that stands on the page. */
  void table(Table table, TableFrame frame) throws IOException {
    boolean closed = frame.rulings() == RulingExtent.FULL;
    List<TableRow> rows =
        table.rows().stream()
            .filter(r -> r.page() == page.number())
            .filter(r -> isIn(r, frame))
            .toList();
    header(rows, frame);
    repeatedHeader(table, rows, frame);
    for (TableRow row : rows) {
      rowKind(row, frame);
      for (TableCell cell : row.cells()) {
        merged(cell, frame, closed);
        if (closed) {
          canvas.outline(cell.box(), ProofColour.RULING, 0.7, Pen.SOLID);
        }
      }
    }
    if (!closed) {
      inferredEdges(frame);
      rulings(frame);
    }
    canvas.outline(frame.box(), ProofColour.FRAME, 1.4, Pen.SOLID);
    tag(table, frame);
  }

  /** Names beside a line what else it may be, or where else its headings and texts may stand. */
  void runnersUp(List<Decision> decisions) throws IOException {
    for (Decision decision : decisions) {
      if (OF_LINES.contains(decision.question())
          && decision.isClose()
          && decision.place().isPresent()) {
        Box box = decision.place().get();
        canvas.outline(box, ProofColour.DOUBT, 0.6, Pen.DASHED);
        String text =
            String.format(
                Locale.ROOT,
                "or %s %.0f %%",
                Warning.shortened(decision.runnerUp()),
                100 * decision.runnerUpProbability());
        canvas.text(text, box.right() + 3, box.bottom() - 1.5, 6, ProofColour.DOUBT, true);
      }
    }
  }

  private void header(List<TableRow> rows, TableFrame frame) throws IOException {
    Optional<Box> around =
        rows.stream()
            .filter(r -> r.kind() == RowKind.HEADER)
            .flatMap(r -> r.cells().stream())
            .map(TableCell::box)
            .reduce(Box::union);
    if (around.isPresent()) {
      Box box = frame.box();
      Box band = new Box(box.left(), box.top(), box.right(), around.get().bottom());
      canvas.tint(band, ProofColour.FRAME, HEADER_TINT);
    }
  }

  /** On later pages the header is printed again, and left out of the rows. */
  private void repeatedHeader(Table table, List<TableRow> rows, TableFrame frame)
      throws IOException {
    if (rows.isEmpty() || table.frames().get(0).equals(frame)) {
      return;
    }
    Box first = rows.get(0).cells().stream().map(TableCell::box).reduce(Box::union).orElseThrow();
    Box box = frame.box();
    if (first.top() - box.top() > TAG / 2) {
      canvas.tint(
          new Box(box.left(), box.top(), box.right(), first.top()), ProofColour.FRAME, HEADER_TINT);
    }
  }

  private static boolean isIn(TableRow row, TableFrame frame) {
    return row.cells().stream()
        .anyMatch(c -> frame.box().contains(c.box().centreX(), c.box().centreY()));
  }

  private void rowKind(TableRow row, TableFrame frame) throws IOException {
    Box around = row.cells().stream().map(TableCell::box).reduce(Box::union).orElseThrow();
    Box band = new Box(frame.box().left(), around.top(), frame.box().right(), around.bottom());
    if (row.kind() == RowKind.GROUP) {
      bar(band, ProofColour.GROUP, false);
    } else if (row.kind().isSum()) {
      bar(band, ProofColour.TOTAL, true);
    } else if (row.kind() == RowKind.NOTE) {
      canvas.outline(band, ProofColour.OUTSIDE, 0.8, Pen.DOTTED);
    }
  }

  /** A tinted band with a bar at the left, doubled for sums. */
  private void bar(Box band, ProofColour ink, boolean doubled) throws IOException {
    canvas.tint(band, ink, 0.12);
    canvas.tint(new Box(band.left() - 5, band.top(), band.left() - 2.5, band.bottom()), ink, 1);
    if (doubled) {
      canvas.tint(new Box(band.left() - 9, band.top(), band.left() - 6.5, band.bottom()), ink, 1);
    }
  }

  private void merged(TableCell cell, TableFrame frame, boolean closed) throws IOException {
    if (cell.columnSpan() == 1 && cell.rowSpan() == 1) {
      return;
    }
    List<Double> edges = frame.columnEdges();
    boolean known = !closed && cell.column() + cell.columnSpan() < edges.size();
    Box box = cell.box();
    canvas.hatch(
        known
            ? new Box(
                edges.get(cell.column()),
                box.top(),
                edges.get(cell.column() + cell.columnSpan()),
                box.bottom())
            : box,
        ProofColour.RULING);
  }

  private void inferredEdges(TableFrame frame) throws IOException {
    Box box = frame.box();
    for (int i = 1; i < frame.columnEdges().size() - 1; i++) {
      double x = frame.columnEdges().get(i);
      canvas.line(x, box.top(), x, box.bottom(), ProofColour.GUTTER, 0.9, Pen.DASHED);
    }
    for (int i = 1; i < frame.rowEdges().size() - 1; i++) {
      double y = frame.rowEdges().get(i);
      canvas.line(box.left(), y, box.right(), y, ProofColour.GUTTER, 0.4, Pen.DOTTED);
    }
  }

  private void rulings(TableFrame frame) throws IOException {
    for (Ruling ruling : evidence.rulings()) {
      Box line = ruling.box();
      if (frame.box().contains(line.centreX(), line.centreY())) {
        canvas.line(
            line.left(),
            line.top(),
            line.right(),
            line.bottom(),
            ProofColour.RULING,
            0.9,
            Pen.SOLID);
      }
    }
  }

  /** The table's id and confidence, beside its upper left corner, where captions seldom stand. */
  private void tag(Table table, TableFrame frame) throws IOException {
    String text = table.id() + "  " + Table.confidenceText(table.confidence());
    double width = Canvas.width(text, 7, true) + 6;
    boolean room = frame.box().left() > width - Rulers.STRIP / 2;
    double left = room ? frame.box().left() - width : frame.box().left();
    double bottom = room ? frame.box().top() + TAG : frame.box().top();
    Box box = new Box(left, bottom - TAG, left + width, bottom);
    canvas.tint(box, ProofColour.FRAME, 1);
    canvas.text(text, box.left() + 3, box.bottom() - 2.5, 7, ProofColour.PAPER, true);
  }

  /** Flags the warnings of a table that concern this page. */
  void warnings(Table table, TableFrame frame) throws IOException {
    for (Warning warning : table.warnings()) {
      if (warning.page() != page.number()) {
        continue;
      }
      Box place = warning.box().orElse(null);
      if (place != null && !frame.box().meets(place)) {
        continue;
      }
      warnings.add(table.id() + " " + warning.code().code() + ": " + warning.message());
      String number = String.valueOf(warnings.size());
      if (place != null) {
        canvas.outline(place, ProofColour.WARNING, 1.1, Pen.SOLID);
        canvas.flag(place.centreX(), place.top(), number, ProofColour.WARNING);
      } else {
        double right = frame.box().right() - 8 - 14.0 * (warnings.size() - 1);
        canvas.flag(right, frame.box().top(), number, ProofColour.WARNING);
      }
    }
  }

  /** What the flags stand for, in the order of their numbers. */
  List<String> warningTexts() {
    return warnings;
  }
}
