package dev.inlay.page;

import dev.inlay.geom.Box;
import dev.inlay.text.RightToLeft;
import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * Composes glyphs into words and lines by their places alone: the order in which a file draws them
 * says nothing.
 *
 * <p>Glyphs on one baseline make a line; smaller ones close beside it, raised or lowered, join it
 * (footnote markers, exponents), and so do single ones of its own size that are printed a little
 * higher or lower within a word (an operator, a letter of a logo). A gap wider than a share of the
 * type's size parts two words. Works in the frame of the text, so that turned text is composed as
 * upright text is.
 */
public final class LineComposer {

  /** Baselines this near, in type sizes, are one: rounding in files moves them by less. */
  private static final double SAME_BASELINE = 0.12;

  /**
   * The gap that parts two words, in type sizes. A space is about a quarter; justified text shrinks
   * it to about a fifth, while letters of a word hardly ever stand a tenth apart.
   */
  static final double WORD_GAP = 0.17;

  /** The gap at which a space character parts two words even where the gap alone would not. */
  private static final double SPACED_GAP = 0.05;

  /** How far, in type sizes of the line, a small character may stand from its line's baseline. */
  private static final double SMALL_REACH = 0.7;

  /** How far, in type sizes, a character within a word may stand from the baseline of the word. */
  private static final double SHIFT = 0.3;

  /** More characters on one baseline are a line of their own; this bounds the work, too. */
  private static final int MOST_BESIDE = 80;

  private LineComposer() {}

  /**
   * Composes the glyphs.
   *
   * @param glyphs in any order; blank ones only part words
   * @return lines from top to bottom, those of turned text after the upright ones
   */
  public static List<TextLine> compose(Collection<Glyph> glyphs) {
    Map<Turn, List<Placed>> byTurn = new EnumMap<>(Turn.class);
    for (Glyph glyph : glyphs) {
      byTurn.computeIfAbsent(glyph.turn(), t -> new ArrayList<>()).add(Placed.of(glyph));
    }
    List<TextLine> lines = new ArrayList<>();
    for (List<Placed> placed : byTurn.values()) {
      for (DraftLine draft : gatherMarks(gatherSmallType(gatherShifted(onBaselines(placed))))) {
        if (draft.hasText()) {
          lines.add(toLine(draft));
        }
      }
    }
    return lines;
  }

  private static List<DraftLine> onBaselines(List<Placed> placed) {
    placed.sort((a, b) -> Double.compare(a.baseline(), b.baseline()));
    List<DraftLine> lines = new ArrayList<>();
    DraftLine line = null;
    for (Placed p : placed) {
      if (line == null || p.baseline() - line.baseline > SAME_BASELINE * p.size()) {
        line = new DraftLine(p.baseline());
        lines.add(line);
      }
      line.add(p);
    }
    return lines;
  }

  /**
   * Moves small characters from baselines of their own into the line they stand beside: where its
   * characters leave them room, and else, as signs set over and under others, where none does.
   */
  private static List<DraftLine> gatherSmallType(List<DraftLine> lines) {
    return gatherSmallType(gatherSmallType(lines, true), false);
  }

  private static List<DraftLine> gatherSmallType(List<DraftLine> lines, boolean withRoom) {
    for (int i = 0; i < lines.size(); i++) {
      DraftLine small = lines.get(i);
      for (int step = -1; step <= 1; step += 2) {
        offer(small, lines, i, step, withRoom);
      }
    }
    return lines;
  }

  /** Moves marks from lines whose baseline they share by chance to those they stand beside. */
  private static List<DraftLine> gatherMarks(List<DraftLine> lines) {
    for (int i = 0; i < lines.size(); i++) {
      DraftLine line = lines.get(i);
      for (DraftLine mark : line.partMarks()) {
        for (int step = -1; step <= 1; step += 2) {
          offer(mark, lines, i, step, true);
        }
        line.members.addAll(mark.members); // where no other line takes them
      }
    }
    return lines;
  }

