package dev.inlay.extract;

import dev.inlay.choose.PageDecisions;
import dev.inlay.choose.PageHints;
import dev.inlay.choose.PageTables;
import dev.inlay.document.EdgeLine;
import dev.inlay.document.FurnitureFinder;
import dev.inlay.document.Stitcher;
import dev.inlay.evidence.LineNumbers;
import dev.inlay.geom.Box;
import dev.inlay.model.Decision;
import dev.inlay.model.Table;
import dev.inlay.page.Glyph;
import dev.inlay.page.LineComposer;
import dev.inlay.page.Page;
import dev.inlay.page.TextLine;
import dev.inlay.propose.HeadingGutters;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * Reads the tables of a document's pages, given in order, on several threads. Each page is read on
 * its own, and held until the pages behind it have shown what on it is furniture; where furniture
 * was taken into a table, the page is read again without it. Then its tables are joined to those
 * before, and the page is let go.
 *
 * <p>Give it pages from one thread.
 */
final class TableReader implements AutoCloseable {

  /** Furniture shows on the pages around: a page is held while this many more are looked at. */
  private static final int PAGES_AHEAD = 12;

  private static final Logger LOG = LoggerFactory.getLogger(TableReader.class);

  /** A page, how it is to be read, and what it gave; {@code tables} is null after a defect. */
  private record Reading(
      Page page, PageHints guidance, PageTables tables, List<EdgeLine> edges, Problem defect) {}

  /** What is left of a page. */
  private record Done(
      Page page,
      PageHints guidance,
      PageTables tables,
      List<TextLine> furniture,
      List<Decision> decisions,
      Problem defect) {

    static Done broken(Problem defect) {
      return new Done(null, null, null, List.of(), List.of(), defect);
    }
  }

  private final OrderedWork<Reading> firstReadings;
  private final OrderedWork<Done> lastReadings;
  private final Deque<Reading> held = new ArrayDeque<>();
  private final FurnitureFinder furniture = new FurnitureFinder();
  private final Stitcher stitcher = new Stitcher();
  private final List<PageLedger> ledgers = new ArrayList<>();
  private final List<Problem> defects = new ArrayList<>();
  private final List<Problem> doubts = new ArrayList<>();
  private final boolean explains;
  private final List<Decision> decisions = new ArrayList<>();

  /**
   * Prepares a reader.
   *
   * @param threads how many pages are worked on at a time
   * @param explains whether decisions are kept
   */
  TableReader(int threads, boolean explains) {
    this.explains = explains;
    firstReadings = new OrderedWork<>(threads, this::hold);
    lastReadings = new OrderedWork<>(threads, this::stitch);
  }

  /** Gives the next page. */
  void add(Page page, PageHints guidance) throws InterruptedException {
    firstReadings.add(() -> read(page, guidance));
  }

  /** Waits until all pages are read. */
  void finish() throws InterruptedException {
    firstReadings.finish();
    while (!held.isEmpty()) {
      readAgain(held.remove());
    }
    lastReadings.finish();
  }

  private static Reading read(Page printed, PageHints guidance) {
    Page page = LineNumbers.setAside(printed);
    try {
      PageTables tables = PageTables.of(page, guidance);
      // What a person names is read as it stands.
      List<EdgeLine> edges =
          guidance.area().isPresent() ? List.of() : EdgeLine.of(page, tables.frames());
      return new Reading(page, guidance, tables, edges, null);
    } catch (RuntimeException | StackOverflowError | OutOfMemoryError e) {
      return new Reading(page, guidance, null, List.of(), defect(page, e));
    }
  }

  /** One page must not take the rest of a batch with it, and must not vanish either. */
  private static Problem defect(Page page, Throwable e) {
    LOG.warn("page {} hit a defect", page.number(), e);
    return Problem.defect(page.number(), e);
  }

  private void hold(Reading reading) throws InterruptedException {
    furniture.add(reading.page().number(), reading.edges());
    held.add(reading);
    if (held.size() > PAGES_AHEAD) {
      readAgain(held.remove());
    }
  }

  private void readAgain(Reading reading) throws InterruptedException {
    List<EdgeLine> found = furniture.take(reading.page().number());
    lastReadings.add(() -> readWithout(found, reading));
  }

