package dev.inlay.propose;

import dev.inlay.evidence.ChunkLine;
import dev.inlay.evidence.Ruling;
import dev.inlay.geom.Interval;
import dev.inlay.page.Word;
import dev.inlay.score.Signs;
import dev.inlay.text.TextShape;
import java.util.List;

/**
 * The signs of a heading in one line of a header: whether it stands over the columns it is given
 * to, and whether it goes on below or is a spanner. Lengths are in type sizes.
 */
final class HeadingSigns {

  /** Lengths count up to this. */
  private static final double LENGTH_LIMIT = 6;

  /** What is set to the same place is less than this far off. */
  private static final double EXACT = 0.06;

  /** What may have been set to the same place. */
  private static final double NEARLY_ALIGNED = 0.3;

  /** Lines of one heading stand at most this far apart. */
  private static final double WIDE_STEP = 1.35;

  /** Lines that stand nearer than this to each other are centred beside one line. */
  private static final double SHORT_STEP = 0.8;

  private static final double LARGER = 1.05;

  private final ChunkLine line;
  private final HeadingColumns columns;
  private final HeadingRulings rulings;
  private final double size;
  private final double space;

  HeadingSigns(ChunkLine line, HeadingColumns columns, HeadingRulings rulings, double space) {
    this.line = line;
    this.columns = columns;
    this.rulings = rulings;
    this.space = space;
    size = line.line().size();
  }

  /** Adds the signs of the words from one to another over the columns from one to another. */
  void add(Signs signs, int from, int to, int first, int last, boolean usualWidth) {
    Interval extent = Heading.extent(line.words(), from, to);
    boolean spanner = last > first;
    addPlace(signs, extent, first, last);
    addRulings(signs, extent, first, last);
    HeadingColumns.Below parted = columns.parted(first, last);
    signs.add("parts a spanner over headings", parted != null && parted.heads());
    signs.add("parts a spanner over none", parted != null && !parted.heads());
    signs.add("spanner", spanner);
    addSingle(signs, extent, from, to, spanner ? -1 : first);
    addSpanner(signs, extent, from, to, first, last);
    signs.add("as wide as the other spanners", spanner && usualWidth);
  }

  private void addPlace(Signs signs, Interval extent, int first, int last) {
    Interval bounds = columns.bounds(first, last);
    Interval white = columns.whiteAround(first, last);
    double overTexts = beyond(extent, white);
    double over = beyond(extent, bounds);
    double middle = extent.middle();
    double outside = Math.max(0, Math.max(white.from() - middle, middle - white.to()));
    signs.add("over texts beside", Math.min(LENGTH_LIMIT, overTexts / size));
    signs.add("over white beside", Math.min(LENGTH_LIMIT, Math.max(0, over - overTexts) / size));
    signs.add("middle outside", Math.min(LENGTH_LIMIT, outside / size));
    Interval texts = columns.texts(first, last);
    double ofTexts = centred(extent, texts);
    if (first == last) {
      ofTexts = Math.min(ofTexts, offEdges(extent, texts));
    }
    double ofBounds = centred(extent, bounds);
    Interval headings = columns.headings(first, last);
    double ofHeadings = headings == null ? LENGTH_LIMIT * size : offAny(extent, headings);
    double off = Math.min(Math.min(ofTexts, ofBounds), ofHeadings) / size;
    boolean edge = columns.isAtCellEdge(extent, first, last, size);
    signs.add("out of line", Math.min(LENGTH_LIMIT, edge ? Math.min(off, NEARLY_ALIGNED) : off));
    signs.add("exactly in line", off < EXACT);
    signs.add("nearly in line", off < NEARLY_ALIGNED);
    signs.add("in line with the records", Math.min(ofTexts, ofBounds) < EXACT * size);
  }

  private static double beyond(Interval extent, Interval limits) {
    return Math.max(0, limits.from() - extent.from()) + Math.max(0, extent.to() - limits.to());
  }

  private static double centred(Interval a, Interval b) {
    return Math.abs(a.middle() - b.middle());
  }

