package dev.inlay.choose;

import dev.inlay.geom.Box;
import dev.inlay.page.TextLine;
import dev.inlay.page.Word;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;

/**
 * Finds the caption of a table: the lines right above its frame that are set apart from running
 * text, by bold, italic or larger type or by a label with a number.
 */
public final class TitleFinder {

  /** The caption's last baseline stands at most this many type sizes above the frame. */
  private static final double REACH = 2.2;

  /** Baselines of one caption follow each other within this many type sizes. */
  private static final double LINE_STEP = 1.6;

  /** White of this many type sizes parts two captions on one line. */
  private static final double PART_GAP = 2;

  /** Type this many times as large as the page's is a heading. */
  private static final double LARGE_TYPE = 1.15;

  /** A caption has few lines; more is running text. */
  private static final int MOST_LINES = 3;

  /** A word and a number, as in "Table 2." or "Tabelle 3.1:", but not "from 2 June". */
  private static final Pattern LABEL =
      Pattern.compile("[\\p{L}&&\\P{Ll}]\\p{L}*\\.?\\s\\d+(\\.\\d+)*[a-z]?[.:]?(\\s.*)?");

  private static final String SENTENCE_ENDS = ".:;,!?\u3002";

  private TitleFinder() {}

  /**
   * Finds the caption above a frame.
   *
   * @param frame the frame's box
   * @param outside the page's lines that stand in no frame
   * @param typeSize the size of most of the page's type, in points
   */
  static Optional<String> above(Box frame, List<TextLine> outside, double typeSize) {
    List<TextLine> above =
        outside.stream()
            .filter(l -> l.box().centreY() < frame.top())
            .flatMap(l -> partOver(l, frame).stream())
            .sorted(Comparator.comparingDouble(TextLine::baseline).reversed())
            .limit(MOST_LINES + 1L)
            .toList();
    List<TextLine> block = new ArrayList<>();
    double below = frame.top();
    for (TextLine line : above) {
      double reach = block.isEmpty() ? REACH : LINE_STEP;
      if (below - line.baseline() > reach * line.size() || !isLike(line, block)) {
        break;
      }
      block.add(0, line);
      below = line.baseline();
    }
    if (block.isEmpty() || block.size() > MOST_LINES || !isSetApart(block, typeSize)) {
      return Optional.empty();
    }
    return Optional.of(String.join(" ", block.stream().map(TextLine::text).toList()));
  }

  /** Whether a title begins with a word and a number, as "Table 2." does. */
  public static boolean isLabelled(String title) {
    return LABEL.matcher(title).matches();
  }

  /** The part of a line that stands over a frame: beside it another table may have a title. */
  private static Optional<TextLine> partOver(TextLine line, Box frame) {
    double gap = PART_GAP * line.size();
    List<Word> over = new ArrayList<>();
    List<Word> part = new ArrayList<>();
    for (Word word : line.words()) {
      if (!part.isEmpty() && word.box().left() - part.get(part.size() - 1).box().right() > gap) {
        addIfOver(part, frame, over);
        part.clear();
      }
      part.add(word);
    }
    addIfOver(part, frame, over);
    return over.isEmpty() ? Optional.empty() : Optional.of(line.withWords(over));
  }

  private static void addIfOver(List<Word> part, Box frame, List<Word> over) {
    Box box = part.stream().map(Word::box).reduce(Box::union).orElseThrow();
    if (box.horizontal().overlap(frame.horizontal()) > 0) {
      over.addAll(part);
    }
  }

  private static boolean isLike(TextLine line, List<TextLine> block) {
    if (block.isEmpty()) {
      return true;
    }
    TextLine below = block.get(0);
    boolean likeFace = line.isBold() == below.isBold() && line.isItalic() == below.isItalic();
    double larger = Math.max(line.size(), below.size());
    boolean likeSize = larger < LARGE_TYPE * Math.min(line.size(), below.size());
    return likeFace && (likeSize || line.isBold() || line.isItalic());
  }

  private static boolean isSetApart(List<TextLine> block, double typeSize) {
    return block.stream().allMatch(TextLine::isBold)
        || block.stream().allMatch(TextLine::isItalic)
        || block.stream().allMatch(l -> l.size() >= LARGE_TYPE * typeSize) && !isSentence(block)
        || LABEL.matcher(block.get(0).text()).matches();
  }

  /** Running text may be larger than a table's type, but it ends as sentences do. */
  private static boolean isSentence(List<TextLine> block) {
    String text = block.get(block.size() - 1).text();
    return SENTENCE_ENDS.indexOf(text.charAt(text.length() - 1)) >= 0;
  }
}
