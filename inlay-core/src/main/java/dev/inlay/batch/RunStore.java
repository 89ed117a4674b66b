package dev.inlay.batch;

import dev.inlay.extract.FileDigest;
import dev.inlay.rows.FileRun;
import dev.inlay.spec.ReportSpec;
import dev.inlay.write.KeptRunJson;
import dev.inlay.write.KeptRunReader;
import dev.inlay.write.PlacedFile;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;

/**
 * What a run keeps in its output folder, so that a run that was stopped goes on where it was, and
 * one over an unchanged folder need not read its files again: what each file gave, under a key of
 * its content, the spec and the version of Inlay. Safe for several threads.
 */
public final class RunStore {

  private static final String LAST = "last.txt";
  private static final String KEPT = ".json";

  /** Results of these do not change with a password, more time or another try. */
  private static final Set<FileRun.Status> LASTING =
      EnumSet.of(
          FileRun.Status.READ,
          FileRun.Status.INCOMPLETE,
          FileRun.Status.SET_ASIDE,
          FileRun.Status.NO_TEXT);

  private final OutputFolder folder;
  private final String setting;
  private final boolean fresh;
  private final boolean keepsAny;
  private final Map<Path, String> digests = new ConcurrentHashMap<>();
  private final Set<String> used = ConcurrentHashMap.newKeySet();

  /**
   * The store of a folder.
   *
   * @param folder of the results
   * @param spec what is wanted of the files
   * @param more all else that results depend on: the pages, the version of Inlay
   * @param fresh whether what is kept is not used
   */
  public RunStore(OutputFolder folder, ReportSpec spec, String more, boolean fresh) {
    this.folder = folder;
    this.fresh = fresh;
    keepsAny = !fresh && folder.keepsAny(KEPT);
    setting = FileDigest.ofText(KeptRunJson.FORMAT + "\n" + more + "\n" + spec);
  }

  /**
   * What the last run said, where it was over the same files with the same content.
   *
   * @param files of this run
   * @return the lines that {@link #finish} was given; empty where it is to run
   * @throws IOException if the store cannot be read
   */
  public Optional<List<String>> last(List<Path> files) throws IOException {
    Path last = folder.kept(LAST);
    if (fresh || !Files.isRegularFile(last)) {
      return Optional.empty();
    }
    List<String> lines = Files.readAllLines(last, StandardCharsets.UTF_8);
    List<String> contents = files.stream().map(this::digestOf).toList();
    boolean same = !lines.isEmpty() && lines.get(0).equals(keyOfAll(files, contents));
    return same ? Optional.of(lines.subList(1, lines.size())) : Optional.empty();
  }

  /** The digest of a file, read once; empty where nothing is kept that it could be looked up in. */
  String digestOf(Path file) {
    return keepsAny ? digests.computeIfAbsent(file, FileDigest::ofReadable) : "";
  }

  private String keyOfAll(List<Path> files, List<String> contents) {
    StringBuilder all = new StringBuilder(setting);
    for (int i = 0; i < files.size(); i++) {
      all.append('\n').append(files.get(i)).append('\n').append(contents.get(i));
    }
    return FileDigest.ofText(all.toString());
  }

  /**
   * What an earlier run made of a file of this name and content.
   *
   * @return empty where it is to be read
   */
  Optional<FileRun> kept(Path file, String sha256) {
    String name = name(file, sha256);
    Path place = folder.kept(name);
    if (fresh || !Files.isRegularFile(place)) {
      return Optional.empty();
    }
    try (InputStream in = Files.newInputStream(place)) {
      FileRun run = KeptRunReader.read(in, file);
      used.add(name);
      return Optional.of(run);
    } catch (IOException e) {
      return Optional.empty(); // what cannot be read is made anew
    }
  }

  /**
   * Keeps what was made of a file.
   *
   * @throws IOException if it cannot be written
   */
  void keep(FileRun run) throws IOException {
    if (run.sha256().isEmpty() || !LASTING.contains(run.status())) {
      return;
    }
    String name = name(run.path(), run.sha256());
    try (PlacedFile draft = PlacedFile.begin(folder.kept(name), true)) {
      KeptRunJson.write(run, draft.stream());
      draft.place();
    }
    used.add(name);
  }

  private String name(Path file, String sha256) {
    return FileDigest.ofText(setting + "\n" + file.getFileName() + "\n" + sha256) + KEPT;
  }

  /**
   * Ends a run that wrote all its files: what no file of it needed any more is removed.
   *
   * @param runs what it made of its files
   * @param said what a run over the same files would say again
   * @throws IOException if the store cannot be written
   */
  public void finish(List<FileRun> runs, List<String> said) throws IOException {
    folder.finish(KEPT, used);
    if (runs.stream().allMatch(r -> LASTING.contains(r.status()))) {
      List<Path> paths = runs.stream().map(FileRun::path).toList();
      String key = keyOfAll(paths, runs.stream().map(FileRun::sha256).toList());
      folder.keep(LAST, key + "\n" + String.join("\n", said) + "\n");
    } else {
      Files.deleteIfExists(folder.kept(LAST));
    }
  }
}
