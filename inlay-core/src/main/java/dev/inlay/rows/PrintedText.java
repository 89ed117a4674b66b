package dev.inlay.rows;

import dev.inlay.model.LineStarts;
import dev.inlay.model.TableCell;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A text on its way to a field.
 *
 * @param text as printed; empty where nothing is
 * @param lineStarts where in the text each printed line but the first begins, in characters
 * @param origin where it is printed; none where a spec gives it
 */
record PrintedText(String text, List<Integer> lineStarts, Optional<Origin> origin) {

  /** Nothing printed. */
  static final PrintedText NOTHING = new PrintedText("", Optional.empty());

  /** Keeps a copy of the line starts that cannot change. */
  PrintedText {
    lineStarts = List.copyOf(lineStarts);
  }

  /** A text of one line. */
  PrintedText(String text, Optional<Origin> origin) {
    this(text, List.of(), origin);
  }

  PrintedText(String text, Origin origin) {
    this(text, Optional.of(origin));
  }

  /** The text of a cell. */
  static PrintedText of(TableCell cell, Origin origin) {
    return new PrintedText(cell.text(), cell.lineStarts(), Optional.of(origin));
  }

  boolean isEmpty() {
    return text.isEmpty();
  }

  /** Another text of the same origin. */
  PrintedText with(String other) {
    return new PrintedText(other, origin);
  }

  /** This text and another that goes on with it. */
  PrintedText and(PrintedText more) {
    if (more.isEmpty()) {
      return this;
    }
    if (isEmpty()) {
      return more;
    }
    List<Integer> starts = LineStarts.joined(text.length(), lineStarts, more.lineStarts);
    return new PrintedText(text + " " + more.text, starts, origin);
  }

  /**
   * The text in as many pieces: a printed line in each, in the last all that are left; empty where
   * there are fewer lines.
   */
  List<PrintedText> inLines(int pieces) {
    List<PrintedText> lines = new ArrayList<>();
    int from = 0;
    for (int i = 0; i < pieces; i++) {
      int to = i < lineStarts.size() && i < pieces - 1 ? lineStarts.get(i) : text.length();
      lines.add(with(text.substring(from, to).strip()));
      from = to;
    }
    return lines;
  }
}
