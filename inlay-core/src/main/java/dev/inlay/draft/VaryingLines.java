package dev.inlay.draft;

import dev.inlay.rows.PageLine;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.regex.Pattern;

/**
 * Texts on the first pages of several files, and below their last tables, that are the same in all
 * of them, or the same but for one part: the first tell the kind of report, the second hold a value
 * of each file.
 */
final class VaryingLines {

  /** A line that differs in more than this many words says something else. */
  private static final int MOST_WORDS = 4;

  /** One word before it may begin any other line as well. */
  private static final int LEAST_WORDS_BEFORE_NAME = 2;

  /** Shorter words join others, as "of" does. */
  private static final int LEAST_LETTERS_OF_NAME = 4;

  /** Longer lines are running text. */
  private static final int MOST_OF_LINE = 9;

  /**
   * A value of each file.
   *
   * @param name for its field
   * @param pattern that takes it
   * @param values what it takes, file by file
   */
  record Varying(String name, String pattern, List<String> values) {

    Varying {
      values = List.copyOf(values);
    }
  }

  /** The number of a page or sheet. */
  private static final Pattern PAGE = Pattern.compile("\\p{L}+\\.? \\d+( \\p{L}+ \\d+)?");

  /** Type of one size may differ by this many points. */
  private static final double SAME_HEIGHT = 0.2;

  private final List<List<PageLine>> firstPages = new ArrayList<>();

  /** The lines of the first pages that stand above their tables; all where none do. */
  private final List<List<PageLine>> heads = new ArrayList<>();

  private final List<List<PageLine>> closing = new ArrayList<>();

  VaryingLines(List<SampleFile> files) {
    for (SampleFile file : files) {
      List<PageLine> lines = new ArrayList<>();
      for (PageLine line : file.lines()) {
        if (line.page() == file.lines().get(0).page()) {
          lines.add(line);
        }
      }
      firstPages.add(lines);
      double top = file.firstTop(LabelValues::isBlock);
      List<PageLine> head = lines.stream().filter(l -> l.box().bottom() <= top).toList();
      heads.add(head.isEmpty() ? lines : head);
      closing.add(file.closing());
    }
  }

  /**
   * The phrase in the largest type above the tables that all files share; empty where they share
   * none. The number of a page or sheet, and a heading of a table, tell no kind of report.
   */
  Optional<String> title() {
    Phrase best = null;
    double height = 0;
    for (PageLine line : heads.get(0)) {
      for (Phrase phrase : Phrase.of(line)) {
        boolean everywhere = heads.stream().allMatch(h -> holds(h, phrase.text()));
        boolean words = phrase.text().chars().filter(Character::isLetter).count() > 2;
        boolean label = phrase.text().contains(":") || isPageNumber(phrase.text());
        if (everywhere && words && !label && phrase.box().height() > height + SAME_HEIGHT) {
          best = phrase;
          height = phrase.box().height();
        }
      }
    }
    return Optional.ofNullable(best).map(Phrase::text);
  }

  static boolean isPageNumber(String text) {
    return PAGE.matcher(text).matches();
  }

  private static boolean holds(List<PageLine> lines, String phrase) {
    return lines.stream()
        .flatMap(l -> Phrase.of(l).stream())
        .anyMatch(p -> p.text().equals(phrase));
  }

  /**
   * The values that differ from file to file in lines that are otherwise the same, above the tables
   * of the first page and below the last table.
   *
   * @param above where the first file's tables begin, in points
   * @param titles of its tables, which may be as long as they like
   */
  List<Varying> varying(double above, List<String> titles) {
    List<Varying> found = new ArrayList<>();
    if (firstPages.size() < 2) {
      return found;
    }
    for (PageLine line : firstPages.get(0)) {
      boolean brief = line.words().size() <= MOST_OF_LINE;
      if (line.box().bottom() < above && (brief || titles.contains(line.text()))) {
        varying(line, firstPages).ifPresent(v -> addNew(v, found));
      }
    }
    for (PageLine line : heads.get(0)) {
      if (line.words().size() <= MOST_OF_LINE) {
        named(line).ifPresent(v -> addNew(v, found));
      }
    }
    for (PageLine line : closing.get(0)) {
      if (line.words().size() <= MOST_OF_LINE) {
        varying(line, closing).ifPresent(v -> addNew(v, found));
      }
    }
    return found;
  }

