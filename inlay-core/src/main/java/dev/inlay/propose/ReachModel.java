package dev.inlay.propose;

import dev.inlay.geom.Interval;
import dev.inlay.score.Choice;
import dev.inlay.score.SampleZone;
import dev.inlay.score.SignScore;
import dev.inlay.score.Signs;
import java.util.List;

/**
 * How probably a text of a row stands over each of the columns that it may stand over: a
 * conditional logit, trained on papers with truth, whose weights stand in a text file.
 */
public final class ReachModel {

  private static final String RESOURCE = "text-reach.txt";

  private ReachModel() {}

  /** Read once, when it is first needed. */
  private static final class Trained {
    static final Choice MODEL = new Choice(SignScore.read(ReachModel.class, RESOURCE, names()));
  }

  /**
   * The trained model that ships with the program.
   *
   * @throws java.io.UncheckedIOException if it cannot be read
   */
  public static Choice trained() {
    return Trained.MODEL;
  }

  /** The names of the signs, in the order of their weights. */
  public static List<String> names() {
    Signs names = Signs.ofNames();
    ColumnedLine line = ColumnedLine.of(SampleZone.TWO_LINES.lines().get(0), List.of());
    Interval column = line.line().box().horizontal();
    Reach home = new Reach(0, 0, 0);
    TextReach text = TextReach.of(line.parts(), 0, 0);
    List<ColumnEdges> edges = ColumnEdges.of(List.of(line), List.of(column));
    new ReachSigns(edges, line, text, true).add(names, home);
    return names.names();
  }
}
