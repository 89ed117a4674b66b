package dev.inlay.write;

import dev.inlay.survey.LookAlikes;
import dev.inlay.survey.LookAlikes.Group;
import dev.inlay.survey.PaperSummary;
import dev.inlay.survey.TableSummary;
import java.io.BufferedWriter;
import java.io.IOException;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import tools.jackson.core.JsonGenerator;

/** Writes a survey as CSV, a line for each table, or as JSON of the form {@code inlay-survey/1}. */
public final class SurveyFile {

  private static final String FORMAT = "inlay-survey/1";

  private static final List<String> NAMES =
      List.of(
          "file",
          "pages",
          "kind",
          "producer",
          "group",
          "table",
          "title",
          "table pages",
          "rows",
          "columns",
          "rulings",
          "confidence",
          "warnings",
          "headings",
          "problems");

  private final List<PaperSummary> papers;
  private final Map<PaperSummary, String> groupOf = new HashMap<>();

  /** Prepares the documents, which are written in the order given. */
  public SurveyFile(List<PaperSummary> papers) {
    this.papers = List.copyOf(papers);
    List<Group> groups = LookAlikes.group(papers);
    for (int i = 0; i < groups.size(); i++) {
      String name = groupName(i);
      groups.get(i).papers().forEach(p -> groupOf.put(p, name));
    }
  }

  /** A, B, ... Z, AA, AB ... as spreadsheets name columns. */
  static String groupName(int number) {
    String last = String.valueOf((char) ('A' + number % 26));
    return number < 26 ? last : groupName(number / 26 - 1) + last;
  }

  /**
   * Writes CSV and leaves the stream open.
   *
   * @throws IOException if the stream fails
   */
  public void csv(OutputStream out) throws IOException {
    Writer writer = new BufferedWriter(new OutputStreamWriter(out, StandardCharsets.UTF_8));
    CsvLine.write(NAMES, writer);
    for (PaperSummary paper : papers) {
      List<String> start = start(paper);
      String problems = String.join("; ", paper.problems().stream().map(p -> p.message()).toList());
      if (paper.tables().isEmpty()) {
        List<String> line = new ArrayList<>(start);
        while (line.size() < NAMES.size() - 1) {
          line.add("");
        }
        line.add(problems);
        CsvLine.write(line, writer);
      }
      for (TableSummary table : paper.tables()) {
        List<String> line = new ArrayList<>(start);
        line.addAll(cells(table));
        line.add(problems);
        CsvLine.write(line, writer);
      }
    }
    writer.flush();
  }

  private List<String> start(PaperSummary paper) {
    return List.of(
        paper.path().toString(),
        String.valueOf(paper.pages()),
        paper.kind().word(),
        paper.producer(),
        groupOf.getOrDefault(paper, ""));
  }

  private static List<String> cells(TableSummary table) {
    return List.of(
        table.id(),
        table.title().orElse(""),
        String.join(" ", table.pages().stream().map(String::valueOf).toList()),
        String.valueOf(table.rows()),
        String.valueOf(table.columns()),
        table.rulings().word(),
        String.valueOf(table.confidence()),
        String.valueOf(table.warnings()),
        String.join(" | ", table.headings()));
  }

  /** Writes JSON and leaves the stream open. */
  public void json(OutputStream out) {
    JsonOutput.write(
        out,
        json -> {
          json.writeStringProperty("format", FORMAT);
          json.writeArrayPropertyStart("documents");
          papers.forEach(p -> paper(p, json));
          json.writeEndArray();
        });
  }

  private void paper(PaperSummary paper, JsonGenerator json) {
    JsonOutput.newLine(json, " ");
    json.writeStartObject();
    json.writeStringProperty("file", paper.path().toString());
    json.writeNumberProperty("pages", paper.pages());
    json.writeStringProperty("kind", paper.kind().word());
    json.writeStringProperty("producer", paper.producer());
    if (groupOf.containsKey(paper)) {
      json.writeStringProperty("group", groupOf.get(paper));
    }
    JsonOutput.problems(json, paper.problems());
    json.writeArrayPropertyStart("tables");
    paper.tables().forEach(t -> table(t, json));
    json.writeEndArray();
    json.writeEndObject();
  }

  private static void table(TableSummary table, JsonGenerator json) {
    JsonOutput.newLine(json, "  ");
    json.writeStartObject();
    json.writeStringProperty("id", table.id());
    table.title().ifPresent(title -> json.writeStringProperty("title", title));
    JsonOutput.numbers(json, "pages", table.pages());
    json.writeNumberProperty("rows", table.rows());
    json.writeNumberProperty("columns", table.columns());
    json.writeStringProperty("rulings", table.rulings().word());
    json.writeNumberProperty("confidence", table.confidence());
    json.writeNumberProperty("warnings", table.warnings());
    JsonOutput.strings(json, "headings", table.headings());
    json.writeEndObject();
  }
}
