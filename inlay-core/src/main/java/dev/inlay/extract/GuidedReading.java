package dev.inlay.extract;

import dev.inlay.choose.PageHints;
import dev.inlay.choose.Proposal;
import dev.inlay.model.Decision;
import dev.inlay.page.Page;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** One reading of a document: where a person says that its tables are, and what is found there. */
final class GuidedReading implements PageWalk.Visitor, AutoCloseable {

  private final AreaFinder areas;
  private final Proposal proposal;
  private final TableReader reader;

  /**
   * Prepares a reading.
   *
   * @param hints what a person says of the tables
   * @param proposal which reading of the pages is wanted; the chosen one for what a person says
   * @param threads how many pages are worked on at a time
   * @param explains whether decisions are kept
   */
  GuidedReading(TableHints hints, Proposal proposal, int threads, boolean explains) {
    this.proposal = proposal;
    areas = new AreaFinder(hints);
    reader = new TableReader(threads, explains);
  }

  @Override
  public void visit(Page page) throws InterruptedException {
    Optional<PageHints> guidance = areas.on(page);
    if (guidance.isPresent()) {
      PageHints hints = guidance.get();
      reader.add(page, proposal.equals(Proposal.CHOSEN) ? hints : hints.with(proposal));
    }
  }

  /**
   * Ends the reading, once all pages are walked over.
   *
   * @param path the file
   * @param digest of its content
   * @param walked how the walk over its pages ended
   */
  DocumentTables finish(Path path, String digest, PageWalk.WalkResult walked)
      throws InterruptedException {
    reader.finish();
    List<Problem> problems = new ArrayList<>(walked.problems());
    problems.addAll(reader.defects());
    problems.addAll(reader.doubts());
    if (walked.pages() > 0) {
      areas.missing().ifPresent(text -> problems.add(noSuchText(text)));
    }
    boolean whole = reader.defects().isEmpty() || walked.status() != DocumentStatus.OK;
    return new DocumentTables(
        path,
        digest,
        walked.pages(),
        whole ? walked.status() : DocumentStatus.PARTIAL,
        problems,
        DamagedPages.flag(reader.tables(), walked.damaged()),
        walked.traits(),
        reader.ledgers());
  }

  private static Problem noSuchText(String text) {
    return Problem.ofDocument(
        "no-such-text",
        "no line on the pages read holds the text of "
            + text
            + "; inlay lines shows what they hold");
  }

  /** Why the pages were read as they are, where that was asked for. */
  List<Decision> decisions() {
    return reader.decisions();
  }

  @Override
  public void close() {
    reader.close();
  }
}
