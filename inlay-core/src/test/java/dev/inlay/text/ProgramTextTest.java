package dev.inlay.text;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class ProgramTextTest {

  @ParameterizedTest
  @ValueSource(
      strings = {
        "int lines; /* number of lines */",
        "12 } else {",
        "# rm afs.rc",
        "#export FLAGS",
        "$ make install",
        "% port install",
        "// not reached",
        "</interface>",
        "std::vector",
        "if a != b",
        "method{ raid } \\",
        "parent = <name> ; # inherit",
      })
  void programsCommandsAndConfiguration(String line) {
    assertThat(ProgramText.is(line)).isTrue();
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "#1 Oyle 34",
        "$ 1,204.50 88.0",
        "% 12.5",
        "Oyle, north quay; Moyle",
        "12/25/2026 10:30",
        "a/b 3 = 4",
        "Boxed (kg) 1,204",
      })
  void rowsOfTables(String line) {
    assertThat(ProgramText.is(line)).isFalse();
  }
}
