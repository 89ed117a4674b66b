package dev.inlay.cli;

import dev.inlay.spec.ReportSpec;
import dev.inlay.spec.ReportSpec.PasswordSource;
import dev.inlay.spec.SpecException;
import dev.inlay.spec.SpecMessage;
import dev.inlay.spec.SpecReader;
import java.io.IOException;
import java.nio.charset.CharacterCodingException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.Optional;

/** A spec file that a person names. */
final class SpecFile {

  private SpecFile() {}

  /** Reads a spec; where it cannot be used, says all that is wrong and gives none. */
  static Optional<ReportSpec> read(Path file, Terminal terminal) {
    try {
      return Optional.of(SpecReader.read(text(file), folder(file)));
    } catch (SpecException e) {
      for (SpecMessage message : e.messages()) {
        terminal.message(
            file + ":" + message.line() + ":" + message.column() + ": " + message.text());
      }
    } catch (NoSuchFileException e) {
      terminal.message(file + ": there is no such file; inlay draft writes a spec from reports");
    } catch (CharacterCodingException e) {
      terminal.message(file + ": is no text in UTF-8; name the spec first, then the reports");
    } catch (IOException e) {
      terminal.message(file + ": cannot be read: " + e.getMessage());
    }
    return Optional.empty();
  }

  /** The text of a file; one without an end, as a pipe may be, is not read. */
  private static String text(Path file) throws IOException {
    if (Files.exists(file) && !Files.isRegularFile(file)) {
      throw new IOException("it is no regular file");
    }
    return Files.readString(file);
  }

  /** The folder that a spec lies in. */
  static Path folder(Path file) {
    Path parent = file.toAbsolutePath().getParent();
    return parent == null ? Path.of(".") : parent;
  }

  /**
   * The password for locked files: the one given with the command, else the one at the place that
   * the spec names.
   *
   * @return empty, and reported, where the file that the spec names cannot be read
   */
  static Optional<String> password(
      ReportSpec spec, String given, Path specFile, Terminal terminal) {
    if (!given.isEmpty() || spec.password().isEmpty()) {
      return Optional.of(given);
    }
    PasswordSource source = spec.password().get();
    if (source.file().isEmpty()) {
      return Optional.of(Optional.ofNullable(System.getenv(source.variable())).orElse(""));
    }
    Path file = folder(specFile).resolve(source.file());
    try {
      return Optional.of(text(file).strip());
    } catch (IOException e) {
      terminal.message(
          file + ": cannot be read, and " + specFile + " names it under 'password'; put it there");
      return Optional.empty();
    }
  }
}