  private Done readWithout(List<EdgeLine> furniture, Reading reading) {
    if (reading.tables() == null) {
      return Done.broken(reading.defect());
    }
    Page page = reading.page();
    List<TextLine> lines = furniture.stream().map(EdgeLine::line).toList();
    try {
      boolean inTable = furniture.stream().anyMatch(EdgeLine::inTable);
      Page asRead = inTable ? page.withFurniture(glyphs(lines)) : page;
      PageTables tables =
          inTable
              ? PageTables.of(asRead, reading.guidance())
              : reading.tables().withFurniture(lines);
      List<Decision> made = explains ? decisions(asRead, lines) : List.of();
      return new Done(page, reading.guidance(), tables, lines, made, null);
    } catch (RuntimeException | StackOverflowError | OutOfMemoryError e) {
      return Done.broken(defect(page, e));
    }
  }

  /** Why the lines of a page are read as they are, furniture by its places on other pages. */
  private static List<Decision> decisions(Page page, List<TextLine> furniture) {
    List<Decision> all = new ArrayList<>(PageDecisions.of(page));
    Set<Box> places = new HashSet<>();
    for (TextLine line : furniture) {
      places.add(line.box());
    }
    all.removeIf(d -> d.place().filter(places::contains).isPresent());
    for (TextLine line : furniture) {
      all.add(
          Decision.byRule(
              Decision.Question.LINE,
              page.number(),
              Optional.of(line.box()),
              line.text(),
              "furniture",
              "stands at this height on other pages, too"));
    }
    return all;
  }

  private static List<Glyph> glyphs(List<TextLine> lines) {
    return lines.stream()
        .flatMap(l -> l.words().stream())
        .flatMap(w -> w.glyphs().stream())
        .toList();
  }

  private void stitch(Done done) {
    if (done.defect() != null) {
      defects.add(done.defect());
      return;
    }
    PageTables tables = done.tables();
    try {
      tables = withColumnsBefore(done);
    } catch (RuntimeException e) {
      defects.add(defect(done.page(), e)); // the page stays as it was found at first
    }
    if (explains) {
      decisions.addAll(done.decisions());
      if (tables != done.tables()) {
        decisions.add(readAsBefore(tables.page()));
      }
    }
    PageTables last = tables;
    if (done.guidance().equals(PageHints.NONE)) {
      last.possible().forEach(p -> doubts.add(Problem.possibleTable(last.page(), p)));
    }
    stitcher.add(tables);
    List<Box> furniturePlaces = done.furniture().stream().map(TextLine::box).toList();
    ledgers.add(new PageLedger(tables.page(), tables.ledger(), furniturePlaces));
  }

  /** A page that does not show all columns of the table before it, read with these. */
  private PageTables withColumnsBefore(Done done) {
    PageTables tables = done.tables();
    if (done.guidance().area().isPresent()) {
      return tables;
    }
    Optional<PageTables> withRowsAtTop = stitcher.withRowsAtTop(tables, () -> clear(done));
    if (withRowsAtTop.isPresent()) {
      return withRowsAtTop.get();
    }
    for (PageHints columns : stitcher.columnsFor(tables)) {
      PageTables again = PageTables.of(clear(done), columns);
      if (stitcher.goesOnWith(tables, again)) {
        return tables.withFirst(again);
      }
    }
    return stitcher
        .headingsFor(tables)
        .flatMap(headings -> belowHeadings(clear(done), headings))
        .filter(again -> stitcher.fits(tables, again))
        .map(again -> tables.tables().size() > 1 ? tables.withFirst(again) : again)
        .orElse(tables);
  }

  private static Decision readAsBefore(int page) {
    return Decision.byRule(
        Decision.Question.CONTINUATION,
        page,
        Optional.empty(),
        "",
        "its upper rows are read with the columns of the table that ends the page before",
        "read on its own the page shows other columns, or none");
  }

  private static Page clear(Done done) {
    return done.page().withFurniture(glyphs(done.furniture()));
  }

  /** The tables of a page, its gutters found by the headings of the table before. */
  private static Optional<PageTables> belowHeadings(Page page, List<String> headings) {
    return HeadingGutters.of(LineComposer.compose(page.glyphs()), headings)
        .map(known -> PageTables.of(page, PageHints.known(known.area(), known.gutters())));
  }

  /** Ends the last table and yields all of them; after {@link #finish}. */
  List<Table> tables() {
    return stitcher.finish();
  }

  /** Why the pages were read as they are, where that was asked for. */
  List<Decision> decisions() {
    List<Decision> all = new ArrayList<>(decisions);
    all.addAll(stitcher.links());
    return all;
  }

  /** Where the characters of the pages ended. */
  List<PageLedger> ledgers() {
    return ledgers;
  }

  /** Lines that may be tables and were not read as such. */
  List<Problem> doubts() {
    return doubts;
  }

  /** Pages that could not be read through a defect. */
  List<Problem> defects() {
    return defects;
  }

  @Override
  public void close() {
    firstReadings.close();
    lastReadings.close();
  }
}