  private static void addNew(Varying varying, List<Varying> found) {
    boolean known =
        found.stream()
            .anyMatch(f -> f.values().equals(varying.values()) || f.name().equals(varying.name()));
    if (!known) {
      found.add(varying);
    }
  }

  /** The shortest part that differs. */
  private static Optional<Varying> varying(PageLine line, List<List<PageLine>> pages) {
    String[] words = line.text().split(" ");
    for (int count = 1; count <= Math.min(MOST_WORDS, words.length - 1); count++) {
      for (int at = 1; at + count <= words.length; at++) {
        Optional<Varying> varying = varying(words, at, count, pages);
        if (varying.isPresent()) {
          return varying;
        }
      }
    }
    return Optional.empty();
  }

  /** A name at the end of a line above the tables that else is the same in all files. */
  private Optional<Varying> named(PageLine line) {
    String[] words = line.text().split(" ");
    for (int at = words.length - 1; at >= LEAST_WORDS_BEFORE_NAME; at--) {
      String before = String.join(" ", List.of(words).subList(0, at));
      List<String> names = differing(before, "", VaryingLines::isName, heads);
      if (!names.isEmpty()) {
        return Optional.of(
            new Varying(nameOfLast(words, at), "^" + quoted(before) + " (.+)$", names));
      }
    }
    return Optional.empty();
  }

  private static boolean isName(String text) {
    return !text.isEmpty()
        && Character.isUpperCase(text.codePointAt(0))
        && text.split(" ").length <= MOST_WORDS
        && text.chars().noneMatch(Character::isDigit);
  }

  /** The field is called like the last word before its value that is long enough to tell. */
  private static String nameOfLast(String[] words, int end) {
    for (int w = end - 1; w > 0; w--) {
      if (words[w].length() >= LEAST_LETTERS_OF_NAME) {
        return name(words[w]);
      }
    }
    return name(words[0]);
  }

  /** The lines right below the title, file by file, where they differ; else none. */
  List<String> belowTitle() {
    List<String> texts = new ArrayList<>();
    Optional<String> title = title();
    for (List<PageLine> page : firstPages) {
      for (int i = 0; title.isPresent() && i + 1 < page.size(); i++) {
        if (page.get(i).text().startsWith(title.get())) {
          texts.add(page.get(i + 1).text());
          break;
        }
      }
    }
    boolean all = texts.size() == firstPages.size();
    return all && texts.stream().distinct().count() > 1 ? texts : List.of();
  }

  private static Optional<Varying> varying(
      String[] words, int at, int count, List<List<PageLine>> pages) {
    String before = String.join(" ", List.of(words).subList(0, at));
    String after = String.join(" ", List.of(words).subList(at + count, words.length));
    String own = String.join(" ", List.of(words).subList(at, at + count));
    if (before.isEmpty() || own.chars().noneMatch(Character::isDigit)) {
      return Optional.empty();
    }
    List<String> values = differing(before, after, text -> true, pages);
    if (values.isEmpty()) {
      return Optional.empty();
    }
    String label = words[at - 1];
    String end = after.isEmpty() ? "$" : " " + quoted(words[at + count]);
    String pattern = quoted(label) + " (.+)" + end;
    return Optional.of(new Varying(name(label), pattern, values));
  }

  /** What stands between two texts, file by file; none where a file lacks it or all have one. */
  private static List<String> differing(
      String before, String after, Predicate<String> wanted, List<List<PageLine>> pages) {
    List<String> values = new ArrayList<>();
    for (List<PageLine> page : pages) {
      page.stream()
          .flatMap(l -> between(l.text(), before, after).stream())
          .filter(wanted)
          .findFirst()
          .ifPresent(values::add);
    }
    boolean all = values.size() == pages.size();
    return all && values.stream().distinct().count() > 1 ? values : List.of();
  }

  private static Optional<String> between(String text, String before, String after) {
    boolean fits =
        text.startsWith(before + " ")
            && text.endsWith(after)
            && text.length() > before.length() + after.length() + 1;
    return fits
        ? Optional.of(text.substring(before.length() + 1, text.length() - after.length()).strip())
        : Optional.empty();
  }

  private static String quoted(String word) {
    return word.replaceAll("([\\\\.\\[\\](){}*+?^$|])", "\\\\$1");
  }

  private static String name(String label) {
    String name = label.toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}]+", "");
    return name.isEmpty() || name.equals("no") ? "number" : name;
  }
}
