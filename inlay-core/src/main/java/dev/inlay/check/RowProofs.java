package dev.inlay.check;

import dev.inlay.rows.DataRecord;
import dev.inlay.spec.CheckRule;
import dev.inlay.spec.CheckSpec;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Which figures of rows other checks prove right, so that a sum that is off is not laid to them.
 * Rows of which a balance goes on from one to the next are also known to be all there.
 */
final class RowProofs {

  /** By field, the rows whose figure is proved, each with the check that proves it. */
  private final Map<String, Map<DataRecord, CheckSpec>> proofs = new HashMap<>();

  void add(CheckSpec check, DataRecord row, Set<String> fields) {
    for (String field : fields) {
      proofs.computeIfAbsent(field, f -> new IdentityHashMap<>()).putIfAbsent(row, check);
    }
  }

  boolean isProved(DataRecord row, String field) {
    return proofs.getOrDefault(field, Map.of()).containsKey(row);
  }

  /** What the proofs say of a sum of rows that is off; empty where a figure is not proved. */
  Optional<String> words(List<DataRecord> rows, String field) {
    return proof(rows, field)
        .map(c -> "'" + c.name() + "' proves its rows right: the printed sum is wrong")
        .map(w -> areComplete(rows, field) ? w : w + ", or a row is missing");
  }

  /** Whether a balance over the rows proves that none is missing. */
  boolean areComplete(List<DataRecord> rows, String field) {
    return proof(rows, field).filter(c -> c.rule() instanceof CheckRule.Balance).isPresent();
  }

  /** The check that proves the figures of all rows; a balance cannot prove the first. */
  private Optional<CheckSpec> proof(List<DataRecord> rows, String field) {
    Map<DataRecord, CheckSpec> proved = proofs.getOrDefault(field, Map.of());
    CheckSpec check = proved.get(rows.get(rows.size() - 1));
    boolean balance = check != null && check.rule() instanceof CheckRule.Balance;
    boolean all =
        rows.stream()
            .skip(balance ? 1 : 0)
            .allMatch(r -> proved.containsKey(r) || r.number(field).isEmpty());
    return all ? Optional.ofNullable(check) : Optional.empty();
  }
}
