package dev.inlay.batch;

import dev.inlay.extract.FileDigest;
import dev.inlay.rows.FileRun;
import dev.inlay.spec.ReportSpec;
import dev.inlay.write.KeptRunJson;
import dev.inlay.write.KeptRunReader;
import dev.inlay.write.OwnFiles;
import dev.inlay.write.PlacedFile;
import java.io.Closeable;
import java.io.IOException;
import java.io.InputStream;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Predicate;
import java.util.stream.Stream;

/**
 * What a run keeps in its output folder, so that a run that was stopped goes on where it was, and
 * one over an unchanged folder need not read its files again: what each file gave, under a key of
 * its content, the spec and the version of Inlay; and the digests of the files that it wrote. Safe
 * for several threads; one run at a time has it.
 */
public final class RunStore implements OwnFiles, Closeable {

  /** The folder's name; its content is described in docs/COMMANDS.md. */
  public static final String FOLDER = ".inlay";

  private static final String LOCK = "lock";
  private static final String WRITTEN = "written.sha256";
  private static final String LAST = "last.txt";
  private static final String KEPT = ".json";

  /** Results of these do not change with a password, more time or another try. */
  private static final Set<FileRun.Status> LASTING =
      EnumSet.of(
          FileRun.Status.READ,
          FileRun.Status.INCOMPLETE,
          FileRun.Status.SET_ASIDE,
          FileRun.Status.NO_TEXT);

  private final Path output;
  private final Path folder;
  private final String setting;
  private final boolean fresh;
  private final FileChannel lock;
  private final Map<Path, String> written = new HashMap<>();
  private final Set<String> used = ConcurrentHashMap.newKeySet();

  private RunStore(Path output, String setting, boolean fresh, FileChannel lock)
      throws IOException {
    this.output = output;
    folder = output.resolve(FOLDER);
    this.setting = setting;
    this.fresh = fresh;
    this.lock = lock;
    readWritten();
  }

