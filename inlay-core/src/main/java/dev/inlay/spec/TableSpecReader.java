package dev.inlay.spec;

import dev.inlay.geom.Length;
import dev.inlay.page.PageSelection;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.snakeyaml.engine.v2.nodes.MappingNode;
import org.snakeyaml.engine.v2.nodes.Node;

/** Reads which tables of a report are meant. */
final class TableSpecReader {

  private static final String ON_PAGE = "on each page";

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
          all.orderOnPage(),
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
        one.text("order").filter(t -> t.endsWith(ON_PAGE)).isPresent(),
        one.read("pages", PageSelection::parse).orElse(PageSelection.ALL),
        one.text("below"),
        one.text("above"),
        place(one),
        one.get("later pages").map(n -> place(Section.of(n, SpecKeys.PLACE, messages))),
        one.choice("rulings", "weigh", "weigh", "use", "ignore"));
  }

  private static OptionalInt order(Section one) {
    Optional<String> text = one.text("order").map(t -> t.replace(ON_PAGE, "").strip());
    if (text.isEmpty()) {
      return OptionalInt.empty();
    }
    if (text.get().equals("last")) {
      return OptionalInt.of(-1);
    }
    if (text.get().matches("[1-9]\\d{0,3}")) {
      return OptionalInt.of(Integer.parseInt(text.get()));
    }
    one.messages()
        .add(
            one.get("order").orElseThrow(),
            "'order' takes 1, 2 ... or last, and perhaps '" + ON_PAGE + "' behind it");
    return OptionalInt.empty();
  }

  private static TableSpec.Place place(Section at) {
    if (at.get("area").isPresent() && at.get("frame").isPresent()) {
      at.messages()
          .add(
              at.get("area").orElseThrow(),
              "'area' and 'frame' exclude each other: a frame is the table's own box, an area is"
                  + " where it is looked for");
    }
    return new TableSpec.Place(
        at.read("area", Length::parseFrame),
        at.read("frame", Length::parseFrame),
        at.read("gutters", Length::parseGutters).orElse(List.of()));
  }
}
