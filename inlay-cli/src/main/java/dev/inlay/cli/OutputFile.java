package dev.inlay.cli;

import dev.inlay.write.PlacedFile;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;

/** Puts one file in place whole, or says why it cannot. */
final class OutputFile {

  /** Writes the content of a file. */
  interface Content {
    void writeTo(OutputStream out) throws IOException;
  }

  private OutputFile() {}

  /** Whether nothing stands in the way of a file, asked before long work is done for nothing. */
  static boolean isFree(Path goal, boolean overwrite, Outcome outcome) {
    if (!overwrite && Files.exists(goal)) {
      outcome.outputFailed(goal, new FileAlreadyExistsException(goal.toString()));
      return false;
    }
    Path folder = goal.toAbsolutePath().getParent();
    if (folder != null && !Files.isDirectory(folder)) {
      outcome.outputFailed(goal, new NoSuchFileException(goal.toString()));
      return false;
    }
    return true;
  }

  /** Writes a file; false, and told, where that fails. */
  static boolean write(Path goal, boolean overwrite, Content content, Outcome outcome) {
    try (PlacedFile file = PlacedFile.begin(goal, overwrite)) {
      content.writeTo(file.stream());
      file.place();
      return true;
    } catch (IOException e) {
      outcome.outputFailed(goal, e);
      return false;
    }
  }
}
