package dev.inlay.extract;

import java.util.OptionalInt;

/**
 * Something that kept Inlay from reading all of a document.
 *
 * @param code a short name, documented in docs/
 * @param page the page's number, from 1, where it concerns one page
 * @param message what is wrong and what to do about it, to follow the name of the file
 */
public record Problem(String code, OptionalInt page, String message) {

  /** A problem of the whole document. */
  static Problem ofDocument(String code, String message) {
    return new Problem(code, OptionalInt.empty(), message);
  }

  /** A problem of one page. */
  static Problem ofPage(String code, int page, String message) {
    return new Problem(code, OptionalInt.of(page), message);
  }

  /** What was meant never to happen, on one page. */
  static Problem defect(int page, RuntimeException e) {
    String what = "page " + page + " hit a defect of Inlay (" + e + "); please report it";
    return ofPage("defect", page, what);
  }
}
