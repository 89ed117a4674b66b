package dev.inlay.document;

import dev.inlay.choose.PageTable;
import dev.inlay.choose.PartComparison;
import dev.inlay.choose.TitleFinder;
import java.util.Optional;

/** Whether a part of a table goes on with the table before it, and what says so. */
enum PartLink {
  KNOWN(
      true,
      "it stands right below or in the next column of the page, or is read with the columns before"),
  HEADER_REPEATED(true, "its header is printed again"),
  BEHIND_OTHERS(true, "its header is printed again, behind tables set between its parts"),
  CONTINUED(true, "it is said to be continued, with as many columns and texts of the same kinds"),
  COLUMNS_GO_ON(true, "as many columns, at the same places, with texts of the same kinds"),
  NOT_NEXT(false, "running text, another table, or a page without one stands between"),
  OTHER_COLUMNS(false, "it has another number of columns"),
  OWN_TITLE(false, "it has a title of its own"),
  OTHER_HEADER(false, "it has a header of its own"),
  COLUMNS_DIFFER(false, "its columns stand elsewhere or hold other kinds of texts");

  private final boolean goesOn;
  private final String words;

  PartLink(boolean goesOn, String words) {
    this.goesOn = goesOn;
    this.words = words;
  }

  boolean goesOn() {
    return goesOn;
  }

  String words() {
    return words;
  }

  /**
   * The link of a part with the table before it.
   *
   * @param first the part with which that table begins
   * @param before the part with which it ends so far
   */
  static PartLink of(PageTable first, PageTable before, PageTable part) {
    if (part.goesOn()) {
      return KNOWN;
    }
    if (!before.last() || !part.first() || part.frame().page() != before.frame().page() + 1) {
      return NOT_NEXT;
    }
    if (first.columns() != part.columns()) {
      return OTHER_COLUMNS;
    }
    if (hasOwnTitle(first, part)) {
      return OWN_TITLE;
    }
    if (PartComparison.repeatsHeader(first, part)) {
      return HEADER_REPEATED;
    }
    boolean headless =
        PartComparison.isHeadless(first, part) || PartComparison.goesOnInBoxes(before, part);
    if (!headless) {
      return OTHER_HEADER;
    }
    if (part.title().filter(PartComparison::saysContinued).isPresent()
        && PartComparison.holdTheSame(before, part)) {
      return CONTINUED;
    }
    return PartComparison.continuesColumns(before, part)
            || PartComparison.continuesColumns(first, part)
        ? COLUMNS_GO_ON
        : COLUMNS_DIFFER;
  }

  /**
   * What stands in brackets in a title, as "(continued)", makes no new one. A title that holds the
   * first part's, or but the beginning of it, as in "Table 1 (continued)", is no new one; nor is a
   * line without label and number where the first part has no title.
   */
  static boolean hasOwnTitle(PageTable first, PageTable part) {
    Optional<String> title = first.title();
    if (part.title().isEmpty() || PartComparison.saysContinued(part.title().get())) {
      return false;
    }
    if (title.isEmpty()) {
      return TitleFinder.isLabelled(part.title().get());
    }
    String old = PartComparison.plain(title.get()) + " ";
    String now = PartComparison.plain(part.title().get()) + " ";
    return !now.contains(old) && !old.startsWith(now);
  }
}
