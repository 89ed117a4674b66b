package dev.inlay.draft;

import java.time.Month;
import java.time.format.TextStyle;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * Headings of one level that count time, as years, quarters or months do: the next report has
 * others, so that their columns are better read as rows.
 *
 * @param unit what they count: year, quarter or month
 * @param pattern of an unpivot rule that meets them, and those of the next report
 * @param columns how many
 */
record TimeHeadings(String unit, String pattern, int columns) {

  /** Two columns are as well two figures of each row. */
  private static final int LEAST_COLUMNS = 3;

  private static final String YEARS = "(19|20)\\d\\d([/–-]\\d\\d(\\d\\d)?)?";
  private static final String QUARTERS = "Q[1-4]( (19|20)\\d\\d)?|(19|20)\\d\\d ?Q[1-4]";

  /** Languages of the names of months, as those of dates. */
  private static final List<String> LANGUAGES =
      List.of("en", "de", "fr", "es", "it", "nl", "pt", "pl", "sv", "da", "nb", "fi", "cs");

  /**
   * The headings among those of a table that count time.
   *
   * @param paths of its columns
   * @return empty where there are none, or too few
   */
  static Optional<TimeHeadings> of(List<List<String>> paths) {
    List<String> single = paths.stream().filter(p -> p.size() == 1).map(p -> p.get(0)).toList();
    return counting("year", YEARS, single)
        .or(() -> counting("quarter", QUARTERS, single))
        .or(() -> months(single));
  }

  private static Optional<TimeHeadings> counting(String unit, String form, List<String> headings) {
    List<String> met = headings.stream().filter(h -> h.matches(form)).distinct().toList();
    return met.size() < LEAST_COLUMNS
        ? Optional.empty()
        : Optional.of(new TimeHeadings(unit, "(?<" + unit + ">" + form + ")", met.size()));
  }

  private static Optional<TimeHeadings> months(List<String> headings) {
    for (String language : LANGUAGES) {
      Set<String> names = names(Locale.forLanguageTag(language));
      List<String> met =
          headings.stream().filter(h -> names.contains(plain(h))).distinct().toList();
      if (met.size() >= LEAST_COLUMNS) {
        String all = met.stream().map(Pattern::quote).collect(Collectors.joining("|"));
        return Optional.of(new TimeHeadings("month", "(?<month>" + all + ")", met.size()));
      }
    }
    return Optional.empty();
  }

  private static Set<String> names(Locale language) {
    Set<String> names = new HashSet<>();
    for (Month month : Month.values()) {
      for (TextStyle style :
          List.of(
              TextStyle.FULL,
              TextStyle.SHORT,
              TextStyle.FULL_STANDALONE,
              TextStyle.SHORT_STANDALONE)) {
        names.add(plain(month.getDisplayName(style, language)));
      }
    }
    return names;
  }

  private static String plain(String name) {
    return name.replace(".", "").toLowerCase(Locale.ROOT);
  }
}
