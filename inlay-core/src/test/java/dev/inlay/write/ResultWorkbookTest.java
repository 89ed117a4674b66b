package dev.inlay.write;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.write.ResultSheet.Cell;
import dev.inlay.write.ResultSheet.Head;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.zip.ZipFile;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** How wide the columns of a sheet are, in characters, with room between them. */
class ResultWorkbookTest {

  private static final Pattern WIDTH = Pattern.compile("<col [^>]*width=\"([0-9.]+)\"");

  @TempDir Path folder;

  private List<Double> widths(int columns, Cell cell) throws Exception {
    List<Head> heads = new ArrayList<>();
    for (int c = 0; c < columns; c++) {
      heads.add(new Head("field " + c, false));
    }
    List<List<Cell>> rows = List.of(Collections.nCopies(columns, cell));
    Path file = folder.resolve("rows.xlsx");
    try (OutputStream out = Files.newOutputStream(file)) {
      ResultWorkbook.write(List.of(new ResultSheet("Rows", heads, rows)), out);
    }
    List<Double> widths = new ArrayList<>();
    try (ZipFile zip = new ZipFile(file.toFile());
        InputStream sheet = zip.getInputStream(zip.getEntry("xl/worksheets/sheet1.xml"))) {
      Matcher width = WIDTH.matcher(new String(sheet.readAllBytes(), StandardCharsets.UTF_8));
      while (width.find()) {
        widths.add(Double.valueOf(width.group(1)));
      }
    }
    return widths;
  }

  private static double sum(List<Double> widths) {
    return widths.stream().mapToDouble(d -> d).sum();
  }

  @Test
  void textsWrapSoonerWhereASheetWouldPrintTooSmall() throws Exception {
    Cell text = Cell.of("boxes of haddock, landed at the north quay");
    assertThat(widths(4, text)).containsOnly(45.0);
    assertThat(sum(widths(5, text))).isEqualTo(200);
    assertThat(widths(8, text)).as("not below 28 characters").containsOnly(31.0);
  }

  @Test
  void linksAreShownWhole() throws Exception {
    Cell link = new Cell("boxes of haddock, landed at the north quay", "", "a.pdf#page=1");
    assertThat(widths(8, link)).containsOnly(45.0);
  }
}
