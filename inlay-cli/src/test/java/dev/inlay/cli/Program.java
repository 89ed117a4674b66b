package dev.inlay.cli;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;

/** Runs the built program as a process in a folder. */
final class Program {

  static final Path DISTRIBUTION = Path.of(System.getProperty("inlay.distribution"));
  static final Path SAMPLES = Path.of(System.getProperty("inlay.samples"));

  private static final long LONGEST_RUN_SECONDS = 120;

  /** What a run gave. */
  record Result(int code, String out, String err) {

    /** The messages of the program itself. */
    List<String> messages() {
      return err.lines().filter(l -> !l.contains("preparing for this Java")).toList();
    }
  }

  private Program() {}

  static Result run(Path folder, Object... args) throws IOException, InterruptedException {
    return runWith(DISTRIBUTION.resolve("bin/inlay"), folder, null, args);
  }

  /** Runs the program with a text on its standard input. */
  static Result runOn(String input, Path folder, Object... args)
      throws IOException, InterruptedException {
    return run(DISTRIBUTION.resolve("bin/inlay"), folder, null, input, args);
  }

  /** Runs a launcher; where a terminal width is given, as if the output were a terminal. */
  static Result runWith(Path launcher, Path folder, String terminalWidth, Object... args)
      throws IOException, InterruptedException {
    return run(launcher, folder, terminalWidth, "", args);
  }

  private static Result run(
      Path launcher, Path folder, String terminalWidth, String input, Object... args)
      throws IOException, InterruptedException {
    List<String> command = new ArrayList<>(List.of(launcher.toString()));
    for (Object arg : args) {
      command.add(arg.toString());
    }
    Path out = Files.createTempFile("inlay", ".out");
    Path err = Files.createTempFile("inlay", ".err");
    try {
      ProcessBuilder builder =
          new ProcessBuilder(command)
              .directory(folder.toFile())
              .redirectOutput(out.toFile())
              .redirectError(err.toFile());
      builder.environment().remove("INLAY_PASSWORD");
      if (terminalWidth != null) {
        builder.environment().put("INLAY_TERMINAL_WIDTH", terminalWidth);
      }
      Process process = builder.start();
      try (OutputStream toProcess = process.getOutputStream()) {
        toProcess.write(input.getBytes(StandardCharsets.UTF_8));
      }
      if (!process.waitFor(LONGEST_RUN_SECONDS, TimeUnit.SECONDS)) {
        process.destroyForcibly();
        throw new IllegalStateException("still running: " + command);
      }
      return new Result(
          process.exitValue(),
          Files.readString(out, StandardCharsets.UTF_8),
          Files.readString(err, StandardCharsets.UTF_8));
    } finally {
      Files.delete(out);
      Files.delete(err);
    }
  }
}
