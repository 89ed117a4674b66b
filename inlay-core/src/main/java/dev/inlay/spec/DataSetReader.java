package dev.inlay.spec;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.snakeyaml.engine.v2.nodes.MappingNode;
import org.snakeyaml.engine.v2.nodes.Node;

/** Reads what is wanted of one data set. */
final class DataSetReader {

  private final Path folder;
  private final Section section;
  private final String name;
  private final FormatReader forms;
  private final Messages messages;
  private final ColumnReader columns;

  DataSetReader(Section section, String name, FormatReader forms, Path folder) {
    this.folder = folder;
    this.section = section;
    this.name = name;
    this.forms = forms;
    messages = section.messages();
    columns = new ColumnReader(section, forms);
  }

  DataSetSpec read() {
    Optional<RecordPatterns> records = section.get("records").map(this::records);
    List<HeadingRule> headings = headings();
    Map<String, FieldSpec> fields = new LinkedHashMap<>();
    List<PageValue> values = new ArrayList<>();
    Shape shape = new ShapeReader(section).read();
    readColumns(taken(records, headings, shape), fields);
    values(fields, values);
    headings.forEach(h -> h.fields().forEach(f -> add(f, fields)));
    records.ifPresent(
        r -> {
          r.record().groups().forEach(f -> add(f, fields));
          r.continued().forEach(c -> c.groups().forEach(f -> add(f, fields)));
        });
    shaped(shape, fields);
    List<LeaveOutRule> leaveOut = new LeaveOutReader(section).read();
    DataSetSpec set =
        new DataSetSpec(
            name,
            section.get("table").map(new TableSpecReader(section)::read).orElse(TableSpec.ALL),
            records,
            List.copyOf(fields.values()),
            values,
            headings,
            leaveOut,
            new CheckReader(section, folder).read(),
            shape);
    new NameCheck(section, set).check();
    return set;
  }

  private static void add(String field, Map<String, FieldSpec> fields) {
    fields.putIfAbsent(field, FieldSpec.made(field, ValueFormat.TEXT));
  }

  /** The names of fields that something other than a column gives. */
  private List<String> taken(
      Optional<RecordPatterns> records, List<HeadingRule> headings, Shape shape) {
    List<String> taken = new ArrayList<>();
    headings.forEach(h -> taken.addAll(h.fields()));
    records.ifPresent(r -> taken.addAll(r.record().groups()));
    records.ifPresent(r -> r.continued().forEach(c -> taken.addAll(c.groups())));
    shape.fold().ifPresent(f -> taken.add(f.headingTo()));
    shape
        .unpivot()
        .ifPresent(
            u -> {
              taken.addAll(u.groups());
              taken.add(u.value());
              taken.add(u.headingTo());
            });
    for (String key : List.of("columns", "values")) {
      section
          .get(key)
          .filter(MappingNode.class::isInstance)
          .ifPresent(n -> taken.addAll(partsOf(Section.ofAny(n, new Messages()))));
    }
    return taken;
  }

  /**
   * The fields that lines and splits give; what is wrong in them is reported where they are read.
   */
  private static List<String> partsOf(Section fields) {
    return fields.values().values().stream()
        .filter(MappingNode.class::isInstance)
        .map(n -> Section.ofAny(n, new Messages()))
        .flatMap(DataSetReader::partsOfField)
        .toList();
  }

  private static Stream<String> partsOfField(Section field) {
    Stream<String> groups = field.pattern("split").stream().flatMap(p -> p.groups().stream());
    return Stream.concat(field.texts("lines").stream(), groups);
  }

  private void readColumns(List<String> taken, Map<String, FieldSpec> fields) {
    Optional<Node> node = section.get("columns");
    if (node.isEmpty()) {
      return;
    }
    for (Map.Entry<String, Node> entry : Section.ofAny(node.get(), messages).values().entrySet()) {
      String field = entry.getKey();
      columns.checkName(field, entry.getValue());
      FieldSpec read = columns.read(field, entry.getValue(), taken.contains(field));
      read.form().lines().forEach(line -> columns.checkName(line, entry.getValue()));
      fields.put(field, read);
    }
    for (FieldSpec field : List.copyOf(fields.values())) {
      field.form().parts().forEach(part -> add(part, fields));
      field.form().markersTo().ifPresent(m -> add(m, fields));
    }
  }

