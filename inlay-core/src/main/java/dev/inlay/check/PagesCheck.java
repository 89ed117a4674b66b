package dev.inlay.check;

import dev.inlay.rows.DataSetPart;
import dev.inlay.rows.Evidence;
import dev.inlay.rows.Origin;
import dev.inlay.rows.PageLine;
import dev.inlay.spec.CheckRule;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Checks that the page numbers printed in a file run from 1 on without a gap, up to the number of
 * pages where that is printed too. They may begin anew, as in a file that holds several reports.
 *
 * @param lines of the file's pages, in reading order
 */
record PagesCheck(CheckRule.Pages rule, List<PageLine> lines) implements FileCheck {

  /**
   * A printed page number.
   *
   * @param of the printed number of pages; 0 where it is not printed
   */
  private record Printed(int number, int of, PageLine line) {

    String text() {
      return "page "
          + line.page()
          + " of the file is numbered "
          + number
          + (of > 0 ? " of " + of : "");
    }
  }

  @Override
  public void make(DataSetPart part, CheckReport report) {
    List<Printed> pages = printed();
    Printed before = null;
    for (Printed page : pages) {
      report.asked(0);
      int due = before == null || isEnd(before) ? 1 : before.number() + 1;
      boolean begins = page.number() == 1 && before != null;
      if (begins && !isEnd(before)) {
        missing(before.number() + 1, before.of(), before, report);
      } else if (!begins && page.number() > due) {
        missing(due, page.number() - 1, page, report);
      } else if (!begins && page.number() < due) {
        say(page.text() + ", after " + before.number(), due, "", page, report);
      }
      before = page;
    }
    if (before != null && !isEnd(before)) {
      missing(before.number() + 1, before.of(), before, report);
    }
  }

  /** Whether a page is the last of its report, by its own number. */
  private static boolean isEnd(Printed page) {
    return page.of() > 0 && page.number() >= page.of();
  }

  private static void missing(int from, int to, Printed at, CheckReport report) {
    if (at.of() == 0 && to < from) {
      return; // how many pages there are is not printed
    }
    String pages = from == to ? "page " + from + " is" : "pages " + from + " to " + to + " are";
    say(at.text() + "; " + pages + " missing", from, pages + " missing", at, report);
  }

  private static void say(String message, int due, String cause, Printed at, CheckReport report) {
    Evidence evidence = Evidence.of("", "" + at.number(), "" + due).because(cause);
    Origin place = new Origin(at.line().page(), at.line().box(), "");
    report.say(new Flaw(message, evidence), place, List.of(), List.of());
  }

  /** The first printed number of each page that has one. */
  private List<Printed> printed() {
    List<Printed> printed = new ArrayList<>();
    int page = 0;
    for (PageLine line : lines) {
      Optional<List<String>> groups =
          line.page() == page ? Optional.empty() : rule.pattern().taken(line.text());
      int number = groups.map(g -> number(g.get(0))).orElse(0);
      if (number > 0) {
        List<String> numbers = groups.get();
        printed.add(new Printed(number, numbers.size() > 1 ? number(numbers.get(1)) : 0, line));
        page = line.page();
      }
    }
    return printed;
  }

  /** A page number; 0 for what is none. */
  private static int number(String text) {
    return text.matches("\\d{1,6}") ? Integer.parseInt(text) : 0;
  }
}
