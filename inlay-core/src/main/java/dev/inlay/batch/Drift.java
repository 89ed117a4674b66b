package dev.inlay.batch;

import dev.inlay.rows.DataSetPart;
import dev.inlay.rows.Evidence;
import dev.inlay.rows.FileRun;
import dev.inlay.rows.Finding;
import dev.inlay.rows.PrintedForm;
import dev.inlay.rows.Severity;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

/**
 * Reports in which files of a batch the columns differ from those of most files: one is new or
 * missing, their order changed, a heading has another wording, or numbers and dates are written in
 * another way.
 */
public final class Drift {

  private static final String MOST = "most files of the batch";
  private static final String FIRST = "the first file";

  /** A usual form, and where it is usual. */
  private record Usual(PrintedForm.Seen seen, String where) {}

  private Drift() {}

  /** The same runs, with what differs reported as findings of their files. */
  public static List<FileRun> reported(List<FileRun> runs) {
    List<FileRun> reported = new ArrayList<>(runs);
    int sets = runs.stream().mapToInt(r -> r.parts().size()).max().orElse(0);
    for (int set = 0; set < sets; set++) {
      report(reported, set);
    }
    return reported;
  }

  private static void report(List<FileRun> runs, int set) {
    Function<FileRun, Optional<DataSetPart>> part =
        r ->
            r.parts().size() > set && hasRows(r.parts().get(set))
                ? Optional.of(r.parts().get(set))
                : Optional.empty();
    List<DataSetPart> parts = runs.stream().map(part).flatMap(Optional::stream).toList();
    Optional<List<String>> headings = most(parts.stream().map(DataSetPart::columns).toList());
    Optional<List<String>> order = most(parts.stream().map(DataSetPart::asked).toList());
    Map<PrintedForm, Usual> forms = forms(parts);
    for (int i = 0; i < runs.size(); i++) {
      Optional<DataSetPart> one = part.apply(runs.get(i));
      if (one.isPresent()) {
        List<Finding> more = new ArrayList<>();
        String file = runs.get(i).fileName();
        headings.ifPresent(h -> columns(one.get(), h, file, more));
        order.ifPresent(o -> order(one.get(), o, file, more));
        forms(one.get(), forms, file, more);
        runs.set(i, more.isEmpty() ? runs.get(i) : runs.get(i).with(more));
      }
    }
  }

  /** Whether a file gave something: columns of a table, or rows of a listing. */
  private static boolean hasRows(DataSetPart part) {
    return !part.columns().isEmpty() || !part.forms().isEmpty();
  }

  /** What more than half have; empty where no two are alike. */
  private static <T> Optional<T> most(List<T> all) {
    Map<T, Integer> counts = new LinkedHashMap<>();
    all.forEach(t -> counts.merge(t, 1, Integer::sum));
    return counts.entrySet().stream()
        .max(Comparator.comparingInt(Map.Entry::getValue))
        .filter(e -> e.getValue() > 1 && 2 * e.getValue() > all.size())
        .map(Map.Entry::getKey);
  }

  private static void columns(DataSetPart part, List<String> usual, String file, List<Finding> to) {
    part.columns().stream()
        .filter(h -> !usual.contains(h))
        .forEach(h -> say("new-column", "the column '" + h + "' is new", file, to));
    usual.stream()
        .filter(h -> !part.columns().contains(h))
        .forEach(h -> say("column-gone", "the column '" + h + "' is not there", file, to));
  }

  private static void order(DataSetPart part, List<String> usual, String file, List<Finding> to) {
    List<String> here = part.asked().stream().filter(usual::contains).toList();
    List<String> there = usual.stream().filter(part.asked()::contains).toList();
    if (!here.equals(there)) {
      String fields = String.join(", ", here);
      say("column-order", "the columns stand in another order: " + fields, file, to);
    }
  }

  /**
   * The usual form of each print: that of most files, where there is one; else that of the first
   * file, so that a change from file to file is seen as well.
   */
  private static Map<PrintedForm, Usual> forms(List<DataSetPart> parts) {
    Map<PrintedForm, List<PrintedForm.Seen>> printed = new LinkedHashMap<>();
    for (DataSetPart part : parts) {
      part.forms().entrySet().stream()
          .sorted(
              Comparator.comparing((Map.Entry<PrintedForm, ?> e) -> e.getKey().field())
                  .thenComparing(e -> e.getKey().aspect()))
          .forEach(
              e -> printed.computeIfAbsent(e.getKey(), f -> new ArrayList<>()).add(e.getValue()));
    }
    Map<PrintedForm, Usual> usual = new LinkedHashMap<>();
    printed.forEach((form, all) -> usual(form, all).ifPresent(u -> usual.put(form, u)));
    return usual;
  }

  private static Optional<Usual> usual(PrintedForm form, List<PrintedForm.Seen> all) {
    Optional<String> most = most(all.stream().map(PrintedForm.Seen::form).toList());
    if (most.isPresent()) {
      return all.stream()
          .filter(s -> s.form().equals(most.get()))
          .findFirst()
          .map(s -> new Usual(s, MOST));
    }
    // the line above a listing may hold a name or a day, another one in each file
    return form.aspect() == PrintedForm.Aspect.LISTING_START
        ? Optional.empty()
        : Optional.of(new Usual(all.get(0), FIRST));
  }

  private static void forms(
      DataSetPart part, Map<PrintedForm, Usual> usual, String file, List<Finding> to) {
    usual.forEach(
        (form, due) -> {
          PrintedForm.Seen here = part.forms().getOrDefault(form, due.seen());
          if (!here.form().equals(due.seen().form())) {
            String seen = here.example();
            String expected = due.seen().example();
            String how = form.aspect().words() + " '" + seen + "', not '" + expected + "'";
            to.add(
                finding(form.aspect().code(), form.field() + ": " + how, due.where(), file)
                    .with(Evidence.of(form.field(), seen, expected)));
          }
        });
  }

  private static void say(String code, String message, String file, List<Finding> to) {
    to.add(finding(code, message, MOST, file));
  }

  private static Finding finding(String code, String message, String where, String file) {
    return Finding.of(Severity.WARNING, code, file, message + ", unlike in " + where);
  }
}
