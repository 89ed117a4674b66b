package dev.inlay.choose;

import dev.inlay.geom.Box;
import dev.inlay.model.TableNote;
import dev.inlay.page.TextLine;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.regex.Pattern;

/**
 * Finds the notes of a table: lines right below its frame that begin with a marker or with a word
 * and a colon, or are set in smaller type than the page's text.
 */
final class NoteFinder {

  /** The first baseline stands at most this many type sizes below the frame. */
  private static final double REACH = 2.4;

  /** Baselines of notes follow each other within this many type sizes. */
  private static final double LINE_STEP = 1.8;

  /** A line this near below a note, in type sizes, goes on with it. */
  private static final double TIGHT_STEP = 1.3;

  /** Notes are set at most this share as large as ordinary type. */
  private static final double SMALL = 0.93;

  private static final int MOST_LINES = 12;

  /** A word and a colon, as in "Source: the Board". */
  private static final Pattern LABELLED = Pattern.compile("\\p{Lu}\\p{L}{2,12}s?\\s?:\\s.+");

  private NoteFinder() {}

  /**
   * Finds the notes below a frame.
   *
   * @param frame the frame's box
   * @param outside the page's lines that stand in no frame
   * @param typeSize the height of the page's ordinary type, in points
   */
  static List<TableNote> below(Box frame, List<TextLine> outside, double typeSize) {
    List<TextLine> below =
        outside.stream()
            .filter(l -> l.box().centreY() > frame.bottom())
            .filter(l -> l.box().horizontal().overlap(frame.horizontal()) > 0)
            .sorted(Comparator.comparingDouble(TextLine::baseline))
            .limit(MOST_LINES)
            .toList();
    List<String> notes = new ArrayList<>();
    double above = frame.bottom();
    for (TextLine line : below) {
      double reach = notes.isEmpty() ? REACH : LINE_STEP;
      boolean small = line.size() <= SMALL * typeSize;
      String text = line.text();
      boolean begins = TableNote.isMarked(text) || LABELLED.matcher(text).matches();
      boolean goesOn = !notes.isEmpty() && line.baseline() - above <= TIGHT_STEP * line.size();
      if (line.baseline() - above > reach * line.size() || !small && !begins && !goesOn) {
        break;
      }
      if (begins || notes.isEmpty()) {
        notes.add(text);
      } else {
        notes.set(notes.size() - 1, notes.get(notes.size() - 1) + " " + text);
      }
      above = line.baseline();
    }
    return notes.stream().map(TableNote::of).toList();
  }
}
