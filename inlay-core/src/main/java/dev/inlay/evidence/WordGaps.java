package dev.inlay.evidence;

import dev.inlay.page.Glyph;
import dev.inlay.page.Word;
import java.util.Arrays;
import java.util.List;

/** Distinguishes gaps between cells from spaces between words, in the type of some lines. */
public final class WordGaps {

  /** The usual gap over a gutter, in type sizes: wider than a space inside a cell. */
  private static final double USUAL_GAP = 0.45;

  /** In fixed-width type a space is as wide as a letter; a gutter is clearly wider. */
  private static final double FIXED_WIDTH_GAP = 1.4;

  /** Widths that differ by no more than this many points are alike. */
  private static final double WIDTH_STEP = 0.1;

  /**
   * Type is of fixed width where this share of its characters, the middle one, is alike in width.
   */
  private static final double FIXED_SHARE = 0.95;

  /** Letters that are narrower than others in all type but that of fixed width. */
  private static final String NARROW_LETTERS = "iljtfI";

  /** This many characters, from about this many lines, tell the type. */
  private static final int ENOUGH = 600;

  private static final int ENOUGH_LINES = 12;

  private final double typeSize;
  private final double fixedAdvance;

  /** Looks at the type of lines; there is at least one. */
  public WordGaps(List<ChunkLine> lines) {
    double[] sizes = lines.stream().mapToDouble(l -> l.line().size()).toArray();
    Arrays.sort(sizes);
    typeSize = sizes[sizes.length / 2];
    fixedAdvance = fixedAdvance(lines);
  }

  /** The width of each character of fixed-width type, in points, or 0 for other type. */
  private static double fixedAdvance(List<ChunkLine> lines) {
    double[] widths = new double[ENOUGH];
    int count = 0;
    int step = 1 + lines.size() / ENOUGH_LINES;
    for (int i = 0; i < lines.size(); i += step) {
      for (Word word : lines.get(i).words()) {
        for (Glyph glyph : word.glyphs()) {
          if (count < ENOUGH) {
            widths[count++] = glyph.box().width();
          }
        }
      }
    }
    widths = Arrays.copyOf(widths, count);
    Arrays.sort(widths);
    // Where nearly all are alike, those at both ends of the middle part are.
    int margin = (int) ((1 - FIXED_SHARE) / 2 * widths.length);
    double least = widths[margin];
    double most = widths[widths.length - 1 - margin];
    return most - least <= WIDTH_STEP ? most : 0;
  }

  /** The height of the type, in points. */
  public double typeSize() {
    return typeSize;
  }

  /** The width of each character, in points, where nearly all are of one width; otherwise 0. */
  public double fixedAdvance() {
    return fixedAdvance;
  }

  /** Whether nearly all characters are of one width. */
  public boolean isFixedWidth() {
    return fixedAdvance > 0;
  }

  /** Whether the gap between two words is wider than a space, or parts two figures. */
  public boolean isWide(Word left, Word right) {
    double gap = right.box().left() - left.box().right();
    double least = Math.max(USUAL_GAP * typeSize, FIXED_WIDTH_GAP * fixedAdvance);
    if (gap >= FIXED_WIDTH_GAP * typeSize) {
      return true; // wider than any letter
    }
    if (gap >= least) {
      double fixed = Math.min(fixedAdvance(left), fixedAdvance(right));
      if (gap >= FIXED_WIDTH_GAP * fixed) {
        return true;
      }
    }
    return Chunk.areTwoFigures(left.text(), right.text());
  }

  /** The width of the characters of a word in fixed-width type, in points, or 0. */
  private static double fixedAdvance(Word word) {
    double least = Double.MAX_VALUE;
    double most = 0;
    boolean telling = false;
    for (Glyph glyph : word.glyphs()) {
      least = Math.min(least, glyph.box().width());
      most = Math.max(most, glyph.box().width());
      telling |= NARROW_LETTERS.contains(glyph.text());
    }
    return telling && word.glyphs().size() > 1 && most - least <= WIDTH_STEP ? most : 0;
  }
}
