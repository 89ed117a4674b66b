package dev.inlay.extract;

import dev.inlay.extract.WatchedCalls.TimeOver;
import dev.inlay.page.DropReason;
import dev.inlay.page.Page;
import dev.inlay.page.PageSelection;
import dev.inlay.page.ReadLimits;
import dev.inlay.page.ReadLimits.Limit;
import dev.inlay.pdf.OpenFailure;
import dev.inlay.pdf.PageFailure;
import dev.inlay.pdf.PdfFile;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.IntStream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * Walks over the pages of a document, one by one, and tells what could not be read. Stops between
 * two pages when its thread is interrupted.
 */
public final class PageWalk {

  private static final Logger LOG = LoggerFactory.getLogger(PageWalk.class);

  /**
   * How a walk ended.
   *
   * @param pages how many pages the document has; 0 where it could not be opened
   * @param status how far it could be read
   * @param problems what kept Inlay from reading all of it
   * @param traits what it is made of
   * @param damaged the numbers of pages that were read and of which something may be lost
   */
  public record WalkResult(
      int pages,
      DocumentStatus status,
      List<Problem> problems,
      PaperTraits traits,
      Set<Integer> damaged) {

    /** Keeps copies that cannot change. */
    public WalkResult {
      problems = List.copyOf(problems);
      damaged = Set.copyOf(damaged);
    }
  }

  /** Takes pages. */
  public interface Visitor {

    /**
     * Takes the next page that holds text.
     *
     * @throws InterruptedException if this thread was interrupted
     */
    void visit(Page page) throws InterruptedException;

    /** Notes how many pages will be looked at, before the first one. */
    default void begin(int wanted) {
      // most visitors need not know
    }

    /** Whether pages that are not asked for are shown as well, with {@link #pass}. */
    default boolean wantsOthers() {
      return false;
    }

    /** Sees the next page that holds text and is not asked for. */
    default void pass(Page page) {
      // most visitors see those asked for only
    }

    /** This visitor and then another one. */
    default Visitor then(Visitor other) {
      Visitor one = this;
      return new Visitor() {
        @Override
        public void visit(Page page) throws InterruptedException {
          one.visit(page);
          other.visit(page);
        }

        @Override
        public void begin(int wanted) {
          one.begin(wanted);
          other.begin(wanted);
        }

        @Override
        public boolean wantsOthers() {
          return one.wantsOthers() || other.wantsOthers();
        }

        @Override
        public void pass(Page page) {
          one.pass(page);
          other.pass(page);
        }
      };
    }
  }

  private static final String MORE_TIME = "look at the file, or give it more with --time-limit";

  /** Of 900 papers, made and real, one page had any such text, of 3 characters. */
  private static final int MUCH_UNSEEN_TEXT = 12;

  private final Path path;
  private final PageSelection pages;
  private final Visitor visitor;
  private final WatchedCalls calls;
  private final List<Problem> problems = new ArrayList<>();
  private final Set<Integer> damaged = new TreeSet<>();
  private boolean fileDamaged;
  private int asked;
  private int withText;
  private int withPictures;
  private int failed;

  private PageWalk(Path path, PageSelection pages, Visitor visitor, WatchedCalls calls) {
    this.calls = calls;
    this.path = path;
    this.pages = pages;
    this.visitor = visitor;
  }

  /**
   * Walks over a document.
   *
   * @param path the file
   * @param password for a locked file, or an empty text
   * @param pages those wanted
   * @param visitor takes each page that holds text, in order, on the calling thread
   * @param limits what the file may ask for; what is not read for it is reported
   * @throws InterruptedException if the thread was interrupted before all pages were read
   */
  public static WalkResult over(
      Path path, String password, PageSelection pages, Visitor visitor, ReadLimits limits)
      throws InterruptedException {
    try (WatchedCalls calls = new WatchedCalls(limits.time());
        PdfFile pdf = calls.call(() -> PdfFile.open(path, password, limits), OpenFailure.class)) {
      return new PageWalk(path, pages, visitor, calls).walk(pdf, limits.most(Limit.PAGES));
    } catch (TimeOver e) {
      LOG.warn("{} takes too long to open", path, e);
      return failed(
          DocumentStatus.UNREADABLE,
          Problem.ofDocument(
              Problem.TIME_OVER, e.getMessage() + " to open and is left out; " + MORE_TIME));
    } catch (OpenFailure e) {
      LOG.warn("{} cannot be opened", path, e);
      DocumentStatus status =
          e.reason() == OpenFailure.Reason.LOCKED
              ? DocumentStatus.LOCKED
              : DocumentStatus.UNREADABLE;
      return failed(status, Problem.ofDocument(code(e.reason()), e.getMessage()));
    } catch (IOException e) {
      LOG.warn("{} cannot be read", path, e);
      return failed(
          DocumentStatus.UNREADABLE,
          Problem.ofDocument("unreadable", "cannot be read: " + e.getMessage()));
    }
  }

  private static WalkResult failed(DocumentStatus status, Problem problem) {
    return new WalkResult(0, status, List.of(problem), PaperTraits.UNKNOWN, Set.of());
  }

