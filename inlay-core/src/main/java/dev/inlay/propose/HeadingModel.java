package dev.inlay.propose;

import dev.inlay.evidence.ChunkLine;
import dev.inlay.geom.Interval;
import dev.inlay.score.SampleZone;
import dev.inlay.score.Signs;
import dev.inlay.score.Weights;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * What each sign of a placed heading costs. The weights were trained on papers with truth and stand
 * in a text file, a sign and its cost in a line.
 */
public final class HeadingModel {

  private static final String RESOURCE = "heading-lines.txt";

  /** What the ways from one heading to the next cost: words parted or not, columns left out. */
  enum Way {
    WORDS_APART_INSIDE,
    PARTED_AT_A_SPACE,
    PARTED_NEARLY_AT_A_SPACE,
    NO_HEADING_OVER_A_HEADED_COLUMN,
    NO_HEADING_BESIDE_SPANNERS,
    NO_HEADING_OVER_A_COLUMN_HEADED_BELOW,
    NO_HEADING_OVER_THE_FIRST_COLUMN,
    NO_HEADING_AT_ALL
  }

  private final double[] weights;

  /** A model in which nothing costs anything. */
  public HeadingModel() {
    weights = new double[names().size()];
  }

  /** The trained model that ships with the program. */
  public static HeadingModel trained() {
    return Trained.MODEL;
  }

  /** Read once, when it is first needed. */
  private static final class Trained {
    static final HeadingModel MODEL = read();

    private static HeadingModel read() {
      HeadingModel model = new HeadingModel();
      double[] read = Weights.ofNames(HeadingModel.class, RESOURCE, names());
      System.arraycopy(read, 0, model.weights, 0, read.length);
      return model;
    }
  }

  /** The names of all signs, in the order of their weights. */
  public static List<String> names() {
    return Names.ALL;
  }

  /** Gathered once: the ways, then the signs of a heading. */
  private static final class Names {
    static final List<String> ALL;

    static {
      List<String> names = new ArrayList<>();
      for (Way way : Way.values()) {
        names.add(way.name().toLowerCase(Locale.ROOT).replace('_', ' '));
      }
      Signs signs = Signs.ofNames();
      sample().add(signs, 0, 0, 0, 0, false);
      names.addAll(signs.names());
      ALL = List.copyOf(names);
    }

    private static HeadingSigns sample() {
      List<ChunkLine> lines = SampleZone.TWO_LINES.lines();
      List<Interval> column = List.of(lines.get(0).box().horizontal());
      HeaderLayout layout = new HeaderLayout(lines, List.of(), column, column, List.of());
      HeadingColumns columns = new HeadingColumns(column, column);
      return new HeadingSigns(lines.get(0), columns, new HeadingRulings(layout), 1);
    }
  }

  /** The weights, in the order of the names: for training. */
  public double[] weights() {
    return weights;
  }

  double cost(Way way) {
    return weights[way.ordinal()];
  }

  /** What a heading costs, by the signs behind those of the ways. */
  double cost(double[] signs) {
    double sum = 0;
    int from = Way.values().length;
    for (int i = 0; i < signs.length; i++) {
      sum += weights[from + i] * signs[i];
    }
    return sum;
  }

  /** The weights as text: sign and cost in a line, parted by a tab. */
  public String text() {
    StringBuilder text = new StringBuilder();
    List<String> names = names();
    for (int i = 0; i < weights.length; i++) {
      text.append(String.format(Locale.ROOT, "%s\t%.3f%n", names.get(i), weights[i]));
    }
    return text.toString();
  }
}
