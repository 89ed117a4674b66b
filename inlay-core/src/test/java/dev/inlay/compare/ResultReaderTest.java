package dev.inlay.compare;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Lists as people and programs write them. What Inlay writes is read in CompareIT. */
class ResultReaderTest {

  @TempDir private Path folder;

  private ResultTable read(String name, String content) throws IOException {
    Path file = folder.resolve(name);
    Files.writeString(file, content, StandardCharsets.UTF_8);
    List<ResultTable> tables = ResultReader.read(file);
    assertThat(tables).hasSize(1);
    return tables.get(0);
  }

  @Test
  void semicolonsPartValuesWhereNoCommaDoes() throws IOException {
    ResultTable table = read("a.csv", "\uFEFFcode;weight\r\n0042;\"1,5; net\"\r\n\r\n0057;2\r\n");
    assertThat(table.name()).isEqualTo("a");
    assertThat(table.fields()).containsExactly("code", "weight");
    assertThat(table.rows()).containsExactly(List.of("0042", "1,5; net"), List.of("0057", "2"));
  }

  @Test
  void textsGuardedAgainstFormulasAreTheTexts() throws IOException {
    assertThat(read("a.csv", "note\n'=sum\n'tis\n").rows())
        .containsExactly(List.of("=sum"), List.of("'tis"));
  }

  @Test
  void shortRowsHaveEmptyValues() throws IOException {
    assertThat(read("a.csv", "a,b,c\n1\n").rows()).containsExactly(List.of("1", "", ""));
  }

  @Test
  void tabsAndLineEndsInValuesAreRestored() throws IOException {
    assertThat(read("a.tsv", "a\tb\nx\\ty\tu\\nv\n").rows())
        .containsExactly(List.of("x\ty", "u\nv"));
  }

  @Test
  void linesOfJsonMayNameOtherFields() throws IOException {
    ResultTable table =
        read("a.jsonl", "{\"a\":1.50,\"origin\":{\"page\":1}}\n{\"b\":null,\"a\":\"x\"}\n");
    assertThat(table.fields()).containsExactly("a", "b");
    assertThat(table.rows()).containsExactly(List.of("1.50", ""), List.of("x", ""));
  }

  @Test
  void whatIsNoResultIsSaid() {
    assertThatThrownBy(() -> read("a.csv", "")).hasMessageContaining("no row of headings");
    assertThatThrownBy(() -> read("a.docx", "x")).hasMessageContaining("'.docx' is none of");
    assertThatThrownBy(() -> read("a.jsonl", "{\"a\":")).hasMessageContaining("is no JSON");
    assertThatThrownBy(() -> read("a.jsonl", "[1]")).hasMessageContaining("else than an object");
    assertThatThrownBy(() -> read("a.xlsx", "x")).hasMessageContaining("is no workbook");
    assertThatThrownBy(() -> read("a.sqlite", "x".repeat(600)))
        .hasMessageContaining("is no SQLite database");
    assertThatThrownBy(() -> read("a.csv", "a\n\"x")).isInstanceOf(IOException.class);
    assertThatThrownBy(() -> ResultReader.read(folder)).hasMessageContaining("datapackage.json");
    assertThatThrownBy(() -> ResultReader.read(folder.resolve("none.csv")))
        .isInstanceOf(IOException.class);
  }

  @Test
  void aPackageNamesNoFileOutsideItsFolder() throws IOException {
    Files.writeString(folder.resolve("datapackage.json"), "{\"path\":\"../secret.csv\"}");
    assertThatThrownBy(() -> ResultReader.read(folder)).hasMessageContaining("outside");
  }
}
