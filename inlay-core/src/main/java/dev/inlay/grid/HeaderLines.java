package dev.inlay.grid;

import dev.inlay.find.Ruling;
import dev.inlay.geom.Interval;
import dev.inlay.grid.LineCells.Part;
import java.util.List;
import java.util.regex.Pattern;

/**
 * Tells how many lines at the top of an open frame are header: those above the first inner ruling,
 * those in bold type, or those that stand as words over columns of figures.
 *
 * @param count how many lines
 * @param sure whether something on the page says so
 */
record HeaderLines(int count, boolean sure) {

  /** Headings are short: more lines than this above a ruling are no header. */
  private static final int MOST = 7;

  /** A ruling goes on below the header over this share of the table's columns. */
  private static final double FULL = 0.85;

  /** Broken at the gutters, as a ruling of spanners is not, it covers this share. */
  private static final double BROKEN = 0.75;

  /** A column holds figures where this share of its texts does. */
  private static final double FIGURE_COLUMN = 0.6;

  /** Marks for nothing may leave few figures in a column; most units stand over figures. */
  private static final double UNITS_OVER_FIGURES = 0.6;

  /** As {@code EUR/t (net)}; longer texts are no units. */
  private static final int LONGEST_UNIT = 12;

  private static final Pattern YEAR = Pattern.compile("(19|20)\\d\\d([/–-]\\d{2,4})?\\*?");

  static HeaderLines of(List<LineCells> lines, List<Ruling> rulings, int columns) {
    int ruled = aboveFirstInnerRuling(lines, rulings);
    int bold = boldOnTop(lines);
    boolean[] figures = figureColumns(lines, columns);
    int words = wordsOverFigures(lines, figures);
    boolean labelled = lines.get(words).parts().get(0).first() == 0;
    if (words > 0 && words < ruled && labelled && isRecord(lines.get(words), figures)) {
      ruled = words; // the ruling, or the edge of a stripe, stands below rows already
    }
    boolean likeBody =
        words == 0
            && bold == 0
            && (rowsAreRuled(lines, rulings) && isRecord(lines.get(0), figures)
                || areRecords(lines.subList(0, ruled), figures));
    boolean oneText = lines.stream().limit(ruled).allMatch(l -> l.parts().size() == 1);
    if (ruled > 0 && oneText) {
      return new HeaderLines(0, true); // a heading of rows that the page begins with
    }
    if (ruled > 0 && ruled <= MOST && ruled < lines.size() && !likeBody) {
      return new HeaderLines(withUnits(ruled, lines, figures), true);
    }
    if (bold > 0) {
      return new HeaderLines(withUnits(bold, lines, figures), true);
    }
    if (words == 0 && (headsByNumber(lines) || headsByYear(lines))) {
      return new HeaderLines(1, true);
    }
    if (words > 0) {
      int header = withoutGroupHeadings(words, lines);
      boolean heads = lines.stream().limit(header).anyMatch(l -> l.parts().size() > 1);
      // One text alone names the rows below it, not their columns.
      return new HeaderLines(heads ? header : 0, true);
    }
    boolean figuresOnTop = lines.get(0).parts().stream().anyMatch(p -> Figures.isFigure(p.text()));
    return figuresOnTop ? new HeaderLines(0, true) : new HeaderLines(1, false);
  }

  /**
   * The count with the line of units that follows the headings: words without a label, most over
   * columns of figures. A ruling may part it from the headings.
   */
  private static int withUnits(int count, List<LineCells> lines, boolean[] figures) {
    if (count >= lines.size() - 1) {
      return count;
    }
    List<Part> parts = lines.get(count).parts();
    boolean units =
        parts.size() > 1
            && parts.get(0).first() > 0
            && parts.stream().allMatch(p -> !p.spans() && isUnit(p.text()));
    long overFigures = parts.stream().filter(p -> figures[p.first()]).count();
    return units && overFigures >= UNITS_OVER_FIGURES * parts.size() ? count + 1 : count;
  }

  private static boolean isUnit(String text) {
    return !Figures.isFigure(text)
        && text.length() <= LONGEST_UNIT
        && text.codePoints().anyMatch(c -> Character.isLetter(c) || c == '%' || isCurrency(c));
  }

  private static boolean isCurrency(int c) {
    return Character.getType(c) == Character.CURRENCY_SYMBOL;
  }

  /** Whether the first line's numbers follow each other by one, and the second's do not. */
  private static boolean headsByNumber(List<LineCells> lines) {
    return lines.size() > 2
        && Figures.areConsecutive(numbersOf(lines.get(0)))
        && !Figures.areConsecutive(numbersOf(lines.get(1)));
  }

  /** Whether the first line has nothing but years beside the label, and the second has not. */
  private static boolean headsByYear(List<LineCells> lines) {
    return lines.size() > 2
        && areYears(lines.get(0))
        && !areYears(lines.get(1))
        && lines.stream().skip(1).allMatch(l -> l.parts().get(0).first() == 0);
  }

  private static boolean areYears(LineCells line) {
    List<String> texts = numbersOf(line);
    return texts.size() > 1 && texts.stream().allMatch(t -> YEAR.matcher(t).matches());
  }

  private static List<String> numbersOf(LineCells line) {
    return line.parts().stream().filter(p -> p.first() > 0).map(Part::text).toList();
  }

