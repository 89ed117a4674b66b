package dev.inlay.extract;

import dev.inlay.page.Page;
import dev.inlay.pdf.OpenFailure;
import dev.inlay.pdf.PageFailure;
import dev.inlay.pdf.PdfFile;
import dev.inlay.table.PageTables;
import dev.inlay.table.Stitcher;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
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
    try (PdfFile pdf = PdfFile.open(path, password)) {
      return choice.of(new Reading(path, pdf).result());
    } catch (OpenFailure e) {
      LOG.warn("{} cannot be opened", path, e);
      DocumentStatus status =
          e.reason() == OpenFailure.Reason.LOCKED
              ? DocumentStatus.LOCKED
              : DocumentStatus.UNREADABLE;
      return failed(path, status, Problem.ofDocument(code(e.reason()), e.getMessage()));
    } catch (IOException e) {
      LOG.warn("{} cannot be read", path, e);
      return failed(
          path,
          DocumentStatus.UNREADABLE,
          Problem.ofDocument("unreadable", "cannot be read: " + e.getMessage()));
    }
  }

  private static String code(OpenFailure.Reason reason) {
    return switch (reason) {
      case MISSING -> "no-such-file";
      case FOLDER -> "folder";
      case FORBIDDEN -> "forbidden";
      case EMPTY -> "empty-file";
      case NOT_PDF -> "not-a-pdf";
      case LOCKED -> "locked";
      case BROKEN -> "broken-file";
    };
  }

  private static DocumentTables failed(Path path, DocumentStatus status, Problem problem) {
    return new DocumentTables(
        path, FileDigest.ofReadable(path), 0, status, List.of(problem), List.of());
  }

  /** One walk over the pages of an open file. */
  private final class Reading {
    private final Path path;
    private final PdfFile pdf;
    private final List<Problem> problems = new ArrayList<>();
    private final Stitcher stitcher = new Stitcher();
    private final AreaFinder areas = new AreaFinder(tools);
    private int asked;
    private int withText;
    private int failed;

    Reading(Path path, PdfFile pdf) {
      this.path = path;
      this.pdf = pdf;
    }

    DocumentTables result() throws InterruptedException {
      int count = pdf.pageCount();
      if (pages.reachesBeyond(count)) {
        problems.add(
            Problem.ofDocument(
                "no-such-page", "has " + count + " page(s), fewer than asked for; check --pages"));
      }
      for (int number = 1; number <= count; number++) {
        if (Thread.interrupted()) {
          throw new InterruptedException("stopped before page " + number + " of " + path);
        }
        if (pages.holds(number)) {
          read(number);
        }
      }
      areas
          .missing()
          .ifPresent(
              text ->
                  problems.add(
                      Problem.ofDocument(
                          "no-such-text",
                          "no line on the pages read holds the text of "
                              + text
                              + "; inlay lines shows what they hold")));
      return new DocumentTables(
          path, FileDigest.ofReadable(path), count, status(), problems, stitcher.finish());
    }

    private void read(int number) {
      asked++;
      try {
        Page page = pdf.page(number);
        if (page.hasText()) {
          withText++;
          areas.on(page).ifPresent(guidance -> stitcher.add(PageTables.of(page, guidance)));
        } else if (!page.pictures().isEmpty()) {
          problems.add(
              Problem.ofPage(
                  "image-only-page",
                  number,
                  "page " + number + " holds a picture and no text; run text recognition on it"));
        }
      } catch (PageFailure e) {
        failed++;
        LOG.warn("{}: page {} cannot be read", path, number, e);
        problems.add(Problem.ofPage("broken-page", number, e.getMessage()));
      } catch (RuntimeException e) {
        // One page must not take the rest of a batch with it, and must not vanish either.
        failed++;
        LOG.warn("{}: page {} hit a defect", path, number, e);
        problems.add(
            Problem.ofPage(
                "defect",
                number,
                "page " + number + " hit a defect of Inlay (" + e + "); please report it"));
      }
    }

    private DocumentStatus status() {
      if (failed > 0) {
        return failed == asked ? DocumentStatus.UNREADABLE : DocumentStatus.PARTIAL;
      }
      return withText == 0 && asked > 0 ? DocumentStatus.NO_TEXT : DocumentStatus.OK;
    }
  }
}
