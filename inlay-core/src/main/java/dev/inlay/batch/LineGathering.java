package dev.inlay.batch;

import dev.inlay.find.PageLines;
import dev.inlay.page.Page;
import dev.inlay.page.TextLine;
import dev.inlay.record.DataSetReading;
import dev.inlay.record.PageLine;
import dev.inlay.record.PageLine.LineWord;
import dev.inlay.spec.DataSetSpec;
import dev.inlay.spec.PageValue;
import dev.inlay.spec.ReportSpec;
import java.util.ArrayList;
import java.util.List;

/**
 * Gathers the lines of a file's pages as far as a spec needs them: to the end where rows or values
 * may stand on any page, else until all that it looks for was met.
 */
final class LineGathering {

  private final ReportSpec spec;
  private final boolean toTheEnd;
  private final List<PageLine> lines = new ArrayList<>();
  private boolean done;

  LineGathering(ReportSpec spec) {
    this.spec = spec;
    toTheEnd =
        spec.recognisedBy().stream().anyMatch(ReportSpec.Recognition::missing)
            || spec.dataSets().stream().anyMatch(LineGathering::readsAllPages);
  }

  private static boolean readsAllPages(DataSetSpec set) {
    return set.records().isPresent()
        || set.values().stream().anyMatch(v -> v.per() != PageValue.Per.FILE);
  }

  /** Takes the next page. */
  void take(Page page) {
    if (done) {
      return;
    }
    add(page, lines);
    done =
        !toTheEnd
            && Recognizer.reasonAgainst(spec.recognisedBy(), lines).isEmpty()
            && spec.dataSets().stream().allMatch(s -> DataSetReading.hasAllValues(s, lines));
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
