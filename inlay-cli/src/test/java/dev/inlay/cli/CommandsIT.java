package dev.inlay.cli;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.cli.Program.Result;
import java.awt.image.BufferedImage;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Survey, proof, lines and the hand tools of the built program, on the demo papers. */
class CommandsIT {

  private static final Path SAMPLES = Path.of(System.getProperty("inlay.samples"));

  @TempDir private Path folder;

  @BeforeEach
  void copySamples() throws Exception {
    Path reports = Files.createDirectory(folder.resolve("reports"));
    for (String name :
        List.of(
            "landings-2025-q1",
            "landings-2025-q2",
            "dues-statement-oyle",
            "quay-prices-2025-w14")) {
      Files.copy(SAMPLES.resolve(name + ".pdf"), reports.resolve(name + ".pdf"));
    }
  }

  @Test
  void surveyGroupsWhatLooksAlikeAndTellsWhatCannotBeRead() throws Exception {
    Files.writeString(folder.resolve("reports/broken.pdf"), "%PDF-1.4 cut off");
    Result result = Program.run(folder, "survey", "reports");
    assertThat(result.code()).isEqualTo(3);
    assertThat(result.out())
        .contains("5 files", "2 files that look alike", "Not read  1 file")
        .contains("Harbour | Species | Landings")
        .contains("quay-prices-2025-w14.pdf  1 page, text, inlay-samples");
    assertThat(result.messages()).hasSize(1).allMatch(m -> m.contains("broken.pdf"));
  }

  @Test
  void surveyWritesALineForEachTable() throws Exception {
    Result result = Program.run(folder, "survey", "reports", "-o", "survey.csv");
    assertThat(result.code()).as(result.err()).isZero();
    List<String> lines = Files.readAllLines(folder.resolve("survey.csv"));
    assertThat(lines).hasSize(1 + 2 * 2 + 1 + 1);
    assertThat(lines.get(0)).startsWith("file,pages,kind,producer,group,table,title");
    Result again = Program.run(folder, "survey", "reports", "-o", "survey.csv");
    assertThat(again.code()).isEqualTo(4);
    assertThat(again.err()).contains("survey.csv: exists; add --overwrite");
  }

  @Test
  void surveyOfAFolderWithoutPdfsIsWrongUse() throws Exception {
    Files.createDirectory(folder.resolve("empty"));
    Result result = Program.run(folder, "survey", "empty");
    assertThat(result.code()).isEqualTo(2);
    assertThat(result.err()).contains("no PDF file in empty");
  }

  @Test
  void linesShowTextsWithTheirPlacesInTheUnitAskedFor() throws Exception {
    String file = "reports/dues-statement-oyle.pdf";
    Result points = Program.run(folder, "lines", file, "--pages", "1");
    assertThat(points.code()).as(points.err()).isZero();
    assertThat(points.out()).contains("page 1  595.3 × 841.9 pt").contains("Skua, SK 114");
    Result percent =
        Program.run(folder, "lines", file, "--pages", "1", "--unit", "%", "--to", "csv");
    assertThat(percent.out().lines().skip(1))
        .allMatch(l -> Double.parseDouble(l.split(",")[3]) <= 100);
    Result wrong = Program.run(folder, "lines", file, "--unit", "ell");
    assertThat(wrong.code()).isEqualTo(2);
    assertThat(wrong.err()).contains("'ell' is no unit");
  }

  @Test
  void proofDrawsAPictureOfEachPageAndNeverOverwritesByItself() throws Exception {
    String file = "reports/landings-2025-q1.pdf";
    Result result = Program.run(folder, "proof", file, "--dpi", "50", "-o", "proof");
    assertThat(result.code()).as(result.err()).isZero();
    BufferedImage page = ImageIO.read(folder.resolve("proof/landings-2025-q1-p2.png").toFile());
    assertThat(page.getWidth()).isBetween(430, 470);
    assertThat(page.getHeight()).isGreaterThan(600);
    Result again = Program.run(folder, "proof", file, "--pages", "2", "--dpi", "50", "-o", "proof");
    assertThat(again.code()).isEqualTo(4);
    assertThat(again.err()).contains("exists; add --overwrite");
    Result pdf = Program.run(folder, "proof", file, "--to", "pdf", "-o", "proof");
    assertThat(pdf.code()).as(pdf.err()).isZero();
    assertThat(folder.resolve("proof/landings-2025-q1-proof.pdf")).isNotEmptyFile();
  }

