package dev.inlay.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** All messages, help texts and documents are in the same plain words. */
class WordingTest {

  private static final Path ROOT = Path.of("..").toAbsolutePath().normalize();

  /** A word to avoid, and the one to use. */
  private record Rule(Pattern avoided, String instead) {
    Rule(String avoided, String instead) {
      this(Pattern.compile("(?i)\\b(" + avoided + ")\\b"), instead);
    }
  }

  private static final List<Rule> RULES =
      List.of(
          new Rule("is told|are told|was told|be told|told as|tells the", "reported, says"),
          new Rule("reckon(s|ed|ing)?", "calculate"),
          new Rule("mend(s|ed|ing)?", "fix"),
          new Rule("so many", "at least N"),
          new Rule("is no (YAML|PDF|number|date) ", "is not a valid"),
          new Rule("null", "what is missing, in words"));

  private static final Pattern LITERAL = Pattern.compile("\"((?:[^\"\\\\\n]|\\\\.)*)\"");

  /** Literals that hold a space are for people; others are keys, codes and patterns. */
  private static final Pattern SENTENCE = Pattern.compile("[\\p{L}',;: ]*\\p{L}+ \\p{L}+.*");

  @Test
  void messagesAndHelpAreInPlainWords() throws IOException {
    List<String> broken = new ArrayList<>();
    for (String module : List.of("inlay-core", "inlay-cli")) {
      for (Path file : files(ROOT.resolve(module).resolve("src/main/java"), ".java")) {
        LITERAL
            .matcher(Files.readString(file))
            .results()
            .map(literal -> literal.group(1))
            .filter(text -> SENTENCE.matcher(text).matches())
            .forEach(text -> check(file, text, broken));
      }
    }
    assertThat(broken).isEmpty();
  }

  @Test
  void documentsAreInPlainWords() throws IOException {
    List<String> broken = new ArrayList<>();
    List<Path> documents = new ArrayList<>(files(ROOT.resolve("docs"), ".md"));
    documents.addAll(
        Stream.of("README.md", "ARCHITECTURE.md", "CHANGELOG.md").map(ROOT::resolve).toList());
    assertThat(documents).hasSizeGreaterThan(8);
    for (Path document : documents) {
      check(document, Files.readString(document), broken);
    }
    assertThat(broken).isEmpty();
  }

  @Test
  void aMessageIsOneSentenceWithoutAFullStop() throws IOException {
    Pattern message = Pattern.compile("\\.message\\(\\s*\"((?:[^\"\\\\\n]|\\\\.)*)\"\\s*\\)");
    List<String> ended = new ArrayList<>();
    for (Path file : files(ROOT.resolve("inlay-cli/src/main/java"), ".java")) {
      message
          .matcher(Files.readString(file))
          .results()
          .map(found -> found.group(1))
          .filter(text -> text.endsWith("."))
          .forEach(ended::add);
    }
    assertThat(ended).isEmpty();
  }

  @Test
  void aWordToAvoidIsSeen() {
    List<String> broken = new ArrayList<>();
    check(Path.of("a.md"), "The sum is told,\nand reckoned anew.", broken);
    assertThat(broken).hasSize(2);
  }

  private static void check(Path file, String text, List<String> broken) {
    String line = text.replaceAll("\\s+", " ");
    for (Rule rule : RULES) {
      rule.avoided()
          .matcher(line)
          .results()
          .map(MatchResult::group)
          .forEach(
              word -> broken.add(file.getFileName() + ": '" + word + "'; write " + rule.instead()));
    }
  }

  private static List<Path> files(Path folder, String ending) throws IOException {
    try (Stream<Path> all = Files.walk(folder)) {
      return all.filter(f -> f.toString().endsWith(ending)).sorted().toList();
    }
  }
}
