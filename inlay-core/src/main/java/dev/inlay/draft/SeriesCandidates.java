package dev.inlay.draft;

import dev.inlay.rows.DataRecord;
import dev.inlay.rows.DataSetPart;
import dev.inlay.spec.FieldSpec;
import dev.inlay.spec.FieldType;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** What goes on from row to row: serial numbers, balances, one value on a page, keys. */
final class SeriesCandidates {

  /** One value on a page says nothing where the page has fewer rows. */
  private static final int LEAST_ON_PAGE = 3;

  private SeriesCandidates() {}

  static List<Candidate> of(SampleRows samples) {
    List<Candidate> candidates = new ArrayList<>();
    for (FieldSpec field : samples.columns()) {
      if (field.form().type() == FieldType.INTEGER || field.form().type() == FieldType.NUMBER) {
        serial(samples, field.name(), candidates);
      }
    }
    candidates.addAll(BalanceCandidates.of(samples));
    samples.columns().forEach(f -> onPage(samples, f.name(), candidates));
    keys(samples, candidates);
    return candidates;
  }

  /**
   * What names the rows stands at their left: the columns of texts up to the first that has one
   * twice. Texts further right differ by chance.
   */
  private static void keys(SampleRows samples, List<Candidate> candidates) {
    for (FieldSpec field : samples.columns()) {
      if (field.form().type() != FieldType.STRING || !differs(samples, field.name())) {
        return;
      }
      key(samples, field.name(), candidates);
    }
  }

  /** Whether no file has a text of a column twice. */
  private static boolean differs(SampleRows samples, String field) {
    return samples.parts().stream()
        .allMatch(
            part -> {
              Set<Object> texts = new HashSet<>();
              return part.rows().stream().allMatch(r -> texts.add(r.value(field).content()));
            });
  }

  private static int steps(SampleRows samples) {
    return samples.parts().stream().mapToInt(p -> Math.max(0, p.rows().size() - 1)).sum();
  }

  private static void serial(SampleRows samples, String field, List<Candidate> candidates) {
    boolean whole =
        samples.rows().stream()
            .allMatch(
                r -> r.number(field).filter(n -> n.stripTrailingZeros().scale() <= 0).isPresent());
    if (whole && steps(samples) >= SampleRows.LEAST_ROWS) {
      candidates.add(
          Candidate.of("serial: " + field, "held in", steps(samples), "steps").failingSeldom());
    }
  }

  /** A value that a page has in all its rows, and another page not. */
  private static void onPage(SampleRows samples, String field, List<Candidate> candidates) {
    Set<Object> contents = new HashSet<>();
    int pages = 0;
    for (DataSetPart part : samples.parts()) {
      Map<Integer, Integer> rows = new HashMap<>();
      for (DataRecord row : part.rows()) {
        Optional<Object> content = Optional.ofNullable(row.value(field).content());
        if (content.isEmpty()) {
          return;
        }
        contents.add(content.get());
        rows.merge(row.origin().page(), 1, Integer::sum);
      }
      if (rows.values().stream().anyMatch(n -> n < LEAST_ON_PAGE)) {
        return;
      }
      pages += rows.size();
    }
    if (contents.size() > 1 && pages > 1) {
      candidates.add(Candidate.of("same: " + field + ", on: page", "held on", pages, "pages"));
    }
  }

  private static void key(SampleRows samples, String field, List<Candidate> candidates) {
    List<DataRecord> rows = samples.rows();
    boolean full = rows.stream().noneMatch(r -> r.value(field).isNothing());
    if (full && rows.size() >= SampleRows.LEAST_ROWS * samples.parts().size()) {
      candidates.add(Candidate.of("unique: " + field, "held in", rows.size(), "rows"));
    }
  }
}