  private static double offEdges(Interval a, Interval b) {
    return Math.min(Math.abs(a.from() - b.from()), Math.abs(a.to() - b.to()));
  }

  private static double offAny(Interval a, Interval b) {
    return Math.min(centred(a, b), offEdges(a, b));
  }

  /** What a ruling over part of the columns, right below the heading, says of its reach. */
  private void addRulings(Signs signs, Interval extent, int first, int last) {
    Ruling ruling = rulings.below(line, extent);
    boolean own = ruling != null && rulings.coversJust(ruling, first, last);
    signs.add("own ruling", own);
    signs.add("ruling over other columns", ruling != null && !own);
  }

  /** A heading over one column, or none where the column is -1. */
  private void addSingle(Signs signs, Interval extent, int from, int to, int column) {
    HeadingColumns.Below below = column < 0 ? null : columns.below(column);
    boolean joins = below != null && !below.heading().isSpanner();
    signs.add("goes on below", joins);
    signs.add("over a spanner", below != null && !joins);
    signs.add("over no heading", column >= 0 && below == null);
    Interval other = joins ? below.heading().extent() : extent;
    double step = joins ? (below.baseline() - line.line().baseline()) / size : 0;
    String text = joins ? below.heading().text() : " ";
    signs.add("has room beside", joins && columns.hasRoomBeside(column, extent.length() + space));
    signs.add("drawn between its lines", joins && isDrawnAbove(below, column, column));
    signs.add("wide step", joins && step > WIDE_STEP);
    signs.add("short step", joins && step < SHORT_STEP);
    double off = offAny(extent, other) / size;
    signs.add("its lines in line", joins && off < EXACT);
    signs.add("its lines out of line", joins ? Math.min(LENGTH_LIMIT, off) : 0);
    int letter = text.codePointAt(0);
    signs.add("goes on in lower case", joins && Character.isLowerCase(letter));
    signs.add("goes on in brackets", joins && "([%€$£°".indexOf(letter) >= 0);
    signs.add("goes on with a digit", joins && Character.isDigit(letter));
    signs.add("goes on as one of a series", joins && columns.isOneOfSeries(column, line));
    signs.add("goes on as one of a kind", joins && columns.isOneOfAKind(column));
    signs.add("goes on with a column number", joins && columns.isNumbered(column));
    boolean year = from == to && TextShape.isYear(line.words().get(from).text());
    boolean heads = joins && year && columns.isAloneOver(column, line);
    signs.add("a year alone goes on with words", heads && Character.isLetter(letter));
    String own = line.words().get(to).text();
    signs.add("ends with a hyphen or comma", joins && "-,/–".indexOf(last(own)) >= 0);
    signs.add("lines in other type", joins && isOtherwiseSet(from, below));
    signs.add("alone in its line", joins && line.chunks().size() == 1);
    signs.add("few in its line", joins && isFew());
    signs.add("many in its line", joins && 2 * line.chunks().size() > columns.count());
  }

  private static int last(String text) {
    return text.codePointBefore(text.length());
  }

  private boolean isFew() {
    return 3 * line.chunks().size() <= columns.count();
  }

  private boolean isDrawnAbove(HeadingColumns.Below below, int first, int last) {
    Interval bounds = columns.bounds(first, last);
    return rulings.isDrawnBetween(line.line().baseline(), below.line().box().centreY(), bounds);
  }

  private boolean isOtherwiseSet(int from, HeadingColumns.Below below) {
    Word own = line.words().get(from);
    Word other = below.heading().words().get(0);
    boolean bold = own.glyphs().get(0).face().bold() != other.glyphs().get(0).face().bold();
    return bold || size > LARGER * below.line().line().size();
  }

