package dev.inlay.extract;

import dev.inlay.choose.Proposal;
import dev.inlay.document.Estimate;
import dev.inlay.model.Decision;
import dev.inlay.page.PageSelection;
import dev.inlay.page.ReadLimits;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
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
  private final Proposal proposal;
  private final int threads;
  private final ReadLimits limit;

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
    this(pages, password, tools, choice, Proposal.CHOSEN, 1, ReadLimits.USUAL);
  }

  private Extractor(
      PageSelection pages,
      String password,
      TableHints tools,
      TableChoice choice,
      Proposal proposal,
      int threads,
      ReadLimits limit) {
    this.proposal = proposal;
    this.threads = threads;
    this.limit = limit;
    this.pages = pages;
    this.password = password;
    this.tools = tools;
    this.choice = choice;
  }

  /** The same extraction, with the pages of each document worked on by this many threads. */
  public Extractor onThreads(int number) {
    return new Extractor(pages, password, tools, choice, proposal, number, limit);
  }

  /** The same extraction with other limits for each document; what is not read is reported. */
  public Extractor within(ReadLimits limits) {
    return new Extractor(pages, password, tools, choice, proposal, threads, limits);
  }

  /** The same extraction, its pages read in another way that is possible. */
  public Extractor proposing(Proposal other) {
    return new Extractor(pages, password, tools, choice, other, threads, limit);
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
    return extract(path, List.of(tools), alsoSees).get(0);
  }

  /**
   * Extracts the tables of a file once for each of several ways in which a person says where they
   * are. The file is walked over once.
   *
   * @param path the file
   * @param ways what is said of the tables, at least one
   * @param alsoSees each page that holds text, in order, on the calling thread
   * @return for each way what was found, in their order
   * @throws InterruptedException if the thread was interrupted before all pages were read
   */
  public List<DocumentTables> extract(Path path, List<TableHints> ways, PageWalk.Visitor alsoSees)
      throws InterruptedException {
    return explained(path, ways, alsoSees, false).stream().map(Explanation::document).toList();
  }

  /**
   * Extracts the tables of a file and keeps why they are read as they are.
   *
   * @param path the file
   * @throws InterruptedException if the thread was interrupted before all pages were read
   */
  public Explanation explain(Path path) throws InterruptedException {
    return explain(path, page -> {});
  }

  /**
   * Extracts the tables of a file, keeps why they are read as they are, and shows its pages to
   * another reader on the way. Where a person says where the tables are, no decisions are kept.
   *
   * @param path the file
   * @param alsoSees each page that holds text, in order, on the calling thread
   * @throws InterruptedException if the thread was interrupted before all pages were read
   */
  public Explanation explain(Path path, PageWalk.Visitor alsoSees) throws InterruptedException {
    boolean decides = tools.equals(TableHints.NONE);
    return explained(path, List.of(tools), alsoSees, decides).get(0);
  }

  /** One file must not take the rest of a batch with it, and must not vanish either. */
  private List<Explanation> explained(
      Path path, List<TableHints> ways, PageWalk.Visitor alsoSees, boolean explains)
      throws InterruptedException {
    try {
      return read(path, ways, alsoSees, explains);
    } catch (RuntimeException | StackOverflowError | OutOfMemoryError e) {
      LOG.warn("{} hit a defect", path, e);
      DocumentTables none =
          new DocumentTables(
              path,
              FileDigest.ofReadable(path),
              0,
              DocumentStatus.UNREADABLE,
              List.of(Problem.defect(e)),
              List.of(),
              PaperTraits.UNKNOWN,
              List.of());
      return Collections.nCopies(ways.size(), new Explanation(none, List.of()));
    }
  }

  private List<Explanation> read(
      Path path, List<TableHints> ways, PageWalk.Visitor alsoSees, boolean explains)
      throws InterruptedException {
    List<GuidedReading> readings = new ArrayList<>();
    try {
      PageWalk.Visitor visitor = alsoSees;
      for (TableHints way : ways) {
        GuidedReading reading = new GuidedReading(way, proposal, threads, explains);
        readings.add(reading);
        visitor = visitor.then(reading);
      }
      PageWalk.WalkResult walked = PageWalk.over(path, password, pages, visitor, limit);
      String digest = FileDigest.ofReadable(path);
      List<Explanation> found = new ArrayList<>();
      for (GuidedReading reading : readings) {
        DocumentTables document = choice.of(reading.finish(path, digest, walked));
        List<Decision> decisions = new ArrayList<>(reading.decisions());
        if (explains) {
          document.tables().forEach(t -> decisions.add(Estimate.decision(t)));
        }
        found.add(new Explanation(document, decisions));
      }
      return found;
    } finally {
      readings.forEach(GuidedReading::close);
    }
  }
}
