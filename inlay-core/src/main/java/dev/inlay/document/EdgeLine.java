package dev.inlay.document;

import dev.inlay.geom.Box;
import dev.inlay.page.LineComposer;
import dev.inlay.page.Page;
import dev.inlay.page.TextLine;
import dev.inlay.page.Turn;
import dev.inlay.page.Word;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * A line near the upper or the lower edge of a page, where furniture stands.
 *
 * @param line the line
 * @param upper whether it is near the upper edge
 * @param order how many lines stand between it and that edge
 * @param inTable whether it was taken into the frame of a table
 * @param besideTable whether it stands outside the tables that the page has
 */
public record EdgeLine(
    TextLine line, boolean upper, int order, boolean inTable, boolean besideTable) {

  /** Furniture stands in the upper or the lower fifth of a page. */
  private static final double EDGE_SHARE = 0.2;

  /** Running heads of listings have at most this many lines. */
  private static final int MOST_LINES = 8;

  /** Words further apart than this many type sizes belong to different columns. */
  private static final double WIDE_GAP = 1.5;

  /**
   * The lines near the edges of a page.
   *
   * @param page the page
   * @param frames the frames of the tables found on it
   */
  public static List<EdgeLine> of(Page page, List<Box> frames) {
    double depth = EDGE_SHARE * page.height();
    List<EdgeLine> found = new ArrayList<>();
    collect(page, new Box(0, 0, page.width(), depth), true, frames, found);
    collect(
        page, new Box(0, page.height() - depth, page.width(), page.height()), false, frames, found);
    return found;
  }

  private static void collect(
      Page page, Box edge, boolean upper, List<Box> frames, List<EdgeLine> found) {
    Comparator<TextLine> downwards = Comparator.comparingDouble(TextLine::baseline);
    List<TextLine> lines =
        LineComposer.compose(
                page.glyphs().stream()
                    .filter(g -> edge.contains(g.box().centreX(), g.box().centreY()))
                    .toList())
            .stream()
            .filter(l -> l.turn() == Turn.UPRIGHT)
            .sorted(upper ? downwards : downwards.reversed())
            .limit(MOST_LINES)
            .toList();
    for (int i = 0; i < lines.size(); i++) {
      Box box = lines.get(i).box();
      boolean inTable = frames.stream().anyMatch(f -> f.contains(box.centreX(), box.centreY()));
      found.add(new EdgeLine(lines.get(i), upper, i, inTable, !inTable && !frames.isEmpty()));
    }
  }

  /** Whether its words stand together as one phrase does. */
  boolean isOnePhrase() {
    List<Word> words = line.words();
    for (int i = 1; i < words.size(); i++) {
      double gap = words.get(i).box().left() - words.get(i - 1).box().right();
      if (gap > WIDE_GAP * line.size()) {
        return false;
      }
    }
    return true;
  }
}
