package dev.inlay.cli;

import dev.inlay.batch.RunStore;
import dev.inlay.rows.RunResult;
import dev.inlay.write.OwnFiles;
import dev.inlay.write.RunFiles;
import dev.inlay.write.TooLargeException;
import java.io.IOException;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * Where the results of a run go, and what is kept there for the next one.
 *
 * @param out the file or folder that was named
 * @param results the files that are written
 * @param overwrite whether files that stand there are replaced
 * @param own those that are replaced in any case
 * @param store what is kept; none where nothing is
 * @param terminal for what the last run said
 * @param outcome takes what fails
 */
record RunOutput(
    Path out,
    RunFiles results,
    boolean overwrite,
    OwnFiles own,
    Optional<RunStore> store,
    Terminal terminal,
    Outcome outcome) {

  /** One file, beside which nothing is kept. */
  static RunOutput ofFile(
      Path out, RunFiles results, boolean overwrite, Terminal terminal, Outcome outcome) {
    return new RunOutput(
        out, results, overwrite, OwnFiles.NONE, Optional.empty(), terminal, outcome);
  }

  /** Whether nothing stands in the way of any file; the folder is made where there is none. */
  boolean isFree() {
    boolean free = true;
    for (Path goal : results.goals()) {
      Path folder = goal.toAbsolutePath().getParent();
      try {
        if (!folder.equals(out.toAbsolutePath().getParent())) {
          Files.createDirectories(folder);
        }
      } catch (IOException e) {
        outcome.outputFailed(folder, e);
        return false;
      }
      free &= OutputFile.isFree(goal, overwrite || own.isOwn(goal), outcome);
    }
    return free;
  }

  /** The exit status of the last run, where nothing has changed and its results are all there. */
  OptionalInt exitCodeOfLast(List<Path> files) throws IOException {
    Optional<List<String>> last = store.isPresent() ? store.get().last(files) : Optional.empty();
    if (last.isEmpty() || !results.goals().stream().allMatch(own::isOwn)) {
      return OptionalInt.empty();
    }
    List<String> lines = last.get();
    lines.subList(1, lines.size()).forEach(terminal.out()::println);
    terminal.message(out + " is up to date: no report, spec or version changed");
    outcome.leftBehind(out, results.leftBehind(results.goals()));
    return OptionalInt.of(Integer.parseInt(lines.get(0)));
  }

  /** Writes all files; false, and reported, where that fails. */
  boolean write(RunResult result) {
    try {
      List<Path> written = results.write(result, overwrite, own);
      if (written.size() == 1) {
        outcome.wrote(written.get(0));
      } else {
        outcome.wrote(out, written);
      }
      outcome.leftBehind(out, results.leftBehind(written));
      return true;
    } catch (FileAlreadyExistsException e) {
      outcome.outputFailed(Path.of(e.getFile()), e);
    } catch (IOException | TooLargeException e) {
      outcome.outputFailed(out, e);
    }
    return false;
  }

  /** Keeps what the next run over the same files would say again. */
  void keep(RunResult result, int exitCode, List<String> summary) {
    if (store.isEmpty()) {
      return;
    }
    List<String> said = new ArrayList<>(List.of("" + exitCode));
    said.addAll(summary);
    try {
      store.get().finish(result.files(), said);
    } catch (IOException e) {
      outcome.outputFailed(out, e);
    }
  }
}
