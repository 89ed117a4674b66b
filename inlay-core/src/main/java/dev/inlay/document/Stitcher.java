package dev.inlay.document;

import dev.inlay.choose.PageHints;
import dev.inlay.choose.PageTable;
import dev.inlay.choose.PageTables;
import dev.inlay.choose.PartComparison;
import dev.inlay.choose.PossibleRows;
import dev.inlay.choose.RowsAtTop;
import dev.inlay.geom.Box;
import dev.inlay.model.Decision;
import dev.inlay.model.Table;
import dev.inlay.model.TableCell;
import dev.inlay.model.TableRow;
import dev.inlay.model.WarningCode;
import dev.inlay.page.Page;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.DoubleStream;

/**
 * Joins the parts of run-on tables, page by page. A part goes on with the table that ends the page
 * before when it begins its page with the same columns under the same header, or without a header
 * and with its columns at the same places, and has no title of its own.
 *
 * <p>Takes the pages in order and keeps no page: memory grows with the rows alone. Not safe for
 * several threads.
 */
public final class Stitcher {

  /** Parts of one table differ in width by at most this share. */
  private static final double SAME_WIDTH = 0.03;

  private final TablesInOrder tables = new TablesInOrder();
  private final List<Decision> links = new ArrayList<>();

  /**
   * Adds the tables of the next page.
   *
   * @param page a page after those added before
   */
  public void add(PageTables page) {
    int order = 0;
    if (!tables.isEmpty()) {
      PossibleRows.behindBreak(page, tables.last()).ifPresent(tables::warn);
    }
    for (PageTable onPage : page.tables()) {
      PageTable found = onPage.withWarnings(PossibleRows.beside(page, onPage));
      PageTable part = tables.isEmpty() ? found : HeaderPrintedAgain.alone(tables.first(), found);
      order++;
      String id = "p" + page.page() + "t" + order;
      PartLink link = link(part);
      if (!link.goesOn() && tables.resume(part, page.tables(), order - 1)) {
        link = PartLink.BEHIND_OTHERS;
      }
      if (!tables.isEmpty()) {
        links.add(decision(id, part, link));
      }
      if (link.goesOn()) {
        tables.goOn(part);
      } else {
        tables.begin(id, part);
      }
    }
  }

  /**
   * The headings of the table that ends the page before, where the next page may go on with it but
   * shows fewer columns under the same headings, or no table: few rows do not show it.
   *
   * @param page the next page
   */
  public Optional<List<String>> headingsFor(PageTables page) {
    if (tables.isEmpty() || tables.first().headerRows() != 1) {
      return Optional.empty();
    }
    PageTable before = tables.last();
    boolean follows = before.last() && page.page() == before.frame().page() + 1;
    boolean others =
        page.tables().stream()
            .limit(1)
            .allMatch(
                t ->
                    t.columns() != before.columns()
                        && PartComparison.holdsHeader(tables.first(), t)
                        && !PartLink.hasOwnTitle(tables.first(), t));
    return follows && others && !before.isRuled()
        ? oneLine(tables.first().header(), before.columns())
        : Optional.empty();
  }

  /**
   * The gutters of the table that ends the page before, at the places of the first table of a page
   * that seems to go on with it but shows other columns: few rows, or rows without some texts, do
   * not show all gutters.
   *
   * @param page the next page
   * @return the area of that table and the gutters: where the left edges are one below the other,
   *     then, as rulings may reach further on one of the pages, where they stand on the page
   *     before; empty where it does not seem to go on
   */
  public List<PageHints> columnsFor(PageTables page) {
    if (tables.isEmpty() || page.tables().isEmpty()) {
      return List.of();
    }
    PageTable before = tables.last();
    PageTable part = page.tables().get(0);
    boolean follows = before.last() && page.page() == before.frame().page() + 1;
    Box old = before.frame().box();
    Box now = part.frame().box();
    double near = SAME_WIDTH * old.width();
    boolean asWide = Math.abs(old.width() - now.width()) < near;
    // its first or last columns may be empty, as those of merged labels are
    boolean inside =
        part.columns() < before.columns()
            && now.left() > old.left() - near
            && now.right() < old.right() + near;
    boolean headed = part.headerRows() > 0 && !PartComparison.holdsHeader(tables.first(), part);
    if (!follows
        || !asWide && !inside
        || headed
        || part.columns() == before.columns()
        || part.isRuled()
        || PartLink.hasOwnTitle(tables.first(), part)) {
      return List.of();
    }
    List<Double> edges = before.columnEdges();
    List<Double> gutters = edges.subList(1, edges.size() - 1);
    Box area = asWide ? now : new Box(old.left(), now.top(), old.right(), now.bottom());
    return DoubleStream.of(asWide ? now.left() - old.left() : 0, 0)
        .distinct()
        .mapToObj(shift -> PageHints.known(area, gutters.stream().map(x -> x + shift).toList()))
        .toList();
  }

