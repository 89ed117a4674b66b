package dev.inlay.propose;

import dev.inlay.evidence.Chunk;
import dev.inlay.page.Glyph;
import dev.inlay.page.LineComposer;
import dev.inlay.page.TextLine;
import dev.inlay.page.Turn;
import dev.inlay.page.Word;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** The text of one cell: its lines joined as a reader would read them. */
final class CellText {

  /** A step between baselines beyond this many type sizes holds a blank line. */
  private static final double BLANK_LINE = 2.2;

  /** Words behind a hyphen that stands for the rest of a later word: pre- and post-war. */
  private static final Set<String> SUSPENDING =
      Set.of(
          "and", "or", "und", "oder", "bzw.", "sowie", "et", "ou", "en", "of", "og", "och", "eller",
          "ja", "tai", "sekä", "y", "e", "o", "i", "lub", "oraz");

  /** Signs that open an item of a list. */
  private static final String BULLETS = "•‣▪●◦–";

  private final List<TextLine> lines;
  private final StringBuilder text = new StringBuilder();
  private final List<Integer> lineStarts = new ArrayList<>();

  private CellText(List<TextLine> lines) {
    this.lines = lines;
    join();
  }

  /** The text of characters in any order. */
  static CellText ofGlyphs(List<Glyph> glyphs) {
    return new CellText(LineComposer.compose(glyphs));
  }

  /** The text of words; those of several lines are composed again as one cell. */
  static CellText ofWords(List<Word> words) {
    double baseline = words.get(0).glyphs().get(0).baseline();
    boolean oneLine = true;
    double size = 0;
    for (Word word : words) {
      Glyph first = word.glyphs().get(0);
      oneLine &= first.baseline() == baseline && first.turn() == Turn.UPRIGHT;
      size = Math.max(size, first.size());
    }
    if (oneLine) {
      TextLine line = new TextLine(words, Chunk.around(words), baseline, size);
      return new CellText(List.of(line));
    }
    List<Glyph> glyphs = new ArrayList<>();
    words.forEach(w -> glyphs.addAll(w.glyphs()));
    return ofGlyphs(glyphs);
  }

  /** Where in the text each line but the first begins, in characters. */
  List<Integer> lineStarts() {
    return lineStarts;
  }

  boolean isBold() {
    return !lines.isEmpty() && lines.stream().allMatch(TextLine::isBold);
  }

  /**
   * The lines joined by a space; by a line break where a blank line or an item of a list stands
   * between them; by nothing behind a hyphen that parts a word.
   */
  String joined() {
    return text.toString();
  }

  private void join() {
    TextLine above = null;
    for (TextLine line : lines) {
      String next = line.text();
      if (above != null && !isBrokenWord(next)) {
        text.append(startsParagraph(above, line) ? '\n' : ' ');
      }
      if (above != null) {
        lineStarts.add(text.length());
      }
      text.append(next);
      above = line;
    }
  }

  private boolean isBrokenWord(String next) {
    int end = text.length() - 1;
    return end > 0
        && text.charAt(end) == '-'
        && !SUSPENDING.contains(next.split(" ", 2)[0])
        && (Character.isLetter(text.charAt(end - 1)) && Character.isLowerCase(next.codePointAt(0))
            || Character.isDigit(text.charAt(end - 1)) && Character.isDigit(next.codePointAt(0)));
  }

  private static boolean startsParagraph(TextLine above, TextLine line) {
    boolean item = BULLETS.indexOf(line.text().codePointAt(0)) >= 0 && line.words().size() > 1;
    return item || line.baseline() - above.baseline() > BLANK_LINE * line.size();
  }
}
