package dev.inlay.cli;

import dev.inlay.extract.DocumentTables;
import dev.inlay.model.Table;
import dev.inlay.write.CsvTable;
import dev.inlay.write.HtmlTables;
import dev.inlay.write.JsonTables;
import dev.inlay.write.MarkdownTables;
import dev.inlay.write.OwnFiles;
import dev.inlay.write.TableFiles;
import dev.inlay.write.TableFormat;
import dev.inlay.write.TextTables;
import dev.inlay.write.TextTables.Limits;
import dev.inlay.write.TooLargeException;
import java.io.IOException;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;

/** Where the tables go: the screen, one file, or a folder with a file for each document. */
abstract class Destination {

  /**
   * Chooses the destination.
   *
   * @param out the file or folder, or null for the screen
   * @param to the format, or null where the ending tells it
   * @param own files in the folder that are replaced in any case
   * @throws IllegalArgumentException with a message for the person who wrote the command
   */
  static Destination of(
      String out, String to, List<Path> files, boolean overwrite, OwnFiles own, Terminal terminal) {
    List<TableFormat> formats = to == null ? List.of() : formats(to);
    if (formats.size() > 1) {
      return new Several(
          formats.stream().map(f -> inFolder(out, f, files, overwrite, own)).toList());
    }
    TableFormat format = formats.isEmpty() ? null : formats.get(0);
    if (out == null) {
      return new Screen(format == null ? TableFormat.TEXT : format, terminal);
    }
    if (out.isBlank()) {
      throw new IllegalArgumentException("--out names no file");
    }
    Path goal = Path.of(out);
    if (isFolder(out)) {
      if (format == null) {
        throw new IllegalArgumentException(
            "'" + out + "' is a folder: add --to with one of " + formats());
      }
      return inFolder(out, format, files, overwrite, own);
    }
    TableFormat ending = TableFormat.ofEnding(goal).orElse(null);
    if (format == null && ending == null) {
      throw new IllegalArgumentException(
          "the ending of '"
              + out
              + "' says no format: use .txt, .csv, .json, .md, .html or .xlsx, or add --to");
    }
    if (format != null && ending != null && format != ending) {
      throw new IllegalArgumentException(
          "'" + out + "' does not look like " + format.word() + ": change its ending or --to");
    }
    return new OneFile(goal, format == null ? ending : format, overwrite);
  }

  /** Whether a folder is meant. */
  static boolean isFolder(String out) {
    return out.endsWith("/") || out.endsWith("\\") || Files.isDirectory(Path.of(out));
  }

  private static Destination inFolder(
      String out, TableFormat format, List<Path> files, boolean overwrite, OwnFiles own) {
    if (out == null || out.isBlank() || !isFolder(out)) {
      throw new IllegalArgumentException(
          "several formats need a folder: add -o with a name that ends in /");
    }
    checkDistinct(files);
    return new Folder(Path.of(out), new TableFiles(format, overwrite, own), files, overwrite, own);
  }

  private static List<TableFormat> formats(String words) {
    return Arrays.stream(words.split(",", -1))
        .map(word -> format(word.strip()))
        .distinct()
        .toList();
  }

  private static TableFormat format(String word) {
    return Arrays.stream(TableFormat.values())
        .filter(f -> f.word().equals(word.toLowerCase(Locale.ROOT)))
        .findFirst()
        .orElseThrow(
            () -> new IllegalArgumentException("--to: '" + word + "' is none of " + formats()));
  }

  private static String formats() {
    return String.join(", ", Arrays.stream(TableFormat.values()).map(TableFormat::word).toList());
  }

  private static void checkDistinct(List<Path> files) {
    Set<String> names = new HashSet<>();
    for (Path file : files) {
      String name = String.valueOf(file.getFileName()).toLowerCase(Locale.ROOT);
      if (!names.add(name)) {
        throw new IllegalArgumentException(
            "two inputs are called " + file.getFileName() + ": write them to different folders");
      }
    }
  }

  /** Whether nothing stands in the way of the first file, before long work is done for nothing. */
  abstract boolean isReady(Outcome outcome);

  /**
   * Takes the next document.
   *
   * @return the files that were written
   */
  abstract List<Path> take(DocumentTables document, Outcome outcome);

  /** Ends after the last document. */
  void finish(Outcome outcome) {
    // most are done with the last document
  }

  /** What writes some documents. */
  private interface Writing {
    List<Path> write() throws IOException, TooLargeException;
  }

  private static List<Path> write(
      Writing writing, List<DocumentTables> documents, Path goal, Outcome outcome) {
    try {
      List<Path> written = writing.write();
      int tables = documents.stream().mapToInt(d -> d.tables().size()).sum();
      for (Path file : written) {
        outcome.wrote(file, written.size() > 1 ? 1 : tables);
      }
      return written;
    } catch (FileAlreadyExistsException e) {
      outcome.outputFailed(Path.of(e.getFile()), e);
    } catch (IOException | TooLargeException e) {
      outcome.outputFailed(goal, e);
    }
    return List.of();
  }

