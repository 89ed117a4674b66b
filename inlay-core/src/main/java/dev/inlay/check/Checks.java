package dev.inlay.check;

import dev.inlay.record.DataRecord;
import dev.inlay.record.DataSetPart;
import dev.inlay.record.Finding;
import dev.inlay.record.HeldRecord;
import dev.inlay.record.Origin;
import dev.inlay.record.Severity;
import dev.inlay.record.Value;
import dev.inlay.spec.CheckSpec;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;

/** Runs the checks of a spec over what one file gave. */
public final class Checks {

  private final DataSetPart part;
  private final String file;
  private final List<Finding> findings;
  private final Map<DataRecord, List<Finding>> held = new IdentityHashMap<>();

  /** Rows whose sum is off, and by how much. */
  private record Told(DataRecord first, BigDecimal off) {}

  private final List<Told> told = new ArrayList<>();

  private Checks(DataSetPart part, String file) {
    this.part = part;
    this.file = file;
    findings = new ArrayList<>(part.findings());
  }

  /** The part with its checks made: findings added, and rows held where a check wants that. */
  public static DataSetPart made(List<CheckSpec> checks, DataSetPart part, String file) {
    Checks run = new Checks(part, file);
    checks.forEach(run::make);
    return run.result();
  }

  private void make(CheckSpec check) {
    switch (check.kind()) {
      case ROW -> new RowCheck(check, part, this).make();
      case SUM -> new SumCheck(check, part, this).make();
      case COUNT -> count(check);
      case LOWEST, HIGHEST -> new ExtremeCheck(check, part, this).make();
      case LOOKUP -> lookup(check);
      case EXPECTED -> expected(check);
      case SAME -> same(check);
      case ONE_FILE_EACH, CHANGE -> {
        // asked when all files are read
      }
      case UNIQUE -> unique(check);
      case SERIAL -> serial(check);
      case BALANCE -> balance(check);
      default -> throw new IllegalStateException("a check of an unknown kind");
    }
  }

  private DataSetPart result() {
    List<DataRecord> accepted = new ArrayList<>();
    List<HeldRecord> all = new ArrayList<>(part.held());
    for (DataRecord record : part.records()) {
      if (held.containsKey(record)) {
        all.add(new HeldRecord(record, held.get(record)));
      } else {
        accepted.add(record);
      }
    }
    return part.checked(accepted, all, findings);
  }

  /** Says what a check found, and holds rows as it wants. */
  void say(
      CheckSpec check, String message, Origin at, List<DataRecord> row, List<DataRecord> group) {
    Severity severity = severity(check);
    Finding finding = Finding.at(severity, "check", file, check.name() + ": " + message, at);
    findings.add(finding);
    List<DataRecord> rows =
        switch (check.effect()) {
          case REPORT -> List.of();
          case HOLD_ROW -> row;
          case HOLD_GROUP -> group;
          case HOLD_TABLE -> tableOf(at);
          case HOLD_FILE -> part.records();
        };
    rows.forEach(r -> held.computeIfAbsent(r, k -> new ArrayList<>()).add(finding));
  }

  static Severity severity(CheckSpec check) {
    return Severity.valueOf(check.severity().toUpperCase(Locale.ROOT));
  }

  private List<DataRecord> tableOf(Origin at) {
    return part.records().stream().filter(r -> r.origin().table().equals(at.table())).toList();
  }

  /**
   * Whether some of these rows were told to be off by as much: a wrong figure makes every sum above
   * it wrong, and is told once.
   */
  boolean isTold(List<DataRecord> rows, BigDecimal off) {
    boolean known =
        told.stream()
            .filter(t -> t.off().compareTo(off) == 0)
            .anyMatch(t -> rows.stream().anyMatch(r -> r == t.first()));
    told.add(new Told(rows.get(0), off));
    return known;
  }

  /** The contents of a record as expressions take them. */
  static Map<String, Object> contents(DataRecord record) {
    Map<String, Object> contents = new HashMap<>();
    record.values().forEach((field, value) -> contents.put(field, value.reckonable()));
    return contents;
  }

  private void count(CheckSpec check) {
    if (part.rows().isEmpty()) {
      return;
    }
    Value printed = part.rows().get(0).value(check.is());
    BigDecimal rows = BigDecimal.valueOf(part.rows().size());
    if (printed.content() instanceof BigDecimal number && number.compareTo(rows) != 0) {
      Origin at = printed.origin().orElse(part.rows().get(0).origin());
      String message = "there are " + rows + " rows, printed is " + number.toPlainString();
      say(check, message, at, List.of(), part.records());
    }
  }

