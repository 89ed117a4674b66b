package dev.inlay.choose;

import dev.inlay.choose.SidewaysTables.Sideways;
import dev.inlay.evidence.CharacterBoxes;
import dev.inlay.evidence.PageEvidence;
import dev.inlay.geom.Box;
import dev.inlay.model.TextLedger;
import dev.inlay.page.Glyph;
import dev.inlay.page.LineComposer;
import dev.inlay.page.Page;
import dev.inlay.page.TextLine;
import dev.inlay.propose.Grid;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * All tables of one page, in reading order. Depends on nothing but the page, so that pages can be
 * worked on at the same time.
 */
public final class PageTables {

  private final int page;
  private final List<PageTable> tables;
  private final RunningTextAround text;
  private final TextLedger ledger;
  private final List<PossibleTable> possible;

  /**
   * The characters that draw boxes and rules: in the ledger they are leaders wherever they stand.
   */
  private final Set<Glyph> marks;

  private PageTables(
      int page,
      List<PageTable> tables,
      RunningTextAround text,
      List<PossibleTable> possible,
      TextLedger ledger,
      Set<Glyph> marks) {
    this.page = page;
    this.tables = text.placed(tables);
    this.text = text;
    this.possible = possible;
    this.ledger = ledger;
    this.marks = marks;
  }

  /** Finds and rebuilds the tables of a page. */
  public static PageTables of(Page page) {
    return of(page, PageHints.NONE);
  }

  /**
   * Finds and rebuilds the tables of a page.
   *
   * @param page the page
   * @param guidance what a person says of them
   */
  public static PageTables of(Page page, PageHints guidance) {
    Page area = guidance.area().map(page::within).orElse(page);
    CharacterBoxes.Redrawn boxes = CharacterBoxes.redraw(area);
    Page drawn = guidance.rulings() == RulingUse.IGNORE ? boxes.page().textOnly() : boxes.page();
    List<Sideways> sideways = SidewaysTables.find(drawn);
    PageEvidence evidence = PageEvidence.of(SidewaysTables.without(drawn, sideways));
    PageGrids found = GuidedGrids.find(evidence, guidance);
    List<TextLine> around = area == page ? found.outside() : linesAround(page, area);
    List<Grid> grids = found.grids();
    LedgerKeeper keeper = new LedgerKeeper(evidence, grids);
    TextLedger ledger = keeper.ledger().withMarks(boxes.marks().size());
    List<PageTable> tables = new ArrayList<>();
    double typeSize = evidence.typeSize();
    for (int i = 0; i < grids.size(); i++) {
      Grid grid = grids.get(i);
      Optional<String> title = TitleFinder.above(grid.frame().box(), around, typeSize);
      tables.add(
          PageTableBuilder.build(
              grid,
              HeaderRows.of(grid, guidance.proposal().headerRank()),
              keeper.warnings(i),
              title,
              NoteFinder.below(grid.frame().box(), around, typeSize)));
    }
    for (Sideways one : sideways) {
      tables.add(
          PageTableBuilder.build(
                  one.grid(),
                  HeaderRows.of(one.grid()),
                  one.keeper().warnings(0),
                  one.title(),
                  one.notes())
              .at(one.turn()::asPrinted));
      ledger = ledger.with(one.keeper().ledger());
    }
    int beyond = area == page ? 0 : printed(page) - printed(area);
    Set<Glyph> marks = Collections.newSetFromMap(new IdentityHashMap<>());
    marks.addAll(boxes.marks());
    return new PageTables(
        page.number(),
        inOrder(tables, around, typeSize),
        new RunningTextAround(around, typeSize),
        found.possible(),
        ledger.withOutside(beyond),
        marks);
  }

  private static int printed(Page page) {
    return (int) page.glyphs().stream().filter(g -> !g.isBlank()).count();
  }

  /** The lines of a page that stand outside a part of it. */
  private static List<TextLine> linesAround(Page page, Page area) {
    Set<Glyph> inside = Collections.newSetFromMap(new IdentityHashMap<>());
    inside.addAll(area.glyphs());
    return LineComposer.compose(page.glyphs().stream().filter(g -> !inside.contains(g)).toList());
  }

  private static List<PageTable> inOrder(
      List<PageTable> tables, List<TextLine> around, double typeSize) {
    tables.sort(
        Comparator.comparingDouble((PageTable t) -> t.frame().box().top())
            .thenComparingDouble(t -> t.frame().box().left()));
    List<PageTable> whole = BlocksBelow.order(tables, around, typeSize);
    return NextColumns.order(whole, around, typeSize);
  }

