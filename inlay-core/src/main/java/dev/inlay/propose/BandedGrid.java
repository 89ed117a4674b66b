package dev.inlay.propose;

import dev.inlay.evidence.ChunkLine;
import dev.inlay.evidence.Frame;
import dev.inlay.evidence.PageEvidence;
import dev.inlay.evidence.Ruling;
import dev.inlay.evidence.RulingStack;
import dev.inlay.geom.Box;
import dev.inlay.geom.Interval;
import dev.inlay.model.Certainty;
import dev.inlay.page.Glyph;
import dev.inlay.score.Zone;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Collectors;

/**
 * Builds the grid of rows that rulings part and columns that white parts: the gutters are taken for
 * vertical rulings that end where a text crosses them.
 */
public final class BandedGrid {

  private BandedGrid() {}

  /**
   * The grid of some rows.
   *
   * @param bands from top to bottom; what lies between the first and the last belongs to the table
   * @param stack the rulings that part them
   * @param drawn where vertical rulings part columns, in points
   * @param evidence of the page
   * @return empty where no gutter runs through them
   */
  public static Optional<Grid> of(
      List<RowBand> bands, RulingStack stack, List<Double> drawn, PageEvidence evidence) {
    List<RowBand> filled = bands.stream().filter(RowBand::isFilled).toList();
    List<Interval> gutters =
        filled.isEmpty() ? List.of() : BandGutters.find(filled, stack.extent(), drawn);
    if (gutters.isEmpty()) {
      return Optional.empty();
    }
    Interval height = bands.get(0).height().union(bands.get(bands.size() - 1).height());
    List<Ruling> verticals = new ArrayList<>();
    verticals.add(new Ruling(false, stack.extent().from(), height));
    for (Interval gutter : gutters) {
      if (gutter.length() == 0) {
        verticals.add(new Ruling(false, gutter.middle(), height)); // drawn: texts may reach over it
      } else {
        addAlong(gutter, BandGutters.WIDE * evidence.typeSize(), filled, height, verticals);
      }
    }
    verticals.add(new Ruling(false, stack.extent().to(), height));
    List<Ruling> between =
        stack.rulings().stream()
            .filter(r -> r.at() >= height.from() && r.at() <= height.to())
            .toList();
    Box box = new Box(stack.extent().from(), height.from(), stack.extent().to(), height.to());
    int page = evidence.number();
    Grid grid = GridBuilder.build(new Frame(page, box, between, verticals), evidence);
    return Optional.of(grid.asOpen(new Frame(page, box, between, List.of())));
  }

  private static void addAlong(
      Interval gutter, double wide, List<RowBand> bands, Interval height, List<Ruling> verticals) {
    double x = gutter.middle();
    double from = height.from();
    for (RowBand band : bands) {
      if (band.isCrossedAt(gutter, wide)) {
        addPiece(x, from, band.height().from(), verticals);
        from = band.height().to();
      }
    }
    addPiece(x, from, height.to(), verticals);
  }

  private static void addPiece(double x, double from, double to, List<Ruling> verticals) {
    if (to > from) {
      verticals.add(new Ruling(false, x, new Interval(from, to)));
    }
  }

  /**
   * The grid with its headings placed by the lines that they stand in, as those of open tables are:
   * no gutter says how far a heading reaches.
   *
   * @param grid with its header rows known
   * @param zone the lines in it
   */
  public static Grid withHeadings(Grid grid, Zone zone) {
    int header = grid.headerRows().orElse(0);
    double end = grid.rowEdges().get(header);
    List<ChunkLine> lines = zone.lines().stream().filter(l -> l.box().centreY() < end).toList();
    if (lines.isEmpty()) {
      return grid;
    }
    List<Interval> columns = new ArrayList<>();
    for (int c = 0; c < grid.columns(); c++) {
      columns.add(new Interval(grid.columnEdges().get(c), grid.columnEdges().get(c + 1)));
    }
    List<Interval> texts = texts(grid, columns);
    HeaderCells heads =
        new HeaderCells(
            new HeaderLayout(lines, List.of(), columns, texts, grid.frame().horizontals()));
    int moved = heads.levels() - header;
    List<List<Cell>> rows = heads.rows();
    for (List<Cell> row : grid.rows().subList(header, grid.rows().size())) {
      rows.add(row.stream().map(c -> c.movedDown(moved)).toList());
    }
    List<Double> edges = new ArrayList<>();
    double top = grid.rowEdges().get(0);
    for (int level = 0; level < heads.levels(); level++) {
      edges.add(top + (end - top) * level / heads.levels());
    }
    edges.addAll(grid.rowEdges().subList(header, grid.rowEdges().size()));
    return new Grid(
        grid.frame(),
        grid.columnEdges(),
        edges,
        rows,
        false,
        OptionalInt.of(heads.levels()),
        grid.groupRows().stream().map(r -> r + moved).collect(Collectors.toSet()),
        grid.certainty().withColumns(heads.certainty(), narrowestGutter(texts, zone.typeSize())),
        grid.warnings());
  }

  /** For each column the stretch that its texts fill; the column's own where it has none. */
  private static List<Interval> texts(Grid grid, List<Interval> columns) {
    List<Interval> texts = new ArrayList<>();
    for (int c = 0; c < columns.size(); c++) {
      Interval stretch = null;
      for (List<Cell> row : grid.rows().subList(grid.headerRows().orElse(0), grid.rows().size())) {
        for (Cell cell : row) {
          if (cell.column() == c && cell.columnSpan() == 1 && !cell.isEmpty()) {
            Interval text = printed(cell);
            stretch = stretch == null ? text : stretch.union(text);
          }
        }
      }
      texts.add(stretch == null ? columns.get(c) : stretch);
    }
    return texts;
  }

  private static Interval printed(Cell cell) {
    return Box.around(cell.glyphs().stream().filter(g -> !g.isBlank()).toList(), Glyph::box)
        .horizontal();
  }

  /** In type sizes. */
  private static double narrowestGutter(List<Interval> texts, double typeSize) {
    double narrowest = Certainty.WIDE;
    for (int c = 1; c < texts.size(); c++) {
      double white = texts.get(c).from() - texts.get(c - 1).to();
      narrowest = Math.min(narrowest, Math.max(0, white) / typeSize);
    }
    return narrowest;
  }
}
