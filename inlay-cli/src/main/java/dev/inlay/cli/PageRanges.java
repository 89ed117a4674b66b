package dev.inlay.cli;

import java.util.ArrayList;
import java.util.List;

/** Pages in short, as {@code --pages} takes them. */
final class PageRanges {

  private PageRanges() {}

  /**
   * Pages in short, such as {@code 2-5,7}.
   *
   * @param pages in rising order, at least one
   */
  static String of(List<Integer> pages) {
    List<String> ranges = new ArrayList<>();
    int from = pages.get(0);
    for (int i = 1; i <= pages.size(); i++) {
      int last = pages.get(i - 1);
      if (i == pages.size() || pages.get(i) != last + 1) {
        ranges.add(from == last ? String.valueOf(from) : from + "-" + last);
        from = i == pages.size() ? 0 : pages.get(i);
      }
    }
    return String.join(",", ranges);
  }
}
