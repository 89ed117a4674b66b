package dev.inlay.draft;

import dev.inlay.check.Checks;
import dev.inlay.rows.DataRecord;
import dev.inlay.rows.DataSetPart;
import dev.inlay.rows.DataSetReading;
import dev.inlay.rows.Finding;
import dev.inlay.spec.CheckRule;
import dev.inlay.spec.CheckSpec;
import dev.inlay.spec.DataSetSpec;
import dev.inlay.spec.SpecException;
import dev.inlay.spec.SpecReader;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;

/**
 * Relations that hold in all samples, or in all but a few of many places, as checks with their
 * evidence. Each is tried as the check that it would become. What holds in few rows, or of zeros,
 * may hold by chance and is not proposed.
 */
final class Relations {

  /** This many of the places where a relation fails are named. */
  private static final int MOST_NAMED = 3;

  /**
   * What the samples of a data set show.
   *
   * @param checks as lines of a spec
   * @param zeros fields of which a balance shows that nothing printed means 0
   */
  record Shown(List<String> checks, Set<String> zeros) {

    Shown {
      checks = List.copyOf(checks);
      zeros = Set.copyOf(zeros);
    }
  }

  private final String spec;
  private final int set;
  private final List<DataSetPart> parts = new ArrayList<>();
  private final List<String> names = new ArrayList<>();
  private final Set<String> zeros = new TreeSet<>();

  private Relations(String spec, int set) {
    this.spec = spec;
    this.set = set;
  }

  /**
   * The checks that a data set's samples pass.
   *
   * @param spec the draft without checks
   * @param set the number of the data set, from 0
   */
  static Shown of(String spec, int set, List<SampleFile> files) {
    try {
      return new Relations(spec, set).mined(files);
    } catch (SpecException e) {
      throw new IllegalStateException("a draft must be a spec: " + e.messages(), e);
    }
  }

  private Shown mined(List<SampleFile> files) throws SpecException {
    DataSetSpec dataSet = SpecReader.read(spec).dataSets().get(set);
    for (SampleFile file : files) {
      names.add(file.name());
      parts.add(DataSetReading.read(dataSet, file.name(), file.tables(), file.lines()));
    }
    SampleRows samples = new SampleRows(dataSet, parts);
    List<Candidate> candidates = new ArrayList<>(EquationCandidates.of(samples));
    candidates.addAll(SumCandidates.of(samples));
    candidates.addAll(SeriesCandidates.of(samples));
    List<String> lines = new ArrayList<>();
    for (Candidate candidate : candidates) {
      first(candidate).ifPresent(lines::add);
    }
    return new Shown(lines, zeros);
  }

  /** The candidate as a line, or the first of its alternatives that holds. */
  private Optional<String> first(Candidate candidate) throws SpecException {
    String line = "- {" + candidate.check() + "}";
    CheckSpec check = checkOf(line);
    List<Finding> failures = failures(check);
    if (candidate.stands(failures.size())) {
      if (failures.isEmpty() && check.rule() instanceof CheckRule.Balance balance) {
        noteZeros(balance);
      }
      StringBuilder evidence = new StringBuilder(candidate.evidence(failures.size()));
      for (Finding failure : failures.subList(0, Math.min(MOST_NAMED, failures.size()))) {
        evidence.append("; not in ").append(failure.file());
        failure.origin().ifPresent(o -> evidence.append(", page ").append(o.page()));
        evidence.append(": ").append(failure.message().replaceFirst("^.*?: ", ""));
      }
      return Optional.of(line + "  # " + evidence);
    }
    for (Candidate other : candidate.otherwise()) {
      Optional<String> found = first(other);
      if (found.isPresent()) {
        return found;
      }
    }
    return Optional.empty();
  }

  /** An amount that is not printed, and the balance stays what it was: it is 0. */
  private void noteZeros(CheckRule.Balance balance) {
    for (DataSetPart part : parts) {
      List<DataRecord> rows = part.rows();
      for (int r = 1; r < rows.size(); r++) {
        DataRecord row = rows.get(r);
        DataRecord before = rows.get(r - 1);
        // the first balance of a group follows from none
        boolean step = balance.by().stream().allMatch(f -> isAlike(row, before, f));
        balance.amount().fields().stream()
            .filter(f -> step && row.number(f).isEmpty())
            .forEach(zeros::add);
      }
    }
  }

  private static boolean isAlike(DataRecord one, DataRecord other, String field) {
    return Objects.equals(one.value(field).content(), other.value(field).content());
  }

  /** Where samples contradict a check. */
  private List<Finding> failures(CheckSpec check) {
    List<Finding> failures = new ArrayList<>();
    for (int i = 0; i < parts.size(); i++) {
      Checks.made(List.of(check), parts.get(i), names.get(i), List.of()).findings().stream()
          .filter(f -> f.check().isPresent())
          .forEach(failures::add);
    }
    return failures;
  }

  private CheckSpec checkOf(String line) throws SpecException {
    String marked = spec.replace(marker(set), "checks: [" + line.substring(2) + "]");
    return SpecReader.read(marked).dataSets().get(set).checks().get(0);
  }

  /** Where the checks of a data set go in a draft; to a reader of the spec, a comment. */
  static String marker(int set) {
    return "#checks-" + set + "#";
  }
}
