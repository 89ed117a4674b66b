package dev.inlay.spec;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.Function;
import org.snakeyaml.engine.v2.nodes.MappingNode;
import org.snakeyaml.engine.v2.nodes.Node;
import org.snakeyaml.engine.v2.nodes.NodeTuple;
import org.snakeyaml.engine.v2.nodes.ScalarNode;
import org.snakeyaml.engine.v2.nodes.SequenceNode;

/** One mapping of a spec: its keys and what stands behind them; what is wrong goes to messages. */
final class Section {

  private static final List<String> YES = List.of("yes", "true");
  private static final List<String> NO = List.of("no", "false");
  private static final int HUNDRED = 100;

  private final Node node;
  private final Messages messages;
  private final Map<String, Node> values = new LinkedHashMap<>();

  private Section(Node node, Messages messages) {
    this.node = node;
    this.messages = messages;
  }

  /** A mapping of known keys. */
  static Section of(Node node, SpecKeys keys, Messages messages) {
    Section section = ofAny(node, messages);
    for (NodeTuple entry : entries(node)) {
      String key = scalar(entry.getKeyNode());
      if (key != null && !keys.names().contains(key)) {
        messages.add(entry.getKeyNode(), unknown(key, keys));
      }
    }
    return section;
  }

  private static String unknown(String key, SpecKeys keys) {
    Optional<String> meant = Wording.nearest(key, keys.names());
    return "unknown key '"
        + key
        + "'"
        + meant
            .map(m -> "; probably '" + m + "'")
            .orElse("; known here: " + String.join(", ", keys.names()));
  }

  /** A mapping of keys that the writer chooses. */
  static Section ofAny(Node node, Messages messages) {
    Section section = new Section(node, messages);
    if (!(node instanceof MappingNode)) {
      messages.add(node, "here stand keys with values, as 'type: number', not " + kind(node));
      return section;
    }
    for (NodeTuple entry : entries(node)) {
      String key = scalar(entry.getKeyNode());
      if (key == null) {
        messages.add(entry.getKeyNode(), "a key must be a text");
      } else if (section.values.put(key, entry.getValueNode()) != null) {
        messages.add(entry.getKeyNode(), "'" + key + "' stands here twice");
      }
    }
    return section;
  }

  private static List<NodeTuple> entries(Node node) {
    return node instanceof MappingNode m ? m.getValue() : List.of();
  }

  private static String scalar(Node node) {
    return node instanceof ScalarNode s ? s.getValue() : null;
  }

  private static String kind(Node node) {
    if (node instanceof SequenceNode) {
      return "a list";
    }
    return node instanceof MappingNode ? "keys with values" : "a text";
  }

  Node node() {
    return node;
  }

  Messages messages() {
    return messages;
  }

  /** The keys with what stands behind them. */
  Map<String, Node> values() {
    return values;
  }

  boolean has(String key) {
    return values.containsKey(key);
  }

  Optional<Node> get(String key) {
    return Optional.ofNullable(values.get(key));
  }

  Optional<String> text(String key) {
    return get(key).map(n -> textOf(n, "'" + key + "'"));
  }

  /** A text that must be there. */
  String needed(String key) {
    if (!has(key)) {
      messages.add(node, "'" + key + "' is missing here");
    }
    return text(key).orElse("");
  }

  /** The text of a node; reported and empty where it is none. */
  String textOf(Node n, String what) {
    if (n instanceof ScalarNode s) {
      return s.getValue();
    }
    messages.add(n, what + " takes a text, not " + kind(n));
    return "";
  }

  /** One text or a list of them. */
  List<String> texts(String key) {
    List<String> texts = new ArrayList<>();
    for (Node item : items(key)) {
      texts.add(textOf(item, "'" + key + "'"));
    }
    return texts;
  }

  /**
   * What stands behind a key, one by one: the items of a list, or the one thing that is no list.
   */
  List<Node> items(String key) {
    Node n = values.get(key);
    if (n == null) {
      return List.of();
    }
    return n instanceof SequenceNode list ? list.getValue() : List.of(n);
  }

  Optional<TextPattern> pattern(String key) {
    return read(key, TextPattern::of);
  }

  Optional<Expression> expression(String key) {
    return read(key, Expression::of);
  }

  List<TextPattern> patterns(String key) {
    List<TextPattern> patterns = new ArrayList<>();
    for (Node item : items(key)) {
      read(item, textOf(item, "'" + key + "'"), TextPattern::of).ifPresent(patterns::add);
    }
    return patterns;
  }

  /** A text that something else is made of, which says itself what is wrong with it. */
  <T> Optional<T> read(String key, Function<String, T> reading) {
    Node n = values.get(key);
    return n == null ? Optional.empty() : read(n, textOf(n, "'" + key + "'"), reading);
  }

  /** The same for a node. */
  <T> Optional<T> read(Node n, String text, Function<String, T> reading) {
    try {
      return Optional.of(reading.apply(text));
    } catch (IllegalArgumentException e) {
      messages.add(n, e.getMessage());
      return Optional.empty();
    }
  }

  boolean flag(String key) {
    String word = text(key).orElse("no");
    if (!YES.contains(word) && !NO.contains(word)) {
      messages.add(values.get(key), "'" + key + "' takes yes or no, not '" + word + "'");
    }
    return YES.contains(word);
  }

  OptionalInt number(String key) {
    Optional<String> text = text(key);
    if (text.isEmpty()) {
      return OptionalInt.empty();
    }
    try {
      int number = Integer.parseInt(text.get());
      if (number >= 1) {
        return OptionalInt.of(number);
      }
    } catch (NumberFormatException e) {
      // reported below, with numbers that are too small
    }
    messages.add(
        values.get(key), "'" + key + "' takes a number from 1 on, not '" + text.get() + "'");
    return OptionalInt.empty();
  }

  /** A share from 0 to 1, written as such or in per cent. */
  double share(String key, double usual) {
    Optional<String> text = text(key);
    if (text.isEmpty()) {
      return usual;
    }
    String written = text.get().strip();
    boolean percent = written.endsWith("%");
    try {
      double number = Double.parseDouble(written.replace("%", "").strip());
      double share = percent ? number / HUNDRED : number;
      if (share >= 0 && share <= 1) {
        return share;
      }
    } catch (NumberFormatException e) {
      // reported below, with shares out of range
    }
    messages.add(
        values.get(key), "'" + key + "' takes a share, as 80 % or 0.8, not '" + written + "'");
    return usual;
  }

  /** One of some words. */
  String choice(String key, String usual, String... words) {
    return choice(key, usual, Arrays.asList(words));
  }

  /** One of some words. */
  String choice(String key, String usual, List<String> words) {
    String word = text(key).orElse(usual);
    if (words.contains(word)) {
      return word;
    }
    messages.add(
        values.get(key),
        "'"
            + word
            + "' is no "
            + key
            + Wording.nearest(word, words)
                .map(w -> "; probably '" + w + "'")
                .orElse("; one of " + String.join(", ", words)));
    return usual;
  }
}
