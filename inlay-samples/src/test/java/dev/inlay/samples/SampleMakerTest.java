package dev.inlay.samples;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

class SampleMakerTest {

  private static final Path COMMITTED = Path.of("..", "samples");

  @Test
  void theSamplesInTheRepositoryAreThoseTheProgramMakes() throws Exception {
    for (Sample sample : SampleMaker.shipped()) {
      assertThat(COMMITTED.resolve(sample.name() + ".pdf")).hasBinaryContent(sample.pdf());
      assertThat(COMMITTED.resolve(sample.name() + ".truth.json")).hasBinaryContent(sample.truth());
    }
  }

  @Test
  void everyRunMakesTheSameBytes() throws Exception {
    List<Sample> first = SampleMaker.all();
    List<Sample> second = SampleMaker.all();
    for (int i = 0; i < first.size(); i++) {
      assertThat(second.get(i).pdf()).isEqualTo(first.get(i).pdf());
    }
  }

  @Test
  void eachBulletinRunsOverAPageAndLooksLikeAPaper() throws Exception {
    for (Sample sample : SampleMaker.shipped()) {
      if (!sample.name().startsWith("landings")) {
        continue;
      }
      try (PDDocument pdf = Loader.loadPDF(sample.pdf())) {
        assertThat(pdf.getNumberOfPages()).isBetween(2, 4);
        String text = new PDFTextStripper().getText(pdf);
        assertThat(text)
            .contains("TARN SOUND HARBOUR BOARD", "Page 2 of", "Table 2.", "Landed weight (kg)")
            .contains("Tarn Sound Harbour Board", "Saithe landed at Oyle");
      }
      assertThat(Files.size(COMMITTED.resolve(sample.name() + ".pdf"))).isLessThan(300_000);
    }
  }

  @Test
  void theRegisterIsLongAndItsColumnsMove() throws Exception {
    Sample register =
        SampleMaker.all().stream()
            .filter(x -> x.name().startsWith("vessel-register"))
            .findFirst()
            .orElseThrow();
    try (PDDocument pdf = Loader.loadPDF(register.pdf())) {
      assertThat(pdf.getNumberOfPages()).isEqualTo(60);
      PDFTextStripper stripper = new PDFTextStripper();
      assertThat(stripper.getText(pdf)).contains("Register of vessels", "Page 60 of 60", "Owner");
    }
  }

  @Test
  void everySampleHasATruthWithRows() throws Exception {
    for (Sample sample : SampleMaker.all()) {
      String truth = new String(sample.truth(), java.nio.charset.StandardCharsets.UTF_8);
      assertThat(truth).as(sample.name()).contains("\"header_rows\"", "\"body\"");
    }
  }

  @Test
  void printedTotalsAreTheSumsOfTheirColumns() {
    LandingsFigures figures = new LandingsFigures(1, 5);
    for (SampleTable table : List.of(figures.byHarbour("a"), figures.byLength("a"))) {
      for (int c = table.rightFrom(); c < table.widths().size(); c++) {
        assertThat(sum(table, "body", c)).isPositive().isEqualTo(sum(table, "total", c));
      }
    }
  }

  private static long sum(SampleTable table, String kind, int column) {
    return table.rows().stream()
        .filter(r -> r.kind().equals(kind))
        .flatMap(r -> r.cells().stream())
        .filter(cell -> cell.column() == column && !cell.text().isEmpty())
        .mapToLong(cell -> Long.parseLong(cell.text().replaceAll("[,.]", "")))
        .sum();
  }
}
