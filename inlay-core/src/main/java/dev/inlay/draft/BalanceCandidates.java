package dev.inlay.draft;

import dev.inlay.rows.DataRecord;
import dev.inlay.rows.DataSetPart;
import dev.inlay.spec.FieldSpec;
import dev.inlay.spec.PageValue;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Balances: a field that is the one above and an amount, or what comes in less what goes out; over
 * all rows, or in each group of rows.
 */
final class BalanceCandidates {

  /** What agrees in fewer of the steps is not tried as a check: there are many pairs of fields. */
  private static final double LEAST_AGREEING = 0.6;

  /** This many steps show that next to none agrees. */
  private static final int FIRST_STEPS = 20;

  private final SampleRows samples;
  private final List<Amount> amounts;
  private final List<List<String>> groupings;

  private BalanceCandidates(SampleRows samples) {
    this.samples = samples;
    amounts = amounts();
    groupings = groupings();
  }

  /** An amount as a spec writes it, and the fields that are added and taken away. */
  private record Amount(String text, String in, String out) {

    boolean isWithout(String field) {
      return !in.equals(field) && !out.equals(field);
    }

    BigDecimal of(DataRecord row) {
      BigDecimal amount = row.number(in).orElse(BigDecimal.ZERO);
      return out.isEmpty() ? amount : amount.subtract(row.number(out).orElse(BigDecimal.ZERO));
    }
  }

  /** The steps from row to row in each group, and how many of them an amount explains. */
  private record Steps(int all, int agreeing) {}

  static List<Candidate> of(SampleRows samples) {
    BalanceCandidates finding = new BalanceCandidates(samples);
    List<Candidate> candidates = new ArrayList<>();
    for (String field : samples.numbers()) {
      if (samples.rows().stream().allMatch(r -> r.number(field).isPresent())
          && finding.moves(new Amount(field, field, ""))) {
        finding.amounts.stream()
            .filter(a -> a.isWithout(field))
            .forEach(a -> finding.add(field, a, candidates));
      }
    }
    return candidates;
  }

  /** The fields that move, alone and in pairs. */
  private List<Amount> amounts() {
    List<String> fields = List.copyOf(samples.numbers());
    List<Amount> amounts = new ArrayList<>();
    fields.forEach(f -> amounts.add(new Amount(f, f, "")));
    for (String in : fields) {
      for (String out : fields) {
        if (!in.equals(out)) {
          amounts.add(new Amount(in + " - " + out, in, out));
        }
      }
    }
    return amounts.stream().filter(this::moves).toList();
  }

  /** Whether an amount differs from row to row: what stays the same explains nothing. */
  private boolean moves(Amount amount) {
    Set<BigDecimal> amounts = new HashSet<>();
    samples.rows().forEach(r -> amounts.add(amount.of(r).stripTrailingZeros()));
    return amounts.size() >= SampleRows.LEAST_VALUES;
  }

  /** Adds the balance over all rows, or else in the first grouping in which it holds. */
  private void add(String field, Amount amount, List<Candidate> candidates) {
    List<Candidate> grouped = new ArrayList<>();
    for (List<String> by : groupings) {
      Steps steps = steps(field, amount, by);
      if (steps.all() >= SampleRows.LEAST_ROWS
          && steps.agreeing() >= LEAST_AGREEING * steps.all()) {
        String groups = by.isEmpty() ? "" : ", by: [" + String.join(", ", by) + "]";
        String check = "balance: " + field + ", plus: " + amount.text() + groups;
        grouped.add(Candidate.of(check, "held in", steps.all(), "steps").failingSeldom());
      }
    }
    if (!grouped.isEmpty()) {
      candidates.add(grouped.get(0).orElse(grouped.subList(1, grouped.size())));
    }
  }

  /** None; the fields that go on down the rows, and what is printed for parts of a file. */
  private List<List<String>> groupings() {
    List<String> down = new ArrayList<>(samples.groups());
    samples.columns().stream()
        .filter(f -> f.form().fillDown())
        .map(FieldSpec::name)
        .limit(1) // the next ones belong to it, as its name does
        .forEach(down::add);
    List<String> printed =
        samples.set().values().stream()
            .filter(v -> v.isPrinted() && v.per() != PageValue.Per.FILE)
            .map(PageValue::field)
            .toList();
    List<List<String>> groupings = new ArrayList<>(List.of(List.of()));
    for (String field : down) {
      groupings.add(List.of(field));
      printed.forEach(p -> groupings.add(List.of(p, field)));
    }
    printed.forEach(p -> groupings.add(List.of(p)));
    return groupings;
  }

  private Steps steps(String field, Amount amount, List<String> by) {
    int all = 0;
    int agreeing = 0;
    for (DataSetPart part : samples.parts()) {
      Map<List<Object>, BigDecimal> before = new LinkedHashMap<>();
      for (DataRecord row : part.rows()) {
        List<Object> group = new ArrayList<>();
        by.forEach(f -> group.add(row.value(f).content()));
        BigDecimal balance = row.number(field).orElseThrow();
        BigDecimal above = before.put(group, balance);
        if (above != null) {
          all++;
          agreeing += above.add(amount.of(row)).compareTo(balance) == 0 ? 1 : 0;
          if (all == FIRST_STEPS && agreeing < LEAST_AGREEING / 2 * all) {
            return new Steps(all, agreeing);
          }
        }
      }
    }
    return new Steps(all, agreeing);
  }
}
