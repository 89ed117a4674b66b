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
    for (Sample sample : SampleMaker.all()) {
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
    for (Sample sample : SampleMaker.all()) {
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
