package dev.inlay;

import dev.inlay.geom.Box;
import dev.inlay.geom.Interval;
import dev.inlay.page.Fill;
import dev.inlay.page.Glyph;
import dev.inlay.page.Page;
import dev.inlay.page.Stroke;
import dev.inlay.page.Turn;
import dev.inlay.page.Typeface;
import java.util.ArrayList;
import java.util.List;

/** Builds pages by hand: fixed-width type of 10 points, half as wide as high. */
public final class PageBuilder {

  public static final double SIZE = 10;
  public static final double ADVANCE = 5;

  private static final Typeface PLAIN = new Typeface("Plain", false, false);
  private static final Typeface BOLD = new Typeface("Bold", true, false);

  private final List<Glyph> glyphs = new ArrayList<>();
  private final List<Stroke> strokes = new ArrayList<>();
  private final List<Fill> fills = new ArrayList<>();
  private final int number;
  private Typeface face = PLAIN;
  private boolean proportional;

  public PageBuilder() {
    this(1);
  }

  public PageBuilder(int number) {
    this.number = number;
  }

  public PageBuilder bold() {
    face = BOLD;
    return this;
  }

  public PageBuilder plain() {
    face = PLAIN;
    return this;
  }

  /** Sets what follows in type whose letters differ in width, as most print is. */
  public PageBuilder proportional() {
    proportional = true;
    return this;
  }

  /** The width of a character, in type sizes. */
  private double widthOf(char c) {
    if (!proportional) {
      return 0.5;
    }
    return " .,il'".indexOf(c) >= 0
        ? 0.28
        : "mwMW".indexOf(c) >= 0 ? 0.8 : Character.isUpperCase(c) ? 0.65 : 0.52;
  }

  public PageBuilder text(String text, double x, double baseline) {
    return text(text, x, baseline, SIZE);
  }

  public PageBuilder text(String text, double x, double baseline, double size) {
    double at = x;
    for (char c : text.toCharArray()) {
      glyphs.add(glyph(c, at, baseline, size));
      at += widthOf(c) * size;
    }
    return this;
  }

  private Glyph glyph(char c, double x, double baseline, double size) {
    Box box = new Box(x, baseline - 0.75 * size, x + widthOf(c) * size, baseline + 0.2 * size);
    return new Glyph(String.valueOf(c), box, baseline, size, Turn.UPRIGHT, face);
  }

  /** Text that runs upwards from a place. */
  public PageBuilder upwards(String text, double baselineX, double bottom) {
    double at = bottom;
    for (char c : text.toCharArray()) {
      Box box = new Box(baselineX - 0.75 * SIZE, at - ADVANCE, baselineX + 0.2 * SIZE, at);
      glyphs.add(new Glyph(String.valueOf(c), box, baselineX, SIZE, Turn.UPWARDS, face));
      at -= ADVANCE;
    }
    return this;
  }

  public PageBuilder horizontal(double y, double from, double to) {
    strokes.add(new Stroke(true, y, new Interval(from, to), 0.5));
    return this;
  }

  public PageBuilder vertical(double x, double from, double to) {
    strokes.add(new Stroke(false, x, new Interval(from, to), 0.5));
    return this;
  }

  public PageBuilder fill(double left, double top, double right, double bottom, int colour) {
    fills.add(new Fill(new Box(left, top, right, bottom), colour));
    return this;
  }

  /** All boundaries of a table of equal cells. */
  public PageBuilder lattice(
      double left, double top, double width, double height, int rows, int columns) {
    for (int r = 0; r <= rows; r++) {
      horizontal(top + r * height, left, left + columns * width);
    }
    for (int c = 0; c <= columns; c++) {
      vertical(left + c * width, top, top + rows * height);
    }
    return this;
  }

  /** Writes texts into the cells of {@link #lattice} row by row. */
  public PageBuilder cells(
      double left, double top, double width, double height, int columns, String... texts) {
    for (int i = 0; i < texts.length; i++) {
      double x = left + (i % columns) * width + 3;
      double baseline = top + (i / columns) * height + height / 2 + 3;
      text(texts[i], x, baseline);
    }
    return this;
  }

  public Page build() {
    return new Page(number, 600, 800, glyphs, strokes, fills, List.of(), List.of());
  }
}
