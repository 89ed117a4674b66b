package dev.inlay.spec;

import dev.inlay.page.PageSelection;
import dev.inlay.page.ReadLimits;
import java.util.List;
import java.util.Optional;

/**
 * What is wanted from one kind of report.
 *
 * @param report what the kind is called
 * @param recognisedBy what tells a file of this kind; empty where every file is taken for one
 * @param password where the password of locked files is found, if any
 * @param pages on which tables are looked for
 * @param limits what one file may ask for
 * @param leavesOtherTablesOut whether tables that fit no data set are left out without a finding
 * @param dataSets what is wanted; at least one
 * @param results which files a run writes; empty for the usual ones
 */
public record ReportSpec(
    String report,
    List<Recognition> recognisedBy,
    Optional<PasswordSource> password,
    PageSelection pages,
    ReadLimits limits,
    boolean leavesOtherTablesOut,
    List<DataSetSpec> dataSets,
    List<ResultFile> results) {

  /**
   * What tells a file of this kind.
   *
   * @param text part of a line
   * @param page the page that it stands on; 0 for any
   * @param missing whether the text must not stand there
   */
  public record Recognition(String text, int page, boolean missing) {}

  /**
   * Where a password is found; never in the spec itself.
   *
   * @param variable the name of an environment variable, or empty
   * @param file a file that holds nothing else, or empty
   */
  public record PasswordSource(String variable, String file) {}

  /** Keeps copies that cannot change. */
  public ReportSpec {
    recognisedBy = List.copyOf(recognisedBy);
    dataSets = List.copyOf(dataSets);
    results = List.copyOf(results);
  }

  /**
   * Whether no other data set may be made of the tables of one: it is the only one, or it alone
   * names their title.
   *
   * @param set one of the data sets
   */
  public boolean hasTablesOfItsOwn(DataSetSpec set) {
    List<String> titles = set.tables().titles();
    List<String> others =
        dataSets.stream().filter(s -> s != set).flatMap(s -> s.tables().titles().stream()).toList();
    boolean named =
        !titles.isEmpty()
            && titles.stream()
                .allMatch(t -> others.stream().noneMatch(o -> o.contains(t) || t.contains(o)));
    return dataSets.size() == 1 || named;
  }
}
