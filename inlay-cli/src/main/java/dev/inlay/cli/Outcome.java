package dev.inlay.cli;

import dev.inlay.extract.DocumentStatus;
import dev.inlay.extract.DocumentTables;
import dev.inlay.extract.Problem;
import dev.inlay.model.Table;
import dev.inlay.model.Warning;
import java.io.IOException;
import java.nio.file.AccessDeniedException;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Reports, a line each, what went wrong or is doubtful, and knows the exit code that follows. */
final class Outcome {

  /**
   * More warnings of one file than this are counted, not listed: the files written hold them all.
   */
  private static final int MOST_WARNINGS = 5;

  private final Terminal terminal;
  private final boolean quiet;
  private final Set<Path> inputs = new HashSet<>();
  private boolean inputFailed;
  private boolean outputFailed;
  private boolean findings;

  Outcome(Terminal terminal) {
    this(terminal, false);
  }

  /** With {@code quiet} only what could not be read or written is reported. */
  Outcome(Terminal terminal, boolean quiet) {
    this.terminal = terminal;
    this.quiet = quiet;
  }

  /** Reports a document's problems and the doubts about its tables. */
  void report(DocumentTables document) {
    reportProblems(document.path(), document.status(), document.problems());
    reportWarnings(document);
    boolean readable = document.pages() > 0;
    findings |= readable && document.tables().isEmpty();
    boolean explained =
        document.problems().stream()
            .anyMatch(p -> p.code().equals("no-such-table") || p.code().equals("no-such-text"));
    if (readable && document.tables().isEmpty() && !explained && !quiet) {
      terminal.message(
          document.path()
              + ": no table found on the pages read; look at it, or name its pages with --pages");
    }
  }

  /** Reports what kept a file from being read. */
  void reportProblems(Path file, DocumentStatus status, List<Problem> problems) {
    int possible = 0;
    List<Integer> pictures = pictures(problems);
    for (Problem problem : quiet ? failures(status, problems) : problems) {
      if (pictures.size() > 1 && problem.code().equals(Problem.IMAGE_ONLY_PAGE)) {
        if (problem.page().orElse(0) == pictures.get(0)) {
          terminal.message(
              file
                  + ": pages "
                  + PageRanges.of(pictures)
                  + " hold pictures and no text; run text recognition on them");
        }
        continue;
      }
      possible += problem.isPossibleTable() ? 1 : 0;
      if (!problem.isPossibleTable() || possible <= MOST_WARNINGS) {
        terminal.message(file + ": " + problem.message());
      }
    }
    if (possible > MOST_WARNINGS) {
      terminal.message(
          file + ": " + (possible - MOST_WARNINGS) + " more places that may be tables");
    }
    boolean lacksPages = problems.stream().anyMatch(p -> p.code().equals(Problem.NO_SUCH_PAGE));
    inputFailed |= status.isFailure() || lacksPages;
  }

  /** The pages that are pictures: they are reported in one line. */
  private static List<Integer> pictures(List<Problem> problems) {
    return problems.stream()
        .filter(p -> p.code().equals(Problem.IMAGE_ONLY_PAGE) && p.page().isPresent())
        .map(p -> p.page().getAsInt())
        .sorted()
        .toList();
  }

  /** The problems by which some of a file could not be read. */
  private static List<Problem> failures(DocumentStatus status, List<Problem> problems) {
    return problems.stream()
        .filter(p -> status.isFailure() || p.code().equals(Problem.NO_SUCH_PAGE))
        .filter(p -> !p.isPossibleTable() && !p.isNote())
        .toList();
  }

  private void reportWarnings(DocumentTables document) {
    if (quiet) {
      return;
    }
    int reported = 0;
    int all = 0;
    for (Table table : document.tables()) {
      for (Warning warning : table.warnings()) {
        all++;
        if (reported < MOST_WARNINGS) {
          reported++;
          terminal.message(
              document.path()
                  + ": page "
                  + warning.page()
                  + ", table "
                  + table.id()
                  + ": "
                  + warning.message()
                  + " ("
                  + warning.code().code()
                  + "); look at the page");
        }
      }
    }
    if (all > reported) {
      terminal.message(
          document.path() + ": " + (all - reported) + " more warnings; --to json lists them");
    }
  }

