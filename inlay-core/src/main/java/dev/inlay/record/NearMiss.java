package dev.inlay.record;

import com.google.re2j.Matcher;
import com.google.re2j.Pattern;
import com.google.re2j.PatternSyntaxException;
import dev.inlay.spec.TextPattern;
import java.util.Optional;

/** Tells how far a pattern met a text that it does not meet as a whole. */
final class NearMiss {

  /** Groups within groups that a cut may leave open. */
  private static final int MOST_OPEN = 3;

  private NearMiss() {}

  /** What of a pattern meets the beginning of a line, and what no longer does. */
  static Optional<String> of(TextPattern pattern, PageLine line) {
    String text = pattern.toString();
    for (int end = text.length() - 1; end > 0; end--) {
      String part = text.substring(0, end);
      int met = 0;
      for (int open = 0; open <= MOST_OPEN && met == 0; open++) {
        met = met(part + ")".repeat(open), line.text());
      }
      if (met > 0) {
        return Optional.of(
            "met up to '"
                + line.text().substring(0, met)
                + "', then '"
                + text.substring(end)
                + "'");
      }
    }
    return Optional.empty();
  }

  /** How many characters the beginning of a pattern meets; 0 where it is no pattern by itself. */
  private static int met(String part, String text) {
    try {
      Matcher m = Pattern.compile(part).matcher(text);
      return m.lookingAt() ? m.end() : 0;
    } catch (PatternSyntaxException e) {
      return 0; // the cut went through a group or a class
    }
  }
}
