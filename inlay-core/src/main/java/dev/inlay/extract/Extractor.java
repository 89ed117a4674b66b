package dev.inlay.extract;

import dev.inlay.choose.PageHints;
import dev.inlay.document.Estimate;
import dev.inlay.model.Decision;
import dev.inlay.page.Page;
import dev.inlay.page.PageSelection;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * Extracts the tables of one document. Holds no state between documents, so that one extractor
 * serves several threads.
 *
 * <p>Stops between two pages when its thread is interrupted.
 */
public final class Extractor {

  private static final Logger LOG = LoggerFactory.getLogger(Extractor.class);

  private final PageSelection pages;
  private final String password;
  private final TableHints tools;
  private final TableChoice choice;
  private final int threads;
  private final Duration limit;

  /**
   * Prepares an extraction.
   *
   * @param pages the pages wanted
   * @param password for locked files, or an empty text
   */
  public Extractor(PageSelection pages, String password) {
    this(pages, password, TableHints.NONE, TableChoice.ALL);
  }

  /**
   * Prepares an extraction with the help of a person.
   *
   * @param pages the pages wanted
   * @param password for locked files, or an empty text
   * @param tools what is said of the tables
   * @param choice the tables wanted
   */
  public Extractor(PageSelection pages, String password, TableHints tools, TableChoice choice) {
    this(pages, password, tools, choice, 1, PageWalk.USUAL_LIMIT);
  }

  private Extractor(
      PageSelection pages,
      String password,
      TableHints tools,
      TableChoice choice,
      int threads,
      Duration limit) {
    this.threads = threads;
    this.limit = limit;
    this.pages = pages;
    this.password = password;
    this.tools = tools;
    this.choice = choice;
  }

  /** The same extraction, with the pages of each document worked on by this many threads. */
  public Extractor onThreads(int number) {
    return new Extractor(pages, password, tools, choice, number, limit);
  }

  /** The same extraction, each document with so much time; what is not read then is reported. */
  public Extractor within(Duration time) {
    return new Extractor(pages, password, tools, choice, threads, time);
  }

  /**
   * Extracts the tables of a file. What cannot be read is reported in the result.
   *
   * @param path the file
   * @throws InterruptedException if the thread was interrupted before all pages were read
   */
  public DocumentTables extract(Path path) throws InterruptedException {
    return extract(path, page -> {});
  }

  /**
   * Extracts the tables of a file and shows its pages to another reader on the way.
   *
   * @param path the file
   * @param alsoSees each page that holds text, in order, on the calling thread
   * @throws InterruptedException if the thread was interrupted before all pages were read
   */
  public DocumentTables extract(Path path, PageWalk.Visitor alsoSees) throws InterruptedException {
    return extract(path, alsoSees, false).document();
  }

  /**
   * Extracts the tables of a file and keeps why they are read as they are.
   *
   * @param path the file
   * @throws InterruptedException if the thread was interrupted before all pages were read
   */
  public Explanation explain(Path path) throws InterruptedException {
    return extract(path, page -> {}, true);
  }

  /** One file must not take the rest of a batch with it, and must not vanish either. */
  private Explanation extract(Path path, PageWalk.Visitor alsoSees, boolean explains)
      throws InterruptedException {
    try {
      return read(path, alsoSees, explains);
    } catch (RuntimeException | StackOverflowError | OutOfMemoryError e) {
      LOG.warn("{} hit a defect", path, e);
      return new Explanation(
          new DocumentTables(
              path,
              FileDigest.ofReadable(path),
              0,
              DocumentStatus.UNREADABLE,
              List.of(Problem.defect(e)),
              List.of(),
              PaperTraits.UNKNOWN,
              List.of()),
          List.of());
    }
  }

  private Explanation read(Path path, PageWalk.Visitor alsoSees, boolean explains)
      throws InterruptedException {
    AreaFinder areas = new AreaFinder(tools);
    try (TableReader reader = new TableReader(threads, explains)) {
      PageWalk.WalkResult walked =
          PageWalk.over(
              path, password, pages, alsoSees.then(page -> read(page, areas, reader)), limit);
      reader.finish();
      List<Problem> problems = new ArrayList<>(walked.problems());
      problems.addAll(reader.defects());
      problems.addAll(reader.doubts());
      if (walked.pages() > 0) {
        areas.missing().ifPresent(text -> problems.add(noSuchText(text)));
      }
      boolean whole = reader.defects().isEmpty() || walked.status() != DocumentStatus.OK;
      DocumentTables document =
          choice.of(
              new DocumentTables(
                  path,
                  FileDigest.ofReadable(path),
                  walked.pages(),
                  whole ? walked.status() : DocumentStatus.PARTIAL,
                  problems,
                  DamagedPages.flag(reader.tables(), walked.damaged()),
                  walked.traits(),
                  reader.ledgers()));
      List<Decision> decisions = new ArrayList<>(reader.decisions());
      if (explains) {
        document.tables().forEach(t -> decisions.add(Estimate.decision(t)));
      }
      return new Explanation(document, decisions);
    }
  }

  private static void read(Page page, AreaFinder areas, TableReader reader)
      throws InterruptedException {
    Optional<PageHints> guidance = areas.on(page);
    if (guidance.isPresent()) {
      reader.add(page, guidance.get());
    }
  }

  private static Problem noSuchText(String text) {
    return Problem.ofDocument(
        "no-such-text",
        "no line on the pages read holds the text of "
            + text
            + "; inlay lines shows what they hold");
  }
}
