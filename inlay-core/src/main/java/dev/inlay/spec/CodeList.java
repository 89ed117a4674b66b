package dev.inlay.spec;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/** A list of codes in a CSV file with a line of headings, in UTF-8. */
final class CodeList {

  private static final String BYTE_ORDER_MARK = "\uFEFF";

  private CodeList() {}

  /**
   * The codes, without blanks around them.
   *
   * @param file the CSV file
   * @param column the heading of their column; the first column where it is empty
   * @throws IllegalArgumentException with what is wrong, if it cannot be read or has no such column
   */
  static List<String> read(Path file, Optional<String> column) {
    if (Files.exists(file) && !Files.isRegularFile(file)) {
      throw new IllegalArgumentException("'" + file.getFileName() + "' is no regular file");
    }
    try (CSVParser parser = CSVParser.parse(file, StandardCharsets.UTF_8, CSVFormat.RFC4180)) {
      List<CSVRecord> lines = parser.getRecords();
      List<String> headings = lines.isEmpty() ? List.of() : headings(lines.get(0));
      int at = column.map(headings::indexOf).orElse(0);
      if (at < 0) {
        throw new IllegalArgumentException(
            "'"
                + file.getFileName()
                + "' has no column '"
                + column.get()
                + "'; it has "
                + String.join(", ", headings));
      }
      List<String> codes = new ArrayList<>();
      for (CSVRecord line : lines.subList(Math.min(1, lines.size()), lines.size())) {
        if (at < line.size() && !line.get(at).isBlank()) {
          codes.add(line.get(at).strip());
        }
      }
      return codes;
    } catch (IOException e) {
      throw new IllegalArgumentException(
          "'"
              + file.getFileName()
              + "' cannot be read; it must lie beside the spec, as CSV in UTF-8",
          e);
    }
  }

  private static List<String> headings(CSVRecord line) {
    List<String> headings = new ArrayList<>();
    line.forEach(h -> headings.add(h.replace(BYTE_ORDER_MARK, "").strip()));
    return headings;
  }
}