  private void values(Map<String, FieldSpec> fields, List<PageValue> values) {
    Optional<Node> node = section.get("values");
    if (node.isEmpty()) {
      return;
    }
    for (Map.Entry<String, Node> entry : Section.ofAny(node.get(), messages).values().entrySet()) {
      String field = entry.getKey();
      columns.checkName(field, entry.getValue());
      Section at = Section.of(entry.getValue(), SpecKeys.VALUE, messages);
      ValueFormat form = forms.read(at, FieldType.STRING);
      fields.put(field, FieldSpec.made(field, form));
      form.parts().forEach(part -> add(part, fields));
      if (at.has("lines")) {
        messages.add(
            at.get("lines").orElseThrow(),
            "'lines' parts the cells of columns; a value is read from one line");
      }
      values.add(value(field, at));
    }
  }

  private PageValue value(String field, Section at) {
    if (at.has("origin")) {
      return origin(field, at);
    }
    boolean beside = at.has("beside");
    boolean below = at.has("below");
    Optional<TextPattern> pattern = at.pattern("pattern");
    if (beside && below || !beside && !below && !at.has("pattern")) {
      messages.add(
          at.node(), "'" + field + "' needs one of 'beside', 'below', 'pattern' and 'origin'");
    }
    PageValue.Where where = PageValue.Where.PATTERN;
    if (beside || below) {
      where = beside ? PageValue.Where.BESIDE : PageValue.Where.BELOW;
    }
    String label = at.text("beside").or(() -> at.text("below")).orElse("");
    String per = at.choice("per", "file", "file", "page", "table", "next", "above");
    PageValue.Per rows = PageValue.Per.valueOf(per.toUpperCase(Locale.ROOT));
    boolean optional = at.flag("optional");
    return new PageValue(field, where, label, pattern.orElse(null), rows, optional);
  }

  /** A value that says where a row comes from; it stands at no label and matches no pattern. */
  private PageValue origin(String field, Section at) {
    for (String key : List.of("beside", "below", "pattern", "per")) {
      if (at.has(key)) {
        messages.add(at.node(), "'" + field + "' has 'origin', so '" + key + "' means nothing");
      }
    }
    String what = at.choice("origin", "file", PageValue.ORIGINS);
    return new PageValue(field, PageValue.Where.ORIGIN, what, null, PageValue.Per.FILE, false);
  }

  private List<HeadingRule> headings() {
    List<HeadingRule> rules = new ArrayList<>();
    for (Node item : section.items("headings")) {
      if (!(item instanceof MappingNode)) {
        rules.add(new HeadingRule(null, List.of(section.textOf(item, "'headings'"))));
        continue;
      }
      Section one = Section.of(item, SpecKeys.HEADING, messages);
      Optional<TextPattern> pattern = one.pattern("pattern");
      if (!one.has("pattern")) {
        rules.add(new HeadingRule(null, List.of(one.needed("field"))));
      }
      if (pattern.isEmpty()) {
        continue; // what is wrong with it was reported
      }
      List<String> fields = new ArrayList<>(pattern.get().groups());
      one.text("field").ifPresent(fields::add);
      if (fields.isEmpty()) {
        messages.add(
            one.get("pattern").orElseThrow(),
            "the pattern takes nothing: name a group, as (?<vessel>.+), or give a 'field'");
      }
      rules.add(new HeadingRule(pattern.get(), fields));
    }
    return rules;
  }

  private void shaped(Shape shape, Map<String, FieldSpec> fields) {
    shape
        .fold()
        .map(Shape.Fold::headingTo)
        .filter(f -> !f.isEmpty())
        .ifPresent(f -> add(f, fields));
    shape
        .unpivot()
        .ifPresent(
            u -> {
              u.groups().forEach(f -> add(f, fields));
              if (!u.headingTo().isEmpty()) {
                add(u.headingTo(), fields);
              }
              add(u.value(), fields);
            });
    for (Shape.Computed c : shape.computed()) {
      fields.putIfAbsent(c.field(), FieldSpec.made(c.field(), ValueFormat.ofType(c.type())));
    }
  }

  private RecordPatterns records(Node node) {
    Section one = Section.of(node, SpecKeys.RECORDS, messages);
    one.needed("record");
    TextPattern record = one.pattern("record").orElse(TextPattern.of(""));
    if (one.has("record") && record.groups().isEmpty()) {
      messages.add(
          one.get("record").orElseThrow(),
          "the pattern takes nothing: name its groups, as (?<vessel>.+)");
    }
    return new RecordPatterns(
        one.pattern("from"),
        one.pattern("until"),
        record,
        one.patterns("continued"),
        one.patterns("subtotals"),
        one.patterns("totals"),
        one.choice("spaces", "one", "one", "kept").equals("kept"),
        one.patterns("leave out"),
        one.choice("other lines", "report", "report", "leave out").equals("leave out"));
  }
}