  /**
   * A page whose upper rows go on with the table that ends the page before, read with its columns;
   * empty where there are none, or where they cut a table in two.
   *
   * @param found the tables of the page as they were found
   * @param clear gives the page without its furniture; asked for only where rows may go on
   */
  public Optional<PageTables> withRowsAtTop(PageTables found, Supplier<Page> clear) {
    PageTable before = tables.isEmpty() ? null : tables.last();
    boolean follows = before != null && before.last() && found.page() == before.frame().page() + 1;
    if (!follows || goesOnAtOnce(found)) {
      return Optional.empty();
    }
    Page page = clear.get();
    return RowsAtTop.of(tables.first(), before, page)
        .filter(top -> partsNone(top.rows(), found) && !haveHeader(top.rows(), found))
        .map(top -> PageTables.withRowsAtTop(page, top))
        .flatMap(this::goingOn);
  }

  /** Whether the first table of a page goes on with the last one. */
  private boolean goesOnAtOnce(PageTables page) {
    return !page.tables().isEmpty() && link(page.tables().get(0)).goesOn();
  }

  private static boolean partsNone(PageHints rows, PageTables found) {
    double bottom = rows.area().orElseThrow().bottom();
    return found.frames().stream()
        .noneMatch(f -> f.top() < bottom && f.bottom() > bottom + f.height() / 4);
  }

  /** Whether rows were found to be a table with a header of its own. */
  private boolean haveHeader(PageHints rows, PageTables found) {
    Box area = rows.area().orElseThrow();
    return found.tables().stream()
        .anyMatch(
            t -> t.frame().box().meets(area) && PartComparison.hasOtherHeader(tables.first(), t));
  }

  /** The same page where its first rows, read with known columns, go on with the table before. */
  private Optional<PageTables> goingOn(PageTables page) {
    PageTable top = page.tables().get(0);
    boolean headed = top.headerRows() > 0 && !PartComparison.repeatsHeader(tables.first(), top);
    PageTables rows = headed ? page.withoutFirstHeader() : page;
    boolean any = top.rows().stream().anyMatch(r -> r.cells().size() > 1);
    return any && goesOnAsKnown(rows.tables().get(0))
        ? Optional.of(rows.withFirstGoingOn())
        : Optional.empty();
  }

  /**
   * Whether the first table of a page, read again with known gutters, goes on with the last one and
   * holds every character that it held before.
   */
  public boolean goesOnWith(PageTables first, PageTables again) {
    return again.tables().size() == 1
        && again.tables().get(0).printed() == first.tables().get(0).printed()
        && goesOnAsKnown(again.tables().get(0).placed(true, true));
  }

  /** Columns known from before stand at their places; what is in them must be of their kinds. */
  private boolean goesOnAsKnown(PageTable part) {
    PartLink link = link(part);
    boolean kinds =
        link == PartLink.COLUMNS_DIFFER && PartComparison.holdTheSame(tables.last(), part);
    return (link.goesOn() || kinds)
        && part.warnings().stream().noneMatch(w -> w.code() == WarningCode.CUT_WORD);
  }

  /**
   * Whether a page, read again with gutters given, goes on with the table before; where several
   * tables stand on it, the first holds what it held before.
   */
  public boolean fits(PageTables first, PageTables again) {
    return again.tables().size() == 1
        && (first.tables().size() < 2
            || again.tables().get(0).printed() == first.tables().get(0).printed())
        && goesOnWithout(
            again.tables().get(0).placed(true, true), EnumSet.of(WarningCode.CUT_WORD));
  }

  /** Whether a part goes on with the last table and has none of some warnings. */
  private boolean goesOnWithout(PageTable part, Set<WarningCode> codes) {
    return link(part).goesOn() && part.warnings().stream().noneMatch(w -> codes.contains(w.code()));
  }

  /** The headings of a header of one row, where each column has one. */
  private static Optional<List<String>> oneLine(List<TableRow> header, int columns) {
    List<String> headings =
        header.get(0).cells().stream().map(TableCell::text).filter(t -> !t.isEmpty()).toList();
    boolean each = header.size() == 1 && headings.size() == columns;
    return each ? Optional.of(headings) : Optional.empty();
  }

  /** Ends the last table and yields all of them in the order of their starts. */
  public List<Table> finish() {
    return WideParts.linked(tables.end());
  }

  /** How a part stands to the table that is open. */
  private PartLink link(PageTable part) {
    return tables.isEmpty() ? PartLink.NOT_NEXT : PartLink.of(tables.first(), tables.last(), part);
  }

  private Decision decision(String id, PageTable part, PartLink link) {
    return Decision.byRule(
        Decision.Question.CONTINUATION,
        part.frame().page(),
        Optional.of(part.frame().box()),
        part.title().orElse(""),
        link.goesOn()
            ? "goes on with " + tables.id()
            : id + " begins, and does not go on with " + tables.id(),
        link.words());
  }

  /** For each part but the first, whether it goes on with the table before it, and why. */
  public List<Decision> links() {
    return List.copyOf(links);
  }
}
