package dev.inlay.write;

import dev.inlay.geom.Box;
import dev.inlay.model.TextLedger;
import dev.inlay.rows.DataRecord;
import dev.inlay.rows.DataSetPart;
import dev.inlay.rows.Evidence;
import dev.inlay.rows.FileRun;
import dev.inlay.rows.Finding;
import dev.inlay.rows.HeldRecord;
import dev.inlay.rows.Origin;
import dev.inlay.rows.RowLedger;
import dev.inlay.rows.RuleUse;
import dev.inlay.rows.Value;
import java.io.OutputStream;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.Year;
import java.time.YearMonth;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.BiConsumer;
import tools.jackson.core.JsonGenerator;

/**
 * Writes what a run made of one file as JSON, whole and exact, so that a later run need not read
 * the file again; {@link KeptRunReader} reads it. The format is described in docs/COMMANDS.md.
 */
public final class KeptRunJson {

  /** The name of the format; it changes with its content. */
  public static final String FORMAT = "inlay-kept/1";

  /** What the content of a value may be: more exact than the type of its field. */
  static final Set<String> TYPES =
      Set.of("string", "number", "date", "yearmonth", "year", "boolean");

  private final JsonGenerator json;

  private KeptRunJson(JsonGenerator json) {
    this.json = json;
  }

  /**
   * Writes the result of a file and leaves the stream open.
   *
   * @throws tools.jackson.core.exc.JacksonIOException if the stream fails
   */
  public static void write(FileRun run, OutputStream out) {
    JsonOutput.write(out, json -> new KeptRunJson(json).run(run));
  }

  private void run(FileRun run) {
    json.writeStringProperty("format", FORMAT);
    json.writeStringProperty("file", run.fileName());
    json.writeStringProperty("sha256", run.sha256());
    json.writeNumberProperty("pages", run.pages());
    json.writeNumberProperty("tables", run.tables());
    json.writeStringProperty("status", run.status().word());
    json.writeStringProperty("reason", run.reason());
    TextLedger text = run.characters();
    JsonOutput.numbers(
        json,
        "characters",
        List.of(
            text.printed(),
            text.inCells(),
            text.leaders(),
            text.stray(),
            text.furniture(),
            text.outside(),
            text.doubled()));
    objects("findings", run.findings(), KeptRunJson::finding);
    objects("parts", run.parts(), KeptRunJson::part);
  }

  private <T> void objects(String name, Iterable<T> all, BiConsumer<KeptRunJson, T> content) {
    json.writeArrayPropertyStart(name);
    for (T one : all) {
      JsonOutput.newLine(json, " ");
      json.writeStartObject();
      content.accept(this, one);
      json.writeEndObject();
    }
    json.writeEndArray();
  }

  private void part(DataSetPart part) {
    RowLedger ledger = part.ledger();
    json.writeNumberProperty("read", ledger.read());
    json.writeNumberProperty("accepted", ledger.accepted());
    json.writeNumberProperty("held", ledger.held());
    json.writeObjectPropertyStart("leftOut");
    ledger.leftOut().forEach(json::writeNumberProperty);
    json.writeEndObject();
    objects("records", part.records(), KeptRunJson::record);
    objects("heldRecords", part.held(), KeptRunJson::held);
    objects("findings", part.findings(), KeptRunJson::finding);
    JsonOutput.strings(json, "tables", part.tables());
    JsonOutput.strings(json, "columns", part.columns());
    JsonOutput.strings(json, "asked", part.asked());
    objects(
        "forms",
        part.forms().entrySet().stream()
            .sorted(Comparator.comparing(f -> f.getKey().field() + " " + f.getKey().aspect()))
            .toList(),
        (self, form) -> {
          json.writeStringProperty("field", form.getKey().field());
          json.writeStringProperty("aspect", form.getKey().aspect().name());
          json.writeStringProperty("form", form.getValue().form());
          json.writeStringProperty("example", form.getValue().example());
        });
    objects("uses", part.uses(), KeptRunJson::use);
    objects(
        "counts",
        new TreeMap<>(part.counts()).entrySet(),
        (self, count) -> {
          json.writeStringProperty("check", count.getKey());
          json.writeNumberProperty("times", count.getValue().times());
          json.writeNumberProperty("rows", count.getValue().rows());
        });
  }

  private void use(RuleUse use) {
    json.writeStringProperty("rule", use.rule());
    json.writeNumberProperty("taken", use.taken());
    json.writeStringProperty("example", use.example());
    JsonOutput.strings(json, "nearly", use.nearly());
  }

  private void held(HeldRecord held) {
    record(held.record());
    objects("reasons", held.reasons(), KeptRunJson::finding);
  }

  private void record(DataRecord record) {
    origin(record.origin());
    json.writeObjectPropertyStart("values");
    record.values().forEach((field, value) -> value(field, value, record.origin()));
    json.writeEndObject();
  }

  /** Of a value only what does not follow from the rest: there are very many of them. */
  private void value(String field, Value value, Origin row) {
    json.writeObjectPropertyStart(field);
    String text = value.isNothing() ? "" : value.content().toString();
    if (!value.isNothing()) {
      json.writeStringProperty(type(value.content()), text);
    }
    if (!value.printed().equals(text)) {
      json.writeStringProperty("printed", value.printed());
    }
    if (value.grouped()) {
      json.writeBooleanProperty("grouped", true);
    }
    value
        .origin()
        .ifPresent(
            o -> {
              if (o.page() == row.page() && o.table().equals(row.table())) {
                edges("box", o.box());
              } else {
                origin(o);
              }
            });
    json.writeEndObject();
  }

  /** The one of {@link #TYPES} that a content is of. */
  private static String type(Object content) {
    if (content instanceof BigDecimal) {
      return "number";
    }
    if (content instanceof LocalDate) {
      return "date";
    }
    if (content instanceof YearMonth) {
      return "yearmonth";
    }
    if (content instanceof Year) {
      return "year";
    }
    return content instanceof Boolean ? "boolean" : "string";
  }

  private void finding(Finding finding) {
    json.writeStringProperty("severity", finding.severity().name());
    json.writeStringProperty("code", finding.code());
    json.writeStringProperty("of", finding.file());
    json.writeStringProperty("message", finding.message());
    finding.origin().ifPresent(this::origin);
    finding.check().ifPresent(c -> json.writeStringProperty("check", c));
    Evidence evidence = finding.evidence();
    if (!evidence.equals(Evidence.NONE)) {
      JsonOutput.strings(
          json,
          "evidence",
          List.of(
              evidence.row(),
              evidence.field(),
              evidence.seen(),
              evidence.expected(),
              evidence.difference(),
              evidence.cause()));
    }
    finding
        .cause()
        .ifPresent(
            cause -> {
              json.writeObjectPropertyStart("follows");
              finding(cause);
              json.writeEndObject();
            });
  }

  /** The page, the box in points without rounding, and the table. */
  private void origin(Origin origin) {
    json.writeNumberProperty("page", origin.page());
    edges("box", origin.box());
    json.writeStringProperty("table", origin.table());
  }

  private void edges(String name, Box box) {
    json.writeArrayPropertyStart(name);
    for (double edge : new double[] {box.left(), box.top(), box.right(), box.bottom()}) {
      json.writeNumber(edge);
    }
    json.writeEndArray();
  }
}
