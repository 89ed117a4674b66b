package dev.inlay.samples;

import java.util.List;

/**
 * A table and the pages it came to stand on.
 *
 * @param table the table
 * @param pages numbers from 1
 */
record PrintedTable(SampleTable table, List<Integer> pages) {

  PrintedTable {
    pages = List.copyOf(pages);
  }
}
