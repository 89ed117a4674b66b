package dev.inlay.choose;

import dev.inlay.evidence.ChunkLine;
import dev.inlay.evidence.PageEvidence;
import dev.inlay.geom.Box;
import dev.inlay.geom.Interval;
import dev.inlay.model.TableCell;
import dev.inlay.model.TableRow;
import dev.inlay.page.Glyph;
import dev.inlay.page.Page;
import dev.inlay.propose.RoleRegions;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * The rows at the top of a page that go on with the table that ends the page before: lines that
 * keep to its columns, down to the first that does not. Few rows look like no table of their own,
 * or like one with other columns; where the columns are known they are rows.
 */
public final class RowsAtTop {

  /** Rows stand at most this many times as far apart as on the page before. */
  private static final double MOST_STEP = 2.2;

  /** What wraps below a row stands at most this many type sizes below it. */
  private static final double WRAPPED_STEP = 1.45;

  /** Running heads and titles above the rows have at most this many lines. */
  private static final int MOST_HEADS = 3;

  /** The left edge of the rows shows in this many lines. */
  private static final int FIRST_LINES = 5;

  /** A running head stands in this share of the page's height. */
  private static final double HEAD_OF_PAGE = 0.09;

  /**
   * Rows at the top of a page.
   *
   * @param rows their area and the gutters there
   * @param headingsAgain the characters of headings printed again above them
   */
  public record Found(PageHints rows, List<Glyph> headingsAgain) {}

  private final PageTable before;
  private final List<ChunkLine> lines;
  private final double pageHeight;
  private final Set<String> heads = new HashSet<>();
  private ColumnsBefore columns;

  private RowsAtTop(PageTable first, PageTable before, List<ChunkLine> lines, double pageHeight) {
    this.before = before;
    columns = new ColumnsBefore(before, 0);
    this.lines = lines;
    this.pageHeight = pageHeight;
    for (TableRow row : first.header()) {
      for (TableCell cell : row.cells()) {
        for (String word : cell.text().split("\\s+")) {
          heads.add(PartComparison.plain(word));
        }
      }
    }
  }

  /**
   * What is known of the rows at the top of a page.
   *
   * @param first the table's first part, which has its header
   * @param before the part that ends the page before
   * @param page without its furniture
   * @return empty where no row goes on
   */
  public static Optional<Found> of(PageTable first, PageTable before, Page page) {
    List<ChunkLine> lines = PageEvidence.of(page).chunkLines();
    return lines.isEmpty() || before.columns() < 2
        ? Optional.empty()
        : new RowsAtTop(first, before, lines, page.height()).find();
  }

  private Optional<Found> find() {
    int heads = heads();
    int from = heads + headingsAgain(heads);
    int to = from == lines.size() ? from : end(from);
    if (from < lines.size() && to == from) {
      double left =
          lines.stream()
              .skip(from)
              .limit(FIRST_LINES)
              .mapToDouble(l -> l.box().left())
              .min()
              .orElse(0);
      columns = new ColumnsBefore(before, left - before.frame().box().left());
      to = end(from);
    }
    if (to == from) {
      return Optional.empty();
    }
    List<ChunkLine> rows = lines.subList(from, to);
    Box area = Box.around(rows, ChunkLine::box);
    Interval extent = columns.extent();
    Box whole =
        new Box(
            Math.min(area.left(), extent.from()),
            area.top(),
            Math.max(area.right(), extent.to()),
            area.bottom());
    List<Glyph> again = new ArrayList<>();
    for (ChunkLine line : lines.subList(heads, from)) {
      line.line().words().forEach(w -> again.addAll(w.glyphs()));
    }
    return Optional.of(new Found(PageHints.known(whole, columns.gutters(rows)), again));
  }

  /** How many lines at the top are running heads or say that the table is continued. */
  private int heads() {
    int from = 0;
    while (from < lines.size()
        && from < MOST_HEADS
        && (PartComparison.saysContinued(lines.get(from).line().text()) || isRunningHead(from))) {
      from++;
    }
    return from;
  }

  /** How many lines from one on are headings printed again. */
  private int headingsAgain(int from) {
    int to = from;
    while (to < lines.size() && isHeadingAgain(lines.get(to))) {
      to++;
    }
    return to - from;
  }

  /** Whether a line stands apart at the head of the page and is no row. */
  private boolean isRunningHead(int line) {
    return lines.get(line).box().centreY() < HEAD_OF_PAGE * pageHeight
        && !columns.isRow(lines.get(line), false)
        && (line + 1 == lines.size() || !isNear(line + 1, line));
  }

  /**
   * The line behind the rows that begin at a line, with what wraps below them; that line itself
   * where there is no row.
   */
  private int end(int first) {
    int end = first;
    for (int i = first; i < lines.size() && isNear(i, first); i++) {
      ChunkLine line = lines.get(i);
      if (!columns.fit(line) && !columns.isSum(line)) {
        break;
      }
      boolean any = end > first;
      boolean text = isOneText(line) && !isTitleOrProse(line);
      boolean wraps = any && end == i && wraps(i, text);
      if (columns.isRow(line, any || hasLabelBeside(i, first)) || wraps) {
        end = i + 1;
      } else if (!text) {
        break;
      }
    }
    return end;
  }

  /**
   * Whether a line is the rest of a text of the row right above it.
   *
   * @param text whether it is one text, and neither title nor running text
   */
  private boolean wraps(int i, boolean text) {
    ChunkLine line = lines.get(i);
    return isOneText(line)
        && step(i) < WRAPPED_STEP * line.line().size()
        && (columns.beginsInside(line) || text && !before.isRuled());
  }

  /** Whether the label of a line stands in two lines, half a step above it and below it. */
  private boolean hasLabelBeside(int line, int first) {
    return line > first
        && isOneText(lines.get(line - 1))
        && !columns.beginsInside(lines.get(line - 1))
        && step(line) < RoleRegions.BESIDE * lines.get(line).line().size();
  }

  private static boolean isOneText(ChunkLine line) {
    return !line.isTabular();
  }

  private double step(int line) {
    return line == 0 ? 0 : baseline(line) - baseline(line - 1);
  }

  private boolean isNear(int line, int first) {
    double size = lines.get(first).line().size();
    return line == first
        || step(line) <= MOST_STEP * Math.max(columns.usualStep(), WRAPPED_STEP * size);
  }

  /** Whether all words of a line stand in the table's header. */
  private boolean isHeadingAgain(ChunkLine line) {
    return line.words().stream().allMatch(w -> heads.contains(PartComparison.plain(w.text())));
  }

  private static boolean isTitleOrProse(ChunkLine line) {
    return TitleFinder.isLabelled(line.line().text()) || line.isProse();
  }

  private double baseline(int line) {
    return lines.get(line).line().baseline();
  }
}
