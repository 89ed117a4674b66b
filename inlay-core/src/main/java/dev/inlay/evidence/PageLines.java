package dev.inlay.evidence;

import dev.inlay.page.Page;
import dev.inlay.page.TextLine;
import dev.inlay.page.Turn;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * The lines of a page in the order in which they are read: one column of the page after the other,
 * each from top to bottom; turned lines last.
 */
public final class PageLines {

  private PageLines() {}

  /** The lines of a page. */
  public static List<TextLine> of(Page page) {
    PageEvidence evidence = PageEvidence.of(page);
    List<TextLine> lines = new ArrayList<>();
    PageColumns.part(upright(evidence.lines()), evidence.horizontals()).forEach(lines::addAll);
    evidence.lines().stream().filter(l -> l.turn() != Turn.UPRIGHT).forEach(lines::add);
    return lines;
  }

  /** The upright ones of some lines, from top to bottom. */
  public static List<TextLine> upright(List<TextLine> lines) {
    return lines.stream()
        .filter(l -> l.turn() == Turn.UPRIGHT)
        .sorted(Comparator.comparingDouble(TextLine::baseline))
        .toList();
  }
}
