package dev.inlay.write;

import dev.inlay.model.TextLedger;
import dev.inlay.rows.CheckResult;
import dev.inlay.rows.DataSet;
import dev.inlay.rows.Evidence;
import dev.inlay.rows.FileRun;
import dev.inlay.rows.Finding;
import dev.inlay.rows.RowLedger;
import dev.inlay.rows.RunResult;
import java.io.OutputStream;
import tools.jackson.core.JsonGenerator;

/** Writes the record of a run as JSON: its files with their digests, ledgers and findings. */
final class RunRecord {

  private RunRecord() {}

  /** Writes the record and leaves the stream open; it holds no times, so it can be compared. */
  static void write(RunResult result, OutputStream out) {
    JsonOutput.write(
        out,
        json -> {
          json.writeStringProperty("format", "inlay-run/1");
          json.writeStringProperty("report", result.report());
          json.writeArrayPropertyStart("dataSets");
          for (DataSet data : result.dataSets()) {
            json.writeStartObject();
            json.writeStringProperty("name", data.name());
            json.writeNumberProperty("records", data.records().size());
            json.writeEndObject();
          }
          json.writeEndArray();
          json.writeArrayPropertyStart("checks");
          result.checkResults().forEach(c -> check(json, c));
          json.writeEndArray();
          rows(json, result.rows());
          json.writeArrayPropertyStart("files");
          result.files().forEach(f -> file(json, f));
          json.writeEndArray();
        });
  }

  private static void check(JsonGenerator json, CheckResult check) {
    json.writeStartObject();
    json.writeStringProperty("name", check.name());
    json.writeStringProperty("state", check.state().word());
    json.writeNumberProperty("asked", check.count().times());
    json.writeNumberProperty("rows", check.count().rows());
    json.writeEndObject();
  }

  private static void file(JsonGenerator json, FileRun file) {
    JsonOutput.newLine(json, " ");
    json.writeStartObject();
    json.writeStringProperty("file", file.fileName());
    json.writeStringProperty("sha256", file.sha256());
    json.writeStringProperty("status", file.status().word());
    if (!file.reason().isEmpty()) {
      json.writeStringProperty("reason", file.reason());
    }
    json.writeNumberProperty("pages", file.pages());
    json.writeNumberProperty("tables", file.tables());
    rows(json, file.rows());
    characters(json, file.characters());
    json.writeArrayPropertyStart("findings");
    file.allFindings().forEach(f -> finding(json, f));
    json.writeEndArray();
    json.writeEndObject();
  }

  private static void rows(JsonGenerator json, RowLedger rows) {
    json.writeObjectPropertyStart("rows");
    json.writeNumberProperty("read", rows.read());
    json.writeNumberProperty("accepted", rows.accepted());
    json.writeNumberProperty("held", rows.held());
    json.writeObjectPropertyStart("leftOut");
    rows.leftOut().forEach(json::writeNumberProperty);
    json.writeEndObject();
    json.writeEndObject();
  }

  private static void characters(JsonGenerator json, TextLedger ledger) {
    json.writeObjectPropertyStart("characters");
    json.writeNumberProperty("printed", ledger.printed());
    json.writeNumberProperty("inCells", ledger.inCells());
    json.writeNumberProperty("leaders", ledger.leaders());
    json.writeNumberProperty("stray", ledger.stray());
    json.writeNumberProperty("furniture", ledger.furniture());
    json.writeNumberProperty("outside", ledger.outside());
    json.writeEndObject();
  }

  private static void evidence(JsonGenerator json, Evidence evidence) {
    property(json, "row", evidence.row());
    property(json, "field", evidence.field());
    property(json, "seen", evidence.seen());
    property(json, "expected", evidence.expected());
    property(json, "difference", evidence.difference());
    property(json, "cause", evidence.cause());
  }

  private static void property(JsonGenerator json, String name, String text) {
    if (!text.isEmpty()) {
      json.writeStringProperty(name, text);
    }
  }

  private static void finding(JsonGenerator json, Finding finding) {
    JsonOutput.newLine(json, "  ");
    json.writeStartObject();
    json.writeStringProperty("severity", finding.severity().word());
    json.writeStringProperty("code", finding.code());
    json.writeStringProperty("message", finding.message());
    finding.check().ifPresent(c -> json.writeStringProperty("check", c));
    evidence(json, finding.evidence());
    finding.cause().ifPresent(c -> json.writeStringProperty("followsFrom", c.message()));
    finding
        .origin()
        .ifPresent(
            o -> {
              json.writeNumberProperty("page", o.page());
              JsonOutput.box(json, o.box());
            });
    json.writeEndObject();
  }
}
