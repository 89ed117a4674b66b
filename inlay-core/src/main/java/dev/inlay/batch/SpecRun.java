package dev.inlay.batch;

import dev.inlay.check.Checks;
import dev.inlay.choose.RulingUse;
import dev.inlay.extract.DocumentStatus;
import dev.inlay.extract.DocumentTables;
import dev.inlay.extract.Extractor;
import dev.inlay.extract.OrderedWork;
import dev.inlay.extract.PageLedger;
import dev.inlay.extract.PageWalk;
import dev.inlay.extract.Problem;
import dev.inlay.extract.TableHints;
import dev.inlay.model.Table;
import dev.inlay.model.TextLedger;
import dev.inlay.page.PageSelection;
import dev.inlay.page.ReadLimits;
import dev.inlay.rows.DataSetPart;
import dev.inlay.rows.DataSetReading;
import dev.inlay.rows.FileRun;
import dev.inlay.rows.Finding;
import dev.inlay.rows.PageLine;
import dev.inlay.rows.RuleUse;
import dev.inlay.rows.Severity;
import dev.inlay.rows.TablesNotTaken;
import dev.inlay.spec.DataSetSpec;
import dev.inlay.spec.ReportSpec;
import dev.inlay.spec.TableSpec;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;

/** Runs a spec over files. Holds no state between files, so that one run serves several threads. */
public final class SpecRun {

  private final ReportSpec spec;
  private final String password;
  private final int threads;
  private final ReadLimits limit;
  private final PageSelection pages;
  private final PageWalk.Visitor watcher;
  private final Optional<RunStore> store;

  /**
   * Prepares a run over the pages that the spec names.
   *
   * @param password for locked files, or an empty text
   */
  public SpecRun(ReportSpec spec, String password) {
    this(spec, password, 1, spec.limits(), spec.pages(), page -> {}, Optional.empty());
  }

  private SpecRun(
      ReportSpec spec,
      String password,
      int threads,
      ReadLimits limit,
      PageSelection pages,
      PageWalk.Visitor watcher,
      Optional<RunStore> store) {
    this.store = store;
    this.limit = limit;
    this.watcher = watcher;
    this.pages = pages;
    this.spec = spec;
    this.password = password;
    this.threads = threads;
  }

  /**
   * The same run with limits for each file that are made of its own; what is not read is reported.
   */
  public SpecRun within(UnaryOperator<ReadLimits> other) {
    return new SpecRun(spec, password, threads, other.apply(limit), pages, watcher, store);
  }

  /** The same run over those of its pages that are among others. */
  public SpecRun onPages(PageSelection others) {
    PageSelection both = others == PageSelection.ALL ? pages : pages.and(others);
    return new SpecRun(spec, password, threads, limit, both, watcher, store);
  }

  /** The same run; another sees each page on the way, on any thread. */
  public SpecRun watchedBy(PageWalk.Visitor other) {
    return new SpecRun(spec, password, threads, limit, pages, other, store);
  }

  /** The same run; what a store has of a file is not made again, what is made goes there. */
  public SpecRun keepingIn(RunStore kept) {
    return new SpecRun(spec, password, threads, limit, pages, watcher, Optional.of(kept));
  }

  /**
   * Runs over files in parallel; results come one by one, in the order of the files.
   *
   * @param files in the order in which results are wanted
   * @param workers how many files, or pages of one, are worked on at a time, at least 1
   * @param results takes each result, on the calling thread
   * @throws InterruptedException if the calling thread was interrupted; the workers are stopped
   */
  public void over(List<Path> files, int workers, OrderedWork.Sink<FileRun> results)
      throws InterruptedException {
    boolean byPage = files.size() < workers;
    SpecRun used = new SpecRun(spec, password, byPage ? workers : 1, limit, pages, watcher, store);
    try (OrderedWork<FileRun> work = new OrderedWork<>(byPage ? 1 : workers, results)) {
      for (Path file : files) {
        work.add(() -> used.read(file));
      }
      work.finish();
    }
  }