  private static String code(OpenFailure.Reason reason) {
    return switch (reason) {
      case MISSING -> "no-such-file";
      case FOLDER -> "folder";
      case NO_FILE -> "no-file";
      case FORBIDDEN -> "forbidden";
      case EMPTY -> "empty-file";
      case NOT_PDF -> "not-a-pdf";
      case LOCKED -> "locked";
      case BROKEN -> "broken-file";
    };
  }

  private WalkResult walk(PdfFile pdf, int most) throws InterruptedException {
    int count = pdf.pageCount();
    if (pages.reachesBeyond(count)) {
      problems.add(
          Problem.ofDocument(
              Problem.NO_SUCH_PAGE,
              "has " + count + " page(s), fewer than asked for; check --pages"));
    }
    reportDamage(pdf);
    visitor.begin((int) IntStream.rangeClosed(1, count).filter(pages::holds).count());
    for (int number = 1; number <= count; number++) {
      if (Thread.interrupted()) {
        throw new InterruptedException("stopped before page " + number + " of " + path);
      }
      boolean wanted = pages.holds(number);
      if (wanted && asked == most) {
        reportPages(number, most);
        break;
      }
      asked += wanted ? 1 : 0;
      if ((wanted || visitor.wantsOthers()) && !isReadInTime(pdf, number, wanted)) {
        break;
      }
    }
    PaperTraits traits = new PaperTraits(pdf.producer(), withText, withPictures);
    return new WalkResult(count, status(), problems, traits, damaged);
  }

  /** The file has more pages than are to be read. */
  private void reportPages(int next, int most) {
    asked++;
    failed++;
    problems.add(
        Problem.ofPage(
            "page-limit",
            next,
            "page "
                + next
                + " and those behind it are not read: the limit is "
                + most
                + "; --limit pages=NUMBER allows more"));
  }

  private void reportDamage(PdfFile pdf) {
    pdf.damage()
        .ifPresent(
            what -> {
              fileDamaged = true;
              problems.add(
                  Problem.ofDocument(
                      "damaged-file",
                      "is damaged: " + what + "; rows may be missing; ask for a new copy of it"));
            });
    pdf.repaired().ifPresent(what -> problems.add(Problem.repaired(what)));
  }

  private void reportDamage(int number, Set<String> parts) {
    if (!parts.isEmpty()) {
      damaged.add(number);
      problems.add(
          Problem.ofPage(
              "damaged-page",
              number,
              "page "
                  + number
                  + " is damaged ("
                  + String.join("; ", parts)
                  + "): rows or numbers may be missing or wrong; ask for a new copy"));
    } else if (fileDamaged) {
      damaged.add(number);
    }
  }

  /** Text that no reader sees is left out; much of it may be text that a fault of ours hides. */
  private void reportTextOnItsColour(Page page) {
    long unseen = page.dropped(DropReason.GROUND_COLOUR);
    if (unseen >= MUCH_UNSEEN_TEXT) {
      problems.add(
          Problem.ofPage(
              "unseen-text",
              page.number(),
              "page "
                  + page.number()
                  + ": "
                  + unseen
                  + " characters have the colour of what lies below them and are left out;"
                  + " look whether the page shows them"));
    }
  }

  /** Reads a page; reports it, and the end of the walk, where the time is over. */
  private boolean isReadInTime(PdfFile pdf, int number, boolean wanted)
      throws InterruptedException {
    try {
      if (wanted) {
        read(pdf, number);
      } else {
        pass(pdf, number);
      }
      return true;
    } catch (TimeOver e) {
      failed++;
      LOG.warn("{}: the time is over at page {}", path, number, e);
      problems.add(
          Problem.ofPage(
              Problem.TIME_OVER,
              number,
              e.getMessage()
                  + ": page "
                  + number
                  + " and those behind it are not read; "
                  + MORE_TIME));
      return false;
    }
  }

  /** Shows a page that nobody asked for; what is wrong with it is no problem of those asked for. */
  private void pass(PdfFile pdf, int number) throws InterruptedException, TimeOver {
    try {
      Page page = calls.call(() -> pdf.page(number, new TreeSet<>()), PageFailure.class);
      if (page.hasText()) {
        visitor.pass(page);
      }
    } catch (PageFailure e) {
      LOG.info("{}: page {}, not asked for, cannot be read", path, number, e);
    }
  }

  private void read(PdfFile pdf, int number) throws InterruptedException, TimeOver {
    try {
      Set<String> parts = new TreeSet<>();
      Page page = calls.call(() -> pdf.page(number, parts), PageFailure.class);
      reportDamage(number, parts);
      reportTextOnItsColour(page);
      if (page.hasText()) {
        withText++;
        visitor.visit(page);
      } else if (!page.pictures().isEmpty()) {
        withPictures++;
        problems.add(
            Problem.ofPage(
                Problem.IMAGE_ONLY_PAGE,
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
      problems.add(Problem.defect(number, e));
    }
  }

  private DocumentStatus status() {
    if (failed > 0) {
      return failed == asked ? DocumentStatus.UNREADABLE : DocumentStatus.PARTIAL;
    }
    if (fileDamaged || !damaged.isEmpty()) {
      return DocumentStatus.PARTIAL;
    }
    return withText == 0 && asked > 0 ? DocumentStatus.NO_TEXT : DocumentStatus.OK;
  }
}
