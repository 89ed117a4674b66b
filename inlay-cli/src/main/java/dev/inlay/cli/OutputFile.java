package dev.inlay.cli;

import dev.inlay.batch.OutputFolder;
import dev.inlay.write.PlacedFile;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.Optional;

/** Puts one file in place whole, or says why it cannot. */
final class OutputFile {

  /** Writes the content of a file. */
  interface Content {
    void writeTo(OutputStream out) throws IOException;
  }

  private OutputFile() {}

  /** Whether nothing stands in the way of a file, asked before long work is done for nothing. */
  static boolean isFree(Path goal, boolean overwrite, Outcome outcome) {
    if (outcome.isInput(goal)) {
      outcome.outputFailed(goal, new IOException("the command reads it; name another file"));
      return false;
    }
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

  /** Opens a folder for results; null, and reported, where it cannot be had. */
  static OutputFolder folder(Path folder, Outcome outcome) {
    try {
      Optional<OutputFolder> opened = OutputFolder.open(folder);
      if (opened.isEmpty()) {
        outcome.inUse(folder);
      }
      return opened.orElse(null);
    } catch (IOException e) {
      outcome.outputFailed(folder, e);
      return null;
    }
  }

  /** Writes a file; false, and reported, where that fails. */
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
