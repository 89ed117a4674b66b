package dev.inlay.bench;

import dev.inlay.extract.DocumentTables;
import dev.inlay.extract.Extractor;
import dev.inlay.page.PageSelection;
import dev.inlay.write.JsonTables;
import java.io.ByteArrayOutputStream;
import java.nio.file.Path;
import java.util.List;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * A case as it is read today.
 *
 * @param score how it came out, by what {@code extract} writes to JSON
 * @param document what was read
 */
record CaseReading(CaseScore score, DocumentTables document) {

  /**
   * Extracts and scores a case.
   *
   * @param truth the path of its truth, with the PDF beside it
   * @throws InterruptedException if stopped from outside
   */
  static CaseReading of(Path truth) throws InterruptedException {
    DocumentTables document = new Extractor(PageSelection.ALL, "").extract(CaseScore.pdfOf(truth));
    JsonNode due = JsonMapper.shared().readTree(truth.toFile());
    return new CaseReading(CaseScore.of(CaseScore.nameOf(truth), due, asJson(document)), document);
  }

  /** A document as {@code extract} writes it. */
  static JsonNode asJson(DocumentTables document) {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    JsonTables.write(List.of(document), bytes);
    return JsonMapper.shared().readTree(bytes.toByteArray()).get("documents").get(0);
  }
}
