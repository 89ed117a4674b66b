package dev.inlay.compare;

import dev.inlay.compare.TableComparison.FieldSum;
import dev.inlay.compare.TableComparison.RowChange;
import dev.inlay.compare.TableComparison.ValueChange;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** Compares two tables row by row: numbers as numbers, days as days. */
public final class TableComparer {

  /** This many of its first values name a row that has no key. */
  private static final int NAMING_FIELDS = 3;

  private final List<String> key;
  private final Set<String> ignored;
  private final BigDecimal tolerance;

  /**
   * Prepares comparing.
   *
   * @param key the fields that tell which row is which; empty where likeness is to tell
   * @param ignored fields that are left out
   * @param tolerance numbers that differ by no more are the same
   */
  public TableComparer(List<String> key, Set<String> ignored, BigDecimal tolerance) {
    this.key = key.stream().map(TableComparer::plain).toList();
    this.ignored = ignored.stream().map(TableComparer::plain).collect(Collectors.toSet());
    this.tolerance = tolerance;
  }

  /**
   * Compares two tables.
   *
   * @throws IllegalArgumentException if they have no field in common, or a field of the key is not
   *     in both
   */
  public TableComparison compare(ResultTable before, ResultTable after) {
    return new Pair(before, after).compared();
  }

  /** Headings that differ in case, spaces and underscores alone are one field. */
  private static String plain(String field) {
    return field.toLowerCase(Locale.ROOT).replaceAll("[\\s_.-]+", "");
  }

  /** A field of both tables: where it stands, and its values. */
  private record Field(int placeBefore, int placeAfter, FieldValues before, FieldValues after) {}

  /** Two tables on their way. */
  private final class Pair {
    private final ResultTable before;
    private final ResultTable after;
    private final Map<String, Integer> placesBefore;
    private final Map<String, Integer> placesAfter;
    private final List<Field> fields = new ArrayList<>();
    private final List<Field> keyFields = new ArrayList<>();
    private final int[] changesOf;
    private final List<RowChange> changed = new ArrayList<>();
    private final List<RowChange> gone = new ArrayList<>();
    private int same;

    Pair(ResultTable before, ResultTable after) {
      this.before = before;
      this.after = after;
      placesBefore = places(before);
      placesAfter = places(after);
      Map<String, Field> byName = new LinkedHashMap<>();
      placesBefore.forEach(
          (name, place) -> {
            Integer there = placesAfter.get(name);
            if (there != null) {
              FieldValues old = new FieldValues(before.values(place));
              FieldValues now = new FieldValues(after.values(there));
              byName.put(name, new Field(place, there, old, now));
            }
          });
      if (byName.isEmpty()) {
        throw new IllegalArgumentException(
            "they have no field in common: " + before.fields() + ", " + after.fields());
      }
      fields.addAll(byName.values());
      changesOf = new int[fields.size()];
      for (String field : key) {
        if (!byName.containsKey(field)) {
          throw new IllegalArgumentException(
              "the key field '" + field + "' is not in both of them");
        }
        keyFields.add(byName.get(field));
      }
    }

    private Map<String, Integer> places(ResultTable table) {
      Map<String, Integer> places = new LinkedHashMap<>();
      for (int i = 0; i < table.fields().size(); i++) {
        String name = plain(table.fields().get(i));
        if (!ignored.contains(name)) {
          places.putIfAbsent(name, i);
        }
      }
      return places;
    }

