package dev.inlay.page;

import dev.inlay.geom.Interval;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * The pages asked for, such as {@code 2-5,7} or {@code 10-}. Immutable.
 *
 * <p>Pages are counted from 1 as they stand in the file, whatever numbers are printed on them.
 */
public final class PageSelection {

  /** Every page. */
  public static final PageSelection ALL =
      new PageSelection(List.of(new Interval(1, Integer.MAX_VALUE)));

  private static final Pattern RANGE = Pattern.compile("(\\d{1,9})\\s*(-\\s*(\\d{1,9})?)?");

  private final List<Interval> ranges;

  private PageSelection(List<Interval> ranges) {
    this.ranges = List.copyOf(ranges);
  }

  /**
   * Reads a selection.
   *
   * @param text numbers and ranges with commas between them; a range without an end goes on to the
   *     last page
   * @throws IllegalArgumentException with a message for the person who wrote it
   */
  public static PageSelection parse(String text) {
    List<Interval> ranges = new ArrayList<>();
    for (String part : text.split(",", -1)) {
      Matcher range = RANGE.matcher(part.strip());
      if (!range.matches()) {
        throw new IllegalArgumentException(
            "'" + part.strip() + "' is no page or range of pages; write for example 2-5,7 or 10-");
      }
      int from = Integer.parseInt(range.group(1));
      int to = range.group(2) == null ? from : Integer.MAX_VALUE;
      if (range.group(3) != null) {
        to = Integer.parseInt(range.group(3));
      }
      if (from < 1) {
        throw new IllegalArgumentException("there is no page " + from + "; the first is 1");
      }
      if (to < from) {
        throw new IllegalArgumentException(
            "'" + part.strip() + "' runs backwards; write " + to + "-" + from);
      }
      ranges.add(new Interval(from, to));
    }
    return new PageSelection(ranges);
  }

  /** The pages that both selections hold. */
  public PageSelection and(PageSelection other) {
    List<Interval> both = new ArrayList<>();
    for (Interval one : ranges) {
      for (Interval two : other.ranges) {
        if (one.overlap(two) >= 0) {
          double from = Math.max(one.from(), two.from());
          both.add(new Interval(from, Math.min(one.to(), two.to())));
        }
      }
    }
    return new PageSelection(both);
  }

  /** Whether a page is asked for. */
  public boolean holds(int page) {
    return ranges.stream().anyMatch(r -> page >= r.from() && page <= r.to());
  }

  /** Whether some pages asked for by number lie behind the last one. */
  public boolean reachesBeyond(int lastPage) {
    return ranges.stream()
        .anyMatch(r -> r.from() > lastPage || r.to() > lastPage && r.to() < Integer.MAX_VALUE);
  }

  /** As it may be written, each range with its end. */
  @Override
  public String toString() {
    return ranges.stream()
        .map(r -> (int) r.from() + "-" + (r.to() < Integer.MAX_VALUE ? "" + (int) r.to() : ""))
        .collect(Collectors.joining(","));
  }
}
