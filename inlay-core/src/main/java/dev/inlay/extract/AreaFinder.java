package dev.inlay.extract;

import dev.inlay.choose.PageHints;
import dev.inlay.choose.Proposal;
import dev.inlay.geom.Box;
import dev.inlay.page.LineComposer;
import dev.inlay.page.Page;
import dev.inlay.page.PlainText;
import dev.inlay.page.TextLine;
import java.util.List;
import java.util.Optional;

/**
 * Follows the texts above and below a table from page to page: what stands between them is read, a
 * table that runs over pages too. Not safe for several threads; takes the pages in order.
 */
final class AreaFinder {

  private final TableHints tools;

  /** Whether the text above was met, and the one below not yet. */
  private boolean begun;

  /** Whether a page with tables came before. */
  private boolean metPage;

  private boolean metBelow;
  private boolean metAbove;

  AreaFinder(TableHints tools) {
    this.tools = tools;
    begun = tools.below().isEmpty();
  }

  /** What is said of the tables on a page; empty where the page holds none of them. */
  Optional<PageHints> on(Page page) {
    Optional<PageHints> guidance = on(page, metPage ? tools.later().orElse(tools) : tools);
    metPage |= guidance.isPresent();
    return guidance;
  }

  private Optional<PageHints> on(Page page, TableHints here) {
    Optional<Box> given = here.frameOn(page).or(() -> here.areaOn(page));
    Box looked = given.orElse(new Box(0, 0, page.width(), page.height()));
    Optional<Box> area = anchored() ? between(page, looked) : Optional.of(looked);
    boolean whole = !anchored() && given.isEmpty();
    return area.map(
        box ->
            new PageHints(
                whole ? Optional.empty() : Optional.of(box),
                here.frame().isPresent(),
                here.guttersOn(page),
                false,
                Proposal.of(tools.rulings())));
  }

  private boolean anchored() {
    return tools.below().isPresent() || tools.above().isPresent();
  }

  private Optional<Box> between(Page page, Box looked) {
    List<TextLine> lines = LineComposer.compose(page.within(looked).glyphs());
    double top = looked.top();
    int next = 0;
    if (tools.below().isPresent()) {
      int found = indexOf(tools.below().get(), lines, 0);
      if (found >= 0) {
        metBelow = true;
        begun = true;
        top = lines.get(found).box().bottom();
        next = found + 1;
      } else if (!begun) {
        return Optional.empty();
      }
    }
    double bottom = looked.bottom();
    if (tools.above().isPresent()) {
      int found = indexOf(tools.above().get(), lines, next);
      if (found >= 0) {
        metAbove = true;
        bottom = lines.get(found).box().top();
        begun = tools.below().isEmpty();
      }
    }
    return top < bottom
        ? Optional.of(new Box(looked.left(), top, looked.right(), bottom))
        : Optional.empty();
  }

  private static int indexOf(String text, List<TextLine> lines, int from) {
    String wanted = PlainText.of(text);
    for (int i = from; i < lines.size(); i++) {
      if (PlainText.of(lines.get(i).text()).contains(wanted)) {
        return i;
      }
    }
    return -1;
  }

  /** The option and text that no page held, for a message; empty where all were met. */
  Optional<String> missing() {
    if (tools.below().isPresent() && !metBelow) {
      return Optional.of("--below \"" + tools.below().get() + "\"");
    }
    return tools.above().isPresent() && !metAbove
        ? Optional.of("--above \"" + tools.above().get() + "\"")
        : Optional.empty();
  }
}