  private void unique(CheckSpec check) {
    if (check.overBatch()) {
      return; // asked when all files are read
    }
    Map<List<Object>, DataRecord> seen = new HashMap<>();
    for (DataRecord record : part.records()) {
      List<Object> key = key(record, check.fields());
      DataRecord first = seen.putIfAbsent(key, record);
      if (first != null) {
        say(check, twice(key, first), record.origin(), List.of(record), List.of(first, record));
      }
    }
  }

  static String twice(List<Object> key, DataRecord first) {
    List<String> texts = key.stream().map(String::valueOf).toList();
    return "'"
        + String.join(", ", texts)
        + "' is there already: "
        + first.file()
        + ", page "
        + first.origin().page();
  }

  static List<Object> key(DataRecord record, List<String> fields) {
    List<Object> key = new ArrayList<>();
    for (String field : fields) {
      Object content = record.value(field).content();
      key.add(content instanceof BigDecimal n ? n.stripTrailingZeros() : content);
    }
    return key;
  }

  private void lookup(CheckSpec check) {
    String field = check.fields().get(0);
    Set<String> known = Set.copyOf(check.values());
    for (DataRecord record : part.records()) {
      Value value = record.value(field);
      String text = text(value);
      if (!text.isEmpty() && !known.contains(text)) {
        String message = "'" + text + "' is not in the list of " + check.values().size();
        Origin at = value.origin().orElse(record.origin());
        say(check, message, at, List.of(record), List.of(record));
      }
    }
  }

  private void expected(CheckSpec check) {
    if (check.overBatch() || part.rows().isEmpty()) {
      return;
    }
    List<String> missing = missing(check, texts(check, part));
    if (!missing.isEmpty()) {
      String message = "missing: " + String.join(", ", missing);
      say(check, message, part.rows().get(0).origin(), List.of(), part.records());
    }
  }

  /** The texts of a check's first field, in rows that are accepted or held. */
  static Set<String> texts(CheckSpec check, DataSetPart part) {
    Set<String> texts = new HashSet<>();
    String field = check.fields().get(0);
    part.records().forEach(r -> texts.add(text(r.value(field))));
    part.held().forEach(h -> texts.add(text(h.record().value(field))));
    return texts;
  }

  /** The texts that a check expects and that are not there. */
  static List<String> missing(CheckSpec check, Set<String> texts) {
    return check.values().stream().filter(v -> !texts.contains(v)).toList();
  }

  private static String text(Value value) {
    Object content = value.content();
    if (content instanceof BigDecimal number) {
      return number.toPlainString();
    }
    return content == null ? "" : content.toString();
  }

  private void same(CheckSpec check) {
    Map<Object, DataRecord> firsts = new HashMap<>();
    for (DataRecord record : part.records()) {
      Object scope =
          switch (check.is()) {
            case "page" -> record.origin().page();
            case "table" -> record.origin().table();
            default -> "";
          };
      DataRecord first = firsts.putIfAbsent(scope, record);
      if (first != null && !key(first, check.fields()).equals(key(record, check.fields()))) {
        Value value = record.value(check.fields().get(0));
        String message =
            "'"
                + text(value)
                + "' stands beside '"
                + text(first.value(check.fields().get(0)))
                + "' in one "
                + check.is();
        Origin at = value.origin().orElse(record.origin());
        say(check, message, at, List.of(record), List.of(first, record));
      }
    }
  }

  private void serial(CheckSpec check) {
    BigDecimal before = null;
    for (DataRecord record : part.rows()) {
      if (record.value(check.fields().get(0)).content() instanceof BigDecimal number) {
        if (before != null && number.subtract(before).compareTo(BigDecimal.ONE) != 0) {
          String message = number.toPlainString() + " follows " + before.toPlainString();
          BigDecimal missing = number.subtract(before).subtract(BigDecimal.ONE);
          String gap = missing.signum() > 0 ? "; " + missing.toPlainString() + " missing" : "";
          say(check, message + gap, record.origin(), List.of(record), List.of(record));
        }
        before = number;
      }
    }
  }

  private void balance(CheckSpec check) {
    BigDecimal before = null;
    for (DataRecord record : part.rows()) {
      Object balance = record.value(check.fields().get(0)).content();
      Object amount = record.value(check.fields().get(1)).content();
      if (balance instanceof BigDecimal now) {
        BigDecimal plus = amount instanceof BigDecimal a ? a : BigDecimal.ZERO;
        if (before != null && before.add(plus).subtract(now).abs().compareTo(check.within()) > 0) {
          String message =
              "the balance above is "
                  + before.toPlainString()
                  + ", with "
                  + plus.toPlainString()
                  + " it would be "
                  + before.add(plus).toPlainString()
                  + ", printed is "
                  + now.toPlainString();
          say(check, message, record.origin(), List.of(record), List.of(record));
        }
        before = now;
      }
    }
  }
}