  /** Moves small characters into the lines in reach that they stand beside. */
  private static void offer(
      DraftLine small, List<DraftLine> lines, int at, int step, boolean withRoom) {
    for (int j = at + step; j >= 0 && j < lines.size(); j += step) {
      DraftLine host = lines.get(j);
      if (Math.abs(host.baseline - small.baseline) > SMALL_REACH * Math.max(host.size, 1)) {
        break;
      }
      host.takeFrom(small, withRoom);
    }
  }

  /** Moves characters that are shifted within a word from baselines of their own into its line. */
  private static List<DraftLine> gatherShifted(List<DraftLine> lines) {
    for (int i = 0; i + 1 < lines.size(); i++) {
      for (int j = i + 1; j < lines.size(); j++) {
        DraftLine upper = lines.get(i);
        DraftLine lower = lines.get(j);
        double size = Math.max(upper.size, lower.size);
        if (lower.baseline - upper.baseline > SHIFT * Math.max(size, 1)) {
          break;
        }
        boolean upperIsLonger = upper.members.size() >= lower.members.size();
        DraftLine host = upperIsLonger ? upper : lower;
        DraftLine other = upperIsLonger ? lower : upper;
        if (other.members.size() <= MOST_BESIDE) {
          host.takeShifted(other);
        }
      }
    }
    return lines;
  }

  private static TextLine toLine(DraftLine draft) {
    draft.members.sort((a, b) -> Double.compare(a.from(), b.from()));
    List<Word> words = new ArrayList<>();
    List<Placed> open = new ArrayList<>();
    boolean spaced = false;
    double end = 0;
    for (Placed p : draft.members) {
      if (p.glyph().isBlank()) {
        spaced = true;
        continue;
      }
      double gap = (p.from() - end) / draft.size;
      if (!open.isEmpty() && (gap > WORD_GAP || spaced && gap > SPACED_GAP)) {
        words.add(toWord(open, draft));
        open.clear();
      }
      end = open.isEmpty() ? p.to() : Math.max(end, p.to());
      open.add(p);
      spaced = false;
    }
    words.add(toWord(open, draft));
    return new TextLine(words, Box.around(words, Word::box), Math.abs(draft.baseline), draft.size);
  }

  private static Word toWord(List<Placed> placed, DraftLine line) {
    StringBuilder text = new StringBuilder(placed.size());
    List<Glyph> glyphs = new ArrayList<>(placed.size());
    String[] texts = texts(placed);
    for (int i = 0; i < texts.length; i++) {
      Placed p = placed.get(i);
      glyphs.add(p.glyph());
      String plain = CharacterForms.plain(texts[i]);
      double rise = line.baseline - p.baseline();
      boolean small = p.size() <= DraftLine.SMALL_TYPE * line.size;
      if (small && rise > SAME_BASELINE * line.size) {
        plain = CharacterForms.raised(plain);
      } else if (small && -rise > SAME_BASELINE * line.size) {
        plain = CharacterForms.lowered(plain);
      }
      text.append(plain);
    }
    return new Word(RightToLeft.word(text.toString()), Box.around(glyphs, Glyph::box), glyphs);
  }

  /** What each glyph of a word says; an accent over a letter says nothing, its letter both. */
  private static String[] texts(List<Placed> word) {
    String[] texts = new String[word.size()];
    for (int i = 0; i < texts.length; i++) {
      texts[i] = word.get(i).glyph().text();
    }
    for (int i = 0; i < texts.length; i++) {
      if (Accents.isAccent(word.get(i)) && !putOn(word, i, i - 1, texts)) {
        putOn(word, i, i + 1, texts);
      }
    }
    return texts;
  }

  /** Puts an accent on the letter beside it; false where it lies over none there. */
  private static boolean putOn(List<Placed> word, int accent, int letter, String[] texts) {
    boolean over =
        letter >= 0 && letter < texts.length && Accents.isOver(word.get(accent), word.get(letter));
    if (over) {
      texts[letter] = Accents.composed(texts[letter], word.get(accent));
      texts[accent] = "";
    }
    return over;
  }
}
