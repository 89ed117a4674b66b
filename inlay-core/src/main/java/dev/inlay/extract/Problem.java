package dev.inlay.extract;

import dev.inlay.choose.PossibleTable;
import java.util.OptionalInt;

/**
 * Something that kept Inlay from reading all of a document.
 *
 * @param code a short name, documented in docs/
 * @param page the page's number, from 1, where it concerns one page
 * @param message what is wrong and what to do about it, to follow the name of the file
 */
public record Problem(String code, OptionalInt page, String message) {

  /** The code of a problem that is Inlay's own fault. */
  public static final String DEFECT = "defect";

  /** The code of a problem that a file took longer than it may. */
  public static final String TIME_OVER = "time-over";

  /** The code of a problem that some pages asked for are not there. */
  public static final String NO_SUCH_PAGE = "no-such-page";

  /** The code of a problem that a page is a picture without text. */
  public static final String IMAGE_ONLY_PAGE = "image-only-page";

  private static final String POSSIBLE_TABLE = "possible-table";
  private static final String REPAIRED = "repaired-file";

  /** A problem of the whole document. */
  static Problem ofDocument(String code, String message) {
    return new Problem(code, OptionalInt.empty(), message);
  }

  /** A problem of one page. */
  static Problem ofPage(String code, int page, String message) {
    return new Problem(code, OptionalInt.of(page), message);
  }

  /** Lines of a page that may be a table, and were read as running text. */
  static Problem possibleTable(int page, PossibleTable lines) {
    String what = "page " + page + ": " + lines.message("a table") + "; look at the page";
    return ofPage(POSSIBLE_TABLE, page, what);
  }

  /** Something of a file that was put right, and nothing lost by it. */
  static Problem repaired(String what) {
    return ofDocument(REPAIRED, "was repaired: " + what);
  }

  /** Whether it only says what was done, and nobody must look. */
  public boolean isNote() {
    return code.equals(REPAIRED);
  }

  /** Whether lines were read as running text that may be a table: nothing failed. */
  public boolean isPossibleTable() {
    return code.equals(POSSIBLE_TABLE);
  }

  /** What was meant never to happen, on one page. */
  static Problem defect(int page, Throwable e) {
    String what = "page " + page + " hit a defect of Inlay (" + e + "); please report it";
    return ofPage(DEFECT, page, what);
  }

  /** What was meant never to happen, to a whole document. */
  static Problem defect(Throwable e) {
    return ofDocument(
        DEFECT, "hit a defect of Inlay (" + e + ") and is left out; please report it");
  }
}
