package dev.inlay.spec;

import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.snakeyaml.engine.v2.nodes.Node;

/** Reads how texts become values: the forms of one field, over those of the whole report. */
final class FormatReader {

  private static final List<String> LANGUAGES = Arrays.asList(Locale.getISOLanguages());

  private final Section report;

  private FormatReader(Section report) {
    this.report = report;
  }

  /** A reader that falls back on what a report says of all its fields. */
  static FormatReader ofReport(Section report) {
    FormatReader reader = new FormatReader(report);
    // what is wrong there is reported once, though each field asks for it
    reader.dates(report, "dates");
    reader.languages(report, "languages");
    report.get("numbers").ifPresent(n -> Section.of(n, SpecKeys.NUMBERS, report.messages()));
    return reader;
  }

  /** The form that a section gives; {@code usual} where it names no type. */
  ValueFormat read(Section at, FieldType usual) {
    FieldType type =
        FieldType.ofWord(at.choice("type", usual.word(), FieldType.words())).orElse(usual);
    reportDaysWithoutYear(at, type);
    Optional<String> markers = at.text("markers").filter(m -> !m.equals("keep"));
    return new ValueFormat(
        type,
        mark(at, "decimal", ".,"),
        mark(at, "groups", ".,' \u2019"),
        at.has("nothing") ? at.texts("nothing") : report.texts("nothing"),
        at.has("format") ? dates(at, "format") : quiet(report, "dates"),
        at.has("language") ? languages(at, "language") : quietLanguages(),
        at.texts("true"),
        at.texts("false"),
        at.texts("unit"),
        markers.isPresent(),
        markers.filter(m -> !m.equals("off")),
        replacements(at),
        meanings(at),
        at.text("year from"),
        lines(at),
        at.pattern("split"),
        at.text("default"),
        at.flag("fill down"),
        at.flag("required"));
  }

  private static List<String> lines(Section at) {
    List<String> fields = at.texts("lines");
    if (fields.size() == 1) {
      at.messages()
          .add(
              at.get("lines").orElseThrow(),
              "'lines' takes at least 2 fields: the last gets all lines that are left");
    }
    return fields;
  }

  private Optional<Character> mark(Section at, String key, String known) {
    Optional<Node> numbers = report.get("numbers");
    Section from =
        at.has(key) || numbers.isEmpty() ? at : Section.ofAny(numbers.get(), report.messages());
    Optional<String> text = from.text(key);
    if (text.isPresent() && (text.get().length() != 1 || known.indexOf(text.get().charAt(0)) < 0)) {
      at.messages()
          .add(
              from.get(key).orElseThrow(),
              "'" + key + "' takes one of the marks " + String.join(" ", known.split("")));
      return Optional.empty();
    }
    return text.map(t -> t.charAt(0));
  }

  private List<String> quiet(Section section, String key) {
    return section.texts(key).stream().filter(f -> flaw(f) == null).toList();
  }

  private List<String> dates(Section section, String key) {
    for (Node item : section.items(key)) {
      String flaw = flaw(section.textOf(item, "'" + key + "'"));
      if (flaw != null) {
        section.messages().add(item, flaw);
      }
    }
    return quiet(section, key);
  }

  /** A pattern that has no year fits no date, unless something completes it. */
  private static void reportDaysWithoutYear(Section at, FieldType type) {
    if (type != FieldType.DATE || at.has("year from")) {
      return;
    }
    for (Node item : at.items("format")) {
      String form = at.textOf(item, "'format'");
      if (flaw(form) == null && !form.matches(".*[yu].*")) {
        at.messages().add(item, "'" + form + "' has no year; 'year from' names the field with it");
      }
    }
  }

  private static String flaw(String form) {
    try {
      DateTimeFormatter.ofPattern(form, Locale.ENGLISH);
      return form.matches(".*[YD].*")
          ? "'" + form + "' is no format of a date; probably '" + lower(form) + "'"
          : null;
    } catch (IllegalArgumentException e) {
      return "'"
          + form
          + "' is no format of a date; d is the day, M the month (MMM: Jan, MMMM: January), yyyy the"
          + " year, as in d MMMM yyyy";
    }
  }

  private static String lower(String form) {
    return form.replace('Y', 'y').replace('D', 'd');
  }

  private List<Locale> quietLanguages() {
    List<Locale> known =
        report.texts("languages").stream()
            .filter(LANGUAGES::contains)
            .map(Locale::forLanguageTag)
            .toList();
    return known.isEmpty() ? List.of(Locale.ENGLISH) : known;
  }

  private List<Locale> languages(Section section, String key) {
    List<Locale> known = new ArrayList<>();
    for (Node item : section.items(key)) {
      String word = section.textOf(item, "'" + key + "'");
      if (LANGUAGES.contains(word)) {
        known.add(Locale.forLanguageTag(word));
      } else {
        section.messages().add(item, "'" + word + "' is no language; write en, de, fr ...");
      }
    }
    return known;
  }

  private static Map<String, String> meanings(Section at) {
    Map<String, String> meanings = new LinkedHashMap<>();
    at.get("means")
        .map(n -> Section.ofAny(n, at.messages()))
        .ifPresent(s -> s.values().forEach((k, n) -> meanings.put(k, s.textOf(n, "'means'"))));
    return meanings;
  }

  private static ValueFormat.Replacement replacement(TextPattern pattern, String with) {
    pattern.checkReplacement(with);
    return new ValueFormat.Replacement(pattern, with);
  }

  private static List<ValueFormat.Replacement> replacements(Section at) {
    List<ValueFormat.Replacement> all = new ArrayList<>();
    Optional<Node> node = at.get("replace");
    if (node.isPresent()) {
      Section section = Section.ofAny(node.get(), at.messages());
      for (Map.Entry<String, Node> entry : section.values().entrySet()) {
        String with = section.textOf(entry.getValue(), "'replace'");
        section
            .read(entry.getValue(), entry.getKey(), TextPattern::of)
            .flatMap(p -> section.read(entry.getValue(), with, w -> replacement(p, w)))
            .ifPresent(all::add);
      }
    }
    return all;
  }
}
