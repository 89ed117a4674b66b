package dev.inlay.score;

import dev.inlay.evidence.Chunk;
import dev.inlay.evidence.ChunkLine;
import dev.inlay.geom.Box;
import dev.inlay.geom.Interval;
import dev.inlay.text.TextShape;
import java.util.List;

/** How a line's texts stand to those of the lines above and below it. */
final class LineNeighbours {

  /** This many lines above and below a line are looked at: not every one fills all columns. */
  private static final int REACH = 4;

  /** Edges or middles this near are aligned, in type sizes. */
  private static final double ALIGNED = 0.2;

  private final List<ChunkLine> lines;
  private final List<List<TextShape>> shapes;

  /** By line, how it is aligned with those from {@link #REACH} above it to as many below it. */
  private final double[][] near;

  LineNeighbours(List<ChunkLine> lines, List<List<TextShape>> shapes) {
    this.lines = lines;
    this.shapes = shapes;
    near = new double[lines.size()][2 * REACH + 1];
    for (int i = 0; i < near.length; i++) {
      for (int k = Math.max(0, i - REACH); k <= Math.min(near.length - 1, i + REACH); k++) {
        near[i][k - i + REACH] = i == k ? 1 : shareAligned(i, k);
      }
    }
  }

  void addTo(Signs signs, int i) {
    signs.about(Aspect.ALIGNMENT);
    signs.add("aligned above", best(i, -1));
    signs.add("aligned below", best(i, 1));
    signs.add("aligned with the line above", i > 0 ? aligned(i, i - 1) : 0);
    signs.add("aligned with the line below", i + 1 < lines.size() ? aligned(i, i + 1) : 0);
    signs.add("as many texts as above", i > 0 && chunks(i) == chunks(i - 1) && chunks(i) > 1);
    boolean below = i + 1 < lines.size() && chunks(i) == chunks(i + 1) && chunks(i) > 1;
    signs.add("as many texts as below", below);
    signs.add("more texts than above", i > 0 && chunks(i) > chunks(i - 1));
    signs.add("more texts than below", i + 1 < lines.size() && chunks(i) > chunks(i + 1));
    signs.add("tabular lines above", tabular(i, -1));
    signs.add("tabular lines below", tabular(i, 1));
    addPieces(signs, i);
    addShapes(signs, i);
    addPlace(signs, i);
  }

  /** How many texts the lines around have. */
  private void addPieces(Signs signs, int i) {
    int most = 0;
    int same = 0;
    int all = 0;
    for (int k = Math.max(0, i - REACH); k <= Math.min(lines.size() - 1, i + REACH); k++) {
      most = Math.max(most, chunks(k));
      same += k != i && chunks(k) == chunks(i) ? 1 : 0;
      all += k == i ? 0 : 1;
    }
    signs.add("two texts at most around", most == 2);
    signs.add("three texts at most around", most == 3);
    signs.add("lines around with as many texts", all == 0 ? 0 : (double) same / all);
    signs.add("share of the most texts around", (double) chunks(i) / most);
  }

  private int chunks(int i) {
    return lines.get(i).chunks().size();
  }

  /** The greatest share of the line's texts that are aligned with those of one line near it. */
  private double best(int i, int direction) {
    double best = 0;
    for (int k = 1; k <= REACH; k++) {
      int other = i + k * direction;
      if (other >= 0 && other < lines.size()) {
        best = Math.max(best, aligned(i, other));
      }
    }
    return best;
  }

  /** The share of both lines' texts that begin, end or centre where one of the other's does. */
  double aligned(int i, int k) {
    return Math.abs(k - i) <= REACH ? near[i][k - i + REACH] : shareAligned(i, k);
  }

  private double shareAligned(int i, int k) {
    double near = ALIGNED * lines.get(i).line().size();
    int matched = 0;
    for (Chunk a : lines.get(i).chunks()) {
      for (Chunk b : lines.get(k).chunks()) {
        if (areAligned(a.box(), b.box(), near)) {
          matched++;
          break;
        }
      }
    }
    return (double) matched / Math.max(chunks(i), Math.min(chunks(k), 2));
  }

  private static boolean areAligned(Box a, Box b, double near) {
    return Math.abs(a.left() - b.left()) < near
        || Math.abs(a.right() - b.right()) < near
        || Math.abs(a.centreX() - b.centreX()) < near;
  }

  private double tabular(int i, int direction) {
    int tabular = 0;
    for (int k = 1; k <= REACH; k++) {
      int other = i + k * direction;
      tabular += other >= 0 && other < lines.size() && chunks(other) > 1 ? 1 : 0;
    }
    return (double) tabular / REACH;
  }

