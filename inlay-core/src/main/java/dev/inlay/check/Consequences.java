package dev.inlay.check;

import dev.inlay.model.WarningCode;
import dev.inlay.rows.DataRecord;
import dev.inlay.rows.Finding;
import dev.inlay.rows.Origin;
import dev.inlay.spec.CheckRule;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Which findings follow from another: where a page is missing, sums and numbers that run over its
 * place cannot be right, and where a figure is wrong by itself, the sum that it is in is off by as
 * much. One that has an explanation of its own is no consequence.
 */
final class Consequences {

  /** Rules over several rows, which rows that are not there make fail. */
  private static final Set<Class<? extends CheckRule>> OVER_ROWS =
      Set.of(
          CheckRule.PrintedSums.class,
          CheckRule.SubtotalSums.class,
          CheckRule.GroupSum.class,
          CheckRule.Count.class,
          CheckRule.Extreme.class,
          CheckRule.Expected.class,
          CheckRule.Balance.class);

  /** Rules that say what is missing without knowing why. */
  private static final Set<Class<? extends CheckRule>> OF_GAPS =
      Set.of(CheckRule.Serial.class, CheckRule.Carried.class);

  /**
   * What a check found.
   *
   * @param isExplained whether its cause is known, and is none but its own
   * @param rows what was compared
   */
  record Found(Finding finding, CheckRule rule, boolean isExplained, List<DataRecord> rows) {

    private boolean isMissingPage() {
      return rule instanceof CheckRule.Pages && !finding.evidence().cause().isEmpty();
    }

    private boolean follows(Found missingPage) {
      int page = missingPage.finding.origin().orElseThrow().page();
      boolean unexplained =
          OF_GAPS.contains(rule.getClass()) || OVER_ROWS.contains(rule.getClass()) && !isExplained;
      int own = finding.origin().orElseThrow().page();
      boolean before = own <= page || rows.stream().anyMatch(r -> r.origin().page() <= page);
      boolean behind = own >= page || rows.stream().anyMatch(r -> r.origin().page() >= page);
      return unexplained && before && behind;
    }

    /** The field whose figures are added up; empty where none are. */
    private String added() {
      return rule instanceof CheckRule.GroupSum sum
          ? sum.field()
          : rule instanceof CheckRule.PrintedSums sums ? sums.field() : "";
    }

    /** How much a wrong figure of a field makes sums lack, where this tells of one. */
    private Optional<BigDecimal> lacking(String field) {
      boolean ofField = !field.isEmpty() && finding.evidence().field().equals(field);
      if (rule instanceof CheckRule.Equation && ofField) {
        return difference().map(BigDecimal::negate);
      }
      boolean ofAmount = rule instanceof CheckRule.Balance b && b.adds(field);
      return ofAmount && !finding.evidence().cause().isEmpty() ? difference() : Optional.empty();
    }

    private boolean isOfFigure() {
      return rule instanceof CheckRule.Equation || rule instanceof CheckRule.Balance;
    }

    private boolean isWithin(BigDecimal off) {
      BigDecimal within =
          rule instanceof CheckRule.Equation equation
              ? equation.within()
              : rule instanceof CheckRule.Balance balance ? balance.within() : BigDecimal.ZERO;
      return off.abs().compareTo(within) <= 0;
    }

    /** Whether a check asked of the sum that a warning of its table speaks of. */
    private boolean saysAgain(Finding warning) {
      Origin here = finding.origin().orElseThrow();
      return warning.origin().filter(here::isOnLineOf).isPresent();
    }

    private Optional<BigDecimal> difference() {
      String text = finding.evidence().difference();
      return text.isEmpty() ? Optional.empty() : Optional.of(new BigDecimal(text));
    }

    private boolean followsFromFigure(Found figure) {
      Optional<BigDecimal> lacking = figure.lacking(added());
      return lacking.isPresent()
          && difference().filter(d -> figure.isWithin(d.subtract(lacking.get()))).isPresent()
          && rows.stream().anyMatch(r -> r == figure.rows.get(0));
    }
  }

  private Consequences() {}

  /**
   * The findings, each consequence right below its cause, and no warning of a table that says of a
   * sum what a check says.
   *
   * @param findings of a file
   * @param found those of them that checks made
   */
  static List<Finding> below(List<Finding> findings, List<Found> found) {
    Map<Finding, List<Finding>> following = new IdentityHashMap<>();
    Set<Finding> moved = Collections.newSetFromMap(new IdentityHashMap<>());
    List<Found> pages = found.stream().filter(Found::isMissingPage).toList();
    List<Found> figures = found.stream().filter(Found::isOfFigure).toList();
    for (Found one : found) {
      cause(one, pages, figures)
          .ifPresent(
              c -> {
                moved.add(one.finding());
                following
                    .computeIfAbsent(c.finding(), f -> new ArrayList<>())
                    .add(one.finding().following(c.finding()));
              });
    }
    List<Found> sums = found.stream().filter(f -> !f.added().isEmpty()).toList();
    List<Finding> sorted = new ArrayList<>();
    for (Finding finding : findings) {
      boolean again =
          finding.code().equals(WarningCode.SUM_OFF.code())
              && sums.stream().anyMatch(f -> f.saysAgain(finding));
      if (!again && !moved.contains(finding)) {
        sorted.add(finding);
        sorted.addAll(following.getOrDefault(finding, List.of()));
      }
    }
    return sorted;
  }

  private static Optional<Found> cause(Found one, List<Found> pages, List<Found> figures) {
    Optional<Found> page = pages.stream().filter(one::follows).findFirst();
    return page.isPresent() || one.added().isEmpty()
        ? page
        : figures.stream().filter(one::followsFromFigure).findFirst();
  }
}
