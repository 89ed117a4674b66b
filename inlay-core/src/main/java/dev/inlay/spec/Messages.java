package dev.inlay.spec;

import java.util.ArrayList;
import java.util.List;
import org.snakeyaml.engine.v2.exceptions.Mark;
import org.snakeyaml.engine.v2.nodes.Node;

/** Gathers what is wrong in a spec, so that all of it is reported at once. */
final class Messages {

  private final List<SpecMessage> all = new ArrayList<>();

  void add(Node at, String text) {
    add(at.getStartMark().orElse(null), text);
  }

  void add(Mark at, String text) {
    int line = at == null ? 1 : at.getLine() + 1;
    int column = at == null ? 1 : at.getColumn() + 1;
    all.add(new SpecMessage(line, column, text));
  }

  boolean isEmpty() {
    return all.isEmpty();
  }

  /** Ends a reading that found something wrong. */
  void check() throws SpecException {
    if (!all.isEmpty()) {
      throw new SpecException(all.stream().distinct().sorted().toList());
    }
  }
}
