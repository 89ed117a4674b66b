package dev.inlay.choose;

import dev.inlay.evidence.Frame;
import dev.inlay.evidence.LineRole;
import dev.inlay.evidence.PageEvidence;
import dev.inlay.geom.Box;
import dev.inlay.model.Warning;
import dev.inlay.model.WarningCode;
import dev.inlay.page.TextLine;
import dev.inlay.page.Turn;
import dev.inlay.propose.GivenGutters;
import dev.inlay.propose.Grid;
import dev.inlay.propose.OpenFrame;
import dev.inlay.propose.OpenGridBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The grids of a page for which a person says where they are: the frame is taken as given, and so
 * are gutters, whatever the text looks like.
 */
final class GuidedGrids {

  /** A table that was found fills a given frame where it holds this share of its characters. */
  private static final double FILLED = 0.8;

  private final PageEvidence evidence;
  private final PageHints guidance;

  private GuidedGrids(PageEvidence evidence, PageHints guidance) {
    this.evidence = evidence;
    this.guidance = guidance;
  }

  /**
   * Finds the grids.
   *
   * @param evidence of the part of the page that holds them
   */
  static PageGrids find(PageEvidence evidence, PageHints guidance) {
    return new GuidedGrids(evidence, guidance).find();
  }

  private PageGrids find() {
    PageGrids found = PageGrids.find(evidence, guidance.proposal());
    if (guidance.areaIsFrame() && !fillsArea(found) || wantsOne(found)) {
      return forced();
    }
    if (guidance.gutters().isEmpty()) {
      return found;
    }
    List<Grid> grids = found.grids().stream().map(g -> parted(g.frame())).toList();
    return new PageGrids(grids, found.outside(), List.of());
  }

  /** Whether gutters are given, or an area, for a table that was not found. */
  private boolean wantsOne(PageGrids found) {
    boolean given = !guidance.gutters().isEmpty() || guidance.area().isPresent();
    return given && found.grids().isEmpty() && guidance.rulings() != RulingUse.USE;
  }

  private boolean fillsArea(PageGrids found) {
    return found.grids().size() == 1
        && evidence.glyphsIn(found.grids().get(0).frame().box()).size()
            >= FILLED * evidence.page().glyphs().size();
  }

  /** One table of all that stands in the area; none where it holds no two columns. */
  private PageGrids forced() {
    List<TextLine> lines = upright(evidence.lines());
    if (lines.isEmpty()) {
      return new PageGrids(List.of(), List.of(), List.of());
    }
    Box box = lines.stream().map(TextLine::box).reduce(Box::union).orElseThrow();
    Frame frame = new Frame(evidence.number(), box, evidence.horizontals(), List.of());
    if (!guidance.gutters().isEmpty()) {
      return new PageGrids(List.of(parted(frame)), List.of(), List.of());
    }
    Optional<OpenFrame> open = PageGrids.whole(lines, evidence);
    return open.isPresent()
        ? new PageGrids(List.of(OpenGridBuilder.build(open.get())), List.of(), List.of())
        : new PageGrids(List.of(), lines, List.of());
  }

  /** One text above rows that go on with a table heads these, and no columns. */
  private static OpenFrame goingOn(OpenFrame open) {
    if (open.headerLines() != 1 || open.lines().get(0).isTabular()) {
      return open;
    }
    List<LineRole> roles = new ArrayList<>(open.roles());
    roles.set(0, LineRole.GROUP);
    return open.withRoles(roles);
  }

  /** Known columns are as wide as on the page before, whatever of them is filled. */
  private static Box asWide(Box box, Box area) {
    return new Box(
        Math.min(box.left(), area.left()),
        box.top(),
        Math.max(box.right(), area.right()),
        box.bottom());
  }

  private static List<TextLine> upright(List<TextLine> lines) {
    return lines.stream().filter(l -> l.turn() == Turn.UPRIGHT).toList();
  }

  /** The grid of a frame parted by the gutters given. */
  private Grid parted(Frame frame) {
    List<TextLine> lines = upright(evidence.linesIn(frame.box()));
    if (guidance.textsMayCross()) {
      Box wide = asWide(frame.box(), guidance.area().orElse(frame.box()));
      Frame whole = new Frame(frame.page(), wide, frame.horizontals(), frame.verticals());
      OpenFrame open = GivenGutters.known(whole, lines, guidance.gutters());
      return OpenGridBuilder.buildAsKnown(goingOn(PageGrids.withRoles(open, evidence)));
    }
    GivenGutters given = GivenGutters.over(frame, lines, guidance.gutters());
    Grid grid = OpenGridBuilder.build(PageGrids.withRoles(given.frame(), evidence));
    List<Warning> warnings = new ArrayList<>(grid.warnings());
    for (GivenGutters.Cut cut : given.cuts()) {
      String message =
          "the gutter given at "
              + Math.round(cut.at())
              + " points cuts through \""
              + Warning.shortened(cut.word())
              + "\"";
      warnings.add(new Warning(WarningCode.CUT_WORD, frame.page(), message).at(cut.box()));
    }
    return new Grid(
        grid.frame(),
        grid.columnEdges(),
        grid.rowEdges(),
        grid.rows(),
        grid.isClosed(),
        grid.headerRows(),
        warnings);
  }
}
