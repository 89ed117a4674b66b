package dev.inlay.batch;

import dev.inlay.evidence.PageLines;
import dev.inlay.extract.PageWalk;
import dev.inlay.page.Page;
import dev.inlay.page.TextLine;
import dev.inlay.rows.DataSetReading;
import dev.inlay.rows.PageLine;
import dev.inlay.rows.PageLine.LineWord;
import dev.inlay.spec.CheckRule;
import dev.inlay.spec.DataSetSpec;
import dev.inlay.spec.PageValue;
import dev.inlay.spec.ReportSpec;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/**
 * Gathers the lines of a file's pages as far as a spec needs them: to the end where rows or values
 * may stand on any page, else until all that it looks for was met.
 */
final class LineGathering implements PageWalk.Visitor {

  private final boolean toTheEnd;
  private final List<PageLine> lines = new ArrayList<>();

  /** What was not met yet; each page is searched once. */
  private final List<ReportSpec.Recognition> unmet;

  private final List<PageValue> unseen;

  LineGathering(ReportSpec spec) {
    unmet = new ArrayList<>(spec.recognisedBy());
    unseen =
        spec.dataSets().stream()
            .flatMap(s -> s.values().stream())
            .filter(PageValue::isPrinted)
            .collect(Collectors.toCollection(ArrayList::new));
    toTheEnd =
        spec.recognisedBy().stream().anyMatch(ReportSpec.Recognition::missing)
            || spec.dataSets().stream().anyMatch(LineGathering::readsAllPages);
  }

  private static boolean readsAllPages(DataSetSpec set) {
    return set.records().isPresent()
        || set.values().stream().anyMatch(v -> v.per() != PageValue.Per.FILE)
        || set.checks().stream().anyMatch(c -> c.rule() instanceof CheckRule.Pages);
  }

  /** What identifies a file, and values outside the tables, may stand on any page. */
  @Override
  public boolean wantsOthers() {
    return lines.isEmpty() || toTheEnd || !unmet.isEmpty() || !unseen.isEmpty();
  }

  @Override
  public void pass(Page page) {
    visit(page);
  }

  /** Takes the next page. */
  @Override
  public void visit(Page page) {
    if (!wantsOthers()) {
      return;
    }
    int before = lines.size();
    add(page, lines);
    List<PageLine> own = lines.subList(before, lines.size());
    unmet.removeIf(sign -> Recognizer.holder(sign, own).isPresent());
    unseen.removeIf(value -> DataSetReading.isSeen(value, own));
  }

  /** Adds the lines of a page, in reading order. */
  static void add(Page page, List<PageLine> to) {
    for (TextLine line : PageLines.of(page)) {
      List<LineWord> words =
          line.words().stream().map(w -> new LineWord(w.text(), w.box())).toList();
      to.add(new PageLine(page.number(), line.text(), line.box(), words));
    }
  }

  /** The lines, in reading order. */
  List<PageLine> lines() {
    return lines;
  }
}
