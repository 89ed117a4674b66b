package dev.inlay.propose;

import dev.inlay.evidence.Frame;
import dev.inlay.evidence.LineRole;
import dev.inlay.evidence.Ruling;
import dev.inlay.geom.Box;
import dev.inlay.geom.Interval;
import dev.inlay.model.Certainty;
import dev.inlay.model.Warning;
import dev.inlay.model.WarningCode;
import dev.inlay.page.Glyph;
import dev.inlay.page.Word;
import dev.inlay.propose.ColumnedLine.Part;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.OptionalInt;
import java.util.Set;

/**
 * Builds the grid of an open or part-ruled frame: columns from gutters, header from what sets its
 * lines off, rows from lines, with wrapped lines joined to the row they belong to.
 */
public final class OpenGridBuilder {

  private final OpenFrame open;
  private final List<ColumnedLine> lines = new ArrayList<>();
  private final LabelledValues values;
  private HeaderCells headerCells;
  private TextReaches textReaches;
  private final List<Interval> columns = new ArrayList<>();
  private final List<List<Cell>> rows = new ArrayList<>();
  private final List<Double> rowEdges = new ArrayList<>();
  private final List<Warning> warnings = new ArrayList<>();

  /** Of each row below the header, the first and the last baseline. */
  private final List<Interval> rowBaselines = new ArrayList<>();

  private OpenGridBuilder(OpenFrame open) {
    this.open = open;
    List<Interval> gutters = open.gutters();
    lines.addAll(
        open.given()
            ? open.lines().stream().map(l -> ColumnedLine.ofGiven(l, gutters)).toList()
            : PhraseJoiner.join(
                open.lines().stream().map(l -> ColumnedLine.of(l, gutters)).toList()));
    values = new LabelledValues(lines);
    double from = open.frame().box().left();
    for (Interval gutter : open.gutters()) {
      columns.add(new Interval(from, gutter.middle()));
      from = gutter.middle();
    }
    columns.add(new Interval(from, open.frame().box().right()));
  }

  /** Builds the grid of a frame. */
  public static Grid build(OpenFrame open) {
    return withoutNeedless(open).build();
  }

  /** A builder for the frame without the gutters that turn out to be needless, one by one. */
  private static OpenGridBuilder withoutNeedless(OpenFrame open) {
    OpenGridBuilder builder = new OpenGridBuilder(open);
    OptionalInt needless = builder.needless();
    return needless.isPresent()
        ? withoutNeedless(open.withoutGutter(needless.getAsInt()))
        : builder;
  }

  /** Builds the grid of a frame whose columns are known from elsewhere: none is needless. */
  public static Grid buildAsKnown(OpenFrame open) {
    return new OpenGridBuilder(open).build();
  }

  /** What is known of the header of a frame before its headings are placed: for training. */
  public static HeaderLayout layout(OpenFrame open) {
    OpenGridBuilder builder = withoutNeedless(open);
    return builder.layout(builder.headerLines());
  }

  /** The texts of the rows of a frame that may stand over several columns: for training. */
  public static List<RowText> texts(OpenFrame open) {
    OpenGridBuilder builder = withoutNeedless(open);
    return builder.rowTexts(builder.headerLines());
  }

  private List<RowText> rowTexts(int header) {
    List<RowText> texts = new ArrayList<>();
    TextReaches reaches = textReaches();
    for (int i = header; i < lines.size(); i++) {
      boolean record = open.roles().get(i) == LineRole.RECORD;
      boolean goesOn = i + 1 < lines.size() && open.roles().get(i + 1) == LineRole.GOES_ON;
      if (record && !goesOn) {
        ColumnedLine line = lines.get(i);
        for (TextReach text : reaches.open(line)) {
          texts.add(RowText.of(text, line, reaches.signs(text, line), columns));
        }
      }
    }
    return texts;
  }

  private OptionalInt needless() {
    int header = open.given() || !open.turnedHeadings().isEmpty() ? 0 : headerLines();
    OptionalInt needless =
        header == 0
            ? OptionalInt.empty()
            : StrayHeading.gutter(
                lines.subList(0, header), lines.subList(header, lines.size()), columns.size());
    return needless.isPresent() || open.given() ? needless : needlessGutter();
  }

