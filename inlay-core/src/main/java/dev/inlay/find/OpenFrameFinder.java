package dev.inlay.find;

import dev.inlay.geom.Interval;
import dev.inlay.page.TextLine;
import dev.inlay.page.Turn;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Finds frames that no lattice of rulings bounds: runs of lines whose pieces leave the same gutters
 * free, down the page. {@link ColumnRun} grows a run, {@link BlockBuilder} makes a frame of it.
 */
public final class OpenFrameFinder {

  /**
   * A vertical ruling inside a frame parts columns where it runs along this share of its height.
   */
  private static final double PARTING_SHARE = 0.6;

  private final int page;
  private final List<TextLine> turned;
  private final List<Ruling> horizontals;
  private final List<RulingStack> stacks;
  private final PageMeasure measure;
  private final List<OpenFrame> frames = new ArrayList<>();

  private OpenFrameFinder(
      int page,
      List<TextLine> turned,
      List<Ruling> horizontals,
      List<RulingStack> stacks,
      PageMeasure measure) {
    this.page = page;
    this.turned = turned;
    this.horizontals = horizontals;
    this.stacks = stacks;
    this.measure = measure;
  }

  /**
   * Finds the frames among lines that stand in no ruled frame.
   *
   * @param page the page's number, from 1
   * @param lines in any order
   * @param rulings of the page
   * @param measure of the page
   * @return from top to bottom
   */
  public static List<OpenFrame> find(
      int page, List<TextLine> lines, List<Ruling> rulings, PageMeasure measure) {
    List<Ruling> horizontals = rulings.stream().filter(Ruling::horizontal).toList();
    List<RulingStack> stacks = RulingStack.of(horizontals, measure);
    List<TextLine> turned =
        lines.stream().filter(l -> l.turn() == Turn.UPWARDS || l.turn() == Turn.DOWNWARDS).toList();
    List<TextLine> upright =
        lines.stream()
            .filter(l -> l.turn() == Turn.UPRIGHT)
            .sorted(Comparator.comparingDouble(TextLine::baseline))
            .toList();
    OpenFrameFinder finder = new OpenFrameFinder(page, turned, horizontals, stacks, measure);
    for (List<TextLine> zone : PageColumns.part(upright, horizontals)) {
      finder.addFramesOf(zone);
    }
    finder.frames.sort(Comparator.comparingDouble(f -> f.frame().box().top()));
    return finder.frames;
  }

  /** Adds the frames among lines of one column of the page. */
  private void addFramesOf(List<TextLine> zone) {
    List<PieceLine> lines = PieceLine.of(zone);
    BlockBuilder builder = new BlockBuilder(page, lines, turned, horizontals, measure);
    int i = 0;
    int taken = 0;
    while (i < lines.size()) {
      if (lines.get(i).isTabular()) {
        int end = ColumnRun.end(i, lines, horizontals, stacks);
        Optional<OpenFrame> frame = builder.build(i, end, taken);
        frame.ifPresent(f -> add(f, lines));
        taken = frame.isPresent() ? end : taken;
        i = end;
      } else {
        i++;
      }
    }
  }

  private void add(OpenFrame frame, List<PieceLine> lines) {
    List<List<TextLine>> sides = SideBySide.part(frame);
    if (sides.isEmpty()) {
      sides = SideBySide.partUnderTitles(frame, lines);
    }
    sides.forEach(this::addFramesOf);
    if (sides.isEmpty()) {
      frames.add(frame);
    }
  }

  /**
   * The frame of a ruled table seen as lines, for one whose rows no ruling parts.
   *
   * @param frame the ruled frame
   * @param lines those inside it
   * @param measure of the page
   * @return empty where the lines leave no gutter
   */
  public static Optional<OpenFrame> within(Frame frame, List<TextLine> lines, PageMeasure measure) {
    List<TextLine> sorted = new ArrayList<>(lines);
    sorted.sort(Comparator.comparingDouble(TextLine::baseline));
    List<PieceLine> block = PieceLine.of(sorted);
    List<PieceLine> tabular = block.stream().filter(PieceLine::isTabular).toList();
    List<Interval> gutters = new ArrayList<>(GutterFinder.find(tabular));
    for (Ruling ruling : frame.verticals()) {
      if (partsColumns(ruling, frame, measure) && !isInGutter(ruling, gutters, measure)) {
        gutters.add(new Interval(ruling.at(), ruling.at()));
      }
    }
    gutters.sort(Comparator.comparingDouble(Interval::from));
    return gutters.isEmpty() || tabular.isEmpty()
        ? Optional.empty()
        : Optional.of(new OpenFrame(frame, block, List.of(), gutters, false, Optional.empty()));
  }

  private static boolean partsColumns(Ruling ruling, Frame frame, PageMeasure measure) {
    return ruling.at() > frame.box().left() + measure.typeSize()
        && ruling.at() < frame.box().right() - measure.typeSize()
        && ruling.extent().length() > PARTING_SHARE * frame.box().height();
  }

  private static boolean isInGutter(Ruling ruling, List<Interval> gutters, PageMeasure measure) {
    Interval place = new Interval(ruling.at(), ruling.at());
    return gutters.stream().anyMatch(g -> g.touches(place, measure.snap()));
  }
}