  @Test
  void proofTellsWrongOptions() throws Exception {
    Result form = Program.run(folder, "proof", "reports/landings-2025-q1.pdf", "--to", "gif");
    assertThat(form.code()).isEqualTo(2);
    Result name = Program.run(folder, "proof", "reports/landings-2025-q1.pdf", "-o", "f.png");
    assertThat(name.code()).isEqualTo(2);
    assertThat(name.err()).contains("'f.png' names a file");
    assertThat(folder.resolve("f.png")).doesNotExist();
    Result dpi = Program.run(folder, "proof", "reports/landings-2025-q1.pdf", "--dpi", "9");
    assertThat(dpi.code()).isEqualTo(2);
    assertThat(dpi.err()).contains("9 is not between 20 and 600");
  }

  @Test
  void aTableIsChosenByIdOrByATextOfItsHeadings() throws Exception {
    String file = "reports/landings-2025-q1.pdf";
    Result byId = Program.run(folder, "extract", file, "--table", "p2t2", "--to", "csv");
    assertThat(byId.out().lines().findFirst())
        .hasValue("Length class,Vessels,Landings,Landed weight (kg)");
    Result byHeading =
        Program.run(folder, "extract", file, "--table", "length class", "--to", "csv");
    assertThat(byHeading.out()).isEqualTo(byId.out());
    Result none = Program.run(folder, "extract", file, "--table", "p9t9");
    assertThat(none.code()).isEqualTo(1);
    assertThat(none.err()).contains("none of its 2 table(s) fits --table p9t9");
  }

  @Test
  void textsAboveAndBelowBoundWhatIsRead() throws Exception {
    String file = "reports/dues-statement-oyle.pdf";
    Result result =
        Program.run(
            folder,
            "extract",
            file,
            "--below",
            "skua, sk",
            "--above",
            "Dues of Skua",
            "--to",
            "csv");
    assertThat(result.code()).as(result.err()).isZero();
    assertThat(result.out()).contains("2025-03-01", "8.61").doesNotContain("Merganser", "322.57");
    Result missing = Program.run(folder, "extract", file, "--below", "no such words");
    assertThat(missing.code()).isEqualTo(1);
    assertThat(missing.err()).contains("--below \"no such words\"", "inlay lines");
  }

  @Test
  void tablesAreLookedForOnlyInsideAnArea() throws Exception {
    String file = "reports/landings-2025-q1.pdf";
    Result lower =
        Program.run(
            folder, "extract", file, "--pages", "2", "--area", "0,60%,100%,100%", "--to", "csv");
    assertThat(lower.code()).as(lower.err()).isZero();
    assertThat(lower.out()).startsWith("Length class").doesNotContain("Vane Ness");
    Result nowhere = Program.run(folder, "extract", file, "--area", "0,0,1cm,1cm");
    assertThat(nowhere.err()).contains("no table found");
    Result both =
        Program.run(folder, "extract", file, "--area", "0,0,1cm,1cm", "--frame", "0,0,1cm,1cm");
    assertThat(both.code()).isEqualTo(2);
    assertThat(both.err()).contains("--area and --frame exclude each other");
  }

  @Test
  void aFrameAndGuttersAreTakenAsGiven() throws Exception {
    String file = "reports/quay-prices-2025-w14.pdf";
    Result result =
        Program.run(
            folder,
            "extract",
            file,
            "--frame",
            "10%,20%,36%,40%",
            "--gutters",
            "32mm,64mm",
            "--to",
            "csv");
    assertThat(result.code()).as(result.err()).isZero();
    assertThat(result.out().lines().count()).isGreaterThan(8);
    assertThat(result.out().lines())
        .allMatch(l -> l.replaceAll("\"[^\"]*\"", "x").split(",").length == 3);
    Result cut = Program.run(folder, "extract", file, "--gutters", "40mm,64mm", "--to", "csv");
    assertThat(cut.err()).contains("cuts through", "cut-word", "page 1");
    Result wrong = Program.run(folder, "extract", file, "--frame", "50%,1,10%,2");
    assertThat(wrong.code()).isEqualTo(2);
    assertThat(wrong.err()).contains("left edge (50%) must come before its right edge (10%)");
  }
}
