package dev.inlay.check;

import dev.inlay.check.Consequences.Found;
import dev.inlay.rows.CheckCount;
import dev.inlay.rows.DataRecord;
import dev.inlay.rows.DataSetPart;
import dev.inlay.rows.Finding;
import dev.inlay.rows.HeldRecord;
import dev.inlay.rows.Origin;
import dev.inlay.spec.CheckSpec;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** What one file gave, with the findings of its checks and the rows that they hold. */
final class CheckedPart {

  private final DataSetPart part;
  private final String file;
  private final List<Finding> findings;
  private final Map<DataRecord, List<Finding>> held = new IdentityHashMap<>();
  private final Map<CheckSpec, List<Finding>> byCheck = new IdentityHashMap<>();
  private final RowProofs proofs = new RowProofs();
  private final List<Found> found = new ArrayList<>();
  private final List<Reported> reported = new ArrayList<>();

  /** Rows that a printed sum was compared with. */
  private final Set<DataRecord> added = Collections.newSetFromMap(new IdentityHashMap<>());

  private final Map<String, CheckCount> counts = new HashMap<>();

  /** Rows whose sum is off, and by how much, without its sign. */
  private record Reported(DataRecord first, BigDecimal off) {}

  CheckedPart(DataSetPart part, String file) {
    this.part = part;
    this.file = file;
    findings = new ArrayList<>(part.findings());
  }

  /** Makes one check. */
  void make(CheckSpec check, FileCheck fileCheck) {
    fileCheck.make(
        Checks.asked(check, part),
        new CheckReport() {
          @Override
          public void say(Flaw flaw, Origin at, List<DataRecord> row, List<DataRecord> group) {
            Finding finding = Checks.finding(check, file, flaw, at);
            if (row.size() == 1) {
              finding = finding.with(finding.evidence().inRow(row.get(0)));
            }
            add(check, finding);
            found.add(new Found(finding, check.rule(), flaw.isExplained(), group));
            hold(heldBy(check.effect(), at, row, group), finding);
          }

          @Override
          public void asked(int rows) {
            counts.merge(check.name(), new CheckCount(1, rows), CheckCount::plus);
          }

          @Override
          public void proved(DataRecord row, Set<String> fields) {
            proofs.add(check, row, fields);
          }

          @Override
          public RowProofs proofs() {
            return proofs;
          }

          @Override
          public void added(List<DataRecord> rows) {
            asked(rows.size());
            added.addAll(rows);
          }

          @Override
          public void notAsked(List<DataRecord> rows, int of) {
            add(check, NotAsked.ofRows(check, file, rows, of));
          }

          @Override
          public boolean isReported(List<DataRecord> rows, BigDecimal off) {
            return CheckedPart.this.isReported(rows, off.abs());
          }
        });
  }

  private void add(CheckSpec check, Finding finding) {
    byCheck.computeIfAbsent(check, c -> new ArrayList<>()).add(finding);
  }

  private List<DataRecord> heldBy(
      CheckSpec.Effect effect, Origin at, List<DataRecord> row, List<DataRecord> group) {
    return switch (effect) {
      case REPORT -> List.of();
      case HOLD_ROW -> row;
      case HOLD_GROUP -> group;
      case HOLD_TABLE ->
          part.records().stream().filter(r -> r.origin().table().equals(at.table())).toList();
      case HOLD_FILE -> part.records();
    };
  }

  private void hold(List<DataRecord> rows, Finding finding) {
    rows.forEach(r -> held.computeIfAbsent(r, k -> new ArrayList<>()).add(finding));
  }

  private boolean isReported(List<DataRecord> rows, BigDecimal off) {
    boolean known =
        reported.stream()
            .filter(t -> t.off().compareTo(off) == 0)
            .anyMatch(t -> rows.stream().anyMatch(r -> r == t.first()));
    reported.add(new Reported(rows.get(0), off));
    return known;
  }

  /**
   * The part after all checks, what they found in their order. Where every row is in a sum and no
   * check failed, an estimate that the table may be wrong says nothing any more.
   */
  DataSetPart result(List<CheckSpec> order) {
    order.forEach(c -> findings.addAll(byCheck.getOrDefault(c, List.of())));
    boolean proved =
        !part.records().isEmpty()
            && added.containsAll(part.records())
            && part.held().stream().allMatch(h -> added.contains(h.record()));
    if (proved && findings.stream().noneMatch(f -> f.check().isPresent())) {
      findings.removeIf(Finding::isEstimate);
    }
    List<DataRecord> accepted = new ArrayList<>();
    List<HeldRecord> all = new ArrayList<>(part.held());
    for (DataRecord record : part.records()) {
      if (held.containsKey(record)) {
        all.add(new HeldRecord(record, held.get(record)));
      } else {
        accepted.add(record);
      }
    }
    return part.checked(accepted, all, Consequences.below(findings, found), counts);
  }
}
