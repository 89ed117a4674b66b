package dev.inlay.draft;

/** Lines of a spec in the making. */
final class YamlText {

  private static final String INDENT = "  ";

  /** Texts that need no quotation marks wherever they stand. */
  private static final String PLAIN = "\\p{L}[\\p{L}\\p{N} ()/.%&+'_-]*[\\p{L}\\p{N})%.]|\\p{L}";

  private final StringBuilder text = new StringBuilder();

  void line(int depth, String line) {
    // a text of several lines stands in one: what follows it may be a comment
    text.append(INDENT.repeat(depth)).append(line.replaceAll("\\R", " ")).append('\n');
  }

  void blank() {
    text.append('\n');
  }

  void comment(int depth, String words) {
    line(depth, "# " + words);
  }

  void entry(int depth, String key, String value) {
    line(depth, key + ": " + quoted(value));
  }

  /** A text as it may stand in a spec. */
  static String quoted(String value) {
    return value.matches(PLAIN) ? value : doubleQuoted(value);
  }

  static String doubleQuoted(String value) {
    return '"' + value.replace("\\", "\\\\").replace("\"", "\\\"").replace("\n", "\\n") + '"';
  }

  @Override
  public String toString() {
    return text.toString();
  }
}
