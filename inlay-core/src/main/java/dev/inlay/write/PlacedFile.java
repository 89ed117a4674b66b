package dev.inlay.write;

import java.io.BufferedOutputStream;
import java.io.Closeable;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A file that appears whole or not at all: written beside its goal under another name and moved
 * into place by {@link #place()}. Closed before that, it leaves nothing behind.
 */
public final class PlacedFile implements Closeable {

  /** The name of a draft: that of its goal, and the number of the process. */
  private static final Pattern DRAFT = Pattern.compile("\\..+\\.(\\d{1,18})\\.part");

  private final Path goal;
  private final Path draft;
  private final boolean overwrite;
  private final OutputStream out;

  private PlacedFile(Path goal, Path draft, boolean overwrite, OutputStream out) {
    this.goal = goal;
    this.draft = draft;
    this.overwrite = overwrite;
    this.out = out;
  }

  /**
   * Begins a file.
   *
   * @param goal where it is to stand; its folder exists
   * @param overwrite whether a file that stands there is replaced
   * @throws FileAlreadyExistsException if one stands there and is not to be replaced
   * @throws IOException if nothing can be written beside it
   */
  public static PlacedFile begin(Path goal, boolean overwrite) throws IOException {
    if (!overwrite && Files.exists(goal)) {
      throw new FileAlreadyExistsException(goal.toString());
    }
    if (Files.exists(goal) && !Files.isRegularFile(goal)) {
      throw new IOException("it is a folder, a pipe or a device; name a file");
    }
    Path draft = goal.resolveSibling("." + goal.getFileName() + "." + processId() + ".part");
    OutputStream out =
        Files.newOutputStream(
            draft, StandardOpenOption.CREATE, StandardOpenOption.TRUNCATE_EXISTING);
    draft.toFile().deleteOnExit();
    return new PlacedFile(goal, draft, overwrite, new BufferedOutputStream(out, 1 << 16));
  }

  /** Whether a file is a draft, by its name. */
  public static boolean isDraft(Path file) {
    return DRAFT.matcher(file.getFileName().toString()).matches();
  }

  /** Whether a file is a draft of a process that is no more: one that was killed left it behind. */
  public static boolean isLeftDraft(Path file) {
    Matcher draft = DRAFT.matcher(file.getFileName().toString());
    return draft.matches() && ProcessHandle.of(Long.parseLong(draft.group(1))).isEmpty();
  }

  private static long processId() {
    return ProcessHandle.current().pid();
  }

  /** The stream to write to; {@link #place()} and {@link #close()} close it. */
  public OutputStream stream() {
    return out;
  }

  /**
   * The file as it is before it is placed, for writers that want a file and no stream; nothing was
   * written to the stream.
   */
  Path draft() throws IOException {
    out.close();
    return draft;
  }

  /**
   * Moves the whole file into place.
   *
   * @throws FileAlreadyExistsException if one came to stand there meanwhile
   * @throws IOException if it cannot be moved
   */
  public void place() throws IOException {
    out.close();
    if (overwrite) {
      Files.move(draft, goal, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
    } else {
      Files.move(draft, goal);
    }
  }

  @Override
  public void close() throws IOException {
    try {
      out.close();
    } finally {
      Files.deleteIfExists(draft);
    }
  }
}
