package dev.inlay.rows;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * A way in which a field is printed, by which files of a batch may differ without a value being
 * another.
 *
 * @param field the field
 * @param aspect of its print
 */
public record PrintedForm(String field, Aspect aspect) {

  /** What of the print may differ. */
  public enum Aspect {
    /** The heading, where several wordings are known. */
    HEADING("heading-other", "the heading is"),
    /** The line after which a listing starts: its headings, most often. */
    LISTING_START("heading-other", "the listing starts below"),
    /** The decimal mark. */
    DECIMAL_MARK("number-format", "the decimal mark is"),
    /** Where negative numbers have their sign. */
    SIGN("number-format", "negative numbers have"),
    /** How dates are written. */
    DATE("date-format", "dates are written like");

    private final String code;
    private final String words;

    Aspect(String code, String words) {
      this.code = code;
      this.words = words;
    }

    /** The code of a finding. */
    public String code() {
      return code;
    }

    /** What a message says before the form. */
    public String words() {
      return words;
    }
  }

  /**
   * How an aspect was seen.
   *
   * @param form what is compared between files
   * @param example what a message shows of it
   */
  public record Seen(String form, String example) {

    /** A form that needs no example. */
    public static Seen of(String form) {
      return new Seen(form, form);
    }
  }

  /** How negative numbers are written, by the words for it. */
  private static final Map<Pattern, String> SIGNS =
      Map.of(
          Pattern.compile("[-\\u2212\\u2013].*\\d.*"), "their minus in front",
          Pattern.compile(".*\\d.*[-\\u2212\\u2013]"), "their minus behind",
          Pattern.compile("\\(.*\\d.*\\)"), "brackets",
          Pattern.compile(".*\\d.*\\s?CR"), "CR behind");

  private static final Pattern LETTERS = Pattern.compile("\\p{L}+");
  private static final Pattern DIGIT = Pattern.compile("\\p{Nd}");

  /** How most negative numbers among some texts have their sign; empty where there is none. */
  static Optional<String> sign(List<String> texts) {
    return most(texts, PrintedForm::signOf);
  }

  private static Optional<String> signOf(String text) {
    return SIGNS.entrySet().stream()
        .filter(e -> e.getKey().matcher(text).matches())
        .map(Map.Entry::getValue)
        .findFirst();
  }

  /** How most dates among some texts are written; empty where no text holds figures. */
  static Optional<Seen> date(List<String> texts) {
    Optional<String> form = most(texts, PrintedForm::dateForm);
    return form.flatMap(
        f ->
            texts.stream()
                .map(String::strip)
                .filter(t -> dateForm(t).equals(form))
                .findFirst()
                .map(t -> new Seen(f, t)));
  }

  /** What two dates that are written alike share: 9 for figures, a for words. */
  private static Optional<String> dateForm(String text) {
    return DIGIT.matcher(text).find()
        ? Optional.of(DIGIT.matcher(LETTERS.matcher(text).replaceAll("a")).replaceAll("9"))
        : Optional.empty();
  }

  private static Optional<String> most(List<String> texts, Function<String, Optional<String>> of) {
    return texts.stream()
        .map(t -> of.apply(t.strip()))
        .flatMap(Optional::stream)
        .collect(Collectors.groupingBy(f -> f, TreeMap::new, Collectors.counting()))
        .entrySet()
        .stream()
        .max(Map.Entry.comparingByValue())
        .map(Map.Entry::getKey);
  }
}
