package dev.inlay.cli;

import dev.inlay.write.TableFormat;
import java.io.IOException;
import java.nio.file.Path;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Spec;

/** Where a command that lists things writes them, and in which format. */
final class ListOutput {

  @Option(
      names = {"-o", "--out"},
      paramLabel = "OUT",
      description = "Write to this file; its ending says the format.")
  private Path out;

  @Option(names = "--to", paramLabel = "FORMAT", description = "The format: text, csv or json.")
  private String to;

  @Option(names = "--overwrite", description = "Replace a file that exists.")
  private boolean overwrite;

  @Spec(Spec.Target.MIXEE)
  private CommandSpec spec;

  /**
   * The format asked for.
   *
   * @throws ParameterException where there is no such format
   */
  TableFormat format() {
    return ListFormats.choose(to, out, spec.commandLine());
  }

  /** Whether it goes to standard output. */
  boolean isShown() {
    return out == null;
  }

  /** Whether nothing stands in the way of the file, asked before long work is done for nothing. */
  boolean isFree(Outcome outcome) {
    return out == null || OutputFile.isFree(out, overwrite, outcome);
  }

  /** Writes to the file, or to standard output; false where that failed and was reported. */
  boolean write(OutputFile.Content content, Terminal terminal, Outcome outcome) throws IOException {
    if (out == null) {
      content.writeTo(terminal.out());
      return true;
    }
    return OutputFile.write(out, overwrite, content, outcome);
  }

  /** The file; null for standard output. */
  Path file() {
    return out;
  }
}
