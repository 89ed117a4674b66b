package dev.inlay.text;

import java.util.regex.Pattern;

/** Recognises lines of programs, commands and configuration files by the signs they are made of. */
public final class ProgramText {

  /** A prompt, a comment mark or a tag that begins a line; behind a line number perhaps. */
  private static final Pattern BEGINS =
      Pattern.compile(
          "(\\d{1,4} )?(#+ ?[\\p{L}\\-\\[{$@'\"<.*!/]|///?|/\\*|[$%] [a-z./]|>>> |</?[a-z]+[ >])"
              + ".*");

  /** What statements and lines that go on end with. */
  private static final Pattern ENDS = Pattern.compile(".*([;{}\\\\]|[\u21A9\u21AA\u2190])");

  /** Signs of operators and calls that no other text holds. */
  private static final Pattern HOLDS =
      Pattern.compile(
          ".*(\\w\\(\\)|\\w::\\w|[:=!]=|&&|\\|\\||</\\w+>|\\w->\\w| // | /\\* |; *#).*");

  private ProgramText() {}

  /** Whether a line, or the lines of a row joined, reads as program text. */
  public static boolean is(String line) {
    String text = line.strip();
    return BEGINS.matcher(text).matches()
        || ENDS.matcher(text).matches()
        || HOLDS.matcher(text).matches();
  }
}
