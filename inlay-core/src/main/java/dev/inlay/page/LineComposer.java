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
  private static final double WORD_GAP = 0.17;

  /** The gap at which a space character parts two words even where the gap alone would not. */
  private static final double SPACED_GAP = 0.05;

  /** Type at most this large beside other type is a raised or lowered character. */
  private static final double SMALL_TYPE = 0.92;

  /** How far, in type sizes of the line, a small character may stand from its line's baseline. */
  private static final double SMALL_REACH = 0.7;

  /** How far, in type sizes of the line, a small character may stand beside its line. */
  private static final double SMALL_GAP = 0.3;

  /** A character beside others shares at most this much of its width with one of them. */
  private static final double MOST_OVER = 0.4;

  /** How far, in type sizes, a character within a word may stand from the baseline of the word. */
  private static final double SHIFT = 0.3;

  /** How far, in type sizes, a shifted character may reach over the one beside it. */
  private static final double SHIFTED_OVERLAP = 0.25;

  /** More characters together, on a baseline of their own, are a word of another line. */
  private static final int MOST_SHIFTED = 2;

  /** More characters on one baseline are a line of their own; this bounds the work, too. */
  private static final int MOST_BESIDE = 80;

  /** An operator between two words leaves at most this much, in type sizes, on either side. */
  private static final double OPERATOR_GAP = 0.8;

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
      for (DraftLine draft : gatherSmallType(gatherShifted(onBaselines(placed)))) {
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
        for (int j = i + step; j >= 0 && j < lines.size(); j += step) {
          DraftLine host = lines.get(j);
          if (Math.abs(host.baseline - small.baseline) > SMALL_REACH * Math.max(host.size, 1)) {
            break;
          }
          host.takeFrom(small, withRoom);
        }
      }
    }
    return lines;
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
      boolean small = p.size() <= SMALL_TYPE * line.size;
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

  /** A line in the making. */
  private static final class DraftLine {
    final double baseline;
    final List<Placed> members = new ArrayList<>();
    double size;

    DraftLine(double baseline) {
      this.baseline = baseline;
    }

    void add(Placed p) {
      members.add(p);
      if (!p.glyph().isBlank()) {
        size = Math.max(size, p.size());
      }
    }

    boolean hasText() {
      return members.stream().anyMatch(p -> !p.glyph().isBlank());
    }

    /**
     * Takes the other line's glyphs that are small beside this line's type and close to it.
     *
     * @param withRoom whether only those that stand over none of this line's
     */
    void takeFrom(DraftLine other, boolean withRoom) {
      if (other.members.isEmpty() || other.size == 0 || other.size > SMALL_TYPE * size) {
        return;
      }
      // A marker of several characters leans on the line through its first or last one.
      boolean grown = true;
      while (grown) {
        List<Placed> near =
            other.members.stream().filter(p -> isBeside(p) && !(withRoom && isOverOne(p))).toList();
        members.addAll(near);
        other.members.removeAll(near);
        grown = !near.isEmpty() && !other.members.isEmpty();
      }
    }

    /** Takes the other line's characters that stand within words of this one, or between two. */
    void takeShifted(DraftLine other) {
      List<Placed> shifted =
          other.members.stream()
              .filter(p -> !p.glyph().isBlank())
              .filter(
                  p ->
                      isAccentOfThis(p)
                          || near(p, WORD_GAP) > 0 && other.near(p, OPERATOR_GAP) < MOST_SHIFTED
                          || isBetween(p) && other.near(p, OPERATOR_GAP) == 0)
              .toList();
      members.addAll(shifted);
      other.members.removeAll(shifted);
    }

    /** Accents over capitals stand higher than others. */
    private boolean isAccentOfThis(Placed one) {
      return Accents.isAccent(one) && members.stream().anyMatch(p -> Accents.isOver(one, p));
    }

    /** How many of this line's characters, of a size with one, stand no further from it. */
    private long near(Placed one, double most) {
      return members.stream().filter(p -> p != one && gap(p, one) < most).count();
    }

    private boolean isBetween(Placed one) {
      return members.stream().anyMatch(p -> p.from() < one.from() && gap(p, one) < OPERATOR_GAP)
          && members.stream().anyMatch(p -> p.from() > one.from() && gap(p, one) < OPERATOR_GAP);
    }

    /**
     * The white between two characters, in type sizes; infinite where they cannot be of one word.
     */
    private static double gap(Placed a, Placed b) {
      double size = Math.max(a.size(), b.size());
      double white = Math.max(b.from() - a.to(), a.from() - b.to()) / size;
      boolean apart = a.glyph().isBlank() || Math.min(a.size(), b.size()) < SMALL_TYPE * size;
      return apart || white < -SHIFTED_OVERLAP ? Double.POSITIVE_INFINITY : white;
    }

    /** Whether a small character and one of this line's full size share most of its width. */
    private boolean isOverOne(Placed small) {
      double most = MOST_OVER * (small.to() - small.from());
      return members.stream()
          .filter(p -> !p.glyph().isBlank() && p.size() > SMALL_TYPE * size)
          .anyMatch(p -> Math.min(p.to(), small.to()) - Math.max(p.from(), small.from()) > most);
    }

    private boolean isBeside(Placed small) {
      double reach = SMALL_GAP * size;
      return members.stream()
          .filter(p -> !p.glyph().isBlank())
          .anyMatch(p -> small.from() <= p.to() + reach && p.from() <= small.to() + reach);
    }
  }
}
