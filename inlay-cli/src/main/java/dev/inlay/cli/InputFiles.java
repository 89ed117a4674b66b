package dev.inlay.cli;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Spec;

/**
 * The PDF files that a command reads, and how many of them at a time: files, folders for all in
 * them and below, patterns, and lists of such names.
 */
final class InputFiles {

  /** What a parameter of such a command is called. */
  static final String LABEL = "FILE|FOLDER|PATTERN";

  /** How the help describes it. */
  static final String DESCRIPTION =
      "PDF files; folders, for all PDF files in them and below; or patterns in quotes, as"
          + " 'reports/**/2026-*.pdf'.";

  @Option(
      names = "--from",
      paramLabel = "LIST",
      description =
          "Read more names from this file, one on each line; - reads them from standard input.")
  private String list;

  @Option(
      names = "--jobs",
      paramLabel = "N",
      description = "How many files are worked on at a time (default: one for each processor).")
  private Integer jobs;

  @Spec(Spec.Target.MIXEE)
  private CommandSpec command;

  /**
   * How many files are worked on at a time.
   *
   * @throws ParameterException where it is less than one
   */
  int jobs() {
    if (jobs != null && jobs < 1) {
      throw new ParameterException(command.commandLine(), "--jobs: " + jobs + " is less than 1");
    }
    return jobs == null ? Runtime.getRuntime().availableProcessors() : jobs;
  }

  /**
   * The files, each once: in the order in which they are named, those of a folder or a pattern in
   * the order of their names. What cannot be looked through is reported.
   *
   * @param named the parameters of the command; null where it has none
   * @throws ParameterException where no file is left
   */
  List<Path> of(List<String> named, Outcome outcome) {
    List<String> all = new ArrayList<>(named == null ? List.of() : named);
    if (list != null) {
      all.addAll(listed());
    }
    if (all.isEmpty()) {
      String none = list == null ? "name the PDF files to read" : "the list " + list + " is empty";
      throw new ParameterException(command.commandLine(), none);
    }
    Set<Path> files = new LinkedHashSet<>();
    List<String> empty = new ArrayList<>();
    for (String name : all) {
      List<Path> found = files(name, outcome);
      files.addAll(found);
      if (found.isEmpty()) {
        empty.add(name);
      }
    }
    if (files.isEmpty()) {
      throw new ParameterException(command.commandLine(), "no PDF file in " + all.get(0));
    }
    empty.forEach(outcome::nothingFound);
    outcome.reads(files);
    return List.copyOf(files);
  }

  private List<Path> files(String name, Outcome outcome) {
    try {
      boolean pattern = FileSearch.isPattern(name) && !Files.exists(Path.of(name));
      if (!pattern && !Files.isDirectory(Path.of(name))) {
        return List.of(Path.of(name));
      }
      FileSearch search = pattern ? FileSearch.matching(name) : FileSearch.below(Path.of(name));
      search.unreadable().forEach(outcome::folderUnreadable);
      return search.found();
    } catch (IllegalArgumentException e) {
      throw new ParameterException(
          command.commandLine(), "'" + name + "' is no name of a file: " + e.getMessage(), e);
    }
  }

  private List<String> listed() {
    try (BufferedReader reader =
        list.equals("-")
            ? new BufferedReader(new InputStreamReader(System.in, StandardCharsets.UTF_8))
            : Files.newBufferedReader(Path.of(list))) {
      return reader.lines().map(String::strip).filter(line -> !line.isEmpty()).toList();
    } catch (IOException | UncheckedIOException | InvalidPathException e) {
      throw new ParameterException(
          command.commandLine(), "--from: " + list + " cannot be read: " + e.getMessage(), e);
    }
  }
}
