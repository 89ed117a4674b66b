package dev.inlay.batch;

import dev.inlay.extract.FileDigest;
import dev.inlay.write.OwnFiles;
import dev.inlay.write.PlacedFile;
import java.io.Closeable;
import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Stream;

/**
 * A folder into which one command at a time writes: it knows which files there the commands before
 * wrote, and has a place for what they keep.
 */
public final class OutputFolder implements OwnFiles, Closeable {

  /** The name of the folder in it; its content is described in docs/COMMANDS.md. */
  public static final String STORE = ".inlay";

  private static final String LOCK = "lock";
  private static final String WRITTEN = "written.sha256";

  private final Path output;
  private final Path store;
  private final FileChannel lock;

  /** The digests of each result: of a stopped command, what stands there or what was to come. */
  private final Map<Path, Deque<String>> written = new HashMap<>();

  private OutputFolder(Path output, FileChannel lock) throws IOException {
    this.output = output;
    store = output.resolve(STORE);
    this.lock = lock;
    readWritten();
  }

  /**
   * Opens a folder, which is made where there is none; drafts that a stopped command left are
   * removed.
   *
   * @return empty where another command writes there
   * @throws IOException if it cannot be made or read
   */
  public static Optional<OutputFolder> open(Path output) throws IOException {
    Path store = output.resolve(STORE);
    Files.createDirectories(store);
    FileChannel channel =
        FileChannel.open(store.resolve(LOCK), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
    if (!isLocked(channel)) {
      channel.close();
      return Optional.empty();
    }
    remove(output, PlacedFile::isLeftDraft);
    remove(store, PlacedFile::isDraft); // nobody else writes here
    return Optional.of(new OutputFolder(output, channel));
  }

  private static boolean isLocked(FileChannel channel) throws IOException {
    try {
      FileLock lock = channel.tryLock();
      return lock != null;
    } catch (OverlappingFileLockException e) {
      return false; // another command of this process has it
    }
  }

  private static void remove(Path folder, Predicate<Path> which) throws IOException {
    try (Stream<Path> files = Files.list(folder)) {
      for (Path file : files.filter(which).toList()) {
        Files.deleteIfExists(file);
      }
    }
  }

  /** The place of a result. */
  Path result(String name) {
    return output.resolve(name);
  }

  /** The place of a file that is kept. */
  Path kept(String name) {
    return store.resolve(name);
  }

  /** Whether something with such an ending is kept. */
  boolean keepsAny(String ending) {
    try (Stream<Path> files = Files.list(store)) {
      return files.anyMatch(f -> f.getFileName().toString().endsWith(ending));
    } catch (IOException e) {
      return false; // what cannot be read is made anew
    }
  }

  /**
   * Keeps a text, whole or not at all.
   *
   * @throws IOException if it cannot be written
   */
  void keep(String name, String text) throws IOException {
    try (PlacedFile file = PlacedFile.begin(kept(name), true)) {
      file.stream().write(text.getBytes(StandardCharsets.UTF_8));
      file.place();
    }
  }

  @Override
  public boolean isOwn(Path file) {
    Deque<String> digests = written.get(name(file));
    try {
      return digests != null && Files.isRegularFile(file) && digests.contains(FileDigest.of(file));
    } catch (IOException e) {
      return false; // what cannot be read is nobody's
    }
  }

  /** The digest is there before the file is, so that a stopped command knows what it placed. */
  @Override
  public void places(Path goal, Path draft) throws IOException {
    String digest = FileDigest.of(draft);
    note(name(goal), digest);
    Files.writeString(
        store.resolve(WRITTEN),
        digest + "  " + name(goal) + "\n",
        StandardOpenOption.CREATE,
        StandardOpenOption.APPEND);
  }

  private void note(Path name, String digest) {
    written.computeIfAbsent(name, n -> new ArrayDeque<>()).addLast(digest);
  }

  private Path name(Path goal) {
    return output.toAbsolutePath().normalize().relativize(goal.toAbsolutePath().normalize());
  }

  private void readWritten() throws IOException {
    Path list = store.resolve(WRITTEN);
    if (Files.isRegularFile(list)) {
      for (String line : Files.readAllLines(list, StandardCharsets.UTF_8)) {
        String[] parts = line.split(" {2}", 2);
        if (parts.length == 2) {
          note(Path.of(parts[1]), parts[0]);
        }
      }
    }
  }

  /**
   * Ends a command that wrote all its files: what it did not need any more is removed.
   *
   * @param ending of the names of what it keeps
   * @param used the names of which it needed
   * @throws IOException if the folder cannot be written
   */
  void finish(String ending, Set<String> used) throws IOException {
    remove(
        store,
        f -> {
          String name = f.getFileName().toString();
          return name.endsWith(ending) && !used.contains(name);
        });
    StringBuilder lines = new StringBuilder();
    List<Path> names = written.keySet().stream().sorted().toList();
    names.forEach(n -> lines.append(written.get(n).getLast()).append("  ").append(n).append('\n'));
    keep(WRITTEN, lines.toString());
  }

  /** Lets others use the folder; a store that holds nothing is removed. */
  @Override
  public void close() throws IOException {
    boolean empty;
    try (Stream<Path> files = Files.list(store)) {
      empty = files.allMatch(f -> f.endsWith(LOCK));
    }
    if (empty) {
      Files.deleteIfExists(store.resolve(LOCK));
      Files.deleteIfExists(store);
    }
    lock.close();
  }
}
