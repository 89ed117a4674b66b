package dev.inlay.batch;

import dev.inlay.page.PlainText;
import dev.inlay.rows.PageLine;
import dev.inlay.spec.ReportSpec.Recognition;
import dev.inlay.spec.Wording;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Says whether a file is of the kind that a spec is for. */
final class Recognizer {

  /** A line less alike than this is no near miss. */
  private static final double LEAST_ALIKE = 0.6;

  private Recognizer() {}

  /** Why a file is not of the kind; empty where it is. */
  static Optional<String> reasonAgainst(List<Recognition> signs, List<PageLine> lines) {
    for (Recognition sign : signs) {
      Optional<PageLine> holder = holder(sign, lines);
      if (sign.missing() && holder.isPresent()) {
        return Optional.of("page " + holder.get().page() + " holds '" + sign.text() + "'");
      }
      if (!sign.missing() && holder.isEmpty()) {
        String where = sign.page() == 0 ? "" : " on page " + sign.page();
        return Optional.of("no line" + where + " holds '" + sign.text() + "'" + near(sign, lines));
      }
    }
    return Optional.empty();
  }

  /** The first line that holds the text of a sign, on its page. */
  static Optional<PageLine> holder(Recognition sign, List<PageLine> lines) {
    String wanted = PlainText.of(sign.text());
    return there(sign, lines).filter(l -> PlainText.of(l.text()).contains(wanted)).findFirst();
  }

  private static Stream<PageLine> there(Recognition sign, List<PageLine> lines) {
    return lines.stream().filter(l -> sign.page() == 0 || l.page() == sign.page());
  }

  private static String near(Recognition sign, List<PageLine> lines) {
    return there(sign, lines)
        .max(Comparator.comparingDouble(l -> Wording.similarity(sign.text(), l.text())))
        .filter(l -> Wording.similarity(sign.text(), l.text()) >= LEAST_ALIKE)
        .map(l -> "; the nearest is '" + l.text() + "' on page " + l.page())
        .orElse("");
  }
}
