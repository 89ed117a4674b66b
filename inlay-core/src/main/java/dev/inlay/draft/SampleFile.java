package dev.inlay.draft;

import dev.inlay.record.PageLine;
import dev.inlay.table.Table;
import java.util.List;

/**
 * A file that a draft is made from.
 *
 * @param name without its folder
 * @param tables found in it
 * @param lines of its pages, in reading order
 */
public record SampleFile(String name, List<Table> tables, List<PageLine> lines) {

  /** Keeps copies that cannot change. */
  public SampleFile {
    tables = List.copyOf(tables);
    lines = List.copyOf(lines);
  }
}
