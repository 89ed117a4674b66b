package dev.inlay.cli;

import static org.assertj.core.api.Assertions.assertThat;

import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import dev.inlay.cli.Program.Result;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What the program writes is as its schemas say, on all demo papers. */
class SchemaIT {

  @TempDir private Path folder;

  private Schema schema(String name) throws Exception {
    Result result = Program.run(folder, "schema", name);
    assertThat(result.code()).as(result.err()).isZero();
    return SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
        .getSchema(result.out(), InputFormat.JSON);
  }

  private static List<String> errors(Schema schema, String text, InputFormat format) {
    return schema.validate(text, format).stream().map(Object::toString).toList();
  }

  @Test
  void theTablesOfAllPapersAreAsTheirSchemaSays() throws Exception {
    Schema schema = schema("tables");
    Files.writeString(folder.resolve("damaged.pdf"), "%PDF-1.4\n");
    Result result =
        Program.run(folder, "extract", Program.SAMPLES, "damaged.pdf", "--to", "json", "--quiet");
    assertThat(result.code()).as("one is damaged, some are locked").isEqualTo(3);
    assertThat(errors(schema, result.out(), InputFormat.JSON)).isEmpty();
    String other = result.out().replaceFirst("\"headerRows\":", "\"heads\":");
    assertThat(errors(schema, other, InputFormat.JSON)).hasSize(2);
  }

  @ParameterizedTest
  @ValueSource(strings = {"cash-book", "dues", "landings"})
  void theRecordOfARunIsAsItsSchemaSays(String spec) throws Exception {
    Path file = Program.SAMPLES.resolve("specs").resolve(spec + ".inlay.yaml").toAbsolutePath();
    Program.run(folder, "run", file, Program.SAMPLES.toAbsolutePath(), "-o", "out/", "--quiet");
    String record = Files.readString(folder.resolve("out/run.json"));
    Schema schema = schema("run");
    assertThat(errors(schema, record, InputFormat.JSON)).isEmpty();
    String other = record.replaceFirst("\"status\":\"[a-z ]+\"", "\"status\":\"well\"");
    assertThat(errors(schema, other, InputFormat.JSON)).hasSize(1);
  }

  @Test
  void theSpecsOfTheDemoAreAsTheirSchemaSays() throws Exception {
    Schema schema = schema("spec");
    try (Stream<Path> specs = Files.list(Program.SAMPLES.resolve("specs"))) {
      for (Path spec : specs.toList()) {
        String text = Files.readString(spec);
        assertThat(errors(schema, text, InputFormat.YAML)).as(spec.toString()).isEmpty();
        assertThat(errors(schema, text + "\nreprot: x\n", InputFormat.YAML)).isNotEmpty();
      }
    }
  }

  @Test
  void anUnknownFormatIsWrongUse() throws Exception {
    Result result = Program.run(folder, "schema", "rows");
    assertThat(result.code()).isEqualTo(2);
    assertThat(result.err()).contains("'rows' has no schema; one of tables, run, spec");
  }
}
