package dev.inlay.cli;

import java.io.IOException;
import java.nio.file.FileSystems;
import java.nio.file.FileVisitResult;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.PathMatcher;
import java.nio.file.SimpleFileVisitor;
import java.nio.file.attribute.BasicFileAttributes;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Predicate;
import java.util.regex.Pattern;

/** Finds PDF files in and below a folder. Links to folders are not followed. */
final class FileSearch {

  private static final Pattern SIGNS = Pattern.compile("[*?\\[{]");

  private final List<Path> found = new ArrayList<>();
  private final List<Path> unreadable = new ArrayList<>();

  private FileSearch(Path folder, Predicate<Path> wanted) {
    try {
      Files.walkFileTree(folder, visitor(wanted));
    } catch (IOException e) {
      unreadable.add(folder); // the visitor keeps all else
    }
    found.sort(null);
  }

  /** All PDF files in and below a folder. */
  static FileSearch below(Path folder) {
    return new FileSearch(folder, file -> true);
  }

  /**
   * The PDF files whose names match a pattern: {@code *} stands for any characters of a name,
   * {@code **} for folders, too, {@code ?} for one character, {@code [ab]} for one of them, {@code
   * {a,b}} for one of several words.
   *
   * @throws java.util.regex.PatternSyntaxException where the pattern is written wrongly
   */
  static FileSearch matching(String pattern) {
    String plain = pattern.replace('\\', '/');
    int end = plain.lastIndexOf('/', firstSign(plain));
    String folder = end < 0 ? "" : plain.substring(0, Math.max(end, 1));
    PathMatcher matcher = FileSystems.getDefault().getPathMatcher("glob:" + plain);
    // files in no folder have no name of it before theirs
    return new FileSearch(Path.of(folder), matcher::matches);
  }

  /** Whether a name holds signs that stand for others. */
  static boolean isPattern(String name) {
    return SIGNS.matcher(name).find();
  }

  private static int firstSign(String pattern) {
    return SIGNS.matcher(pattern).results().findFirst().orElseThrow().start();
  }

  /** The files, in the order of their names. */
  List<Path> found() {
    return List.copyOf(found);
  }

  /** The folders that could not be looked through. */
  List<Path> unreadable() {
    return List.copyOf(unreadable);
  }

  private SimpleFileVisitor<Path> visitor(Predicate<Path> wanted) {
    return new SimpleFileVisitor<>() {
      @Override
      public FileVisitResult visitFile(Path file, BasicFileAttributes attributes) {
        String name = String.valueOf(file.getFileName()).toLowerCase(Locale.ROOT);
        if (name.endsWith(".pdf") && Files.isRegularFile(file) && wanted.test(file)) {
          found.add(file);
        }
        return FileVisitResult.CONTINUE;
      }

      @Override
      public FileVisitResult visitFileFailed(Path file, IOException e) {
        unreadable.add(file);
        return FileVisitResult.CONTINUE;
      }
    };
  }
}
