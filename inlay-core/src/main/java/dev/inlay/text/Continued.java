package dev.inlay.text;

import java.util.regex.Pattern;

/** Words that say of a title or a heading that it began on a page before. */
public final class Continued {

  private static final String WORDS =
      "continued|cont\\.|cont['’]d|fortsetzung|forts\\.|suite|continuación|jatkuu|jatkoa|c\\.d\\."
          + "|cd\\.|συνέχεια|продолжение|続き";

  private static final Pattern SAID = Pattern.compile("(?iu).*(" + WORDS + ").*");

  /** Such a word at the end of a heading, in brackets or behind a mark. */
  private static final Pattern AT_END =
      Pattern.compile("(?iu)\\s*([,;:–—-]\\s*|[(（\\[]\\s*)(" + WORDS + ")\\s*[)）\\]]?$");

  private Continued() {}

  /** Whether a title says so. */
  public static boolean isSaidIn(String title) {
    return SAID.matcher(title).matches();
  }

  /** A heading without the words that say so at its end. */
  public static String without(String heading) {
    String bare = AT_END.matcher(heading).replaceFirst("");
    return bare.isBlank() ? heading : bare;
  }
}
