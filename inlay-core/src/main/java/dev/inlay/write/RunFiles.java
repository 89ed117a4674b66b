package dev.inlay.write;

import dev.inlay.page.PlainText;
import dev.inlay.rows.DataSet;
import dev.inlay.rows.RunResult;
import dev.inlay.spec.ReportSpec;
import dev.inlay.spec.ResultFile;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/** The files that a run writes: the results that are wanted, and what accounts for them. */
public final class RunFiles {

  /** Puts content into a file, given its draft. */
  private interface Content {
    void write(PlacedFile file) throws IOException, TooLargeException;
  }

  /** Puts content into a stream. */
  private interface Streamed {
    void write(OutputStream out) throws IOException, TooLargeException;
  }

  private final ReportSpec spec;
  private final Path specFolder;
  private final Path folder;
  private final List<ResultFile> results;
  private final boolean accounts;

  private RunFiles(
      ReportSpec spec, Path specFolder, Path folder, List<ResultFile> results, boolean accounts) {
    this.spec = spec;
    this.specFolder = specFolder;
    this.folder = folder;
    this.results = results;
    this.accounts = accounts;
  }

  /**
   * The files of a run into a folder: the results that its spec names, else a workbook and a list
   * for each data set, and always what was held, found and read.
   *
   * @param specFolder where the spec lies; workbooks that are filled are looked for from there
   */
  public static RunFiles inFolder(ReportSpec spec, Path specFolder, Path folder) {
    List<ResultFile> results = spec.results();
    if (results.isEmpty()) {
      String plain = PlainText.fileName(spec.report());
      String name = plain.isEmpty() ? "report" : plain;
      results =
          List.of(
              new ResultFile(name + ".xlsx", Optional.empty(), false),
              new ResultFile("csv", Optional.empty(), false));
    }
    return new RunFiles(spec, specFolder, folder, results, true);
  }

  /**
   * One file.
   *
   * @throws IllegalArgumentException where its ending says no format, or it cannot hold the data
   */
  public static RunFiles oneFile(ReportSpec spec, Path specFolder, Path file) {
    String name = file.getFileName().toString();
    ResultFormat form =
        ResultFormat.of(name)
            .filter(f -> name.contains("."))
            .orElseThrow(
                () ->
                    new IllegalArgumentException(
                        "the ending of '"
                            + file
                            + "' says no format: use "
                            + String.join(", ", ResultFormat.words())
                            + ", or name a folder with a / at its end"));
    if (form.isList() && spec.dataSets().size() > 1) {
      throw new IllegalArgumentException(
          "'" + file + "' holds one data set, and the spec has several: name a folder");
    }
    Path folder = file.getParent() == null ? Path.of("") : file.getParent();
    ResultFile result = new ResultFile(name, Optional.empty(), false);
    return new RunFiles(spec, specFolder, folder, List.of(result), false);
  }

  /** Whether they go into a folder of their own, with what accounts for them. */
  public boolean isFolder() {
    return accounts;
  }

  /** The workbooks beside the spec that are filled. */
  public List<Path> templates() {
    return results.stream()
        .filter(r -> r.sheet().isPresent())
        .map(r -> specFolder.resolve(r.file()))
        .toList();
  }

  /** All files that will be written. */
  public List<Path> goals() {
    List<Path> goals = new ArrayList<>();
    for (ResultFile result : results) {
      for (Path goal : goals(result).keySet()) {
        goals.add(goal);
        if (form(result) == ResultFormat.CSV && accounts) {
          goals.add(folder.resolve(originsOf(goal)));
          goals.add(folder.resolve(descriptionOf(goal)));
        }
      }
    }
    if (accounts) {
      for (String name : List.of("held.csv", "findings.csv", "files.csv", "run.json")) {
        goals.add(folder.resolve(name));
      }
    }
    return goals;
  }

  private Map<Path, String> goals(ResultFile result) {
    ResultFormat form = form(result);
    Map<Path, String> goals = new LinkedHashMap<>();
    if (!form.isList() || result.file().contains(".")) {
      String file = result.file().contains(".") ? result.file() : "data." + form.word();
      goals.put(folder.resolve(Path.of(file).getFileName()), spec.dataSets().get(0).name());
      return goals;
    }
    spec.dataSets().forEach(d -> goals.put(folder.resolve(d.name() + "." + form.word()), d.name()));
    return goals;
  }

  private static ResultFormat form(ResultFile result) {
    return ResultFormat.of(result.file())
        .orElseThrow(() -> new IllegalArgumentException("unknown format of " + result.file()));
  }

  /**
   * Writes all files.
   *
   * @return the files written
   * @throws java.nio.file.FileAlreadyExistsException if one stands there and is not to be replaced
   * @throws TooLargeException if the data does not fit a form
   * @throws IOException if a file cannot be written
   */
  public List<Path> write(RunResult result, boolean overwrite)
      throws IOException, TooLargeException {
    return write(result, overwrite, OwnFiles.NONE);
  }

