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
      return Optional.of(SpecReader.read(Files.readString(file), folder(file)));
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

  /** The folder that a spec lies in. */
  static Path folder(Path file) {
    Path parent = file.toAbsolutePath().getParent();
    return parent == null ? Path.of(".") : parent;
  }

  /**
   * The password for locked files: the one given with the command, else the one at the place that
   * the spec names.
   *
   * @throws IOException if the file that the spec names cannot be read
   */
  static String password(ReportSpec spec, String given, Path specFile) throws IOException {
    if (!given.isEmpty() || spec.password().isEmpty()) {
      return given;
    }
    PasswordSource source = spec.password().get();
    if (!source.file().isEmpty()) {
      return Files.readString(folder(specFile).resolve(source.file())).strip();
    }
    return Optional.ofNullable(System.getenv(source.variable())).orElse("");
  }
}