  private void addSpanner(Signs signs, Interval extent, int from, int to, int first, int last) {
    boolean spanner = last > first;
    int unheaded = 0;
    int elsewhere = 0;
    int middles = 0;
    int parted = 0;
    for (int c = first; c <= last && spanner; c++) {
      boolean headed = columns.isHeaded(c);
      unheaded += headed || columns.isHeadedElsewhere(c) ? 0 : 1;
      elsewhere += !headed && columns.isHeadedElsewhere(c) ? 1 : 0;
      double middle = columns.texts(c).middle();
      middles += middle > extent.from() && middle < extent.to() ? 1 : 0;
      parted += c > first && isPartedAt(columns.gutter(c), from, to) ? 1 : 0;
    }
    signs.add("over columns without headings", unheaded);
    signs.add("over columns headed in another line", elsewhere);
    signs.add("over several middles", middles > 1);
    signs.add("parted at boundaries", parted);
    int width = last - first + 1;
    signs.add("over two columns", width == 2);
    signs.add("over five columns or more", width >= 5);
    signs.add("over all but the first", spanner && first == 1 && last + 1 == columns.count());
    signs.add("over all columns", spanner && width == columns.count());
    signs.add("parts headings that count on", spanner ? columns.partsSeries(first, last) : 0);
    signs.add("parts headings of one kind", spanner ? columns.partsKind(first, last) : 0);
    addAnew(signs, first, spanner ? last : first);
    boolean repeat = spanner && columns.headingsRepeat(first, last);
    boolean again = isAgain(from);
    signs.add("headings below come again", repeat && !again);
    signs.add("it and the headings below come again", repeat && again);
    addHeadingsBelow(signs, extent, first, spanner ? last : first);
  }

  /** Whether a spanner begins and ends where the headings below it begin anew. */
  private void addAnew(Signs signs, int first, int last) {
    boolean spanner = last > first;
    int inside = 0;
    for (int c = first + 1; c <= last; c++) {
      inside += columns.beginsAnew(c) ? 1 : 0;
    }
    signs.add("begins where headings begin anew", spanner && columns.beginsAnew(first));
    signs.add("ends where headings begin anew", spanner && columns.beginsAnew(last + 1));
    signs.add("over headings that begin anew", Math.min(2, inside));
  }

  private void addHeadingsBelow(Signs signs, Interval extent, int first, int last) {
    Interval headings = last > first ? columns.headings(first, last) : null;
    boolean any = headings != null;
    signs.add("centred over headings", any && centred(extent, headings) < EXACT * size);
    double left = any ? Math.abs(extent.from() - headings.from()) : size;
    signs.add("at the left of headings", left < EXACT * size);
    double right = any ? Math.abs(extent.to() - headings.to()) : size;
    signs.add("at the right of headings", right < EXACT * size);
    boolean drawn = any;
    boolean digits = any;
    boolean alike = any;
    boolean units = any;
    for (int c = first; c <= last && any; c++) {
      HeadingColumns.Below below = columns.below(c);
      String text = below == null ? " " : below.heading().text();
      drawn &= below != null && isDrawnAbove(below, c, c);
      digits &= Character.isDigit(text.codePointAt(0));
      alike &= c == first || begins(text, columns.below(first).heading());
      units &= TextShape.of(text) == TextShape.UNIT;
    }
    signs.add("drawn below a spanner", drawn);
    signs.add("over numbers", digits);
    signs.add("over headings that begin alike", alike);
    signs.add("over units", units);
    signs.add("a spanner alone in its line", any && line.chunks().size() == 1);
    signs.add("a spanner in a line of few", any && isFew());
    boolean wide = any && columns.below(first).baseline() - line.line().baseline() > 1.35 * size;
    signs.add("a spanner with a wide step", wide);
  }

  private static boolean begins(String text, Heading other) {
    return other.words().size() > 1 && text.startsWith(other.words().get(0).text());
  }

  /** Whether the line has a word again: as parts of headings that are the same in each group. */
  private boolean isAgain(int word) {
    String text = line.words().get(word).text();
    return line.words().stream().filter(w -> w.text().equals(text)).count() > 1;
  }

  /** Whether two of the words lie on both sides of a gutter and leave it free. */
  private boolean isPartedAt(Interval gutter, int from, int to) {
    List<Word> words = line.words();
    for (int w = from + 1; w <= to; w++) {
      if (words.get(w - 1).box().right() <= gutter.middle()
          && words.get(w).box().left() >= gutter.middle()) {
        return true;
      }
    }
    return false;
  }
}
