package dev.inlay.draft;

import dev.inlay.model.RowKind;
import dev.inlay.rows.DataRecord;
import dev.inlay.rows.DataSetPart;
import dev.inlay.rows.PrintedSum;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;

/** Columns that add up to printed sums, sums that are carried, and rows that are counted. */
final class SumCandidates {

  /** A sum of fewer rows says little. */
  private static final int LEAST_SUMMED = 3;

  private SumCandidates() {}

  static List<Candidate> of(SampleRows samples) {
    List<Candidate> candidates = new ArrayList<>();
    for (String field : samples.numbers()) {
      printed(samples, field, RowKind.SUBTOTAL, "subtotals", candidates);
      printed(samples, field, RowKind.TOTAL, "totals", candidates);
    }
    samples.numbers().forEach(f -> carried(samples, f, candidates));
    for (String value : samples.numericValues()) {
      samples.numbers().forEach(f -> elsewhere(samples, f, value, candidates));
      counted(samples, value, candidates);
    }
    return candidates;
  }

  private static void printed(
      SampleRows samples, String field, RowKind kind, String word, List<Candidate> candidates) {
    int sums = 0;
    boolean real = false;
    for (DataSetPart part : samples.parts()) {
      for (PrintedSum sum : part.sums()) {
        BigDecimal value = sum.values().get(field);
        if (sum.kind() == kind && !sum.carried() && value != null) {
          sums++;
          real |= value.signum() != 0 && sum.rowsBefore() - sum.firstRow() >= LEAST_SUMMED;
        }
      }
    }
    if (real) {
      boolean grouped = kind == RowKind.SUBTOTAL && !samples.groups().isEmpty();
      String by = grouped ? ", by: [" + String.join(", ", samples.groups()) + "]" : "";
      String check = "sum: " + field + by + ", is: " + word;
      List<Candidate> others = new ArrayList<>();
      for (String where : samples.besides()) {
        others.add(Candidate.of(check + ", where: " + where, "held for", sums, "printed sums"));
      }
      candidates.add(Candidate.of(check, "held for", sums, "printed sums").orElse(others));
    }
  }

  private static void carried(SampleRows samples, String field, List<Candidate> candidates) {
    int breaks = 0;
    for (DataSetPart part : samples.parts()) {
      for (int i = 1; i < part.sums().size(); i++) {
        PrintedSum before = part.sums().get(i - 1);
        PrintedSum here = part.sums().get(i);
        boolean pair =
            before.carried()
                && here.carried()
                && before.origin().page() < here.origin().page()
                && before.values().containsKey(field)
                && here.values().containsKey(field);
        breaks += pair ? 1 : 0;
      }
    }
    if (breaks > 0) {
      candidates.add(Candidate.of("carried: " + field, "held at", breaks, "page breaks"));
    }
  }

  /** A sum that a value outside the columns gives: one row is no evidence. */
  private static void elsewhere(
      SampleRows samples, String field, String value, List<Candidate> candidates) {
    boolean real = true;
    for (DataSetPart part : samples.parts()) {
      List<DataRecord> rows = part.rows();
      real &=
          rows.size() >= LEAST_SUMMED
              && rows.get(0).number(value).filter(v -> v.signum() != 0).isPresent();
    }
    if (real) {
      String check = "sum: " + field + ", is: " + value;
      candidates.add(Candidate.of(check, "held in", samples.parts().size(), "files"));
    }
  }

  private static void counted(SampleRows samples, String value, List<Candidate> candidates) {
    boolean many =
        samples.parts().stream().allMatch(p -> p.rows().size() >= SampleRows.LEAST_ROWS)
            && samples.rows().stream().allMatch(r -> r.number(value).isPresent());
    if (many) {
      String check = "count: rows, is: " + value;
      candidates.add(Candidate.of(check, "held in", samples.parts().size(), "files"));
    }
  }
}
