package dev.inlay.rows;

import dev.inlay.geom.Box;
import dev.inlay.page.PlainText;
import dev.inlay.rows.PageLine.LineWord;
import dev.inlay.spec.PageValue;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** The values printed outside the columns of one file, and which row gets which. */
final class PageValues {

  /** Words further apart than this, in heights of their line, belong to different things. */
  private static final double PHRASE_GAP = 1.5;

  private final Map<PageValue, List<PrintedText>> sightings = new LinkedHashMap<>();
  private final Map<Scope, PrintedText> firsts = new HashMap<>();
  private final Map<String, List<PrintedText>> differing = new LinkedHashMap<>();
  private final RowOrigins origins;

  /**
   * Where one text of a value counts for all rows.
   *
   * @param page its number; 0 for the whole file
   */
  private record Scope(PageValue value, int page) {}

  /**
   * Finds the values.
   *
   * @param values that are looked for
   * @param lines of the file in reading order
   * @param origins what is known of the places of rows
   */
  PageValues(List<PageValue> values, List<PageLine> lines, RowOrigins origins) {
    this.origins = origins;
    for (PageValue value : values) {
      sightings.put(value, value.isPrinted() ? find(value, lines) : List.of());
    }
  }

  /**
   * Where a value is seen. A label that is the whole of a phrase counts more than one that begins a
   * longer one, as "Supplier" in "Supplier no.".
   */
  private static List<PrintedText> find(PageValue value, List<PageLine> lines) {
    List<PrintedText> whole = new ArrayList<>();
    List<PrintedText> all = new ArrayList<>();
    for (int i = 0; i < lines.size(); i++) {
      Optional<PrintedText> found = sight(value, lines, i).filter(r -> !r.isEmpty());
      found.ifPresent(all::add);
      if (found.isPresent() && isWhole(value, lines.get(i))) {
        whole.add(found.get());
      }
    }
    return whole.isEmpty() ? all : whole;
  }

  /** Whether a label stands apart from what follows it, or ends with a mark. */
  private static boolean isWhole(PageValue value, PageLine line) {
    int[] label = value.where() == PageValue.Where.PATTERN ? null : label(value.label(), line);
    if (label == null || label[1] + 1 == line.words().size()) {
      return true;
    }
    String last = line.words().get(label[1]).text();
    return isWide(line.words(), label[1] + 1, line)
        || !Character.isLetterOrDigit(last.charAt(last.length() - 1));
  }

  /** Where a value was seen, in reading order. */
  List<PrintedText> sightings(PageValue value) {
    return sightings.get(value);
  }

  /** The values that a row gets, by field; to be asked once for each row, in their order. */
  Map<String, PrintedText> of(SourceRow row, Origin tableStart) {
    Map<String, PrintedText> values = new LinkedHashMap<>();
    origins.next(row);
    sightings.forEach(
        (value, seen) ->
            values.put(
                value.field(),
                value.isPrinted()
                    ? pick(value, seen, row, tableStart)
                    : new PrintedText(origins.of(value.label(), row), row.origin())));
    return values;
  }

  private PrintedText pick(
      PageValue value, List<PrintedText> seen, SourceRow row, Origin tableStart) {
    return switch (value.per()) {
      case FILE -> firsts.computeIfAbsent(new Scope(value, 0), s -> first(s, seen));
      case PAGE -> firsts.computeIfAbsent(new Scope(value, row.page()), s -> first(s, seen));
      case TABLE -> ofTable(value, seen, row, tableStart);
      case NEXT -> lastAbove(seen, row.origin());
      case ABOVE -> firstBelow(seen, row.origin());
    };
  }

  /**
   * The first value counts, as nothing says that a later one is of other rows. Where its own label
   * stands beside another text too, that is noted; a pattern, or a place below a repeated page
   * header, meets other texts by chance.
   */
  private PrintedText first(Scope scope, List<PrintedText> seen) {
    List<PrintedText> here =
        seen.stream()
            .filter(r -> scope.page() == 0 || r.origin().orElseThrow().page() == scope.page())
            .toList();
    if (here.isEmpty()) {
      return PrintedText.NOTHING;
    }
    PrintedText first = here.get(0);
    if (scope.value().where() == PageValue.Where.BESIDE) {
      here.stream()
          .filter(r -> !r.text().equals(first.text()))
          .findFirst()
          .ifPresent(other -> differing.putIfAbsent(scope.value().field(), List.of(first, other)));
    }
    return first;
  }

  /**
   * The last value above a table; where another one stands between the table's start and a row, two
   * tables were printed as one, and the nearest counts.
   */
  private PrintedText ofTable(
      PageValue value, List<PrintedText> seen, SourceRow row, Origin tableStart) {
    PrintedText above = lastAbove(seen, tableStart);
    PrintedText nearest = lastAbove(seen, row.origin());
    if (above.isEmpty()
        || nearest.text().equals(above.text())
        || value.where() == PageValue.Where.BELOW) {
      return above;
    }
    differing.putIfAbsent(value.field(), List.of(above, nearest));
    return nearest;
  }

