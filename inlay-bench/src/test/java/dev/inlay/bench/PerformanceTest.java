package dev.inlay.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import dev.inlay.extract.DocumentTables;
import dev.inlay.extract.Extractor;
import dev.inlay.model.Table;
import dev.inlay.page.PageSelection;
import java.io.ByteArrayOutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class PerformanceTest {

  @TempDir Path folder;

  @Test
  void aMadeReportIsOneTableOverItsPages() throws Exception {
    Path file = folder.resolve("report.pdf");
    MadeReport.write(file, 3);
    DocumentTables read = new Extractor(PageSelection.ALL, "").extract(file);
    assertThat(read.tables()).hasSize(1);
    Table table = read.tables().get(0);
    assertThat(table.bodyRows()).hasSize(3 * MadeReport.ROWS);
    assertThat(table.bodyRows().get(119).textAt(0)).isEqualTo("120");
    assertThat(table.warnings()).isEmpty();
  }

  @Test
  void theFloorHasTheOptionsOfTheLauncher() {
    assertThat(Performance.flagsOf("#!/bin/sh\nflags=\"-Xa -XX:+UseB\"\nexec java"))
        .containsExactly("-Xa", "-XX:+UseB");
    assertThatThrownBy(() -> Performance.flagsOf("exec java"))
        .hasMessageContaining("no line flags=");
  }

  @Test
  void theMiddleOneOfTheRunsCounts() {
    Performance.Took median =
        Performance.median(
            new Performance.Took(3, 1), new Performance.Took(1, 5), new Performance.Took(2, 9));
    assertThat(median).isEqualTo(new Performance.Took(2, 5));
  }

  @Test
  void aLauncherThatFailsEndsTheMeasuring() throws Exception {
    Path launcher =
        Files.writeString(folder.resolve("fails"), "#!/bin/sh\nflags=\"-Xint\"\nexit 2");
    Files.setPosixFilePermissions(launcher, PosixFilePermissions.fromString("rwx------"));
    PrintStream out = new PrintStream(new ByteArrayOutputStream(), true, StandardCharsets.UTF_8);
    assertThatThrownBy(
            () -> Performance.main(List.of(launcher.toString(), "1").toArray(String[]::new), out))
        .hasMessageContaining("exit status 2");
  }
}