  /** A line with one text at the left below others of the header heads rows, not columns. */
  private static int withoutGroupHeadings(int count, List<LineCells> lines) {
    int header = count;
    while (header > 1) {
      List<Part> parts = lines.get(header - 1).parts();
      if (parts.size() > 1 || parts.get(0).first() > 0) {
        break;
      }
      header--;
    }
    return header;
  }

  private static int aboveFirstInnerRuling(List<LineCells> lines, List<Ruling> rulings) {
    double left = lines.stream().mapToDouble(l -> l.line().box().left()).min().orElse(0);
    double right = lines.stream().mapToDouble(l -> l.line().box().right()).max().orElse(0);
    double first = lines.get(0).line().line().baseline();
    double last = lines.get(lines.size() - 1).line().line().baseline();
    double unbroken = Double.NaN;
    double broken = Double.NaN;
    Interval extent = null;
    for (Ruling ruling : rulings) {
      boolean inner = ruling.at() > first - 1 && ruling.at() < last;
      if (inner && Double.isNaN(unbroken) && ruling.extent().length() >= FULL * (right - left)) {
        unbroken = ruling.at();
      }
      if (inner
          && (Double.isNaN(broken) || isAgain(ruling, extent, lines, rulings))
          && drawnShare(ruling.at(), rulings, left, right) >= BROKEN) {
        broken = ruling.at();
        extent = ruling.extent();
      }
    }
    // A broken ruling ends the header only where none goes through: else it is the spanners'.
    double at = Double.isNaN(unbroken) ? broken : unbroken;
    return (int) lines.stream().filter(l -> l.line().line().baseline() < at + 1).count();
  }

  /**
   * Whether a ruling repeats one above it that leaves the first column free: that one parts
   * spanners from the headings below them. Where rulings part the rows, each does.
   */
  private static boolean isAgain(
      Ruling ruling, Interval extent, List<LineCells> lines, List<Ruling> rulings) {
    double stub =
        lines.stream()
            .flatMap(l -> l.parts().stream())
            .filter(p -> p.first() == 0 && !p.spans())
            .mapToDouble(p -> p.box().right())
            .max()
            .orElse(Double.POSITIVE_INFINITY);
    return extent.from() >= stub
        && Math.abs(ruling.extent().from() - extent.from()) < 1
        && Math.abs(ruling.extent().to() - extent.to()) < 1
        && !rowsAreRuled(lines, rulings);
  }

  /** Which share of the width rulings at one height cover; gaps at gutters are usual. */
  private static double drawnShare(double at, List<Ruling> rulings, double left, double right) {
    double drawn = 0;
    for (Ruling ruling : rulings) {
      if (Math.abs(ruling.at() - at) < 1) {
        drawn += Math.min(right, ruling.extent().to()) - Math.max(left, ruling.extent().from());
      }
    }
    return drawn / Math.max(1, right - left);
  }

  private static int boldOnTop(List<LineCells> lines) {
    int bold = 0;
    while (bold < lines.size() && lines.get(bold).line().isBold()) {
      bold++;
    }
    long all = lines.stream().filter(l -> l.line().isBold()).count();
    boolean setOff = bold > 0 && bold <= MOST && all * 2 <= lines.size() + 1;
    return setOff ? bold : 0;
  }

  /** Whether rulings stand below most lines: one below the first says nothing then. */
  private static boolean rowsAreRuled(List<LineCells> lines, List<Ruling> rulings) {
    double first = lines.get(0).line().line().baseline();
    double last = lines.get(lines.size() - 1).line().line().baseline();
    long inner =
        rulings.stream()
            .filter(r -> r.at() > first && r.at() < last)
            .map(r -> Math.round(r.at()))
            .distinct()
            .count();
    return inner >= 2 && inner * 2 >= lines.size() - 1;
  }

  /** Whether most of several lines are records: the ruling below them ends a group of rows. */
  private static boolean areRecords(List<LineCells> lines, boolean[] figures) {
    long records = lines.stream().filter(l -> isRecord(l, figures)).count();
    return lines.size() > 1 && records * 2 > lines.size();
  }

  /** Whether a line has figures where the others have them. */
  private static boolean isRecord(LineCells line, boolean[] figures) {
    int there = 0;
    int all = 0;
    for (Part part : line.parts()) {
      if (!part.spans() && figures[part.first()]) {
        all++;
        there += Figures.isFigure(part.text()) && !Figures.isShortNumber(part.text()) ? 1 : 0;
      }
    }
    return all > 0 && there * 2 > all;
  }

  private static int wordsOverFigures(List<LineCells> lines, boolean[] figures) {
    for (int i = 0; i < Math.min(MOST + 1, lines.size()); i++) {
      for (Part part : lines.get(i).parts()) {
        if (!part.spans() && figures[part.first()] && Figures.isFigure(part.text())) {
          return i;
        }
      }
    }
    return 0;
  }

  private static boolean[] figureColumns(List<LineCells> lines, int columns) {
    boolean[] figures = new boolean[columns];
    for (int c = 0; c < columns; c++) {
      int column = c;
      List<String> texts =
          lines.stream()
              .skip(1)
              .flatMap(l -> l.parts().stream())
              .filter(p -> p.first() == column && !p.spans())
              .map(Part::text)
              .toList();
      long count = texts.stream().filter(Figures::isFigure).count();
      figures[c] = count > 1 && count >= FIGURE_COLUMN * texts.size();
    }
    return figures;
  }
}
