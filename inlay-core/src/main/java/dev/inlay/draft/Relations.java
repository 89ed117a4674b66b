package dev.inlay.draft;

import dev.inlay.check.Checks;
import dev.inlay.rows.DataSetPart;
import dev.inlay.rows.DataSetReading;
import dev.inlay.spec.CheckSpec;
import dev.inlay.spec.DataSetSpec;
import dev.inlay.spec.SpecException;
import dev.inlay.spec.SpecReader;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Relations that hold in all samples, as checks with their evidence. Each is tried as the check
 * that it would become. What holds in few rows, or of zeros, may hold by chance and is not
 * proposed.
 */
final class Relations {

  private final String spec;
  private final int set;
  private final List<DataSetPart> parts = new ArrayList<>();

  private Relations(String spec, int set) {
    this.spec = spec;
    this.set = set;
  }

  /**
   * The checks that a data set's samples pass, as lines of a spec.
   *
   * @param spec the draft without checks
   * @param set the number of the data set, from 0
   */
  static List<String> of(String spec, int set, List<SampleFile> files) {
    try {
      return new Relations(spec, set).mined(files);
    } catch (SpecException e) {
      throw new IllegalStateException("a draft must be a spec: " + e.messages(), e);
    }
  }

  private List<String> mined(List<SampleFile> files) throws SpecException {
    DataSetSpec dataSet = SpecReader.read(spec).dataSets().get(set);
    for (SampleFile file : files) {
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
    return lines;
  }

  /** The candidate as a line, or the first of its alternatives that holds. */
  private Optional<String> first(Candidate candidate) throws SpecException {
    String line = "- {" + candidate.check() + "}";
    if (holds(checkOf(line))) {
      return Optional.of(line + "  # " + candidate.evidence());
    }
    for (Candidate other : candidate.otherwise()) {
      Optional<String> found = first(other);
      if (found.isPresent()) {
        return found;
      }
    }
    return Optional.empty();
  }

  /** Whether no sample contradicts a check. */
  private boolean holds(CheckSpec check) {
    return parts.stream()
        .flatMap(p -> Checks.made(List.of(check), p, "", List.of()).findings().stream())
        .noneMatch(f -> f.check().isPresent());
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