  /** Reports a folder that cannot be looked through. */
  void folderUnreadable(Path folder) {
    inputFailed = true;
    terminal.message(folder + ": cannot be looked through; check its permissions");
  }

  /** Reports a folder or a pattern in which no PDF file was found, beside others. */
  void nothingFound(String name) {
    inputFailed = true;
    terminal.message("no PDF file in " + name);
  }

  /** Reports that files were written. */
  void wrote(Path file, int tables) {
    if (quiet) {
      return;
    }
    terminal.message("wrote " + file + " (" + tables + (tables == 1 ? " table)" : " tables)"));
  }

  /** Reports that a file was written. */
  void wrote(Path file) {
    if (quiet) {
      return;
    }
    terminal.message("wrote " + file);
  }

  /** Reports that files were written into a folder. */
  void wrote(Path folder, List<Path> files) {
    if (quiet) {
      return;
    }
    String names = String.join(", ", files.stream().map(f -> f.getFileName().toString()).toList());
    terminal.message("wrote to " + folder + ": " + names);
  }

  /** Names files in a folder that are not of this run; says nothing where there are none. */
  void leftBehind(Path folder, List<Path> files) {
    if (!files.isEmpty()) {
      terminal.message(
          folder
              + " also holds files that this run did not write, perhaps of an earlier one: "
              + String.join(", ", files.stream().map(Path::toString).toList()));
    }
  }

  /** Notes that something was found that matters; what, was reported. */
  void findings() {
    findings = true;
  }

  /** Notes that some input could not be read; why, was reported. */
  void inputFailed() {
    inputFailed = true;
  }

  /** Reports that a file could not be written, and why. */
  void outputFailed(Path file, Exception cause) {
    outputFailed = true;
    terminal.message(file + ": " + reason(file, cause));
  }

  private static String reason(Path file, Exception cause) {
    if (cause instanceof FileAlreadyExistsException) {
      return "exists; add --overwrite to replace it, or name another";
    }
    if (cause instanceof AccessDeniedException) {
      return "cannot be written; check the permissions of its folder";
    }
    if (cause instanceof NoSuchFileException) {
      return "cannot be written: there is no folder " + file.toAbsolutePath().getParent();
    }
    if (cause instanceof IOException) {
      return "cannot be written: " + cause.getMessage();
    }
    return cause.getMessage();
  }

  /** Notes files that the command reads: none of them is ever written. */
  void reads(Collection<Path> files) {
    files.forEach(f -> realPath(f).ifPresent(inputs::add));
  }

  /** Whether the command reads a file, under whatever name. */
  boolean isInput(Path file) {
    return realPath(file).filter(inputs::contains).isPresent();
  }

  private static Optional<Path> realPath(Path file) {
    try {
      return Optional.of(file.toRealPath());
    } catch (IOException e) {
      return Optional.empty(); // what is not there is neither read nor in the way
    }
  }

  /** Notes what follows from something that was reported elsewhere. */
  void add(int code) {
    outputFailed |= code == ExitCode.OUTPUT;
    inputFailed |= code == ExitCode.INPUT;
    findings |= code == ExitCode.FINDINGS;
  }

  /** Reports that another command writes into a folder. */
  void inUse(Path folder) {
    outputFailed = true;
    terminal.message(folder + ": another command writes here; wait for it, or name another folder");
  }

  /** The worst of what happened. */
  int exitCode() {
    if (outputFailed) {
      return ExitCode.OUTPUT;
    }
    if (inputFailed) {
      return ExitCode.INPUT;
    }
    return findings ? ExitCode.FINDINGS : ExitCode.OK;
  }
}
