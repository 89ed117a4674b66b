package dev.inlay.pdf;

import dev.inlay.page.Glyph;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * Glyphs in lists by a number, as a hash table with chains in plain arrays: every character of a
 * page is looked up several times, and boxed numbers would cost more than all else here.
 */
final class GlyphsBySquare {

  private static final int NONE = -1;

  /** Chains are kept short: at least as many heads as glyphs. */
  private int[] heads = filled(1 << 10);

  private long[] squares = new long[1 << 10];
  private int[] next = new int[1 << 10];
  private final List<Glyph> glyphs = new ArrayList<>();

  private static int[] filled(int size) {
    int[] heads = new int[size];
    Arrays.fill(heads, NONE);
    return heads;
  }

  void add(long square, Glyph glyph) {
    int at = glyphs.size();
    if (at == heads.length) {
      grow();
    }
    glyphs.add(glyph);
    squares[at] = square;
    link(at);
  }

  private void link(int at) {
    int head = headOf(squares[at]);
    next[at] = heads[head];
    heads[head] = at;
  }

  private void grow() {
    heads = filled(2 * heads.length);
    squares = Arrays.copyOf(squares, heads.length);
    next = Arrays.copyOf(next, heads.length);
    for (int i = 0; i < glyphs.size(); i++) {
      link(i);
    }
  }

  private int headOf(long square) {
    return (int) (square ^ square >>> 32) & heads.length - 1;
  }

  /** The first glyph in a square, or a negative number. */
  int first(long square) {
    return matching(heads[headOf(square)], square);
  }

  /** The next glyph in the square of another, or a negative number. */
  int next(int at) {
    return matching(next[at], squares[at]);
  }

  private int matching(int from, long square) {
    int at = from;
    while (at != NONE && squares[at] != square) {
      at = next[at];
    }
    return at;
  }

  Glyph glyph(int at) {
    return glyphs.get(at);
  }
}
