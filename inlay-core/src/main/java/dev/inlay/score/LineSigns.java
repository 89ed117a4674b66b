package dev.inlay.score;

import dev.inlay.evidence.ChunkLine;
import dev.inlay.text.TextShape;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * The signs of each line of a zone from which its role is read, and the signs of each step from one
 * line to the next.
 */
public final class LineSigns {

  /** Type this share as large as the page's ordinary type is small. */
  private static final double SMALL = 0.93;

  /** Type this many times as large is large. */
  private static final double LARGE = 1.12;

  private final Zone zone;
  private final List<LineText> texts = new ArrayList<>();
  private final List<List<TextShape>> shapes = new ArrayList<>();
  private final Map<String, Integer> firstSaid = new HashMap<>();
  private final LineNeighbours neighbours;
  private final LineDrawings drawings;
  private final double zoneWidth;
  private final double usualStep;

  /** Prepares the signs of a zone that has at least one line. */
  public LineSigns(Zone zone) {
    this.zone = zone;
    for (ChunkLine line : zone.lines()) {
      LineText text = new LineText(line);
      texts.add(text);
      shapes.add(text.shapes());
    }
    for (int i = 0; i < zone.lines().size(); i++) {
      firstSaid.putIfAbsent(zone.lines().get(i).line().text(), i);
    }
    neighbours = new LineNeighbours(zone.lines(), shapes);
    drawings = new LineDrawings(zone);
    double left = zone.lines().stream().mapToDouble(l -> l.box().left()).min().orElse(0);
    double right = zone.lines().stream().mapToDouble(l -> l.box().right()).max().orElse(0);
    zoneWidth = right - left;
    usualStep = ChunkLine.medianStep(zone.lines());
  }

  /** The names of the signs of a line, in the order of their values. */
  public static List<String> lineNames() {
    return Names.OF_LINE;
  }

  /** The names of the signs of a step, in the order of their values. */
  public static List<String> stepNames() {
    return Names.OF_STEP;
  }

  /** What the signs of a line look at, and then those of a step. */
  public static List<Aspect> aspects() {
    return List.copyOf(Names.ASPECTS);
  }

  /** Gathered once, by the code that gathers the values, from two lines that say nothing. */
  private static final class Names {
    static final List<String> OF_LINE;
    static final List<String> OF_STEP;
    static final List<Aspect> ASPECTS = new ArrayList<>();

    static {
      LineSigns sample = new LineSigns(SampleZone.TWO_LINES);
      Signs line = Signs.ofNames();
      sample.addLine(line, 0);
      OF_LINE = line.names();
      Signs step = Signs.ofNames();
      sample.addStep(step, 1);
      OF_STEP = step.names();
      ASPECTS.addAll(line.aspects());
      ASPECTS.addAll(step.aspects());
    }
  }

  /** The signs of each line. */
  public double[][] ofLines() {
    double[][] values = new double[zone.lines().size()][lineNames().size()];
    for (int i = 0; i < values.length; i++) {
      addLine(Signs.into(values[i]), i);
    }
    return values;
  }

  /** The signs of the step to each line from the one before; the first has none before it. */
  public double[][] ofSteps() {
    double[][] values = new double[zone.lines().size()][stepNames().size()];
    for (int i = 1; i < values.length; i++) {
      addStep(Signs.into(values[i]), i);
    }
    return values;
  }

  /** How the lines' texts stand to each other. */
  LineNeighbours neighbours() {
    return neighbours;
  }

  /** The rulings and shades around the lines. */
  LineDrawings drawings() {
    return drawings;
  }