  private OptionalInt needlessGutter() {
    int header = headerLines();
    if (header == lines.size()) {
      return OptionalInt.empty();
    }
    List<HeaderCells.Head> heads = headerCells().heads();
    boolean[] headed = NeedlessGutter.headed(heads, columns.size());
    List<Interval> texts = textStretches(header);
    double[] gaps = NeedlessGutter.gaps(heads, texts);
    boolean[] underOne = NeedlessGutter.underOne(heads, texts);
    List<ColumnedLine> body = lines.subList(header, lines.size());
    return new NeedlessGutter(body, columns, headed, gaps, underOne).find();
  }

  /** The headings of the frame, placed when they are first asked for. */
  private HeaderCells headerCells() {
    if (headerCells == null) {
      headerCells = new HeaderCells(layout(headerLines()));
    }
    return headerCells;
  }

  private HeaderLayout layout(int header) {
    List<Ruling> drawn = new ArrayList<>(open.frame().horizontals());
    drawn.addAll(open.shadeEdges());
    return new HeaderLayout(
        open.lines().subList(0, header),
        open.turnedHeadings(),
        columns,
        textStretches(header),
        drawn);
  }

  /** How many lines at the top are header; beside turned headings stand those that are upright. */
  private int headerLines() {
    double bottom =
        open.turnedHeadings().stream().mapToDouble(l -> l.box().bottom()).max().orElse(0);
    long beside = lines.stream().filter(l -> l.line().box().centreY() < bottom).count();
    return Math.max(open.headerLines(), (int) beside);
  }

  private Grid build() {
    int header = headerLines();
    Box box = open.frame().box();
    rowEdges.add(box.top());
    List<ColumnedLine> headerLines = lines.subList(0, header);
    HeaderCells heads = headerCells();
    int headerRows = heads.levels();
    addHeader(heads, headerRows, headerLines);
    addRows(header);
    rowEdges.set(rowEdges.size() - 1, box.bottom());
    CentredLabels.merge(rows, headerRows);
    MergedLabels.merge(rows, headerRows, rowBaselines, columns, open.frame().horizontals());
    Set<ColumnedLine> headings = headingsAmongRows();
    warnings.addAll(
        new OpenDoubts(open, lines.subList(header, lines.size()))
            .warnings(l -> headings.contains(l) || textReaches().isSure(l)));
    warnIfUnknown();
    List<Double> columnEdges = new ArrayList<>();
    columnEdges.add(box.left());
    open.gutters().forEach(g -> columnEdges.add(g.middle()));
    columnEdges.add(box.right());
    Certainty certainty =
        open.certainty()
            .withColumns(heads.certainty(), narrowestGutter())
            .withTexts(textReaches().certainty());
    return new Grid(
        open.frame(),
        columnEdges,
        rowEdges,
        rows,
        false,
        OptionalInt.of(headerRows),
        Set.of(),
        certainty,
        warnings);
  }

  /** Adds the rows that the roles of the lines tell apart. */
  private void addRows(int from) {
    List<ColumnedLine> row = new ArrayList<>();
    LineRole kind = LineRole.OUTSIDE;
    for (int i = from; i < lines.size(); i++) {
      LineRole role = open.roles().get(i);
      boolean goesOn = role == LineRole.GOES_ON || role == LineRole.NOTE && kind == role;
      if (!goesOn && !row.isEmpty()) {
        addRow(row, kind);
        row = new ArrayList<>();
      }
      kind = goesOn && !row.isEmpty() ? kind : role;
      row.add(lines.get(i));
    }
    if (!row.isEmpty()) {
      addRow(row, kind);
    }
  }

  private void addRow(List<ColumnedLine> joined, LineRole role) {
    boolean last = joined.get(0) == lines.get(lines.size() - 1);
    boolean record = role != LineRole.NOTE && joined.size() == 1 && values.are(joined.get(0));
    boolean whole = WholeRow.is(joined, last, columns.size()) && !isLabelBesideOneText(joined);
    if (!record && (isHeading(role) || whole)) {
      addWholeRow(joined);
    } else {
      addRow(joined);
    }
  }

  /** Whether a label stands beside one text in place of all figures of its row. */
  private boolean isLabelBesideOneText(List<ColumnedLine> joined) {
    return joined.size() == 1
        && textReaches().chosen(joined.get(0)).stream().anyMatch(t -> t.first() > 0);
  }

  /** Adds a row of one cell over all columns. */
  private void addWholeRow(List<ColumnedLine> joined) {
    List<Word> words = new ArrayList<>();
    joined.forEach(l -> words.addAll(wordsOf(l)));
    rows.add(List.of(Cell.ofWords(rows.size(), 0, 1, columns.size(), words)));
    endRow(joined);
  }