  /** Standard output. */
  private static final class Screen extends Destination {
    private static final int ROWS_ON_SCREEN = 20;

    private final TableFormat format;
    private final Terminal terminal;
    private final List<DocumentTables> documents = new ArrayList<>();
    private int shown;

    Screen(TableFormat format, Terminal terminal) {
      if (format == TableFormat.XLSX) {
        throw new IllegalArgumentException("a workbook needs a file: add -o NAME.xlsx");
      }
      this.format = format;
      this.terminal = terminal;
    }

    @Override
    boolean isReady(Outcome outcome) {
      return true;
    }

    @Override
    List<Path> take(DocumentTables document, Outcome outcome) {
      switch (format) {
        case JSON -> documents.add(document);
        case CSV -> csv(document, outcome);
        case MARKDOWN, HTML -> documents.add(document);
        default -> text(document);
      }
      return List.of();
    }

    private void text(DocumentTables document) {
      Limits limits =
          terminal.isScreen() ? new Limits(terminal.width(), ROWS_ON_SCREEN) : Limits.NONE;
      if (document.pages() > 0) {
        if (shown++ > 0) {
          terminal.out().println();
        }
        TextTables.lines(List.of(document), limits).forEach(terminal.out()::println);
      }
    }

    private void csv(DocumentTables document, Outcome outcome) {
      try {
        for (Table table : document.tables()) {
          if (shown++ > 0) {
            terminal.out().print("\r\n"); // a blank line parts one table from the next
          }
          CsvTable.write(document, table, terminal.out());
        }
      } catch (IOException e) {
        outcome.outputFailed(Path.of("standard output"), e);
      }
    }

    @Override
    void finish(Outcome outcome) {
      if (format == TableFormat.JSON) {
        JsonTables.write(documents, terminal.out());
      } else if (format == TableFormat.HTML) {
        terminal.out().print(HtmlTables.page(documents));
      } else if (format == TableFormat.MARKDOWN) {
        terminal.out().print(MarkdownTables.text(documents));
      }
    }
  }

  /** One file for all documents. */
  private static final class OneFile extends Destination {
    private final Path goal;
    private final TableFormat format;
    private final boolean overwrite;
    private final List<DocumentTables> documents = new ArrayList<>();

    OneFile(Path goal, TableFormat format, boolean overwrite) {
      this.goal = goal;
      this.format = format;
      this.overwrite = overwrite;
    }

    @Override
    boolean isReady(Outcome outcome) {
      return OutputFile.isFree(goal, overwrite, outcome);
    }

    @Override
    List<Path> take(DocumentTables document, Outcome outcome) {
      documents.add(document);
      return List.of();
    }

    @Override
    void finish(Outcome outcome) {
      TableFiles files = new TableFiles(format, overwrite);
      write(() -> files.write(documents, goal), documents, goal, outcome);
    }
  }

  /** Several formats of the same documents. */
  private static final class Several extends Destination {
    private final List<Destination> all;

    Several(List<Destination> all) {
      this.all = all;
    }

    @Override
    boolean isReady(Outcome outcome) {
      return all.stream().filter(one -> one.isReady(outcome)).count() == all.size();
    }

    @Override
    List<Path> take(DocumentTables document, Outcome outcome) {
      return all.stream().flatMap(one -> one.take(document, outcome).stream()).toList();
    }

    @Override
    void finish(Outcome outcome) {
      all.forEach(one -> one.finish(outcome));
    }
  }

  /** A folder with a file for each document. */
  private static final class Folder extends Destination {
    private final Path folder;
    private final TableFiles writer;
    private final List<Path> files;
    private final boolean overwrite;
    private final OwnFiles own;

    Folder(Path folder, TableFiles writer, List<Path> files, boolean overwrite, OwnFiles own) {
      this.own = own;
      this.folder = folder;
      this.writer = writer;
      this.files = files;
      this.overwrite = overwrite;
    }

    @Override
    boolean isReady(Outcome outcome) {
      try {
        Files.createDirectories(folder);
      } catch (IOException e) {
        outcome.outputFailed(folder, e);
        return false;
      }
      boolean free = true;
      for (Path file : files) {
        Path goal = writer.inFolder(folder, file);
        free &= OutputFile.isFree(goal, overwrite || own.isOwn(goal), outcome);
      }
      return free;
    }

    @Override
    List<Path> take(DocumentTables document, Outcome outcome) {
      Path goal = writer.inFolder(folder, document.path());
      return write(() -> writer.writeInto(folder, document), List.of(document), goal, outcome);
    }
  }
}
