package dev.inlay.extract;

import dev.inlay.table.PageTables;
import dev.inlay.table.Stitcher;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/**
 * Extracts the tables of one document. Holds no state between documents, so that one extractor
 * serves several threads.
 *
 * <p>Stops between two pages when its thread is interrupted.
 */
public final class Extractor {

  private final PageSelection pages;
  private final String password;
  private final HandTools tools;
  private final TableChoice choice;

  /**
   * Prepares an extraction.
   *
   * @param pages the pages wanted
   * @param password for locked files, or an empty text
   */
  public Extractor(PageSelection pages, String password) {
    this(pages, password, HandTools.NONE, TableChoice.ALL);
  }

  /**
   * Prepares an extraction with the help of a person.
   *
   * @param pages the pages wanted
   * @param password for locked files, or an empty text
   * @param tools what is said of the tables
   * @param choice the tables wanted
   */
  public Extractor(PageSelection pages, String password, HandTools tools, TableChoice choice) {
    this.pages = pages;
    this.password = password;
    this.tools = tools;
    this.choice = choice;
  }

  /**
   * Extracts the tables of a file. What cannot be read is told in the result.
   *
   * @param path the file
   * @throws InterruptedException if the thread was interrupted before all pages were read
   */
  public DocumentTables extract(Path path) throws InterruptedException {
    Stitcher stitcher = new Stitcher();
    AreaFinder areas = new AreaFinder(tools);
    PageWalk.Walked walked =
        PageWalk.over(
            path,
            password,
            pages,
            page ->
                areas.on(page).ifPresent(guidance -> stitcher.add(PageTables.of(page, guidance))));
    List<Problem> problems = new ArrayList<>(walked.problems());
    if (walked.pages() > 0) {
      areas.missing().ifPresent(text -> problems.add(noSuchText(text)));
    }
    return choice.of(
        new DocumentTables(
            path,
            FileDigest.ofReadable(path),
            walked.pages(),
            walked.status(),
            problems,
            stitcher.finish(),
            walked.traits()));
  }

  private static Problem noSuchText(String text) {
    return Problem.ofDocument(
        "no-such-text",
        "no line on the pages read holds the text of "
            + text
            + "; inlay lines shows what they hold");
  }
}