  private void addLine(Signs signs, int i) {
    texts.get(i).addTo(signs, zoneWidth);
    neighbours.addTo(signs, i);
    drawings.addTo(signs, i);
    ChunkLine line = zone.lines().get(i);
    double size = line.line().size();
    signs.about(Aspect.TYPE);
    signs.add("small type", size < SMALL * zone.typeSize());
    signs.add("large type", size > LARGE * zone.typeSize());
    boolean last = i + 1 == zone.lines().size();
    boolean bolder = !last && line.isBold() && !zone.lines().get(i + 1).isBold();
    signs.add("bolder than below", bolder);
    signs.add("bolder than above", i > 0 && line.isBold() && !zone.lines().get(i - 1).isBold());
    signs.add("looks as the line below", !last && looksAs(i, i + 1));
    signs.add("looks as the line above", i > 0 && looksAs(i, i - 1));
    boolean label = line.isTabular() && line.chunks().get(0).isBold() && !line.isBold();
    signs.add("label alone bold", label);
    signs.about(Aspect.WORDING);
    signs.add("said before", saidBefore(i));
    double above = i == 0 ? 4 : Math.min(4, ChunkLine.step(zone.lines(), i) / size);
    double below = last ? 4 : Math.min(4, ChunkLine.step(zone.lines(), i + 1) / size);
    signs.about(Aspect.SPACING);
    signs.add("step above", above / 4);
    signs.add("step below", below / 4);
    signs.add("nearer to the line below", below < 0.8 * above);
    signs.add("nearer to the line above", above < 0.8 * below);
    double y = line.box().centreY() / Math.max(1, zone.pageHeight());
    signs.about(Aspect.PLACE);
    signs.add("at the head of the page", y < 0.09);
    signs.add("at the foot of the page", y > 0.91);
    signs.add("first of the zone", i == 0);
    signs.add("last of the zone", last);
    signs.add("second of the zone", i == 1);
    signs.add("part of the zone's width", line.box().width() / Math.max(1, zoneWidth));
  }

  /** Whether two lines are set in the same type on the same ground. */
  private boolean looksAs(int i, int other) {
    ChunkLine a = zone.lines().get(i);
    ChunkLine b = zone.lines().get(other);
    boolean first = a.chunks().get(0).isBold() == b.chunks().get(0).isBold();
    boolean last =
        a.chunks().get(a.chunks().size() - 1).isBold()
            == b.chunks().get(b.chunks().size() - 1).isBold();
    double sizes = a.line().size() / b.line().size();
    return first && last && sizes > SMALL && sizes < 1 / SMALL && drawings.haveOneGround(i, other);
  }

  /** Whether one of the lines above, but the last, says the same. */
  private boolean saidBefore(int i) {
    String text = zone.lines().get(i).line().text();
    Integer first = firstSaid.get(text);
    return first != null && first < i - 1;
  }

  private void addStep(Signs signs, int i) {
    double size = zone.lines().get(i).line().size();
    double step = ChunkLine.step(zone.lines(), i);
    signs.add("step", 1);
    signs.about(Aspect.SPACING);
    signs.add("lines beside each other", step < 0.75 * size);
    signs.add("close", step >= 0.75 * size && step < 1.35 * size);
    signs.add("wide", step >= 1.9 * size && step < 2.8 * size);
    signs.add("very wide", step >= 2.8 * size);
    signs.add("closer than usual", usualStep > 0 && step < 0.85 * usualStep);
    signs.add("wider than usual", usualStep > 0 && step > 1.25 * usualStep);
    signs.add("far wider than usual", usualStep > 0 && step > 1.8 * usualStep);
    signs.about(Aspect.DRAWINGS);
    signs.add("ruled between", drawings.isFullyRuledAbove(i));
    signs.add("partly ruled between", drawings.isPartlyRuledAbove(i));
    signs.add("shade edge between", drawings.isShadeEdgeAbove(i));
    signs.add("ground changes", drawings.groundChangesAbove(i));
    signs.add("held by vertical rulings", drawings.isHeldByVerticals(i));
    ChunkLine above = zone.lines().get(i - 1);
    ChunkLine below = zone.lines().get(i);
    signs.about(Aspect.TYPE);
    signs.add("bold ends", above.isBold() && !below.isBold());
    signs.add("bold begins", !above.isBold() && below.isBold());
    double sizes = below.line().size() / above.line().size();
    signs.add("type becomes smaller", sizes < SMALL);
    signs.add("type becomes larger", sizes > 1 / SMALL);
    double aligned = Math.max(neighbours.aligned(i, i - 1), neighbours.aligned(i - 1, i));
    signs.about(Aspect.ALIGNMENT);
    signs.add("aligned texts", aligned);
    boolean tabular = above.isTabular() && below.isTabular();
    signs.add("both tabular and aligned", tabular && aligned >= 0.5);
    signs.add("both tabular and not aligned", tabular && aligned < 0.3);
    signs.add("fewer texts below", below.chunks().size() < above.chunks().size());
  }
}
