package dev.inlay.write;

import dev.inlay.geom.Box;
import dev.inlay.model.TextLedger;
import dev.inlay.rows.CheckCount;
import dev.inlay.rows.DataRecord;
import dev.inlay.rows.DataSetPart;
import dev.inlay.rows.Evidence;
import dev.inlay.rows.FileRun;
import dev.inlay.rows.Finding;
import dev.inlay.rows.HeldRecord;
import dev.inlay.rows.Origin;
import dev.inlay.rows.PrintedForm;
import dev.inlay.rows.RowLedger;
import dev.inlay.rows.RuleUse;
import dev.inlay.rows.Severity;
import dev.inlay.rows.Value;
import java.io.IOException;
import java.io.InputStream;
import java.math.BigDecimal;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.Year;
import java.time.YearMonth;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

/** Reads what {@link KeptRunJson} wrote. */
public final class KeptRunReader {

  private final Path path;
  private final String file;

  private KeptRunReader(Path path) {
    this.path = path;
    file = String.valueOf(path.getFileName());
  }

  /**
   * Reads the result of a file.
   *
   * @param path the file as this run names it; its name is the one that it had
   * @throws IOException if the stream fails, or holds no whole result of this format
   */
  public static FileRun read(InputStream in, Path path) throws IOException {
    Map<String, Object> json = JsonTree.read(in);
    try {
      if (!KeptRunJson.FORMAT.equals(json.get("format"))) {
        throw new IOException("not of the format " + KeptRunJson.FORMAT);
      }
      return new KeptRunReader(path).run(json);
    } catch (ClassCastException | NullPointerException | IllegalArgumentException e) {
      throw new IOException("no whole result of a file", e);
    }
  }

  private FileRun run(Map<String, Object> json) {
    List<Integer> c = list(json, "characters", o -> (Integer) o);
    TextLedger characters =
        new TextLedger(c.get(0), c.get(1), c.get(2), c.get(3), c.get(4), c.get(5), c.get(6));
    FileRun.Status status =
        Arrays.stream(FileRun.Status.values())
            .filter(s -> s.word().equals(json.get("status")))
            .findFirst()
            .orElseThrow(IllegalArgumentException::new);
    return new FileRun(
        path,
        text(json, "sha256"),
        number(json, "pages"),
        number(json, "tables"),
        status,
        text(json, "reason"),
        objects(json, "parts", this::part),
        objects(json, "findings", this::finding),
        characters);
  }

  private DataSetPart part(Map<String, Object> json) {
    Map<String, Integer> leftOut = new HashMap<>();
    object(json.get("leftOut")).forEach((rule, n) -> leftOut.put(rule, (Integer) n));
    Map<PrintedForm, PrintedForm.Seen> forms = new HashMap<>();
    for (Map<String, Object> form : objects(json, "forms", f -> f)) {
      PrintedForm.Aspect aspect = PrintedForm.Aspect.valueOf(text(form, "aspect"));
      forms.put(
          new PrintedForm(text(form, "field"), aspect),
          new PrintedForm.Seen(text(form, "form"), text(form, "example")));
    }
    Map<String, CheckCount> counts = new HashMap<>();
    for (Map<String, Object> count : objects(json, "counts", f -> f)) {
      counts.put(
          text(count, "check"), new CheckCount(number(count, "times"), number(count, "rows")));
    }
    RowLedger ledger =
        new RowLedger(
            number(json, "read"), number(json, "accepted"), number(json, "held"), leftOut);
    return new DataSetPart(
        objects(json, "records", this::record),
        objects(json, "heldRecords", this::held),
        ledger,
        objects(json, "findings", this::finding),
        texts(json, "tables"),
        texts(json, "columns"),
        texts(json, "asked"),
        forms,
        objects(json, "uses", KeptRunReader::use),
        List.of(),
        List.of(),
        counts);
  }

  private static RuleUse use(Map<String, Object> json) {
    return new RuleUse(
        text(json, "rule"), number(json, "taken"), text(json, "example"), texts(json, "nearly"));
  }

  private HeldRecord held(Map<String, Object> json) {
    return new HeldRecord(record(json), objects(json, "reasons", this::finding));
  }

  private DataRecord record(Map<String, Object> json) {
    Origin row = origin(json).orElseThrow(IllegalArgumentException::new);
    Map<String, Value> values = new LinkedHashMap<>();
    object(json.get("values"))
        .forEach((field, value) -> values.put(field, value(object(value), row)));
    return new DataRecord(file, row, values);
  }

  private static Value value(Map<String, Object> json, Origin row) {
    Object content = null;
    String text = "";
    for (Map.Entry<String, Object> entry : json.entrySet()) {
      if (KeptRunJson.TYPES.contains(entry.getKey())) {
        text = (String) entry.getValue();
        content = content(entry.getKey(), text);
      }
    }
    String printed = json.containsKey("printed") ? text(json, "printed") : text;
    Optional<Origin> origin =
        json.containsKey("box") && !json.containsKey("page")
            ? Optional.of(new Origin(row.page(), box(json), row.table()))
            : origin(json);
    return new Value(content, printed, json.containsKey("grouped"), origin);
  }

  private static Object content(String type, String text) {
    return switch (type) {
      case "number" -> new BigDecimal(text);
      case "date" -> LocalDate.parse(text);
      case "yearmonth" -> YearMonth.parse(text);
      case "year" -> Year.parse(text);
      case "boolean" -> Boolean.valueOf(text);
      default -> text;
    };
  }

  private Finding finding(Map<String, Object> json) {
    List<String> e = json.containsKey("evidence") ? texts(json, "evidence") : List.of();
    Evidence evidence =
        e.isEmpty()
            ? Evidence.NONE
            : new Evidence(e.get(0), e.get(1), e.get(2), e.get(3), e.get(4), e.get(5));
    return new Finding(
        Severity.valueOf(text(json, "severity")),
        text(json, "code"),
        text(json, "of"),
        text(json, "message"),
        origin(json),
        Optional.ofNullable((String) json.get("check")),
        evidence,
        Optional.ofNullable(json.get("follows")).map(f -> finding(object(f))));
  }

  private static Optional<Origin> origin(Map<String, Object> json) {
    return json.containsKey("page")
        ? Optional.of(new Origin(number(json, "page"), box(json), text(json, "table")))
        : Optional.empty();
  }

  private static Box box(Map<String, Object> json) {
    List<Object> at = list(json, "box", o -> o);
    return new Box(edge(at.get(0)), edge(at.get(1)), edge(at.get(2)), edge(at.get(3)));
  }

  private static double edge(Object number) {
    return ((Number) number).doubleValue();
  }

  private static String text(Map<String, Object> json, String name) {
    String text = (String) json.get(name);
    if (text == null) {
      throw new IllegalArgumentException(name);
    }
    return text;
  }

  private static int number(Map<String, Object> json, String name) {
    return (Integer) json.get(name);
  }

  private static List<String> texts(Map<String, Object> json, String name) {
    return list(json, name, o -> (String) o);
  }

  private static <T> List<T> objects(
      Map<String, Object> json, String name, Function<Map<String, Object>, T> of) {
    return list(json, name, o -> of.apply(object(o)));
  }

  private static <T> List<T> list(Map<String, Object> json, String name, Function<Object, T> of) {
    return ((List<?>) json.get(name)).stream().<T>map(of::apply).toList();
  }

  @SuppressWarnings("unchecked") // JsonTree makes no other maps
  private static Map<String, Object> object(Object json) {
    return (Map<String, Object>) json;
  }
}