  /**
   * Runs over one file.
   *
   * @throws InterruptedException if the thread was interrupted before all of it was read
   * @throws UncheckedIOException if the store cannot be written
   */
  public FileRun read(Path file) throws InterruptedException {
    if (store.isEmpty()) {
      return readAnew(file);
    }
    String digest = store.get().digestOf(file);
    Optional<FileRun> kept = digest.isEmpty() ? Optional.empty() : store.get().kept(file, digest);
    if (kept.isPresent()) {
      return kept.get();
    }
    FileRun run = readAnew(file);
    try {
      store.get().keep(run);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return run;
  }

  private FileRun readAnew(Path file) throws InterruptedException {
    LineGathering lines = new LineGathering(spec);
    List<TableHints> ways =
        spec.dataSets().stream().map(s -> tools(s.tables())).distinct().toList();
    List<DocumentTables> found =
        new Extractor(pages, password)
            .onThreads(threads)
            .within(limit)
            .extract(file, ways, watcher.then(lines));
    Map<TableHints, DocumentTables> documents = new HashMap<>();
    for (int i = 0; i < ways.size(); i++) {
      documents.put(ways.get(i), found.get(i));
    }
    return judged(found.get(0), documents, lines.lines());
  }

  private FileRun judged(
      DocumentTables document, Map<TableHints, DocumentTables> documents, List<PageLine> lines) {
    if (document.status() != DocumentStatus.OK && document.status() != DocumentStatus.PARTIAL) {
      return unread(document);
    }
    Optional<String> unlike = Recognizer.reasonAgainst(spec.recognisedBy(), lines);
    if (unlike.isPresent()) {
      return aside(document, "it is not a '" + spec.report() + "': " + unlike.get(), List.of());
    }
    List<DataSetPart> parts = new ArrayList<>();
    boolean any = false;
    for (DataSetSpec set : spec.dataSets()) {
      DocumentTables source = documents.get(tools(set.tables()));
      boolean alone = spec.hasTablesOfItsOwn(set);
      DataSetPart read = DataSetReading.read(set, name(document), source.tables(), lines, alone);
      DataSetPart part = Checks.made(set.checks(), read, name(document), lines);
      parts.add(part);
      any |= !part.tables().isEmpty() || set.records().isPresent() && part.ledger().read() > 0;
    }
    if (!any) {
      return aside(document, noTable(document, parts), parts);
    }
    List<Finding> lost =
        spec.leavesOtherTablesOut()
            ? List.of()
            : TablesNotTaken.of(name(document), sources(documents, parts));
    boolean partial = document.status() == DocumentStatus.PARTIAL;
    boolean whole = lost.isEmpty() && parts.stream().noneMatch(SpecRun::lacksColumn);
    return result(
            document,
            partial
                ? FileRun.Status.PARTIAL
                : whole ? FileRun.Status.READ : FileRun.Status.INCOMPLETE,
            partial ? problemText(document) : "",
            parts)
        .with(lost);
  }

  /** The data sets that are made of tables, with the tables that each could take. */
  private List<TablesNotTaken.Source> sources(
      Map<TableHints, DocumentTables> documents, List<DataSetPart> parts) {
    List<TablesNotTaken.Source> sources = new ArrayList<>();
    for (int i = 0; i < parts.size(); i++) {
      DataSetSpec set = spec.dataSets().get(i);
      if (set.records().isEmpty()) {
        List<Table> tables = documents.get(tools(set.tables())).tables();
        sources.add(new TablesNotTaken.Source(set, tables, parts.get(i).tables()));
      }
    }
    return sources;
  }

  private static String noTable(DocumentTables document, List<DataSetPart> parts) {
    if (document.tables().isEmpty() && document.problems().isEmpty()) {
      return "no table was found in it";
    }
    for (DataSetPart part : parts) {
      for (Finding finding : part.findings()) {
        if (finding.code().equals(Finding.MISSING_COLUMN)) {
          return finding.message();
        }
      }
    }
    for (DataSetPart part : parts) {
      for (RuleUse use : part.uses()) {
        if (use.rule().equals("table") && !use.nearly().isEmpty()) {
          return "no table fits; the nearest is " + use.nearly().get(0);
        }
      }
    }
    return document.problems().isEmpty()
        ? "no line of it fits 'records'"
        : document.problems().get(0).message();
  }

  private static boolean lacksColumn(DataSetPart part) {
    return part.findings().stream().anyMatch(f -> f.code().equals(Finding.MISSING_COLUMN));
  }

  private FileRun unread(DocumentTables document) {
    FileRun.Status status =
        switch (document.status()) {
          case LOCKED -> FileRun.Status.LOCKED;
          case NO_TEXT -> FileRun.Status.NO_TEXT;
          default -> FileRun.Status.UNREADABLE;
        };
    return result(document, status, problemText(document), List.of());
  }

  private static String problemText(DocumentTables document) {
    return document.problems().isEmpty() ? "" : document.problems().get(0).message();
  }

  private FileRun aside(DocumentTables document, String reason, List<DataSetPart> parts) {
    List<DataSetPart> none = List.of();
    FileRun run = result(document, FileRun.Status.SET_ASIDE, reason, none);
    List<Finding> reported = new ArrayList<>();
    parts.forEach(p -> reported.addAll(p.findings()));
    return run.with(reported);
  }

  private boolean takesLines() {
    return spec.dataSets().stream().anyMatch(set -> set.records().isPresent());
  }

  private FileRun result(
      DocumentTables document, FileRun.Status status, String reason, List<DataSetPart> parts) {
    List<Finding> findings = new ArrayList<>();
    if (status.isFailure() && status != FileRun.Status.PARTIAL) {
      findings.add(
          Finding.of(Severity.ERROR, status.word().replace(' ', '-'), name(document), reason));
    } else {
      for (Problem problem : document.problems()) {
        if (problem.isPossibleTable() && takesLines()) {
          continue; // lines in columns are what such a spec reads
        }
        Severity severity = problem.isNote() ? Severity.NOTE : Severity.WARNING;
        findings.add(Finding.of(severity, problem.code(), name(document), problem.message()));
      }
    }
    if (status == FileRun.Status.SET_ASIDE) {
      findings.add(Finding.of(Severity.WARNING, "set-aside", name(document), reason));
    }
    int tables = parts.stream().mapToInt(p -> p.tables().size()).sum();
    TextLedger characters =
        document.ledgers().stream()
            .map(PageLedger::ledger)
            .reduce(TextLedger.EMPTY, TextLedger::plus);
    return new FileRun(
        document.path(),
        document.sha256(),
        document.pages(),
        tables,
        status,
        reason,
        parts,
        findings,
        characters);
  }

  private static String name(DocumentTables document) {
    return document.fileName();
  }

  /** What a spec says of the places of tables, for the finding of tables. */
  private static TableHints tools(TableSpec tables) {
    RulingUse rulings = RulingUse.valueOf(tables.rulings().toUpperCase(Locale.ROOT));
    TableHints first = tools(tables, tables.first(), rulings);
    return new TableHints(
        first.area(),
        first.frame(),
        first.below(),
        first.above(),
        first.gutters(),
        rulings,
        tables.later().map(place -> tools(tables, place, rulings)));
  }

  private static TableHints tools(TableSpec tables, TableSpec.Place place, RulingUse rulings) {
    return new TableHints(
        place.area(), place.frame(), tables.below(), tables.above(), place.gutters(), rulings);
  }
}
