package dev.inlay.cli;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.cli.Program.Result;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Runs the commands of docs/FIRST-HOUR.md in their order and compares what they print. */
class FirstHourIT {

  private static final Pattern BLOCK = Pattern.compile("(?s)```(console|yaml)\\n(.*?)```");

  /** Stands for lines that are not shown. */
  private static final String MORE = "...";

  private static final String COMMAND = "$ inlay ";

  @TempDir private Path folder;

  @Test
  void theFirstHourIsAsItIsReported() throws Exception {
    Files.createDirectory(folder.resolve("reports"));
    for (String month : List.of("03", "04", "05")) {
      String name = "cash-book-2025-" + month + ".pdf";
      Files.copy(Program.SAMPLES.resolve(name), folder.resolve("reports").resolve(name));
    }
    String page = Files.readString(Program.SAMPLES.resolve("../docs/FIRST-HOUR.md"));
    Matcher block = BLOCK.matcher(page);
    int commands = 0;
    while (block.find()) {
      List<String> lines = block.group(2).lines().toList();
      if (block.group(1).equals("yaml")) {
        holds(lines, Files.readAllLines(folder.resolve("cash-book.yaml")));
      } else {
        commands += run(lines);
      }
    }
    assertThat(commands).isEqualTo(7);
  }

  /** Runs the commands of a block, each with what it prints below it. */
  private int run(List<String> lines) throws Exception {
    int commands = 0;
    for (int i = 0; i < lines.size(); ) {
      assertThat(lines.get(i)).startsWith(COMMAND);
      int end = i + 1;
      while (end < lines.size() && !lines.get(end).startsWith("$ ")) {
        end++;
      }
      Object[] args = lines.get(i).substring(COMMAND.length()).split(" ");
      Result result = Program.run(folder, args);
      List<String> printed = new ArrayList<>(result.out().lines().toList());
      printed.addAll(result.messages());
      matches(lines.get(i), lines.subList(i + 1, end), printed);
      commands++;
      i = end;
    }
    return commands;
  }

  /** Whether lines are what a command printed, but for those that are not shown. */
  private static void matches(String command, List<String> shown, List<String> printed) {
    StringBuilder pattern = new StringBuilder();
    for (String line : shown) {
      pattern.append(line.equals(MORE) ? "(?:[^\\n]*\\n)*?" : Pattern.quote(line + "\n"));
    }
    assertThat(String.join("\n", printed) + "\n")
        .as(command)
        .matches(Pattern.compile(pattern.toString()));
  }

  /** Whether lines stand in a file in this order; one that ends with dots goes on there. */
  private static void holds(List<String> shown, List<String> file) {
    int at = 0;
    for (String line : shown) {
      String begins = line.endsWith(MORE) ? line.substring(0, line.length() - 3) : line;
      while (at < file.size()
          && !(line.endsWith(MORE) ? file.get(at).startsWith(begins) : file.get(at).equals(line))) {
        at++;
      }
      assertThat(at).as("'%s' stands in the draft", line).isLessThan(file.size());
    }
  }
}
