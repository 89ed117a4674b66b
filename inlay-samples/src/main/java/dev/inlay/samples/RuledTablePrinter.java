package dev.inlay.samples;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.pdmodel.font.PDFont;

/**
 * Prints a table with all cells boxed. It runs over the page break between two merged cells, with
 * its header printed again.
 */
final class RuledTablePrinter {

  private static final float ROW_HEIGHT = 14.5f;
  private static final float SIZE = 9;
  private static final float PADDING = 4;
  private static final float THICKNESS = 0.6f;
  private static final float CAPTION_HEIGHT = 30;
  private static final int SMALL_TABLE = 12;
  private static final float HEADER_GREY = 0.88f;

  private final Paper paper;
  private final RulingStyle style;
  private final boolean shadedHeader;
  private final SampleTable table;
  private final float[] edges;

  private RuledTablePrinter(
      Paper paper, RulingStyle style, boolean shadedHeader, SampleTable table) {
    this.paper = paper;
    this.style = style;
    this.shadedHeader = shadedHeader;
    this.table = table;
    edges = new float[table.widths().size() + 1];
    edges[0] = Paper.LEFT;
    for (int c = 0; c < table.widths().size(); c++) {
      edges[c + 1] = edges[c] + table.widths().get(c);
    }
  }

  /** Prints the caption and the table below it. */
  static PrintedTable print(Paper paper, RulingStyle style, boolean shadedHeader, SampleTable table)
      throws IOException {
    return new RuledTablePrinter(paper, style, shadedHeader, table).print();
  }

  private PrintedTable print() throws IOException {
    List<SampleRow> header = table.rows().subList(0, table.headerRows());
    List<List<SampleRow>> blocks = blocks();
    // A small table is kept whole; of a long one at least the first block stands below its caption.
    boolean small = table.rows().size() <= SMALL_TABLE;
    int together = small ? table.rows().size() : header.size() + blocks.get(0).size();
    if (paper.room() < CAPTION_HEIGHT + together * ROW_HEIGHT) {
      paper.newPage();
    }
    paper.sheet().text(table.title(), Paper.LEFT, paper.y() + 18, paper.sansBold, 9.5f);
    paper.moveTo(paper.y() + 24);

    List<Integer> pages = new ArrayList<>();
    List<SampleRow> onPage = new ArrayList<>(header);
    for (List<SampleRow> block : blocks) {
      if ((onPage.size() + block.size()) * ROW_HEIGHT > paper.room()) {
        printRows(onPage, pages);
        paper.newPage();
        onPage = new ArrayList<>(header);
      }
      onPage.addAll(block);
    }
    printRows(onPage, pages);
    paper.moveTo(paper.y() + 5);
    return new PrintedTable(table, pages);
  }

  /** Rows that a merged cell holds together. */
  private List<List<SampleRow>> blocks() {
    List<List<SampleRow>> blocks = new ArrayList<>();
    int r = table.headerRows();
    while (r < table.rows().size()) {
      int rows = table.rows().get(r).cells().stream().mapToInt(SampleCell::rowSpan).max().orElse(1);
      blocks.add(table.rows().subList(r, r + rows));
      r += rows;
    }
    return blocks;
  }

  private void printRows(List<SampleRow> rows, List<Integer> pages) throws IOException {
    pages.add(paper.pageNumber());
    float top = paper.y();
    float headerBottom = top + table.headerRows() * ROW_HEIGHT;
    if (shadedHeader) {
      paper.sheet().fill(edges[0], top, edges[edges.length - 1], headerBottom, HEADER_GREY);
    }
    for (int r = 0; r < rows.size(); r++) {
      for (SampleCell cell : rows.get(r).cells()) {
        float cellTop = top + r * ROW_HEIGHT;
        float cellBottom = cellTop + cell.rowSpan() * ROW_HEIGHT;
        border(cell, cellTop, cellBottom);
        text(rows.get(r), cell, cellTop, cellBottom);
      }
    }
    paper.moveTo(top + rows.size() * ROW_HEIGHT);
  }

  private void border(SampleCell cell, float top, float bottom) throws IOException {
    Sheet sheet = paper.sheet();
    float left = edges[cell.column()];
    float right = edges[cell.column() + cell.columnSpan()];
    float half = THICKNESS / 2;
    switch (style) {
      case CELL_BOXES -> sheet.box(left, top, right, bottom, THICKNESS);
      case STROKES -> {
        sheet.line(left, top, right, top, THICKNESS);
        sheet.line(left, bottom, right, bottom, THICKNESS);
        sheet.line(left, top, left, bottom, THICKNESS);
        sheet.line(right, top, right, bottom, THICKNESS);
      }
      case THIN_BOXES -> {
        sheet.fill(left - half, top - half, right + half, top + half, 0);
        sheet.fill(left - half, bottom - half, right + half, bottom + half, 0);
        sheet.fill(left - half, top - half, left + half, bottom + half, 0);
        sheet.fill(right - half, top - half, right + half, bottom + half, 0);
      }
    }
  }

  private void text(SampleRow row, SampleCell cell, float top, float bottom) throws IOException {
    boolean header = row.kind().equals("header");
    PDFont font = row.kind().equals("body") ? paper.sans : paper.sansBold;
    float baseline = (top + bottom) / 2 + SIZE * 0.35f;
    if (cell.rowSpan() > 1 && !header) {
      baseline = top + ROW_HEIGHT / 2 + SIZE * 0.35f;
    }
    float left = edges[cell.column()];
    float right = edges[cell.column() + cell.columnSpan()];
    if (header && (cell.columnSpan() > 1 || cell.column() >= table.rightFrom())) {
      paper.sheet().textAround(cell.text(), (left + right) / 2, baseline, font, SIZE);
    } else if (cell.column() >= table.rightFrom()) {
      paper.sheet().textEndingAt(cell.text(), right - PADDING, baseline, font, SIZE);
    } else {
      paper.sheet().text(cell.text(), left + PADDING, baseline, font, SIZE);
    }
  }
}