    TableComparison compared() {
      List<Field> telling = keyFields.isEmpty() ? fields : keyFields;
      List<List<Object>> old = rows(before.rows().size(), telling, true);
      List<List<Object>> now = rows(after.rows().size(), telling, false);
      int[] newOfOld =
          keyFields.isEmpty() ? RowMatching.byLikeness(old, now) : RowMatching.byKey(old, now);
      Set<Integer> matched = new HashSet<>();
      for (int i = 0; i < newOfOld.length; i++) {
        if (newOfOld[i] < 0) {
          gone.add(ofOne(i, true));
        } else {
          matched.add(newOfOld[i]);
          compareRows(i, newOfOld[i]);
        }
      }
      List<RowChange> added =
          IntStream.range(0, after.rows().size())
              .filter(j -> !matched.contains(j))
              .mapToObj(j -> ofOne(j, false))
              .toList();
      return new TableComparison(
          before.name(),
          before.rows().size(),
          after.rows().size(),
          same,
          changed,
          gone,
          added,
          sums(),
          alone(before, placesBefore, placesAfter),
          alone(after, placesAfter, placesBefore),
          keyFields.isEmpty() ? 0 : repeated(old) + repeated(now));
    }

    private List<List<Object>> rows(int count, List<Field> telling, boolean first) {
      return IntStream.range(0, count)
          .mapToObj(
              i -> telling.stream().map(f -> (first ? f.before() : f.after()).value(i)).toList())
          .toList();
    }

    private void compareRows(int i, int j) {
      List<ValueChange> values = new ArrayList<>();
      for (int f = 0; f < fields.size(); f++) {
        Field field = fields.get(f);
        if (!isSame(field.before().value(i), field.after().value(j))) {
          changesOf[f]++;
          values.add(
              new ValueChange(
                  before.fields().get(field.placeBefore()),
                  before.rows().get(i).get(field.placeBefore()),
                  after.rows().get(j).get(field.placeAfter())));
        }
      }
      if (values.isEmpty()) {
        same++;
      } else {
        changed.add(new RowChange(i + 1, j + 1, name(i, true), values));
      }
    }

    private RowChange ofOne(int row, boolean first) {
      ResultTable table = first ? before : after;
      List<ValueChange> values = new ArrayList<>();
      for (int f = 0; f < table.fields().size(); f++) {
        String text = table.rows().get(row).get(f);
        if (!text.isBlank() && !ignored.contains(plain(table.fields().get(f)))) {
          String field = table.fields().get(f);
          values.add(new ValueChange(field, first ? text : "", first ? "" : text));
        }
      }
      return new RowChange(first ? row + 1 : 0, first ? 0 : row + 1, name(row, first), values);
    }

    /** What a row is known by, such as "week 14, code 1008". */
    private String name(int row, boolean first) {
      List<Field> naming =
          keyFields.isEmpty()
              ? fields.subList(0, Math.min(NAMING_FIELDS, fields.size()))
              : keyFields;
      ResultTable table = first ? before : after;
      return naming.stream()
          .map(f -> first ? f.placeBefore() : f.placeAfter())
          .map(place -> table.fields().get(place) + " " + table.rows().get(row).get(place))
          .collect(Collectors.joining(", "));
    }

    private List<FieldSum> sums() {
      List<FieldSum> sums = new ArrayList<>();
      for (int f = 0; f < fields.size(); f++) {
        Field field = fields.get(f);
        boolean summed =
            !keyFields.contains(field) && field.before().isNumeric() && field.after().isNumeric();
        sums.add(
            new FieldSum(
                before.fields().get(field.placeBefore()),
                changesOf[f],
                summed ? field.before().sum() : null,
                summed ? field.after().sum() : null));
      }
      return sums;
    }

    private List<String> alone(
        ResultTable table, Map<String, Integer> places, Map<String, Integer> others) {
      return places.entrySet().stream()
          .filter(e -> !others.containsKey(e.getKey()))
          .map(e -> table.fields().get(e.getValue()))
          .toList();
    }
  }

  private static int repeated(List<List<Object>> keys) {
    return keys.size() - new HashSet<>(keys).size();
  }

  private boolean isSame(Object before, Object after) {
    if (before instanceof BigDecimal a && after instanceof BigDecimal b) {
      return a.subtract(b).abs().compareTo(tolerance) <= 0;
    }
    return before.equals(after);
  }
}