  /** Values met with different texts where one was looked for: two of each, by field. */
  Map<String, List<PrintedText>> differing() {
    return differing;
  }

  /** Of a value printed below its rows. */
  private static PrintedText firstBelow(List<PrintedText> seen, Origin place) {
    for (PrintedText raw : seen) {
      Origin at = raw.origin().orElseThrow();
      if (at.page() > place.page()
          || at.page() == place.page() && at.box().centreY() > place.box().centreY()) {
        return raw;
      }
    }
    return PrintedText.NOTHING;
  }

  private static PrintedText lastAbove(List<PrintedText> seen, Origin place) {
    PrintedText last = PrintedText.NOTHING;
    for (PrintedText raw : seen) {
      Origin at = raw.origin().orElseThrow();
      boolean above =
          at.page() < place.page()
              || at.page() == place.page() && at.box().centreY() < place.box().bottom();
      last = above ? raw : last;
    }
    return last;
  }

  private static Optional<PrintedText> sight(PageValue value, List<PageLine> lines, int at) {
    PageLine line = lines.get(at);
    if (value.where() == PageValue.Where.PATTERN) {
      return value.pattern().value(line.text()).map(t -> new PrintedText(t.strip(), origin(line)));
    }
    int[] label = label(value.label(), line);
    if (label == null) {
      return Optional.empty();
    }
    PrintedText raw =
        value.where() == PageValue.Where.BESIDE
            ? beside(value.label(), line, label)
            : below(lines, at, label);
    if (value.pattern() == null) {
      return Optional.of(raw);
    }
    return value.pattern().value(raw.text()).map(t -> raw.with(t.strip()));
  }

  private static Origin origin(PageLine line) {
    return new Origin(line.page(), line.box(), "");
  }

  /** The first and last word of a label in a line; null where it does not stand there. */
  private static int[] label(String label, PageLine line) {
    String wanted = PlainText.of(label);
    List<LineWord> words = line.words();
    for (int i = 0; i < words.size(); i++) {
      StringBuilder text = new StringBuilder();
      for (int j = i; j < words.size() && text.length() < wanted.length(); j++) {
        text.append(j > i ? " " : "").append(PlainText.of(words.get(j).text()));
        if (text.toString().startsWith(wanted)) {
          return new int[] {i, j};
        }
      }
    }
    return null;
  }

  /** The words to the right of a label, up to a wide space. */
  private static PrintedText beside(String label, PageLine line, int[] at) {
    List<LineWord> words = line.words();
    String joined = join(words.subList(at[0], at[1] + 1));
    int more = PlainText.of(joined).length() - PlainText.of(label).length();
    String stuck = more > 0 ? joined.substring(joined.length() - more) : "";
    int end = at[1] + 1;
    while (end < words.size() && (end == at[1] + 1 || !isWide(words, end, line))) {
      end++;
    }
    List<LineWord> taken = words.subList(at[1] + 1, end);
    String text = (stuck + " " + join(taken)).strip().replaceAll("^[:.\u2026]+(\\s+|$)", "");
    Box box = taken.isEmpty() ? words.get(at[1]).box() : around(taken);
    return new PrintedText(text, new Origin(line.page(), box, ""));
  }

  private static boolean isWide(List<LineWord> words, int at, PageLine line) {
    double gap = words.get(at).box().left() - words.get(at - 1).box().right();
    return gap > PHRASE_GAP * line.box().height();
  }

  /** The phrase below a label: the words under it, and those that stand with them. */
  private static PrintedText below(List<PageLine> lines, int at, int[] label) {
    PageLine line = lines.get(at);
    Box above = around(line.words().subList(label[0], label[1] + 1));
    for (PageLine next : lines.subList(at + 1, lines.size())) {
      if (next.page() != line.page()) {
        break;
      }
      List<LineWord> words = next.words();
      for (int i = 0; i < words.size(); i++) {
        Box box = words.get(i).box();
        boolean under =
            box.top() >= above.centreY()
                && box.right() > above.left()
                && box.left() < above.right();
        if (under) {
          int from = i;
          while (from > 0 && !isWide(words, from, next)) {
            from--;
          }
          int to = i + 1;
          while (to < words.size() && !isWide(words, to, next)) {
            to++;
          }
          List<LineWord> taken = words.subList(from, to);
          return new PrintedText(join(taken), new Origin(next.page(), around(taken), ""));
        }
      }
    }
    return PrintedText.NOTHING;
  }

  private static String join(List<LineWord> words) {
    return String.join(" ", words.stream().map(LineWord::text).toList());
  }

  private static Box around(List<LineWord> words) {
    return words.stream().map(LineWord::box).reduce(Box::union).orElseThrow();
  }
}
