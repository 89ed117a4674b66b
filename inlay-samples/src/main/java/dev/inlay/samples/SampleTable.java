package dev.inlay.samples;

import java.util.List;

/**
 * A table as data.
 *
 * @param title its caption
 * @param widths the width of each column, in points
 * @param rightFrom the first column whose texts end at its right edge
 * @param headerRows how many rows at the top are header
 * @param rows header rows first
 */
public record SampleTable(
    String title, List<Float> widths, int rightFrom, int headerRows, List<SampleRow> rows) {

  /** Keeps copies that cannot change. */
  public SampleTable {
    widths = List.copyOf(widths);
    rows = List.copyOf(rows);
  }
}
