package dev.inlay.spec;

import com.google.re2j.Matcher;
import com.google.re2j.Pattern;
import com.google.re2j.PatternSyntaxException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A regular expression that cannot hang a run: its time grows with the text and never faster, since
 * the engine keeps no way back (R. Cox, Regular Expression Matching Can Be Simple And Fast, 2007).
 * Look-around and back references are therefore unknown to it.
 */
public final class TextPattern {

  private final Pattern pattern;
  private final List<String> groups;

  /** A dollar sign in a replacement, and what it refers to. */
  private static final java.util.regex.Pattern REFERENCE =
      java.util.regex.Pattern.compile(
          "(?<escaped>\\\\.)|\\$(?:(?<number>\\d{1,4})|\\{(?<name>[^}]*)\\})?");

  private TextPattern(Pattern pattern) {
    this.pattern = pattern;
    groups =
        pattern.namedGroups().entrySet().stream()
            .sorted(Map.Entry.comparingByValue())
            .map(Map.Entry::getKey)
            .toList();
  }

  /**
   * Reads a pattern.
   *
   * @throws IllegalArgumentException with a message for the person who wrote it
   */
  public static TextPattern of(String text) {
    try {
      return new TextPattern(Pattern.compile(text));
    } catch (PatternSyntaxException e) {
      boolean lookAround = text.contains("(?=") || text.contains("(?!") || text.contains("(?<=");
      throw new IllegalArgumentException(
          "'"
              + text
              + "' is no pattern: "
              + e.getDescription()
              + (lookAround || text.contains("(?<!") ? "; it cannot look ahead or behind" : ""),
          e);
    }
  }

  /** The names of its groups, in their order. */
  public List<String> groups() {
    return groups;
  }

  /** Whether it is found in a text. */
  public boolean isIn(String text) {
    return pattern.matcher(text).find();
  }

  /** What its named groups take of a text that it meets as a whole; empty where it does not. */
  public Optional<Map<String, String>> whole(String text) {
    Matcher m = pattern.matcher(text);
    return m.matches() ? Optional.of(named(m)) : Optional.empty();
  }

  /** What its named groups take where it is first found in a text. */
  public Optional<Map<String, String>> within(String text) {
    Matcher m = pattern.matcher(text);
    return m.find() ? Optional.of(named(m)) : Optional.empty();
  }

  /** The group called {@code value}, else the first group, else all that it takes. */
  public Optional<String> value(String text) {
    Matcher m = pattern.matcher(text);
    if (!m.find()) {
      return Optional.empty();
    }
    if (pattern.namedGroups().containsKey("value")) {
      return Optional.ofNullable(m.group("value"));
    }
    return Optional.ofNullable(m.group(Math.min(1, m.groupCount())));
  }

  /** How many groups it has, named or not. */
  public int groupCount() {
    return pattern.groupCount();
  }

  /**
   * What its groups take where it is first found in a text; a group that takes nothing is empty.
   */
  public Optional<List<String>> taken(String text) {
    Matcher m = pattern.matcher(text);
    if (!m.find()) {
      return Optional.empty();
    }
    List<String> taken = new ArrayList<>();
    for (int g = 1; g <= m.groupCount(); g++) {
      taken.add(m.group(g) == null ? "" : m.group(g));
    }
    return Optional.of(taken);
  }

  /** A text with each place where it is found replaced; {@code $1} stands for its first group. */
  public String replace(String text, String with) {
    return pattern.matcher(text).replaceAll(with);
  }

  /**
   * Checks a text that {@link #replace} may put in place of what is found.
   *
   * @throws IllegalArgumentException with a message for the person who wrote it
   */
  void checkReplacement(String with) {
    java.util.regex.Matcher reference = REFERENCE.matcher(with);
    while (reference.find()) {
      String number = reference.group("number");
      String name = reference.group("name");
      boolean known =
          number != null && Integer.parseInt(number) <= groupCount() || groups.contains(name);
      if (reference.group("escaped") == null && !known) {
        throw new IllegalArgumentException(
            "'"
                + with
                + "' speaks of a group that '"
                + this
                + "' does not have; a dollar sign itself is written \\$");
      }
    }
  }

  private Map<String, String> named(Matcher m) {
    Map<String, String> taken = new LinkedHashMap<>();
    for (String group : groups) {
      String text = m.group(group);
      taken.put(group, text == null ? "" : text.strip());
    }
    return taken;
  }

  @Override
  public String toString() {
    return pattern.pattern();
  }
}
