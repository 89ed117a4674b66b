package dev.inlay.rows;

import dev.inlay.model.Column;
import dev.inlay.model.Table;
import dev.inlay.page.PlainText;
import dev.inlay.spec.DataSetSpec;
import dev.inlay.spec.FieldSpec;
import dev.inlay.spec.TableSpec;
import dev.inlay.spec.Wording;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.TreeMap;

/**
 * Whether a table is one that a spec means.
 *
 * @param table the table
 * @param fits whether it is
 * @param reason why not, in words that follow "is left aside: "; empty where it fits
 * @param nearness the share of the columns wanted that it has, 0 to 1
 */
record TableFit(Table table, boolean fits, String reason, double nearness) {

  private static final int HUNDRED = 100;

  /** A heading that is less like the one wanted is another one, and no help to name. */
  private static final double WORTH_NAMING = 0.4;

  /** How each table of a file fits. */
  static List<TableFit> of(List<Table> tables, DataSetSpec set) {
    List<TableFit> fits = new ArrayList<>();
    for (Table table : tables) {
      String reason = reason(table, set).orElse("");
      fits.add(
          new TableFit(
              table, reason.isEmpty(), reason, reason.isEmpty() ? 1 : nearness(table, set)));
    }
    if (set.tables().order().isEmpty()) {
      return fits;
    }
    int order = set.tables().order().getAsInt();
    return set.tables().orderOnPage() ? nthOnEachPage(fits, order) : nth(fits, order);
  }

  /**
   * The same where no table of the file fits: one fits, too, that has the columns but for headings
   * which only their places tell.
   */
  static List<TableFit> byPlace(List<TableFit> fits, DataSetSpec set) {
    return fits.stream()
        .map(f -> fitsByPlace(f.table(), set) ? new TableFit(f.table(), true, "", 1) : f)
        .toList();
  }

  private static boolean fitsByPlace(Table table, DataSetSpec set) {
    TableSpec spec = set.tables();
    boolean meant = spec.titles().isEmpty() && spec.headings().isEmpty() && spec.order().isEmpty();
    if (!meant || !spec.pages().holds(table.pages().get(0)) || set.takesAllColumns()) {
      return false;
    }
    TableView view = Reshaping.of(SourceRows.of(table), set.shape());
    ColumnMatch byHeading = ColumnMatch.of(set.fields(), view);
    return ColumnPlaces.fill(byHeading, set.fields(), view).missing(set.fields()).isEmpty();
  }

  private static List<TableFit> nthOnEachPage(List<TableFit> fits, int order) {
    Map<Integer, List<TableFit>> byPage = new TreeMap<>();
    fits.forEach(
        f -> byPage.computeIfAbsent(f.table().pages().get(0), p -> new ArrayList<>()).add(f));
    return byPage.values().stream().flatMap(onPage -> nth(onPage, order).stream()).toList();
  }

  /** Whether a spec leaves a table out on purpose: by its page, or since another one is named. */
  static boolean isMeantToBeLeftOut(Table table, List<Table> tables, DataSetSpec set) {
    boolean otherPage = !set.tables().pages().holds(table.pages().get(0));
    boolean otherOrder = set.tables().order().isPresent() && reason(table, set).isEmpty();
    return otherPage || otherOrder && of(tables, set).stream().anyMatch(TableFit::fits);
  }

  private static List<TableFit> nth(List<TableFit> fits, int order) {
    List<TableFit> fitting = fits.stream().filter(TableFit::fits).toList();
    int at = order < 0 ? fitting.size() - 1 : order - 1;
    Table wanted = at >= 0 && at < fitting.size() ? fitting.get(at).table() : null;
    return fits.stream()
        .map(
            f ->
                f.fits() && f.table() != wanted
                    ? new TableFit(
                        f.table(), false, "it is not the one that 'order' names", f.nearness())
                    : f)
        .toList();
  }

  private static Optional<String> reason(Table table, DataSetSpec set) {
    TableSpec spec = set.tables();
    if (!spec.pages().holds(table.pages().get(0))) {
      return Optional.of("it starts on page " + table.pages().get(0));
    }
    if (!spec.titles().isEmpty()
        && spec.titles().stream().noneMatch(t -> isTitle(t, table, spec))) {
      return Optional.of(
          table.title().map(t -> "its title is '" + t + "'").orElse("it has no title"));
    }
    for (String heading : spec.headings()) {
      FieldSpec wanted = heading(heading, spec.similar());
      if (table.columns().stream()
          .noneMatch(c -> ColumnMatch.likeness(wanted, c.path()) >= spec.similar())) {
        return Optional.of(missing(wanted, table));
      }
    }
    boolean named = !spec.titles().isEmpty() || !spec.headings().isEmpty();
    return named ? Optional.empty() : missingColumn(table, set);
  }

  private static boolean isTitle(String wanted, Table table, TableSpec spec) {
    String title = PlainText.of(table.title().orElse(""));
    return title.contains(PlainText.of(wanted))
        || Wording.similarity(wanted, title) >= spec.similar();
  }

  private static FieldSpec heading(String heading, double similar) {
    return new FieldSpec("", List.of(heading), OptionalInt.empty(), similar, false, null);
  }

  /** Where nothing else tells the table, it must have the columns. */
  private static Optional<String> missingColumn(Table table, DataSetSpec set) {
    TableView rows = SourceRows.of(table);
    Optional<String> unfit = Reshaping.unfit(rows, set.shape());
    if (unfit.isPresent()) {
      return unfit;
    }
    TableView view = Reshaping.of(rows, set.shape());
    List<FieldSpec> missing = ColumnMatch.of(set.fields(), view).missing(set.fields());
    if (missing.isEmpty()) {
      return Optional.empty();
    }
    long wanted = wanted(set).size();
    String count =
        missing.size() == 1
            ? ""
            : "; " + (wanted - missing.size()) + " of the " + wanted + " columns wanted are there";
    return Optional.of(missing(missing.get(0), table) + count);
  }

  /** The columns that a table must have. */
  private static List<FieldSpec> wanted(DataSetSpec set) {
    return set.fields().stream().filter(f -> f.isColumn() && !f.optional()).toList();
  }

  private static double nearness(Table table, DataSetSpec set) {
    List<FieldSpec> wanted = wanted(set);
    if (wanted.isEmpty()) {
      return 0;
    }
    TableView view = Reshaping.of(SourceRows.of(table), set.shape());
    int missing = ColumnMatch.of(set.fields(), view).missing(set.fields()).size();
    return 1 - (double) missing / wanted.size();
  }

  /** What is missing, and the heading that comes nearest. */
  static String missing(FieldSpec field, Table table) {
    String wanted = String.join("' or '", field.headings());
    if (field.headings().isEmpty()) {
      return "it has fewer than " + field.position().orElse(0) + " columns";
    }
    Optional<Column> nearest =
        table.columns().stream()
            .filter(c -> ColumnMatch.likeness(field, c.path()) >= WORTH_NAMING)
            .max(Comparator.comparingDouble(c -> ColumnMatch.likeness(field, c.path())));
    String near =
        nearest
            .map(
                c ->
                    "; the nearest is '"
                        + c.name()
                        + "' ("
                        + percent(ColumnMatch.likeness(field, c.path()))
                        + " alike)")
            .orElse("");
    return "no column is headed '" + wanted + "'" + near;
  }

  static String percent(double share) {
    return Math.round(share * HUNDRED) + " %";
  }
}
