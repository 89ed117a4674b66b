package dev.inlay.rows;

import com.google.re2j.Matcher;
import com.google.re2j.Pattern;
import com.google.re2j.PatternSyntaxException;
import dev.inlay.spec.TextPattern;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Says how far a pattern meets texts that it does not meet as a whole. */
final class NearMiss {

  /** Groups within groups that a cut may leave open. */
  private static final int MOST_OPEN = 3;

  /** What meets fewer characters meets them by chance. */
  private static final int LEAST_MET = 3;

  private static final int MOST_TOLD = 3;

  /** A pattern cut off somewhere, and what was cut. */
  private record Beginning(Pattern pattern, String rest) {}

  private final String text;

  /** From the longest to the shortest; made at first use, as most patterns miss nothing. */
  private List<Beginning> beginnings;

  NearMiss(TextPattern pattern) {
    text = pattern.toString();
  }

  private List<Beginning> beginnings() {
    if (beginnings == null) {
      beginnings = beginningsOf(text);
    }
    return beginnings;
  }

  private static List<Beginning> beginningsOf(String text) {
    List<Beginning> beginnings = new ArrayList<>();
    for (int end = text.length() - 1; end > 0; end--) {
      for (int open = 0; open <= MOST_OPEN; open++) {
        Optional<Pattern> part = compiled(text.substring(0, end) + ")".repeat(open));
        if (part.isPresent()) {
          beginnings.add(new Beginning(part.get(), text.substring(end)));
          break;
        }
      }
    }
    return beginnings;
  }

  /** Empty where the cut went through a group or a class. */
  private static Optional<Pattern> compiled(String part) {
    try {
      return Optional.of(Pattern.compile(part));
    } catch (PatternSyntaxException e) {
      return Optional.empty();
    }
  }

  /** What of the pattern meets the beginning of a line, and what no longer does. */
  Optional<String> atBeginning(String line) {
    for (Beginning beginning : beginnings()) {
      Matcher m = beginning.pattern().matcher(line);
      if (m.lookingAt() && m.end() > 0) {
        return Optional.of(words(line.substring(0, m.end()), beginning));
      }
    }
    return Optional.empty();
  }

  private static String words(String met, Beginning beginning) {
    return "met up to '" + met + "', then '" + beginning.rest() + "'";
  }

  /** The lines in which most of the pattern is found, with how far it goes, as texts to tell. */
  List<String> nearest(List<PageLine> lines) {
    record Miss(int left, String words) {}

    List<Miss> misses = new ArrayList<>();
    for (PageLine line : lines) {
      for (Beginning beginning : beginnings()) {
        Matcher m = beginning.pattern().matcher(line.text());
        if (m.find() && m.end() - m.start() >= LEAST_MET) {
          String met = line.text().substring(m.start(), m.end());
          String quoted = RuleUses.quote(line.text(), line.page());
          misses.add(new Miss(beginning.rest().length(), quoted + ": " + words(met, beginning)));
          break;
        }
      }
    }
    return misses.stream()
        .sorted(Comparator.comparingInt(Miss::left))
        .map(Miss::words)
        .distinct()
        .limit(MOST_TOLD)
        .toList();
  }
}
