package dev.inlay.spec;

import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What is made of the rows of a table, in this order.
 *
 * @param continuedWhenEmpty fields that are empty in rows that go on with the row above
 * @param continuedPattern found in the text of rows that go on with the row above, if any
 * @param fold how side-by-side repeats become one list, if they do
 * @param unpivot how headings become rows, if they do
 * @param computed fields that are calculated, in order
 * @param pivot how rows become columns, if they do
 * @param sums how rows are added up, if they are
 * @param sort fields by which rows are sorted
 * @param output the fields of the result by the names they get; empty for all, in the order of the
 *     spec
 */
public record Shape(
    List<String> continuedWhenEmpty,
    Optional<TextPattern> continuedPattern,
    Optional<Fold> fold,
    Optional<Unpivot> unpivot,
    List<Computed> computed,
    Optional<Pivot> pivot,
    Optional<Sums> sums,
    List<SortKey> sort,
    Map<String, String> output) {

  /**
   * Side-by-side repeats as one list.
   *
   * @param across whether it is read row by row over all blocks, not block by block
   * @param every how many columns make a block; 0 where equal headings tell
   * @param shared how many columns at the left belong to all blocks
   * @param headingTo the field that gets the heading over each block; empty for none
   */
  public record Fold(boolean across, int every, int shared, String headingTo) {}

  /**
   * Headings as rows.
   *
   * @param columns patterns of which the headings, joined by {@code " / "}, meet one as a whole;
   *     their groups become fields
   * @param headingTo the field that gets the heading itself; empty for none
   * @param value the field that gets the cell
   * @param keepEmpty whether an empty cell gives a row
   */
  public record Unpivot(
      List<TextPattern> columns, String headingTo, String value, boolean keepEmpty) {

    /** Keeps a copy that cannot change. */
    public Unpivot {
      columns = List.copyOf(columns);
    }

    /** The fields that a heading gives, by the first pattern that it meets; empty where none. */
    public Optional<Map<String, String>> take(String heading) {
      return columns.stream().flatMap(p -> p.whole(heading).stream()).findFirst();
    }

    /** All fields that headings may give. */
    public List<String> groups() {
      return columns.stream().flatMap(p -> p.groups().stream()).distinct().toList();
    }
  }

  /**
   * A field that is reckoned.
   *
   * @param field its name
   * @param type that its values have
   * @param expression what it is
   */
  public record Computed(String field, FieldType type, Expression expression) {

    /**
     * The field's value in a row.
     *
     * @param contents of the other fields
     * @throws IllegalArgumentException where it cannot be calculated, or is not of the type
     */
    public Object content(Map<String, Object> contents) {
      Object content = expression.evaluate(contents);
      boolean fits =
          content == null
              || switch (type) {
                case INTEGER ->
                    content instanceof BigDecimal n && n.stripTrailingZeros().scale() <= 0;
                case NUMBER, PERCENT -> content instanceof BigDecimal;
                case BOOLEAN -> content instanceof Boolean;
                default -> true;
              };
      if (!fits) {
        throw new IllegalArgumentException(
            field
                + ": '"
                + expression
                + "' gives "
                + content
                + ", which is not a valid "
                + type.word());
      }
      return type == FieldType.STRING && content != null ? content.toString() : content;
    }
  }

  /**
   * Rows as columns.
   *
   * @param by the field whose values become fields
   * @param value the field whose values stand in them
   */
  public record Pivot(String by, String value) {}

  /**
   * Rows with equal keys as one.
   *
   * @param by the keys
   * @param add the fields that are added up
   * @param count the field that gets the number of rows; empty for none
   */
  public record Sums(List<String> by, List<String> add, String count) {

    /** Keeps copies that cannot change. */
    public Sums {
      by = List.copyOf(by);
      add = List.copyOf(add);
    }
  }

  /**
   * A field by which rows are sorted.
   *
   * @param field its name
   * @param falling whether the greatest comes first
   */
  public record SortKey(String field, boolean falling) {}

  /** Keeps copies that cannot change. */
  public Shape {
    continuedWhenEmpty = List.copyOf(continuedWhenEmpty);
    computed = List.copyOf(computed);
    sort = List.copyOf(sort);
  }
}
