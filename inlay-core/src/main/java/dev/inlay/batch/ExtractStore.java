package dev.inlay.batch;

import dev.inlay.extract.DocumentStatus;
import dev.inlay.extract.DocumentTables;
import dev.inlay.extract.FileDigest;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * What an extraction keeps in its output folder: of each file that is done which files it gave and
 * what was said of it, so that one that was stopped goes on where it was.
 */
public final class ExtractStore {

  /** The name of the format; it changes with its content. */
  private static final String FORMAT = "inlay-done/1";

  private static final String DONE = ".done";

  /**
   * What was done with a file.
   *
   * @param exitCode that follows from it
   * @param written the names of the files that it gave
   * @param said the messages of it, a line each
   */
  public record Done(int exitCode, List<String> written, List<String> said) {

    /** Keeps copies that cannot change. */
    public Done {
      written = List.copyOf(written);
      said = List.copyOf(said);
    }
  }

  private final OutputFolder folder;
  private final String setting;
  private final boolean keepsAny;
  private final Set<String> used = new HashSet<>();

  /**
   * The store of a folder.
   *
   * @param folder of the results
   * @param setting all that results depend on but the files: the options, the version of Inlay
   * @param fresh whether what is kept is not used
   */
  public ExtractStore(OutputFolder folder, String setting, boolean fresh) {
    this.folder = folder;
    this.setting = FORMAT + "\n" + setting;
    keepsAny = !fresh && folder.keepsAny(DONE);
  }

  /**
   * What an earlier command did with a file of this name and content, if all that it gave is there.
   *
   * @return empty where it is to be read
   */
  public Optional<Done> done(Path file) {
    String digest = keepsAny ? FileDigest.ofReadable(file) : "";
    String name = name(file, digest);
    Path place = folder.kept(name);
    if (digest.isEmpty() || !Files.isRegularFile(place)) {
      return Optional.empty();
    }
    try {
      Done done = read(Files.readAllLines(place, StandardCharsets.UTF_8));
      if (!done.written.stream().allMatch(n -> folder.isOwn(folder.result(n)))) {
        return Optional.empty();
      }
      used.add(name);
      return Optional.of(done);
    } catch (IOException | NumberFormatException | IndexOutOfBoundsException e) {
      return Optional.empty(); // what cannot be read is made anew
    }
  }

  /** The exit code, how many files there are, these, and what was said. */
  private static Done read(List<String> lines) {
    int files = Integer.parseInt(lines.get(1));
    return new Done(
        Integer.parseInt(lines.get(0)),
        lines.subList(2, 2 + files),
        lines.subList(2 + files, lines.size()));
  }

  /**
   * Keeps what was done with a file; nothing where more time or a password might change it.
   *
   * @throws IOException if it cannot be written
   */
  public void keep(DocumentTables document, Done done) throws IOException {
    boolean lasting =
        document.status() == DocumentStatus.OK || document.status() == DocumentStatus.NO_TEXT;
    if (!lasting || document.sha256().isEmpty()) {
      return;
    }
    List<String> lines = new ArrayList<>();
    lines.add("" + done.exitCode());
    lines.add("" + done.written().size());
    lines.addAll(done.written());
    lines.addAll(done.said());
    String name = name(document.path(), document.sha256());
    folder.keep(name, String.join("\n", lines) + "\n");
    used.add(name);
  }

  private String name(Path file, String sha256) {
    return FileDigest.ofText(setting + "\n" + file + "\n" + sha256) + DONE; // messages name it so
  }

  /**
   * Ends a command that came to its end: what no file of it needed any more is removed.
   *
   * @throws IOException if the store cannot be written
   */
  public void finish() throws IOException {
    folder.finish(DONE, used);
  }
}
