package dev.inlay.choose;

import dev.inlay.evidence.PageEvidence;
import dev.inlay.evidence.PageMeasure;
import dev.inlay.evidence.Ruling;
import dev.inlay.evidence.RulingStack;
import dev.inlay.geom.Box;
import dev.inlay.geom.Interval;
import dev.inlay.model.WarningCode;
import dev.inlay.propose.BandedGrid;
import dev.inlay.propose.Grid;
import dev.inlay.propose.OpenEdges;
import dev.inlay.propose.RowBand;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Grids of which rulings part the rows and white parts the columns, where the lines of the cells
 * stand beside each other on baselines of their own: rulings then say better than lines what one
 * row is.
 */
final class RowRuledGrids {

  /** Fewer rows between rulings show no stack of rows. */
  private static final int LEAST_ROWS = 2;

  /** Lines stand beside each other in at least this many rows; in one it may be a raised sign. */
  private static final int LEAST_INTERLEAVED = 2;

  /** They do in this share of the rows of several lines, where no shorter rulings part rows. */
  private static final double INTERLEAVED_SHARE = 0.5;

  /** At least this many shorter rulings, ending at the right edge, part the rows of one label. */
  private static final int LEAST_PARTING = 3;

  private final PageEvidence evidence;
  private final PageMeasure measure;
  private final List<Ruling> rulings;
  private final List<Grid> grids = new ArrayList<>();

  private RowRuledGrids(PageEvidence evidence, List<Ruling> rulings) {
    this.evidence = evidence;
    this.rulings = rulings;
    this.measure = evidence.measure();
  }

  /**
   * Finds the grids.
   *
   * @param evidence of the page
   * @param taken boxes that are read otherwise: nothing in them is looked at
   */
  static List<Grid> find(PageEvidence evidence, List<Box> taken) {
    List<Ruling> free =
        evidence.rulings().stream()
            .filter(r -> taken.stream().noneMatch(b -> b.meets(r.box())))
            .toList();
    RowRuledGrids finding = new RowRuledGrids(evidence, free);
    RulingStack.of(free, evidence.measure()).forEach(finding::addFrom);
    return finding.grids;
  }

  /** Adds the grids of a stack: what is no row parts them. */
  private void addFrom(RulingStack stack) {
    List<Double> places = stack.places(measure.widestLineGap());
    List<RowBand> bands = new ArrayList<>();
    double above = 0;
    for (int i = 1; i < places.size(); i++) {
      RowBand band = band(new Interval(places.get(i - 1), places.get(i)), stack.extent());
      if (band.isNoRow(measure.typeSize())) {
        add(bands, stack, above, places.get(i));
        bands = new ArrayList<>();
        above = places.get(i - 1);
      } else {
        bands.add(band);
      }
    }
    add(bands, stack, above, evidence.page().height());
  }

  private RowBand band(Interval height, Interval extent) {
    Box box = new Box(extent.from(), height.from(), extent.to(), height.to());
    return new RowBand(height, evidence.chunkLinesIn(box));
  }

  /**
   * Adds the grid of some bands, with the rows that end it without a ruling.
   *
   * @param above where what stands above the first band begins
   * @param below where what stands below the last band ends
   */
  private void add(List<RowBand> bands, RulingStack stack, double above, double below) {
    if (!areRows(bands, stack)) {
      return;
    }
    Interval height = bands.get(0).height().union(bands.get(bands.size() - 1).height());
    List<Double> drawn = stack.columnsIn(rulings, height, measure);
    Interval reach = RulingStack.reach(rulings, drawn, height, measure);
    OpenEdges edges = new OpenEdges(bands, stack.extent(), drawn, measure);
    List<RowBand> all = new ArrayList<>(bands);
    boxed(new Interval(reach.from(), height.from()), stack)
        .or(() -> edges.above(band(new Interval(above, height.from()), stack.extent())))
        .ifPresent(b -> all.add(0, b));
    boxed(new Interval(height.to(), reach.to()), stack)
        .or(() -> edges.below(band(new Interval(height.to(), below), stack.extent())))
        .ifPresent(all::add);
    BandedGrid.of(all, stack, drawn, evidence)
        .filter(g -> !isOdd(g) && RuledGrids.isTable(g) && !HiddenCells.in(g) && isFree(g))
        .ifPresent(grids::add);
  }

  /**
   * The row that vertical rulings reach along beyond the others; empty where nothing stands in it.
   */
  private Optional<RowBand> boxed(Interval beyond, RulingStack stack) {
    return beyond.length() < measure.typeSize()
        ? Optional.empty()
        : Optional.of(band(beyond, stack.extent())).filter(RowBand::isFilled);
  }

  /** Whether no grid found before stands in the same place, as where two tables are overprinted. */
  private boolean isFree(Grid grid) {
    Box box = grid.frame().box();
    return grids.stream()
        .map(g -> g.frame().box())
        .noneMatch(
            b ->
                b.horizontal().overlap(box.horizontal()) > 0
                    && b.vertical().overlap(box.vertical()) > 0);
  }

  private static boolean isOdd(Grid grid) {
    return grid.warnings().stream()
        .anyMatch(w -> w.code() == WarningCode.CROWDED_ROW || w.code() == WarningCode.ODD_CELL);
  }

  private boolean areRows(List<RowBand> bands, RulingStack stack) {
    long rows = bands.stream().filter(RowBand::isFilled).count();
    long several = bands.stream().filter(RowBand::hasSeveralLines).count();
    long interleaved = bands.stream().filter(RowBand::isInterleaved).count();
    if (rows < LEAST_ROWS || interleaved < LEAST_INTERLEAVED) {
      return false;
    }
    double top = bands.get(0).height().from();
    double bottom = bands.get(bands.size() - 1).height().to();
    return interleaved >= INTERLEAVED_SHARE * several
        || stack.partingRows(top, bottom, measure) >= LEAST_PARTING;
  }
}
