package dev.inlay.compare;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.core.ObjectReadContext;
import tools.jackson.core.json.JsonFactory;

/** Reads the rows of results: CSV, text with tabs, JSON lines, XLSX, ODS, SQLite, or a folder. */
public final class ResultReader {

  private static final JsonFactory JSON = new JsonFactory();

  private ResultReader() {}

  /**
   * Reads a file, or the results in a folder that a run wrote.
   *
   * @return its tables, at least one
   * @throws IOException if it is not there, cannot be read, or holds no rows under headings
   */
  public static List<ResultTable> read(Path path) throws IOException {
    if (!Files.exists(path)) {
      throw new NoSuchFileException(path.toString());
    }
    List<ResultTable> tables = Files.isDirectory(path) ? folder(path) : file(path);
    List<ResultTable> headed = tables.stream().filter(t -> !t.fields().isEmpty()).toList();
    if (headed.isEmpty()) {
      throw new IOException("holds no row of headings");
    }
    return headed;
  }

  private static List<ResultTable> file(Path path) throws IOException {
    String ending = ending(path);
    return switch (ending) {
      case "csv" -> List.of(delimited(path));
      case "tsv" -> List.of(tabbed(path));
      case "jsonl", "ndjson" -> List.of(jsonLines(path));
      case "xlsx" -> WorkbookReader.read(path);
      case "ods" -> OdsReader.read(path);
      case "sqlite", "db" -> DatabaseReader.read(path);
      default ->
          throw new IOException(
              "'." + ending + "' is none of .csv, .tsv, .jsonl, .xlsx, .ods, .sqlite");
    };
  }

  /** A run writes what its data sets are called beside them. */
  private static List<ResultTable> folder(Path folder) throws IOException {
    Path list = folder.resolve("datapackage.json");
    if (!Files.exists(list)) {
      throw new IOException(
          "is a folder without datapackage.json: name one of its files, or a run with CSV");
    }
    List<ResultTable> tables = new ArrayList<>();
    for (String name : paths(list)) {
      Path file = folder.resolve(name).normalize();
      if (!file.startsWith(folder.normalize())) {
        throw new IOException("datapackage.json names a file outside its folder: " + name);
      }
      tables.add(delimited(file));
    }
    return tables;
  }

  private static List<String> paths(Path list) throws IOException {
    List<String> paths = new ArrayList<>();
    try (JsonParser json = JSON.createParser(ObjectReadContext.empty(), list.toFile())) {
      for (JsonToken token = json.nextToken(); token != null; token = json.nextToken()) {
        if (token == JsonToken.PROPERTY_NAME && json.currentName().equals("path")) {
          json.nextToken();
          if (json.getString().endsWith(".csv") && !json.getString().endsWith(".origins.csv")) {
            paths.add(json.getString());
          }
        }
      }
    } catch (JacksonException e) {
      throw new IOException("datapackage.json is no JSON: " + e.getOriginalMessage(), e);
    }
    return paths;
  }

  private static ResultTable delimited(Path path) throws IOException {
    try (Reader reader = Files.newBufferedReader(path, StandardCharsets.UTF_8)) {
      return delimited(reader, path, separator(path));
    } catch (CharacterCodingException e) {
      throw new IOException("is not in UTF-8", e);
    } catch (UncheckedIOException e) {
      throw new IOException("is no CSV: " + e.getCause().getMessage(), e);
    }
  }

  private static ResultTable delimited(Reader reader, Path path, char separator)
      throws IOException {
    CSVFormat format = CSVFormat.RFC4180.builder().setDelimiter(separator).get();
    TableGathering table = new TableGathering();
    try (CSVParser parser = CSVParser.parse(reader, format)) {
      for (CSVRecord line : parser) {
        List<String> values = new ArrayList<>();
        line.forEach(values::add);
        if (table.hasHead()) {
          table.add(values.stream().map(ResultReader::withoutGuard).toList());
        } else {
          values.set(0, values.get(0).replace("\uFEFF", ""));
          table.head(values);
        }
      }
    }
    return table.table(stem(path));
  }

  /** Spreadsheets of many countries write semicolons. */
  private static char separator(Path path) throws IOException {
    try (BufferedReader reader = Files.newBufferedReader(path, StandardCharsets.UTF_8)) {
      String first = reader.readLine();
      boolean semicolons = first != null && first.contains(";") && !first.contains(",");
      return semicolons ? ';' : ',';
    }
  }

  private static ResultTable tabbed(Path path) throws IOException {
    TableGathering table = new TableGathering();
    for (String line : Files.readAllLines(path, StandardCharsets.UTF_8)) {
      List<String> values = new ArrayList<>();
      for (String value : line.split("\t", -1)) {
        values.add(withoutGuard(unescaped(value)));
      }
      if (table.hasHead()) {
        table.add(values);
      } else {
        table.head(values);
      }
    }
    return table.table(stem(path));
  }

  private static String unescaped(String value) {
    StringBuilder text = new StringBuilder();
    for (int i = 0; i < value.length(); i++) {
      char c = value.charAt(i);
      if (c == '\\' && i + 1 < value.length()) {
        i++;
        char letter = value.charAt(i);
        text.append(letter == 't' ? '\t' : letter == 'n' ? '\n' : letter == 'r' ? '\r' : letter);
      } else {
        text.append(c);
      }
    }
    return text.toString();
  }

  /** What a list does so that a spreadsheet takes no text for a formula is undone. */
  private static String withoutGuard(String value) {
    boolean guarded =
        value.length() > 1 && value.charAt(0) == '\'' && "=+-@".indexOf(value.charAt(1)) >= 0;
    return guarded ? value.substring(1) : value;
  }

  private static ResultTable jsonLines(Path path) throws IOException {
    TableGathering table = new TableGathering();
    try (JsonParser json = JSON.createParser(ObjectReadContext.empty(), path.toFile())) {
      for (JsonToken token = json.nextToken(); token != null; token = json.nextToken()) {
        if (token != JsonToken.START_OBJECT) {
          throw new IOException("holds something else than an object in each line");
        }
        table.add(object(json));
      }
    } catch (JacksonException e) {
      throw new IOException("is no JSON: " + e.getOriginalMessage(), e);
    }
    return table.table(stem(path));
  }

  /** The plain values of an object: what has parts of its own, as an origin, is no value. */
  private static Map<String, String> object(JsonParser json) {
    Map<String, String> values = new LinkedHashMap<>();
    while (json.nextToken() != JsonToken.END_OBJECT) {
      String name = json.currentName();
      JsonToken value = json.nextToken();
      if (value.isStructStart()) {
        json.skipChildren();
      } else {
        values.put(name, value == JsonToken.VALUE_NULL ? "" : json.getString());
      }
    }
    return values;
  }

  private static String ending(Path path) {
    String name = path.getFileName().toString();
    return name.substring(name.lastIndexOf('.') + 1).toLowerCase(Locale.ROOT);
  }

  private static String stem(Path path) {
    String name = path.getFileName().toString();
    return name.contains(".") ? name.substring(0, name.lastIndexOf('.')) : name;
  }
}
