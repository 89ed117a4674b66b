package dev.inlay.propose;

import dev.inlay.evidence.Chunk;
import dev.inlay.evidence.ChunkLine;
import dev.inlay.geom.Box;
import dev.inlay.geom.Interval;
import dev.inlay.page.Word;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * What stands between two rulings that part rows.
 *
 * @param height from one to the other, in points
 * @param lines the upright lines between them, by their baselines
 */
public record RowBand(Interval height, List<ChunkLine> lines) {

  /** Lines of one text stand further apart than this, in type sizes. */
  private static final double BESIDE = 0.8;

  /** Baselines this near are one line, in type sizes. */
  private static final double SAME_LINE = 0.2;

  /** No cell is empty over this height beside all others, in type sizes: a picture stands there. */
  private static final double HOLLOW = 3;

  /** Keeps a copy that cannot change. */
  public RowBand {
    lines = List.copyOf(lines);
  }

  /** Whether some text stands in it. */
  public boolean isFilled() {
    return !lines.isEmpty();
  }

  /** Whether several lines stand in it. */
  public boolean hasSeveralLines() {
    return lines.size() > 1;
  }

  /**
   * Whether its lines stand beside each other on baselines of their own, as those of cells do that
   * are centred in their height: they cannot be read line by line.
   */
  public boolean isInterleaved() {
    for (int i = 1; i < lines.size(); i++) {
      double step = lines.get(i).line().baseline() - lines.get(i - 1).line().baseline();
      double size = lines.get(i).line().size();
      if (step > SAME_LINE * size && step < BESIDE * size) {
        return true;
      }
    }
    return false;
  }

  /**
   * Whether it is no row: a stretch of it is empty from left to right, or running text fills it.
   */
  public boolean isNoRow(double typeSize) {
    double end = height.from();
    for (ChunkLine line : lines) {
      if (line.box().top() - end > HOLLOW * typeSize) {
        return true;
      }
      end = Math.max(end, line.box().bottom());
    }
    boolean prose = lines.stream().anyMatch(ChunkLine::isProse) && phrases().size() == 1;
    return prose || height.to() - end > HOLLOW * typeSize;
  }

  /** The stretches that its phrases fill from left to right. */
  private List<Interval> phrases() {
    return joined(lines.stream().flatMap(l -> l.chunks().stream()).map(Chunk::box).toList());
  }

  /** The stretches that its words fill from left to right, whatever lines they stand in. */
  List<Interval> stretches() {
    return joined(lines.stream().flatMap(l -> l.words().stream()).map(Word::box).toList());
  }

  /**
   * The same without texts that reach over several columns.
   *
   * @param strips between columns
   * @param wide no phrase leaves so much white, in points: one over such a strip crosses it, though
   *     the space between two words lies there
   */
  List<Interval> stretchesIn(List<Interval> strips, double wide) {
    List<Box> words = new ArrayList<>();
    for (ChunkLine line : lines) {
      for (Chunk chunk : line.chunks()) {
        Interval phrase = chunk.box().horizontal();
        boolean over =
            strips.stream().anyMatch(s -> s.length() >= wide && crosses(phrase, s.middle()));
        if (!over) {
          chunk.words().forEach(w -> words.add(w.box()));
        }
      }
    }
    return joined(words).stream()
        .filter(s -> strips.stream().noneMatch(strip -> crosses(s, strip.middle())))
        .toList();
  }

  private static boolean crosses(Interval text, double x) {
    return text.from() < x && text.to() > x;
  }

  private static List<Interval> joined(List<Box> boxes) {
    List<Interval> stretches = new ArrayList<>();
    boxes.stream()
        .map(Box::horizontal)
        .sorted(Comparator.comparingDouble(Interval::from))
        .forEach(
            next -> {
              int last = stretches.size() - 1;
              if (last >= 0 && stretches.get(last).overlap(next) >= 0) {
                stretches.set(last, stretches.get(last).union(next));
              } else {
                stretches.add(next);
              }
            });
    return stretches;
  }

  /** Whether one of its texts reaches over a gutter; parameters as for {@link #stretchesIn}. */
  boolean isCrossedAt(Interval gutter, double wide) {
    return !stretchesIn(List.of(gutter), wide).equals(stretches());
  }
}
