package dev.inlay.spec;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.snakeyaml.engine.v2.nodes.MappingNode;
import org.snakeyaml.engine.v2.nodes.Node;

/** Reads what is to be made of the rows of a data set. */
final class ShapeReader {

  private final Section section;
  private final Messages messages;

  ShapeReader(Section section) {
    this.section = section;
    messages = section.messages();
  }

  Shape read() {
    Optional<Section> continued = sub("continued rows", SpecKeys.CONTINUED);
    return new Shape(
        continued.map(c -> c.texts("empty")).orElse(List.of()),
        continued.flatMap(c -> c.pattern("text")),
        section.get("fold").map(this::fold),
        sub("unpivot", SpecKeys.UNPIVOT).flatMap(this::unpivot),
        computed(),
        sub("pivot", SpecKeys.PIVOT).map(p -> new Shape.Pivot(p.needed("by"), p.needed("value"))),
        sub("sums", SpecKeys.SUMS)
            .map(s -> new Shape.Sums(s.texts("by"), s.texts("add"), s.text("count").orElse(""))),
        sort(),
        output());
  }

  private Optional<Section> sub(String key, SpecKeys keys) {
    return section.get(key).map(n -> Section.of(n, keys, messages));
  }

  private Shape.Fold fold(Node node) {
    if (node instanceof MappingNode) {
      Section one = Section.of(node, SpecKeys.FOLD, messages);
      boolean across = one.choice("order", "down", "down", "across").equals("across");
      return new Shape.Fold(
          across,
          one.number("every").orElse(0),
          one.number("shared").orElse(0),
          one.text("heading to").orElse(""));
    }
    return new Shape.Fold(
        section.choice("fold", "down", "down", "across").equals("across"), 0, 0, "");
  }

  private Optional<Shape.Unpivot> unpivot(Section one) {
    String value = one.needed("value");
    if (!one.has("columns")) {
      one.needed("columns");
    }
    List<TextPattern> columns = one.patterns("columns");
    String headingTo = one.text("heading to").orElse("");
    return columns.isEmpty()
        ? Optional.empty()
        : Optional.of(new Shape.Unpivot(columns, headingTo, value, one.flag("keep empty")));
  }

  private List<Shape.Computed> computed() {
    List<Shape.Computed> all = new ArrayList<>();
    Optional<Node> node = section.get("compute");
    if (node.isEmpty()) {
      return all;
    }
    Section fields = Section.ofAny(node.get(), messages);
    for (Map.Entry<String, Node> entry : fields.values().entrySet()) {
      Optional<Expression> expression;
      FieldType type = FieldType.NUMBER;
      if (entry.getValue() instanceof MappingNode) {
        Section one = Section.of(entry.getValue(), SpecKeys.COMPUTED, messages);
        String word = one.choice("type", FieldType.NUMBER.word(), FieldType.words());
        type = FieldType.ofWord(word).orElse(FieldType.NUMBER);
        one.needed("is");
        expression = one.expression("is");
      } else {
        expression = fields.expression(entry.getKey());
      }
      FieldType wanted = type;
      expression.ifPresent(e -> all.add(new Shape.Computed(entry.getKey(), wanted, e)));
    }
    return all;
  }

  private List<Shape.SortKey> sort() {
    List<Shape.SortKey> keys = new ArrayList<>();
    for (String text : section.texts("sort")) {
      boolean falling = text.endsWith(" falling");
      String field = falling ? text.substring(0, text.lastIndexOf(' ')).strip() : text.strip();
      keys.add(new Shape.SortKey(field, falling));
    }
    return keys;
  }

  private Map<String, String> output() {
    Map<String, String> output = new LinkedHashMap<>();
    for (Node item : section.items("fields")) {
      if (item instanceof MappingNode) {
        Section renamed = Section.ofAny(item, messages);
        renamed
            .values()
            .forEach((name, from) -> output.put(name, renamed.textOf(from, "'fields'")));
      } else {
        String field = section.textOf(item, "'fields'");
        output.put(field, field);
      }
    }
    return Collections.unmodifiableMap(output);
  }
}
