package dev.inlay.spec;

import dev.inlay.geom.Length;
import dev.inlay.page.PageSelection;
import java.util.List;
import java.util.OptionalInt;
import org.snakeyaml.engine.v2.nodes.MappingNode;
import org.snakeyaml.engine.v2.nodes.Node;

/** Reads which tables of a report are meant. */
final class TableSpecReader {

  private final Section section;
  private final Messages messages;

  TableSpecReader(Section section) {
    this.section = section;
    messages = section.messages();
  }

  TableSpec read(Node node) {
    if (!(node instanceof MappingNode)) {
      TableSpec all = TableSpec.ALL;
      return new TableSpec(
          List.of(section.textOf(node, "'table'")),
          all.headings(),
          all.similar(),
          all.order(),
          all.pages(),
          all.below(),
          all.above(),
          all.first(),
          all.later(),
          all.rulings());
    }
    Section one = Section.of(node, SpecKeys.TABLE, messages);
    return new TableSpec(
        one.texts("title"),
        one.texts("headings"),
        one.share("similar", FieldSpec.USUAL_SIMILARITY),
        order(one),
        one.read("pages", PageSelection::parse).orElse(PageSelection.ALL),
        one.text("below"),
        one.text("above"),
        place(one),
        one.get("later pages").map(n -> place(Section.of(n, SpecKeys.PLACE, messages))),
        one.choice("rulings", "weigh", "weigh", "use", "ignore"));
  }

  private static OptionalInt order(Section one) {
    return one.text("order").filter("last"::equals).isPresent()
        ? OptionalInt.of(-1)
        : one.number("order");
  }

  private static TableSpec.Place place(Section at) {
    return new TableSpec.Place(
        at.read("frame", Length::parseFrame),
        at.read("gutters", Length::parseGutters).orElse(List.of()));
  }
}