  /** What stands below and above the texts: words over quantities are headings. */
  private void addShapes(Signs signs, int i) {
    double[] down = shapesBeside(i, 1);
    double[] up = shapesBeside(i, -1);
    signs.about(Aspect.CONTENT);
    signs.add("words over quantities", down[0]);
    signs.add("quantities over quantities", down[1]);
    signs.add("words over words", down[2]);
    signs.add("nothing below", down[3]);
    signs.add("quantities over words", down[4]);
    signs.add("quantities under words", up[4]);
    signs.add("quantities under quantities", up[1]);
    signs.add("words under words", up[2]);
    signs.add("nothing above", up[3]);
    signs.add("words under quantities", up[0]);
    double[] far = shapesBelowNext(i);
    signs.add("words over quantities further below", far[0]);
    signs.add("quantities over quantities further below", far[1]);
  }

  /** Shares of the texts: words beside quantities, both, words beside words, alone, the reverse. */
  private double[] shapesBeside(int i, int direction) {
    double[] counts = new double[5];
    for (int p = 0; p < chunks(i); p++) {
      Interval extent = lines.get(i).chunks().get(p).box().horizontal();
      TextShape beside = null;
      for (int k = 1; k <= REACH && beside == null; k++) {
        int other = i + k * direction;
        beside = other >= 0 && other < lines.size() ? shapeAt(other, extent) : null;
      }
      count(shapes.get(i).get(p), beside, counts);
    }
    return shares(counts, i);
  }

  /** The same, with what most of the second to the sixth line below hold. */
  private double[] shapesBelowNext(int i) {
    double[] counts = new double[5];
    for (int p = 0; p < chunks(i); p++) {
      Interval extent = lines.get(i).chunks().get(p).box().horizontal();
      int values = 0;
      int all = 0;
      for (int k = 2; k <= REACH + 2 && i + k < lines.size(); k++) {
        TextShape shape = shapeAt(i + k, extent);
        if (shape != null) {
          all++;
          values += shape.isValue() ? 1 : 0;
        }
      }
      TextShape most = all == 0 ? null : 2 * values > all ? TextShape.NUMBER : TextShape.WORDS;
      count(shapes.get(i).get(p), most, counts);
    }
    return shares(counts, i);
  }

  /** Turns counts of a line's texts into shares of them. */
  private double[] shares(double[] counts, int i) {
    for (int c = 0; c < counts.length; c++) {
      counts[c] /= chunks(i);
    }
    return counts;
  }

  private static void count(TextShape own, TextShape beside, double[] counts) {
    if (beside == null) {
      counts[3]++;
    } else if (own.isValue()) {
      counts[beside.isValue() ? 1 : 4]++;
    } else {
      counts[beside.isValue() ? 0 : 2]++;
    }
  }

  /** The shape of the text of a line that stands over or below a stretch; null where none does. */
  private TextShape shapeAt(int line, Interval extent) {
    double most = 0;
    TextShape shape = null;
    List<Chunk> chunks = lines.get(line).chunks();
    for (int p = 0; p < chunks.size(); p++) {
      double overlap = chunks.get(p).box().horizontal().overlap(extent);
      if (overlap > most) {
        most = overlap;
        shape = shapes.get(line).get(p);
      }
    }
    return shape;
  }

  /** Where the line begins and ends beside those around it. */
  private void addPlace(Signs signs, int i) {
    double size = lines.get(i).line().size();
    double left = Double.MAX_VALUE;
    double right = 0;
    for (int k = Math.max(0, i - REACH); k <= Math.min(lines.size() - 1, i + REACH); k++) {
      if (k != i && chunks(k) > 1) {
        left = Math.min(left, lines.get(k).box().left());
        right = Math.max(right, lines.get(k).box().right());
      }
    }
    boolean any = right > 0;
    Box box = lines.get(i).box();
    double indent = any ? (box.left() - left) / size : 0;
    signs.about(Aspect.INDENT);
    signs.add("begins at the left of its neighbours", any && Math.abs(indent) < 0.5);
    signs.add("begins further right", any && indent >= 0.5 && indent < 3);
    signs.add("begins far right", any && indent >= 3);
    signs.add("begins further left", any && indent <= -0.5);
    signs.add("ends beyond its neighbours", any && box.right() > right + size);
    double middle = (left + right) / 2;
    signs.add("centred", any && indent > 1 && Math.abs(box.centreX() - middle) < size);
  }
}
