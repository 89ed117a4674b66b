package dev.inlay.spec;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * How the text of a field becomes a value.
 *
 * @param type of the values
 * @param decimal the decimal mark; where it is not given, the column's own texts must show it it
 * @param groups the mark that sets off thousands, where it is given
 * @param nothing texts that mean that there is no value
 * @param dateForms patterns of dates, as {@code d MMMM yyyy}, tried in order
 * @param languages of the names of months
 * @param trueWords texts that mean true
 * @param falseWords texts that mean false; an empty text may be one
 * @param units words behind or before a number that belong to it
 * @param markersOff whether footnote markers are taken off
 * @param markersTo the field that gets them, if any
 * @param replacements made before all else, in order
 * @param meanings what each text means, by the texts that there may be; empty where any may be
 * @param yearFrom the field with the date that completes days without a year, if any
 * @param lines fields that the printed lines become, the last of them all that are left
 * @param split a pattern whose groups become fields, if any
 * @param defaultText stands where nothing is printed, if any
 * @param fillDown whether a value goes on down to the rows below that have none
 * @param required whether a row without a value is held
 */
public record ValueFormat(
    FieldType type,
    Optional<Character> decimal,
    Optional<Character> groups,
    List<String> nothing,
    List<String> dateForms,
    List<Locale> languages,
    List<String> trueWords,
    List<String> falseWords,
    List<String> units,
    boolean markersOff,
    Optional<String> markersTo,
    List<Replacement> replacements,
    Map<String, String> meanings,
    Optional<String> yearFrom,
    List<String> lines,
    Optional<TextPattern> split,
    Optional<String> defaultText,
    boolean fillDown,
    boolean required) {

  /**
   * A text exchanged for another wherever a pattern is found.
   *
   * @param pattern what is looked for
   * @param with what stands there then; {@code $1} is the pattern's first group
   */
  public record Replacement(TextPattern pattern, String with) {}

  /** Hyphens, the figure dash, en dash, em dash, horizontal bar and minus. */
  private static final String DASHES = "-\u2010\u2011\u2012\u2013\u2014\u2015\u2212";

  /** Texts as printed. */
  public static final ValueFormat TEXT = ofType(FieldType.STRING);

  /** A type and nothing else said. */
  public static ValueFormat ofType(FieldType type) {
    return of(type, Optional.empty(), List.of(), List.of(), List.of(Locale.ENGLISH));
  }

  /** Dates or months whose names are of a language. */
  public static ValueFormat ofMonths(FieldType type, List<String> dateForms, Locale language) {
    return of(type, Optional.empty(), dateForms, List.of(), List.of(language));
  }

  /** A type with a decimal mark, forms of dates, and texts that mean nothing. */
  public static ValueFormat ofType(
      FieldType type, Optional<Character> decimal, List<String> dateForms, List<String> nothing) {
    return of(type, decimal, dateForms, nothing, List.of(Locale.ENGLISH));
  }

  private static ValueFormat of(
      FieldType type,
      Optional<Character> decimal,
      List<String> dateForms,
      List<String> nothing,
      List<Locale> languages) {
    return new ValueFormat(
        type,
        decimal,
        Optional.empty(),
        nothing,
        dateForms,
        languages,
        List.of(),
        List.of(),
        List.of(),
        false,
        Optional.empty(),
        List.of(),
        Map.of(),
        Optional.empty(),
        List.of(),
        Optional.empty(),
        Optional.empty(),
        false,
        false);
  }

  /** Whether a text means that there is no value; dashes of any width look alike to a person. */
  public boolean meansNothing(String text) {
    String mark = text.strip();
    return nothing.contains(mark) || isDash(mark) && nothing.stream().anyMatch(ValueFormat::isDash);
  }

  private static boolean isDash(String text) {
    return text.length() == 1 && DASHES.indexOf(text.charAt(0)) >= 0;
  }

  /** The fields that the printed lines of the text, or the groups of a pattern, become. */
  public List<String> parts() {
    List<String> parts = new ArrayList<>(lines);
    split.ifPresent(p -> parts.addAll(p.groups()));
    return parts;
  }
}
