package dev.inlay.evidence;

import dev.inlay.geom.Interval;
import dev.inlay.page.Glyph;
import dev.inlay.page.Page;
import dev.inlay.page.Stroke;
import dev.inlay.page.Turn;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;

/**
 * Redraws boxes that listings make of characters: upright bars that stand one below the other line
 * for line, and the rules that run into them, become strokes. So a box of characters is read as a
 * drawn one is, merged cells with it.
 */
public final class CharacterBoxes {

  /** Fewer rule characters between two bars are a mark for nothing. */
  private static final int LEAST_IN_RUN = 3;

  private final Page page;
  private final List<Glyph> text = new ArrayList<>();
  private final List<CharacterRun> runs;
  private final List<BarStack> stacks;
  private final List<Stroke> strokes = new ArrayList<>();
  private final Set<Glyph> marks = Collections.newSetFromMap(new IdentityHashMap<>());

  /**
   * A page whose boxes of characters are drawn.
   *
   * @param page without the characters that made them
   * @param marks those characters
   */
  public record Redrawn(Page page, List<Glyph> marks) {}

  private CharacterBoxes(Page page) {
    this.page = page;
    List<Glyph> rules = new ArrayList<>();
    for (Glyph glyph : page.glyphs()) {
      if (glyph.turn() == Turn.UPRIGHT && !glyph.isBlank()) {
        boolean mark = BarStack.isBar(glyph) || BarStack.isCrossing(glyph);
        (mark ? rules : text).add(glyph);
      }
    }
    stacks = BarStack.of(rules);
    runs = stacks.isEmpty() ? List.of() : CharacterRun.of(rules);
  }

  /** Redraws the boxes of a page; a page without any is returned as it is. */
  public static Redrawn redraw(Page page) {
    if (page.glyphs().stream().noneMatch(BarStack::isBar)) {
      return new Redrawn(page, List.of()); // most pages
    }
    CharacterBoxes boxes = new CharacterBoxes(page);
    List<BarStack> drawn = boxes.stacks.stream().filter(boxes::isDrawn).toList();
    if (drawn.isEmpty()) {
      return new Redrawn(page, List.of());
    }
    for (BarStack stack : drawn) {
      stack.glyphs().stream().filter(BarStack::isBar).forEach(boxes.marks::add);
    }
    boxes.runs.forEach(run -> boxes.drawRun(run, drawn));
    drawn.forEach(boxes::drawStack);
    return new Redrawn(
        page.withoutGlyphs(boxes.marks).withStrokes(boxes.strokes), List.copyOf(boxes.marks));
  }

  /**
   * Whether a stack parts columns: a rule runs into one of its crossings, or stacks beside it begin
   * and end on its lines and no text stands in its place above and below, as it would where bars
   * are signs in a column.
   */
  private boolean isDrawn(BarStack stack) {
    if (runs.stream().anyMatch(r -> r.length() >= LEAST_IN_RUN && r.runsInto(stack))) {
      return true;
    }
    boolean beside = stacks.stream().anyMatch(s -> s != stack && s.sharesLinesWith(stack));
    return beside
        && stack.glyphs().size() > BarStack.LEAST
        && !(isCovered(stack, stack.top() - stack.pitch())
            && isCovered(stack, stack.bottom() + stack.pitch()));
  }

  /** Whether text stands at a stack's place on the line with the given baseline. */
  private boolean isCovered(BarStack stack, double baseline) {
    double near = stack.size() / 2;
    return text.stream()
        .anyMatch(
            g ->
                Math.abs(g.baseline() - baseline) < near
                    && g.box().left() < stack.at()
                    && stack.at() < g.box().right());
  }

  /** Draws a run of rule characters that belongs to drawn stacks. */
  private void drawRun(CharacterRun run, List<BarStack> drawn) {
    List<BarStack> met = drawn.stream().filter(run::meets).toList();
    boolean startsAtBar = met.stream().anyMatch(s -> s.holds(run.first()));
    boolean endsAtBar = met.stream().anyMatch(s -> s.holds(run.last()));
    boolean bounded = startsAtBar && endsAtBar;
    // Beside text a rule must run from bar to bar: else it is a dash or a blank to be filled in.
    boolean alone = text.stream().noneMatch(g -> g.baseline() == run.baseline());
    if (met.isEmpty() || run.length() < LEAST_IN_RUN || !bounded && !alone) {
      return;
    }
    marks.addAll(run.glyphs());
    double from = startsAtBar ? run.first().box().centreX() : run.first().box().left();
    double to = endsAtBar ? run.last().box().centreX() : run.last().box().right();
    strokes.add(new Stroke(true, run.at(), new Interval(from, to), 0));
  }

  /** Draws a stack, as far as the rules at its ends where there are such. */
  private void drawStack(BarStack stack) {
    double top = endAt(stack, stack.top(), -1).orElse(stack.glyphs().get(0).box().top());
    double bottom =
        endAt(stack, stack.bottom(), 1)
            .orElse(stack.glyphs().get(stack.glyphs().size() - 1).box().bottom());
    strokes.add(new Stroke(false, stack.at(), new Interval(top, bottom), 0));
  }

  /** The rule that a stack ends at: the one on its last line, or on the next line outwards. */
  private OptionalDouble endAt(BarStack stack, double baseline, int outwards) {
    double own = stack.size() / 2;
    return strokes.stream()
        .filter(s -> s.horizontal() && reaches(s, stack))
        .mapToDouble(Stroke::at)
        .filter(at -> outwards * (at - baseline) > -own)
        .filter(at -> Math.abs(at - baseline) < stack.pitch() + own)
        .boxed()
        .min(Comparator.comparingDouble(at -> Math.abs(at - baseline)))
        .map(OptionalDouble::of)
        .orElse(OptionalDouble.empty());
  }

  private static boolean reaches(Stroke stroke, BarStack stack) {
    double near = stack.size() / 2;
    return stroke.extent().from() - near <= stack.at() && stack.at() <= stroke.extent().to() + near;
  }
}
