package dev.inlay.spec;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * The words of expressions that the engine does not know: {@code if(condition, then, else)}, and
 * {@code zero(field)} for a field whose blank counts as nought. They are written out in its signs.
 */
final class ExpressionWords {

  private static final Pattern WORD = Pattern.compile("(?<![\\p{L}\\p{N}_])(if|zero)\\s*\\(");

  private static final int PARTS_OF_IF = 3;

  private ExpressionWords() {}

  /**
   * An expression with these words written out.
   *
   * @throws IllegalArgumentException with a message for the person who wrote it
   */
  static String writtenOut(String text) {
    Matcher word = WORD.matcher(text);
    int from = 0;
    while (word.find(from)) {
      if (isInQuotes(text, word.start())) {
        from = word.end();
        continue;
      }
      List<String> parts = new ArrayList<>();
      int end = parts(text, word.end(), parts);
      String before = text.substring(0, word.start());
      return before + written(word.group(1), parts, text) + writtenOut(text.substring(end));
    }
    return text;
  }

  private static String written(String word, List<String> parts, String text) {
    boolean isIf = word.equals("if");
    if (parts.size() != (isIf ? PARTS_OF_IF : 1)) {
      String wanted = isIf ? "if(condition, then, else)" : "zero(field)";
      throw new IllegalArgumentException("'" + text + "' is no expression: write " + wanted);
    }
    List<String> inside = parts.stream().map(p -> "(" + writtenOut(p.strip()) + ")").toList();
    return isIf
        ? "(" + inside.get(0) + " ? " + inside.get(1) + " : " + inside.get(2) + ")"
        : "(empty" + inside.get(0) + " ? 0 : " + inside.get(0) + ")";
  }

  /** Adds the parts between commas, up to the bracket that closes; gives the place behind it. */
  private static int parts(String text, int from, List<String> parts) {
    int depth = 0;
    int begin = from;
    for (int i = from; i < text.length(); i++) {
      char c = text.charAt(i);
      if (isInQuotes(text, i)) {
        continue;
      }
      if (c == '(') {
        depth++;
      } else if (c == ',' && depth == 0) {
        parts.add(text.substring(begin, i));
        begin = i + 1;
      } else if (c == ')' && depth-- == 0) {
        parts.add(text.substring(begin, i));
        return i + 1;
      }
    }
    throw new IllegalArgumentException("'" + text + "' is no expression: a bracket is not closed");
  }

  private static boolean isInQuotes(String text, int at) {
    char open = 0;
    for (int i = 0; i < at; i++) {
      char c = text.charAt(i);
      if (open == 0 && (c == '\'' || c == '"')) {
        open = c;
      } else if (c == open) {
        open = 0;
      }
    }
    return open != 0;
  }
}
