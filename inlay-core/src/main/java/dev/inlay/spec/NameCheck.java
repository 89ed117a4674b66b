package dev.inlay.spec;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.snakeyaml.engine.v2.nodes.Node;

/** Checks that all fields a data set speaks of are ones that it has. */
final class NameCheck {

  private final Section section;
  private final DataSetSpec set;
  private final List<String> known = new ArrayList<>();

  NameCheck(Section section, DataSetSpec set) {
    this.section = section;
    this.set = set;
    set.fields().forEach(f -> known.add(f.name()));
  }

  void check() {
    if (set.takesAllColumns()) {
      return; // its fields are named by the headings of each file
    }
    set.fields().forEach(this::checkYear);
    set.records().ifPresent(r -> r.subtotals().forEach(p -> checkSum("subtotals", p)));
    set.records().ifPresent(r -> r.totals().forEach(p -> checkSum("totals", p)));
    Shape shape = set.shape();
    check("continued rows", shape.continuedWhenEmpty());
    shape.computed().forEach(c -> check("compute", c.expression().fields()));
    set.leaveOut().forEach(r -> r.where().ifPresent(e -> check("leave out", e.fields())));
    checkChecks();
    shape.pivot().ifPresent(p -> check("pivot", List.of(p.by(), p.value())));
    if (shape.pivot().isPresent()) {
      return; // a pivot makes fields of values
    }
    shape.sums().ifPresent(this::checkSums);
    check("sort", shape.sort().stream().map(Shape.SortKey::field).toList());
    check("fields", shape.output().values());
  }

  private void checkYear(FieldSpec field) {
    field.form().yearFrom().ifPresent(f -> check("year from", List.of(f), place("columns"), known));
  }

  private void checkSum(String key, TextPattern pattern) {
    Node at = place("records");
    check(key, pattern.groups(), at, known);
    boolean sums =
        set.fields().stream()
            .anyMatch(f -> f.form().type().isNumeric() && pattern.groups().contains(f.name()));
    if (!sums) {
      section
          .messages()
          .add(
              at,
              "a pattern of '"
                  + key
                  + "' takes no sum: name the number in it after the field that is added up, whose"
                  + " type is number, as (?<amount>.+)");
    }
  }

  private void checkChecks() {
    List<Node> items = section.items("checks");
    for (int i = 0; i < set.checks().size(); i++) {
      // a check that could not be read is missing from the set
      Node at = items.size() == set.checks().size() ? items.get(i) : place("checks");
      CheckSpec one = set.checks().get(i);
      List<String> names = new ArrayList<>(one.rule().fields());
      one.where().ifPresent(e -> names.addAll(e.fields()));
      if (!one.overResult()) {
        check("checks", names, at, known);
      } else if (set.shape().pivot().isEmpty()) { // which makes fields of values
        check("checks", names, at, set.shape().sums().map(NameCheck::left).orElse(known));
      }
    }
  }

  /** The fields that are left when rows were added up. */
  private static List<String> left(Shape.Sums sums) {
    return Stream.of(sums.by(), sums.add(), List.of(sums.count()))
        .flatMap(List::stream)
        .filter(f -> !f.isEmpty())
        .toList();
  }

  private Node place(String key) {
    return section.get(key).orElse(section.node());
  }

  private void checkSums(Shape.Sums sums) {
    check("sums", sums.by());
    check("sums", sums.add());
    if (!sums.count().isEmpty()) {
      known.add(sums.count());
    }
  }

  private void check(String key, Collection<String> names) {
    check(key, names, place(key), known);
  }

  private void check(String key, Collection<String> names, Node at, List<String> among) {
    for (String name : new TreeSet<>(names)) {
      if (!among.contains(name)) {
        section
            .messages()
            .add(
                at,
                "'"
                    + key
                    + "' speaks of '"
                    + name
                    + "', which is no field here"
                    + Wording.nearest(name, among)
                        .map(k -> "; probably '" + k + "'")
                        .orElse("; the fields are " + String.join(", ", among)));
      }
    }
  }
}