  /**
   * The same tables, some lines outside them known to be furniture: what changes with the page, or
   * stands on a later one, names no table.
   */
  public PageTables withFurniture(List<TextLine> lines) {
    int printed = 0;
    List<Box> frames = frames();
    List<String> changing = new ArrayList<>();
    for (TextLine line : lines) {
      printed +=
          (int)
              line.words().stream()
                  .mapToLong(w -> w.glyphs().stream().filter(g -> isOutside(g, frames)).count())
                  .sum();
      // what stands on the first page too may be the title there, on later ones it is a running
      // head
      if (page > 1 || line.text().codePoints().anyMatch(Character::isDigit)) {
        changing.add(line.text());
      }
    }
    List<PageTable> named =
        tables.stream()
            .map(
                t ->
                    t.title()
                            .filter(title -> changing.stream().anyMatch(c -> isPart(title, c)))
                            .isPresent()
                        ? t.withoutTitle()
                        : t)
            .toList();
    List<Box> places = lines.stream().map(TextLine::box).toList();
    List<PossibleTable> left = possible.stream().filter(p -> p.isBeside(places)).toList();
    return new PageTables(
        page, named, text.without(places), left, ledger.withFurniture(printed), marks);
  }

  /** Whether a title was read from a line, or holds it; any title may hold a page number. */
  private static boolean isPart(String title, String line) {
    boolean words = line.codePoints().anyMatch(Character::isLetter);
    return line.contains(title) || words && title.contains(line);
  }

  /** Whether a character counts as one outside tables: what reaches into a frame is stray there. */
  private boolean isOutside(Glyph glyph, List<Box> frames) {
    return !glyph.isBlank() && !marks.contains(glyph) && PageParts.isOutside(glyph.box(), frames);
  }

  /** The same tables with a reading of the first that goes on with the table of the page before. */
  public PageTables withFirst(PageTables again) {
    List<PageTable> all = new ArrayList<>(tables);
    all.set(0, again.tables.get(0).goingOn());
    return new PageTables(page, all, text, possible, ledger, marks);
  }

  /**
   * A page whose upper rows go on with the table of the page before: these with its columns, the
   * rest of the page as it stands; headings printed again are furniture.
   *
   * @param page without its furniture
   */
  public static PageTables withRowsAtTop(Page page, RowsAtTop.Found found) {
    Page area = page.within(found.rows().area().orElseThrow()).withoutFurniture();
    PageTables top = of(area, found.rows());
    Set<Glyph> above = Collections.newSetFromMap(new IdentityHashMap<>());
    above.addAll(area.glyphs());
    PageTables rest = of(page.withoutGlyphs(above).withFurniture(found.headingsAgain()));
    List<PageTable> all = new ArrayList<>(top.tables);
    all.addAll(rest.tables);
    Set<Glyph> marks = Collections.newSetFromMap(new IdentityHashMap<>());
    marks.addAll(top.marks);
    marks.addAll(rest.marks);
    TextLedger both = top.ledger.plus(rest.ledger);
    List<PageTable> blocks = rest.text.inBlocks(all);
    return new PageTables(page.number(), blocks, rest.text, rest.possible, both, marks);
  }

  /** The same tables, the first known to go on with the table of the page before. */
  public PageTables withFirstGoingOn() {
    List<PageTable> all = new ArrayList<>(tables);
    all.set(0, all.get(0).goingOn());
    return new PageTables(page, all, text, possible, ledger, marks);
  }

  /** The same tables, the header of the first read as rows. */
  public PageTables withoutFirstHeader() {
    List<PageTable> all = new ArrayList<>(tables);
    all.set(0, all.get(0).withoutHeader());
    return new PageTables(page, all, text, possible, ledger, marks);
  }

  /** Lines outside the tables that may be tables all the same, in reading order. */
  public List<PossibleTable> possible() {
    List<Box> frames = frames();
    return possible.stream().filter(p -> p.isBeside(frames)).toList();
  }

  /** Those that stand above all tables and running text; empty where none does. */
  Optional<PossibleTable> possibleAtHead() {
    return possible().stream()
        .filter(p -> frames().stream().allMatch(f -> p.place().bottom() < f.top()))
        .findFirst()
        .filter(p -> text.isAtHead(p.place()));
  }

  /** The frames of the tables, from top to bottom. */
  public List<Box> frames() {
    return tables.stream().map(t -> t.frame().box()).toList();
  }

  /** The page's number, from 1. */
  public int page() {
    return page;
  }

  /** Where the page's characters ended. */
  public TextLedger ledger() {
    return ledger;
  }

  /** The parts of tables on this page. */
  public List<PageTable> tables() {
    return tables;
  }
}
