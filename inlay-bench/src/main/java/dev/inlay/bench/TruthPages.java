package dev.inlay.bench;

import dev.inlay.page.Page;
import dev.inlay.pdf.OpenFailure;
import dev.inlay.pdf.PageFailure;
import dev.inlay.pdf.PdfFile;
import java.io.IOException;
import java.nio.file.Path;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The pages of papers with truth, one after the other. */
final class TruthPages {

  /** Looks at one page. */
  interface Visitor {
    /**
     * @param tables of the paper's truth
     * @param number of the page, from 1
     */
    void visit(Page page, JsonNode tables, int number);
  }

  private TruthPages() {}

  /** Shows all pages of the papers in a folder, in the order of their names. */
  static void each(Path folder, Visitor visitor) throws IOException {
    for (Path truth : CaseScore.casesIn(folder)) {
      JsonNode tables = JsonMapper.shared().readTree(truth.toFile()).get("tables");
      try (PdfFile file = PdfFile.open(CaseScore.pdfOf(truth), "")) {
        for (int p = 1; p <= file.pageCount(); p++) {
          visitor.visit(file.page(p), tables, p);
        }
      } catch (OpenFailure | PageFailure e) {
        throw new IOException("cannot read " + truth, e);
      }
    }
  }
}