  private void endRow(List<ColumnedLine> joined) {
    rowBaselines.add(
        new Interval(
            joined.get(0).line().line().baseline(),
            joined.get(joined.size() - 1).line().line().baseline()));
    rowEdges.add(joined.get(joined.size() - 1).line().box().bottom());
  }

  /** For each column the stretch that its texts fill; the column's own where it has none. */
  private List<Interval> textStretches(int header) {
    List<Interval> stretches = new ArrayList<>();
    for (int c = 0; c < columns.size(); c++) {
      Interval stretch = null;
      for (ColumnedLine line : lines.subList(header, lines.size())) {
        for (Part part : line.parts()) {
          if (part.first() == c && !part.spans()) {
            Interval extent = part.box().horizontal();
            stretch = stretch == null ? extent : stretch.union(extent);
          }
        }
      }
      stretches.add(stretch == null ? columns.get(c) : stretch);
    }
    return stretches;
  }

  private void addHeader(HeaderCells heads, int levels, List<ColumnedLine> headerLines) {
    if (levels == 0) {
      return;
    }
    rows.addAll(heads.rows());
    double top = rowEdges.get(0);
    double bottom =
        headerLines.isEmpty()
            ? lines.get(0).line().box().top()
            : headerLines.get(headerLines.size() - 1).line().box().bottom();
    for (int level = 0; level < levels; level++) {
      rowEdges.add(top + (bottom - top) * (level + 1) / levels);
    }
  }

  private void addRow(List<ColumnedLine> joined) {
    int row = rows.size();
    List<List<Word>> words = new ArrayList<>();
    columns.forEach(c -> words.add(new ArrayList<>()));
    List<TextReaches.Chosen> over =
        joined.size() > 1 ? List.of() : textReaches().chosen(joined.get(0));
    Set<Word> placed = Collections.newSetFromMap(new IdentityHashMap<>());
    over.forEach(s -> placed.addAll(s.words()));
    for (ColumnedLine line : joined) {
      for (Part part : line.parts()) {
        List<Word> own = part.words().stream().filter(w -> !placed.contains(w)).toList();
        if (!own.isEmpty()) {
          words.get(ColumnedLine.home(part, columns)).addAll(own);
        }
      }
    }
    List<Cell> cells = new ArrayList<>();
    for (TextReaches.Chosen text : over) {
      cells.add(Cell.ofWords(row, text.first(), 1, text.width(), text.words()));
    }
    for (int c = 0; c < words.size(); c++) {
      if (!words.get(c).isEmpty()) {
        cells.add(Cell.ofWords(row, c, 1, 1, words.get(c)));
      }
    }
    cells.sort(Comparator.comparingInt(Cell::column));
    rows.add(cells);
    endRow(joined);
  }

  private TextReaches textReaches() {
    if (textReaches == null) {
      textReaches = new TextReaches(lines.subList(headerLines(), lines.size()), columns);
    }
    return textReaches;
  }

  private Set<ColumnedLine> headingsAmongRows() {
    Set<ColumnedLine> headings = Collections.newSetFromMap(new IdentityHashMap<>());
    for (int i = 0; i < lines.size(); i++) {
      if (isHeading(open.roles().get(i))) {
        headings.add(lines.get(i));
      }
    }
    return headings;
  }

  private static boolean isHeading(LineRole role) {
    return role == LineRole.GROUP || role == LineRole.NOTE;
  }

  private static List<Word> wordsOf(ColumnedLine line) {
    return line.parts().stream().flatMap(p -> p.words().stream()).toList();
  }

  private void warnIfUnknown() {
    long unknown = 0;
    for (List<Cell> row : rows) {
      for (Cell cell : row) {
        if (cell.text().contains(Glyph.UNKNOWN)) {
          unknown += cell.glyphs().stream().filter(g -> g.text().equals(Glyph.UNKNOWN)).count();
        }
      }
    }
    if (unknown > 0) {
      warn(WarningCode.UNKNOWN_CHARACTER, Warning.unknownCharacters(unknown));
    }
  }

  private void warn(WarningCode code, String message) {
    Frame frame = open.frame();
    warnings.add(new Warning(code, frame.page(), message));
  }

  /** In type sizes; a ruling is no gutter, however narrow. */
  private double narrowestGutter() {
    double size = open.lines().get(0).line().size();
    return open.gutters().stream()
        .filter(g -> g.length() > 0)
        .mapToDouble(g -> g.length() / size)
        .min()
        .orElse(Certainty.WIDE);
  }
}