  /**
   * Opens the store of a folder, which is made where there is none; drafts that a stopped run left
   * are removed.
   *
   * @param output the folder of the results
   * @param spec what is wanted of the files
   * @param more all else that results depend on: the pages, the version of Inlay
   * @param fresh whether what is kept is not used
   * @return empty where another run has it
   * @throws IOException if it cannot be made or read
   */
  public static Optional<RunStore> open(Path output, ReportSpec spec, String more, boolean fresh)
      throws IOException {
    Path folder = output.resolve(FOLDER);
    Files.createDirectories(folder);
    FileChannel channel =
        FileChannel.open(folder.resolve(LOCK), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
    if (!isLocked(channel)) {
      channel.close();
      return Optional.empty();
    }
    remove(output, PlacedFile::isLeftDraft);
    remove(folder, PlacedFile::isDraft); // nobody else writes here
    String setting = FileDigest.ofText(KeptRunJson.FORMAT + "\n" + more + "\n" + spec);
    return Optional.of(new RunStore(output, setting, fresh, channel));
  }

  private static boolean isLocked(FileChannel channel) throws IOException {
    try {
      FileLock lock = channel.tryLock();
      return lock != null;
    } catch (OverlappingFileLockException e) {
      return false; // another run of this process has it
    }
  }

  private static void remove(Path folder, Predicate<Path> which) throws IOException {
    try (Stream<Path> files = Files.list(folder)) {
      for (Path file : files.filter(which).toList()) {
        Files.deleteIfExists(file);
      }
    }
  }

  /**
   * What the last run said, where it was over the same files with the same content.
   *
   * @param files of this run
   * @return the lines that {@link #finish} was given; empty where it is to run
   */
  public Optional<List<String>> last(List<Path> files) throws IOException {
    Path last = folder.resolve(LAST);
    if (fresh || !Files.isRegularFile(last)) {
      return Optional.empty();
    }
    List<String> lines = Files.readAllLines(last, StandardCharsets.UTF_8);
    List<String> digests = files.stream().map(FileDigest::ofReadable).toList();
    boolean same = !lines.isEmpty() && lines.get(0).equals(keyOfAll(files, digests));
    return same ? Optional.of(lines.subList(1, lines.size())) : Optional.empty();
  }

  private String keyOfAll(List<Path> files, List<String> digests) {
    StringBuilder all = new StringBuilder(setting);
    for (int i = 0; i < files.size(); i++) {
      all.append('\n').append(files.get(i)).append('\n').append(digests.get(i));
    }
    return FileDigest.ofText(all.toString());
  }

  /**
   * What an earlier run made of a file of this name and content.
   *
   * @return empty where it is to be read
   */
  Optional<FileRun> kept(Path file, String sha256) {
    String key = key(file, sha256);
    Path place = folder.resolve(key + KEPT);
    if (fresh || !Files.isRegularFile(place)) {
      return Optional.empty();
    }
    try (InputStream in = Files.newInputStream(place)) {
      FileRun run = KeptRunReader.read(in, file);
      used.add(key);
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
    String key = key(run.path(), run.sha256());
    try (PlacedFile draft = PlacedFile.begin(folder.resolve(key + KEPT), true)) {
      KeptRunJson.write(run, draft.stream());
      draft.place();
    }
    used.add(key);
  }

  private String key(Path file, String sha256) {
    return FileDigest.ofText(setting + "\n" + file.getFileName() + "\n" + sha256);
  }

  @Override
  public boolean isOwn(Path file) {
    String digest = written.get(name(file));
    try {
      return digest != null && Files.isRegularFile(file) && digest.equals(FileDigest.of(file));
    } catch (IOException e) {
      return false; // what cannot be read is nobody's
    }
  }

  /** The digest is there before the file is, so that a stopped run knows each file it placed. */
  @Override
  public void places(Path goal, Path draft) throws IOException {
    String digest = FileDigest.of(draft);
    written.put(name(goal), digest);
    Files.writeString(
        folder.resolve(WRITTEN),
        digest + "  " + name(goal) + "\n",
        StandardOpenOption.CREATE,
        StandardOpenOption.APPEND);
  }

  private Path name(Path goal) {
    return output.toAbsolutePath().normalize().relativize(goal.toAbsolutePath().normalize());
  }

  private void readWritten() throws IOException {
    Path list = folder.resolve(WRITTEN);
    if (Files.isRegularFile(list)) {
      for (String line : Files.readAllLines(list, StandardCharsets.UTF_8)) {
        String[] parts = line.split(" {2}", 2);
        if (parts.length == 2) {
          written.put(Path.of(parts[1]), parts[0]);
        }
      }
    }
  }

  /**
   * Ends a run that wrote all its files: what no file of it needed any more is removed.
   *
   * @param runs what it made of its files
   * @param said what a run over the same files would say again
   * @throws IOException if the store cannot be written
   */
  public void finish(List<FileRun> runs, List<String> said) throws IOException {
    remove(folder, this::isUnused);
    place(WRITTEN, writtenLines());
    if (runs.stream().allMatch(r -> LASTING.contains(r.status()))) {
      List<Path> paths = runs.stream().map(FileRun::path).toList();
      String key = keyOfAll(paths, runs.stream().map(FileRun::sha256).toList());
      place(LAST, key + "\n" + String.join("\n", said) + "\n");
    } else {
      Files.deleteIfExists(folder.resolve(LAST));
    }
  }

  private String writtenLines() {
    StringBuilder lines = new StringBuilder();
    List<Path> names = written.keySet().stream().sorted().toList();
    names.forEach(n -> lines.append(written.get(n)).append("  ").append(n).append('\n'));
    return lines.toString();
  }

  private void place(String name, String text) throws IOException {
    try (PlacedFile file = PlacedFile.begin(folder.resolve(name), true)) {
      file.stream().write(text.getBytes(StandardCharsets.UTF_8));
      file.place();
    }
  }

  private boolean isUnused(Path file) {
    String name = file.getFileName().toString();
    return name.endsWith(KEPT) && !used.contains(name.substring(0, name.length() - KEPT.length()));
  }

  /** Lets others use the folder; a store that holds nothing is removed. */
  @Override
  public void close() throws IOException {
    boolean empty;
    try (Stream<Path> files = Files.list(folder)) {
      empty = files.allMatch(f -> f.endsWith(LOCK));
    }
    if (empty) {
      Files.deleteIfExists(folder.resolve(LOCK));
      Files.deleteIfExists(folder);
    }
    lock.close();
  }
}
