package dev.inlay.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * Changes of the code that unit tests missed: which of them are tried, and what is read of them.
 */
class SurvivorsTest {

  private static final String REPORT =
      """
      <mutations>
      <mutation detected='true' status='KILLED'><mutatedClass>a.B</mutatedClass>
      <mutatedMethod>c</mutatedMethod><methodDescription>()V</methodDescription>
      <lineNumber>7</lineNumber><mutator>x.MathMutator</mutator>
      <indexes><index>4</index></indexes></mutation>
      <mutation detected='false' status='SURVIVED'><mutatedClass>a.B</mutatedClass>
      <mutatedMethod>d</mutatedMethod><methodDescription>(I)V</methodDescription>
      <lineNumber>9</lineNumber><mutator>x.VoidMutator</mutator>
      <indexes><index>12</index></indexes></mutation>
      </mutations>
      """;

  @TempDir Path folder;

  @Test
  void whatATestNoticedIsNoSurvivor() throws IOException {
    MutationReport report = MutationReport.read(write(REPORT));
    assertThat(report.all()).isEqualTo(2);
    assertThat(report.survivors()).hasToString("[a.B:9 VoidMutator]");
    assertThat(report.survivors().get(0).id().getFirstIndex()).isEqualTo(12);
    assertThat(report.survivors().get(0).id().getLocation().getMethodDesc()).isEqualTo("(I)V");
  }

  @Test
  void aFileThatIsNoReportIsNamed() throws IOException {
    Path file = write("no report");
    assertThatThrownBy(() -> MutationReport.read(file))
        .isInstanceOf(IOException.class)
        .hasMessageContaining("mutations.xml is no report");
  }

  @Test
  void aSeedGivesOneSample() {
    assertThat(Survivors.sample(50, 10, 3)).hasSize(10).isSorted().doesNotHaveDuplicates();
    assertThat(Survivors.sample(50, 10, 3)).isEqualTo(Survivors.sample(50, 10, 3));
    assertThat(Survivors.sample(50, 10, 3)).isNotEqualTo(Survivors.sample(50, 10, 4));
    assertThat(Survivors.sample(3, 10, 3)).containsExactly(0, 1, 2);
  }

  @Test
  void withoutFolderTheUseIsShown() {
    PrintStream none = new PrintStream(new ByteArrayOutputStream());
    assertThatThrownBy(() -> Survivors.main(new String[] {"mutations.xml"}, none))
        .hasMessage(Survivors.USE);
  }

  private Path write(String text) throws IOException {
    return Files.writeString(folder.resolve("mutations.xml"), text);
  }
}
