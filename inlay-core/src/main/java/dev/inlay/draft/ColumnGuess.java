package dev.inlay.draft;

import dev.inlay.rows.TypeTrial;
import dev.inlay.spec.FieldType;
import dev.inlay.spec.ValueFormat;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;

/**
 * What the texts of a column are, known from all of them.
 *
 * @param type a string where nothing else fits every text
 * @param dateForm the form of its dates; empty where they need none said
 * @param language of the names of months; empty for English, or where there are none
 * @param nothing marks in it that mean that there is no value
 * @param markers whether footnote markers stand at its texts
 * @param remark what was seen, for a comment
 */
record ColumnGuess(
    FieldType type,
    String dateForm,
    String language,
    List<String> nothing,
    boolean markers,
    String remark) {

  /** Languages of the names of months that are tried, those of most readers first. */
  private static final List<String> LANGUAGES =
      List.of("de", "fr", "es", "it", "nl", "pt", "pl", "sv", "da", "nb", "fi", "cs", "ru", "el");

  /** Dates and months with names of months. */
  private static final List<String> NAMED_FORMS =
      List.of("d MMMM yyyy", "d MMM yyyy", "d. MMMM yyyy", "d. MMM yyyy", "MMMM yyyy", "MMM yyyy");

  private ColumnGuess(
      FieldType type, String dateForm, List<String> nothing, boolean markers, String remark) {
    this(type, dateForm, "", nothing, markers, remark);
  }

  /** What names things: figures under such a word are no amounts. */
  private static final Pattern NAMES_THINGS =
      Pattern.compile(
          "(?i)(^|[^\\p{L}])(no|nr|number|nummer|id|code|ref|reference|account)([^\\p{L}]|$)");

  private static final Set<String> NIL_MARKS =
      Set.of("-", "\u2013", "\u2014", ".", "..", "...", "n/a", "n.a.", "N/A", "nil", ":", "*");

  private static final List<String> DAY_FORMS =
      List.of(
          "dd/MM/yyyy",
          "MM/dd/yyyy",
          "dd.MM.yyyy",
          "d.M.yyyy",
          "d/M/yyyy",
          "M/d/yyyy",
          "dd-MM-yyyy",
          "dd-MMM-yyyy",
          "dd MMM yy",
          "dd.MM.yy",
          "yyyy/MM/dd");

  private static final String MARKED =
      ".*[\\p{L}\\d)][\u00B9\u00B2\u00B3\u2070-\u209C*\u2020\u2021]+$";
  private static final int FIRST_YEAR = 1900;
  private static final int LAST_YEAR = 2100;

  /** Names in figures have at least this many digits. */
  private static final int LEAST_DIGITS_OF_NAME = 4;

  /** Fewer figures may be different and equally long by chance. */
  private static final int LEAST_CODES = 8;

  /**
   * Guesses.
   *
   * @param byFile the texts of all records of each file
   * @param decimal the decimal mark of the report, where its numbers tell
   */
  static ColumnGuess of(List<List<String>> byFile, Optional<Character> decimal) {
    List<String> printed = byFile.stream().flatMap(List::stream).filter(t -> !t.isEmpty()).toList();
    Set<String> nil = new LinkedHashSet<>();
    printed.stream().filter(NIL_MARKS::contains).forEach(nil::add);
    List<String> values = printed.stream().filter(t -> !nil.contains(t)).toList();
    boolean markers = values.stream().anyMatch(t -> t.matches(MARKED));
    List<String> plain =
        values.stream().map(t -> markers ? t.replaceAll("[^\\p{L}\\d)%]+$", "") : t).toList();
    String seen = values.size() + (values.size() == 1 ? " value" : " values");
    if (values.isEmpty()) {
      return new ColumnGuess(FieldType.STRING, "", List.of(), false, "nothing is printed here");
    }
    String like = ", like " + longest(values);
    List<String> marks = new ArrayList<>(nil);
    for (FieldType type : List.of(FieldType.DATE, FieldType.YEARMONTH, FieldType.BOOLEAN)) {
      if (TypeTrial.readsAll(plain, ValueFormat.ofType(type))) {
        return new ColumnGuess(type, "", marks, markers, seen + like);
      }
    }
    Optional<ColumnGuess> named = named(plain, marks, markers, seen + like);
    if (named.isPresent()) {
      return named.get();
    }
    List<String> forms =
        DAY_FORMS.stream()
            .filter(f -> TypeTrial.readsAll(plain, form(FieldType.DATE, decimal, List.of(f))))
            .toList();
    if (!forms.isEmpty()) {
      return dates(forms, marks, markers, seen + like);
    }
    if (TypeTrial.readsAll(plain, form(FieldType.NUMBER, decimal, List.of()))) {
      boolean codes =
          plain.equals(values)
              && byFile.stream().allMatch(ColumnGuess::areCodes)
              && !byFile.stream().allMatch(ColumnGuess::areNumbered);
      return codes
          ? new ColumnGuess(
              FieldType.STRING, "", marks, false, seen + like + "; all different: codes")
          : numbers(plain, decimal, marks, markers, seen + like);
    }
    boolean numeric = plain.stream().allMatch(t -> t.matches("[-+(]?[\\d.,' ]*\\d.*"));
    boolean open =
        numeric
            && decimal.isEmpty()
            && TypeTrial.readsAll(plain, form(FieldType.NUMBER, Optional.of('.'), List.of()));
    String doubt = open ? "; numbers, but nothing shows the decimal mark: say 'decimal'" : "";
    String nearly = doubt.isEmpty() ? nearly(plain, decimal) : doubt;
    return new ColumnGuess(
        FieldType.STRING, "", numeric ? marks : List.of(), markers, seen + like + nearly);
  }

  /** Dates or months with the names of months of another language. */
  private static Optional<ColumnGuess> named(
      List<String> texts, List<String> nil, boolean markers, String seen) {
    boolean words = texts.stream().allMatch(t -> t.matches(".*\\p{L}{3}.*\\d{4}"));
    if (!words) {
      return Optional.empty();
    }
    for (String language : LANGUAGES) {
      Locale locale = Locale.forLanguageTag(language);
      for (String form : NAMED_FORMS) {
        FieldType type = form.startsWith("d") ? FieldType.DATE : FieldType.YEARMONTH;
        if (TypeTrial.readsAll(texts, ValueFormat.ofMonths(type, List.of(form), locale))) {
          return Optional.of(new ColumnGuess(type, form, language, nil, markers, seen));
        }
      }
    }
    return Optional.empty();
  }

  /** Where most texts are of a type, and a few are not, a person may choose to hold those. */
  private static String nearly(List<String> texts, Optional<Character> decimal) {
    for (FieldType type : List.of(FieldType.NUMBER, FieldType.DATE, FieldType.YEARMONTH)) {
      ValueFormat form = form(type, decimal, List.of());
      List<String> others =
          texts.stream().filter(t -> !TypeTrial.readsAll(List.of(t), form)).toList();
      if (2 * others.size() < texts.size() && !others.isEmpty()) {
        String rest = String.join("; ", others.stream().distinct().limit(2).toList());
        return "; with 'type: " + type.word() + "' rows with " + rest + " are held";
      }
    }
    return "";
  }

  /**
   * The same below or beside a heading or label, which may say that figures are names.
   *
   * @param label what the values are called
   */
  ColumnGuess called(String label, List<String> values) {
    boolean figures = type == FieldType.INTEGER || type == FieldType.YEAR;
    boolean equal = values.stream().mapToInt(String::length).distinct().count() == 1;
    boolean longEnough = values.stream().allMatch(v -> v.length() >= LEAST_DIGITS_OF_NAME);
    return figures && equal && longEnough && NAMES_THINGS.matcher(label).find()
        ? asText("; a name, by its label")
        : this;
  }

  /** The same read as texts, and why. */
  ColumnGuess asText(String why) {
    return new ColumnGuess(FieldType.STRING, "", List.of(), false, remark + why);
  }

  /** The parts of a field's rule in a spec, without where it comes from. */
  List<String> parts() {
    List<String> parts = new ArrayList<>();
    if (type != FieldType.STRING) {
      parts.add("type: " + type.word());
    }
    if (!dateForm.isEmpty()) {
      parts.add("format: " + YamlText.quoted(dateForm));
    }
    if (!language.isEmpty()) {
      parts.add("language: " + language);
    }
    if (!nothing.isEmpty()) {
      List<String> marks = nothing.stream().map(YamlText::quoted).toList();
      parts.add("nothing: [" + String.join(", ", marks) + "]");
    }
    if (markers) {
      parts.add("markers: off");
    }
    return parts;
  }

  private static ValueFormat form(FieldType type, Optional<Character> decimal, List<String> dates) {
    return ValueFormat.ofType(type, decimal, dates, List.of());
  }

  private static ColumnGuess dates(
      List<String> forms, List<String> nil, boolean markers, String seen) {
    boolean dayOrMonth =
        forms.stream().anyMatch(f -> f.startsWith("d"))
            && forms.stream().anyMatch(f -> f.startsWith("M"));
    if (dayOrMonth) {
      String both = "; days, but " + forms.get(0) + " and " + forms.get(1) + " fit: say 'format'";
      return new ColumnGuess(FieldType.STRING, "", nil, markers, seen + both);
    }
    return new ColumnGuess(FieldType.DATE, forms.get(0), nil, markers, seen);
  }

  private static ColumnGuess numbers(
      List<String> texts,
      Optional<Character> decimal,
      List<String> nil,
      boolean markers,
      String seen) {
    boolean digits = texts.stream().allMatch(t -> t.matches("\\d+"));
    if (digits && texts.stream().anyMatch(t -> t.length() > 1 && t.startsWith("0"))) {
      return new ColumnGuess(
          FieldType.STRING, "", nil, markers, seen + "; numbers with zeros in front are codes");
    }
    if (digits && texts.stream().allMatch(ColumnGuess::isYear)) {
      return new ColumnGuess(FieldType.YEAR, "", nil, markers, seen);
    }
    if (texts.stream().allMatch(t -> t.contains("%"))) {
      return new ColumnGuess(FieldType.PERCENT, "", nil, markers, seen);
    }
    boolean whole = TypeTrial.readsAll(texts, form(FieldType.INTEGER, decimal, List.of()));
    boolean decimals =
        texts.stream().anyMatch(t -> decimal.isPresent() && t.indexOf(decimal.get()) >= 0);
    FieldType type = whole && !decimals ? FieldType.INTEGER : FieldType.NUMBER;
    return new ColumnGuess(type, "", nil, markers, seen);
  }

  /** Whether figures name things: all different, equally long, in their order. */
  private static boolean areCodes(List<String> texts) {
    List<String> printed = texts.stream().filter(t -> !t.isEmpty()).toList();
    return printed.size() >= LEAST_CODES
        && printed.stream().allMatch(t -> t.matches("\\d{3,}"))
        && printed.stream().mapToInt(String::length).distinct().count() == 1
        && new HashSet<>(printed).size() == printed.size()
        && printed.stream().sorted().toList().equals(printed);
  }

  /** Whether each is the one before it and one: numbers, not codes. */
  private static boolean areNumbered(List<String> codes) {
    List<String> printed = codes.stream().filter(t -> !t.isEmpty()).toList();
    BigInteger first = new BigInteger(printed.get(0));
    BigInteger last = new BigInteger(printed.get(printed.size() - 1));
    // codes rise, so they leave no gap where their ends are as far apart as their number
    return last.subtract(first).equals(BigInteger.valueOf(printed.size() - 1L));
  }

  private static boolean isYear(String text) {
    return text.length() == 4
        && Integer.parseInt(text) >= FIRST_YEAR
        && Integer.parseInt(text) <= LAST_YEAR;
  }

  /** The longest text shows most of what a column holds; a very long one is cut. */
  private static String longest(List<String> texts) {
    String longest = "";
    for (String text : texts) {
      longest = text.length() > longest.length() ? text : longest;
    }
    return longest.length() > 40 ? longest.substring(0, 39) + "\u2026" : longest;
  }
}