  /**
   * Writes all files.
   *
   * @param overwrite whether files that stand there are replaced
   * @param own those that are replaced in any case
   * @return the files written
   * @throws java.nio.file.FileAlreadyExistsException if one stands there and is not to be replaced
   * @throws TooLargeException if the data does not fit a form
   * @throws IOException if a file cannot be written
   */
  public List<Path> write(RunResult result, boolean overwrite, OwnFiles own)
      throws IOException, TooLargeException {
    Placing files = new Placing(overwrite, own, new ArrayList<>());
    for (ResultFile file : results) {
      for (Map.Entry<Path, String> goal : goals(file).entrySet()) {
        DataSet data = dataSet(result, goal.getValue());
        files.place(goal.getKey(), content(file, result, data));
        if (form(file) == ResultFormat.CSV && accounts) {
          accountFor(goal.getKey(), data, files);
        }
      }
    }
    if (accounts) {
      ResultSheets sheets = new ResultSheets(result, folder);
      csv("held.csv", sheets.held(), files);
      csv("findings.csv", sheets.findings(), files);
      csv("files.csv", sheets.files(), files);
      files.place(folder.resolve("run.json"), streamed(out -> RunRecord.write(result, out)));
    }
    return files.written();
  }

  /**
   * Puts files into place.
   *
   * @param written gets them
   */
  private record Placing(boolean overwrite, OwnFiles own, List<Path> written) {

    void place(Path goal, Content content) throws IOException, TooLargeException {
      try (PlacedFile file = PlacedFile.begin(goal, overwrite || own.isOwn(goal))) {
        content.write(file);
        own.places(goal, file.draft());
        file.place();
        written.add(goal);
      }
    }
  }

  /**
   * The files in the folder that this run did not write and a run may have written: whoever takes
   * the folder for the result would take them for part of it.
   *
   * @param written the files of this run
   * @return in the order of their names; none where the run writes but one file
   * @throws IOException if the folder cannot be listed
   */
  public List<Path> leftBehind(List<Path> written) throws IOException {
    if (!accounts) {
      return List.of();
    }
    Set<Path> own = new HashSet<>();
    written.forEach(f -> own.add(f.toAbsolutePath().normalize()));
    try (Stream<Path> files = Files.list(folder.toAbsolutePath())) {
      return files
          .filter(f -> !own.contains(f.normalize()) && isOfRun(f))
          .map(Path::getFileName)
          .sorted()
          .toList();
    }
  }

  private static boolean isOfRun(Path file) {
    String name = file.getFileName().toString();
    boolean description = name.endsWith("datapackage.json") || name.equals("run.json");
    return Files.isRegularFile(file)
        && name.contains(".")
        && (description || ResultFormat.of(name).isPresent());
  }

  private void accountFor(Path list, DataSet data, Placing files)
      throws IOException, TooLargeException {
    csv(originsOf(list), ResultLists.origins(data), files);
    String file = list.getFileName().toString();
    files.place(
        folder.resolve(descriptionOf(list)),
        streamed(out -> ResultLists.descriptor(data, file, out)));
  }

  private static String originsOf(Path list) {
    return TableFiles.stem(list) + ".origins.csv";
  }

  private String descriptionOf(Path list) {
    String name = "datapackage.json";
    return spec.dataSets().size() > 1 ? TableFiles.stem(list) + "." + name : name;
  }

  private void csv(String name, ResultSheet sheet, Placing files)
      throws IOException, TooLargeException {
    files.place(folder.resolve(name), streamed(out -> ResultLists.csv(sheet, out)));
  }

  private static DataSet dataSet(RunResult result, String name) {
    return result.dataSets().stream().filter(d -> d.name().equals(name)).findFirst().orElseThrow();
  }

  private Content content(ResultFile file, RunResult result, DataSet data) {
    ResultSheets sheets = new ResultSheets(result, folder);
    if (file.sheet().isPresent()) {
      Path source = specFolder.resolve(file.file());
      return fixed(
          out ->
              WorkbookFilling.fill(
                  source, file.sheet().get(), file.append(), sheets.data(data, false), out));
    }
    return switch (form(file)) {
      case XLSX -> fixed(out -> ResultWorkbook.write(sheets.all(), out));
      case ODS -> fixed(out -> ResultOds.write(sheets.all(), out));
      case CSV -> streamed(out -> ResultLists.csv(sheets.data(data, false), out));
      case TSV -> streamed(out -> ResultLists.tsv(sheets.data(data, false), out));
      case JSONL -> streamed(out -> ResultLists.jsonLines(data, out));
      case SQLITE -> placed -> ResultDatabase.write(result.dataSets(), placed.draft());
    };
  }

  private static Content streamed(Streamed content) {
    return placed -> content.write(placed.stream());
  }

  /** A document that is a ZIP archive, written aside and copied without the time of writing. */
  private static Content fixed(Streamed content) {
    return placed -> {
      Path aside = Files.createTempFile("inlay", ".zip");
      try {
        try (OutputStream out = Files.newOutputStream(aside)) {
          content.write(out);
        }
        FixedZip.copy(aside, placed.stream());
      } finally {
        Files.deleteIfExists(aside);
      }
    };
  }
}
