package dev.inlay.samples;

import java.util.List;

/**
 * A row of a printed table.
 *
 * @param kind the word of the truth format: header, body, group, total, note
 * @param cells those that start in it, empty ones too, from left to right
 */
public record SampleRow(String kind, List<SampleCell> cells) {

  /** Keeps copies that cannot change. */
  public SampleRow {
    cells = List.copyOf(cells);
  }
}
