package dev.inlay.write;

import dev.inlay.extract.DocumentTables;
import dev.inlay.model.Table;
import dev.inlay.write.TextTables.Limits;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/** Writes documents to files of one form; each file is put in place whole. */
public final class TableFiles {

  /** Writes into a stream what a file is to hold. */
  private interface Content {
    void writeTo(OutputStream out) throws IOException, TooLargeException;
  }

  private final TableFormat form;
  private final boolean overwrite;
  private final OwnFiles own;

  /**
   * Prepares the writing.
   *
   * @param form of the files
   * @param overwrite whether files that stand there are replaced
   */
  public TableFiles(TableFormat form, boolean overwrite) {
    this(form, overwrite, OwnFiles.NONE);
  }

  /**
   * Prepares the writing.
   *
   * @param form of the files
   * @param overwrite whether files that stand there are replaced
   * @param own those that are replaced in any case
   */
  public TableFiles(TableFormat form, boolean overwrite, OwnFiles own) {
    this.form = form;
    this.overwrite = overwrite;
    this.own = own;
  }

  /** Where a document goes in a folder: the file's name with the ending of the form. */
  public Path inFolder(Path folder, Path document) {
    return folder.resolve(stem(document) + "." + form.ending());
  }

  /** The name of a file without its folder and its ending. */
  public static String stem(Path file) {
    return file.getFileName().toString().replaceFirst("\\.[^.]+$", "");
  }

  /**
   * Writes the documents to one file; as CSV it holds one table. Forms other than JSON write
   * nothing where there is no table.
   *
   * @return the files written
   * @throws java.nio.file.FileAlreadyExistsException if a file stands there and is not to be
   *     replaced
   * @throws TooLargeException if the tables do not fit the form
   * @throws IOException if a file cannot be written
   */
  public List<Path> write(List<DocumentTables> documents, Path file)
      throws IOException, TooLargeException {
    boolean none = documents.stream().allMatch(d -> d.tables().isEmpty());
    if (none && form != TableFormat.JSON) {
      return List.of();
    }
    switch (form) {
      case TEXT -> place(file, out -> out.write(text(documents)));
      case MARKDOWN -> place(file, out -> out.write(utf8(MarkdownTables.text(documents))));
      case HTML -> place(file, out -> out.write(utf8(HtmlTables.page(documents))));
      case JSON -> place(file, out -> JsonTables.write(documents, out));
      case XLSX -> place(file, out -> WorkbookTables.write(documents, out));
      case CSV -> {
        return List.of(writeOnly(documents, file));
      }
    }
    return List.of(file);
  }

  /**
   * Writes a document into a folder, as {@link #write} does; but the name of a CSV file always
   * holds the table's id, so that names do not change with the number of tables.
   */
  public List<Path> writeInto(Path folder, DocumentTables document)
      throws IOException, TooLargeException {
    Path goal = inFolder(folder, document.path());
    return form == TableFormat.CSV ? writeEach(document, goal) : write(List.of(document), goal);
  }

  private static byte[] text(List<DocumentTables> documents) {
    List<String> lines = TextTables.lines(documents, Limits.NONE);
    return utf8(TextTables.joined(lines));
  }

  private static byte[] utf8(String text) {
    return text.getBytes(StandardCharsets.UTF_8);
  }

  /** The only table of some documents: the file's name says nothing of tables. */
  private Path writeOnly(List<DocumentTables> documents, Path file)
      throws IOException, TooLargeException {
    int tables = documents.stream().mapToInt(d -> d.tables().size()).sum();
    if (tables > 1) {
      throw new TooLargeException(
          "holds one table as CSV, and " + tables + " were found; name a folder for them");
    }
    for (DocumentTables document : documents) {
      for (Table table : document.tables()) {
        place(file, out -> CsvTable.write(document, table, out));
      }
    }
    return file;
  }

  private List<Path> writeEach(DocumentTables document, Path file)
      throws IOException, TooLargeException {
    List<Path> written = new ArrayList<>();
    for (Table table : document.tables()) {
      Path goal = file.resolveSibling(stem(file) + "-" + table.id() + ".csv");
      place(goal, out -> CsvTable.write(document, table, out));
      written.add(goal);
    }
    return written;
  }

  private void place(Path goal, Content content) throws IOException, TooLargeException {
    try (PlacedFile file = PlacedFile.begin(goal, overwrite || own.isOwn(goal))) {
      content.writeTo(file.stream());
      own.places(goal, file.draft());
      file.place();
    }
  }
}
