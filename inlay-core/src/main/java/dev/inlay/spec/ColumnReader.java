package dev.inlay.spec;

import java.math.BigDecimal;
import java.util.List;
import java.util.OptionalInt;
import org.snakeyaml.engine.v2.common.FlowStyle;
import org.snakeyaml.engine.v2.nodes.MappingNode;
import org.snakeyaml.engine.v2.nodes.Node;
import org.snakeyaml.engine.v2.nodes.Tag;

/** Reads a field and the column that it comes from. */
final class ColumnReader {

  private static final String NAME = "[\\p{L}_][\\p{L}\\p{N}_]*";

  private static final Node NO_KEYS = new MappingNode(Tag.MAP, List.of(), FlowStyle.FLOW);

  private final Section section;
  private final FormatReader forms;
  private final Messages messages;

  ColumnReader(Section section, FormatReader forms) {
    this.section = section;
    this.forms = forms;
    messages = section.messages();
  }

  void checkName(String field, Node at) {
    if (!field.matches(NAME)) {
      messages.add(
          at,
          "'"
              + field
              + "' is no name for a field: use letters, digits and _; 'fields' can give it"
              + " another name in the result");
    }
  }

  FieldSpec read(String field, Node node, boolean taken) {
    if (!(node instanceof MappingNode)) {
      String heading = section.textOf(node, "'" + field + "'");
      return new FieldSpec(
          field,
          List.of(heading),
          OptionalInt.empty(),
          FieldSpec.USUAL_SIMILARITY,
          false,
          forms.read(Section.ofAny(NO_KEYS, messages), FieldType.STRING));
    }
    Section column = Section.of(node, SpecKeys.COLUMN, messages);
    List<String> headings = column.texts("from");
    OptionalInt position = column.number("position");
    if (headings.isEmpty() && position.isEmpty() && !taken) {
      headings = List.of(field.replace('_', ' '));
    }
    return new FieldSpec(
        field,
        headings,
        position,
        column.share("similar", FieldSpec.USUAL_SIMILARITY),
        column.flag("optional"),
        forms.read(column, FieldType.STRING),
        constraints(column));
  }

  private static Constraints constraints(Section column) {
    return new Constraints(
        column.read("minimum", ColumnReader::number),
        column.read("maximum", ColumnReader::number),
        column.pattern("looks like"),
        column.texts("one of"));
  }

  private static BigDecimal number(String text) {
    try {
      return new BigDecimal(text.strip());
    } catch (NumberFormatException e) {
      throw new IllegalArgumentException("'" + text + "' is not a valid number", e);
    }
  }
}
