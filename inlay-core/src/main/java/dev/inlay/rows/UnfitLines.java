package dev.inlay.rows;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * Lines of a listing that fit no pattern, those of one shape together: a page head that comes on a
 * hundred pages is one thing to report, not a hundred.
 */
final class UnfitLines {

  private static final Pattern LETTERS = Pattern.compile("\\p{L}+");
  private static final Pattern DIGITS = Pattern.compile("\\p{Nd}+");
  private static final Pattern WHITE = Pattern.compile("\\s+");

  /** More pages than this are counted. */
  private static final int MOST_PAGES = 5;

  private final Map<String, List<PageLine>> byShape = new LinkedHashMap<>();

  void add(PageLine line) {
    byShape.computeIfAbsent(shape(line.text()), s -> new ArrayList<>()).add(line);
  }

  /** Words as one letter and numbers as one digit; what stands between them as it is. */
  private static String shape(String text) {
    String letters = LETTERS.matcher(text).replaceAll("a");
    return WHITE.matcher(DIGITS.matcher(letters).replaceAll("9")).replaceAll(" ");
  }

  /** Reports each shape once, at its first line. */
  void report(PartTally tally) {
    for (List<PageLine> lines : byShape.values()) {
      PageLine first = lines.get(0);
      tally.say(
          Finding.at(
                  Severity.WARNING,
                  "unfit-line",
                  tally.file(),
                  message(lines),
                  new Origin(first.page(), first.box(), ""))
              .with(Evidence.seen("", first.text())));
    }
  }

  private static String message(List<PageLine> lines) {
    String text = "'" + lines.get(0).text() + "'";
    if (lines.size() == 1) {
      return "the line " + text + " fits no pattern of 'records'";
    }
    TreeSet<Integer> pages = new TreeSet<>();
    lines.forEach(l -> pages.add(l.page()));
    String where =
        pages.stream().limit(MOST_PAGES).map(String::valueOf).collect(Collectors.joining(", "));
    return lines.size()
        + " lines like "
        + text
        + " fit no pattern of 'records', on "
        + (pages.size() == 1 ? "page " : "pages ")
        + where
        + (pages.size() > MOST_PAGES ? " and " + (pages.size() - MOST_PAGES) + " more" : "");
  }
}
