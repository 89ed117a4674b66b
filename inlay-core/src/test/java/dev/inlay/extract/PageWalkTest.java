package dev.inlay.extract;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.page.Page;
import dev.inlay.page.PageSelection;
import dev.inlay.page.ReadLimits;
import dev.inlay.page.ReadLimits.Limit;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class PageWalkTest {

  private static final Path TWO_PAGES = Path.of("../samples/landings-2025-q1.pdf");

  @Test
  void pagesReadInTimeAreKeptAndTheOthersReported() throws InterruptedException {
    List<Integer> read = new ArrayList<>();
    Duration limit = Duration.ofSeconds(2);
    PageWalk.WalkResult walked =
        PageWalk.over(
            TWO_PAGES,
            "",
            PageSelection.ALL,
            page -> {
              read.add(page.number());
              Thread.sleep(limit.plusMillis(50).toMillis());
            },
            ReadLimits.USUAL.within(limit));
    assertThat(read).containsExactly(1);
    assertThat(walked.status()).isEqualTo(DocumentStatus.PARTIAL);
    assertThat(walked.problems()).extracting(Problem::code).containsExactly("time-over");
    assertThat(walked.problems().get(0).message())
        .isEqualTo(
            "took longer than 2 s: page 2 and those behind it are not read; look at the file, or"
                + " give it more with --time-limit");
  }

  @Test
  void aFileThatDoesNotOpenInTimeIsLeftOut() throws InterruptedException {
    PageWalk.WalkResult walked =
        PageWalk.over(
            TWO_PAGES,
            "",
            PageSelection.ALL,
            page -> {},
            ReadLimits.USUAL.within(Duration.ofNanos(1)));
    assertThat(walked.status()).isEqualTo(DocumentStatus.UNREADABLE);
    assertThat(walked.problems()).extracting(Problem::code).containsExactly("time-over");
  }

  @Test
  void pagesThatAreNotAskedForAreShownToThoseWhoWantThem() throws InterruptedException {
    List<String> seen = new ArrayList<>();
    PageWalk.Visitor all =
        new PageWalk.Visitor() {
          @Override
          public void visit(Page page) {
            seen.add("asked for " + page.number());
          }

          @Override
          public boolean wantsOthers() {
            return true;
          }

          @Override
          public void pass(Page page) {
            seen.add("passed " + page.number());
          }
        };
    PageWalk.over(
        TWO_PAGES,
        "",
        PageSelection.parse("2"),
        all.then(page -> seen.add("then " + page.number())),
        ReadLimits.USUAL);
    assertThat(seen).containsExactly("passed 1", "asked for 2", "then 2");
  }

  private static PageWalk.WalkResult walked(int pages, PageSelection wanted)
      throws InterruptedException {
    ReadLimits limits = ReadLimits.USUAL.with(Limit.PAGES, pages);
    return PageWalk.over(TWO_PAGES, "", wanted, page -> {}, limits);
  }

  @Test
  void pagesBeyondTheLimitAreReported() throws InterruptedException {
    PageWalk.WalkResult one = walked(1, PageSelection.ALL);
    assertThat(one.status()).isEqualTo(DocumentStatus.PARTIAL);
    assertThat(one.problems()).extracting(Problem::code).containsExactly("page-limit");
    assertThat(one.problems().get(0).message())
        .isEqualTo(
            "page 2 and those behind it are not read: the limit is 1; --limit pages=NUMBER allows"
                + " more");
    assertThat(walked(2, PageSelection.ALL).status()).isEqualTo(DocumentStatus.OK);
    assertThat(walked(1, PageSelection.parse("2")).status())
        .as("pages that are not asked for do not count")
        .isEqualTo(DocumentStatus.OK);
  }
}
