package dev.inlay.propose;

import dev.inlay.geom.Interval;
import dev.inlay.score.Choice;
import dev.inlay.score.SignScore;
import dev.inlay.score.Signs;
import java.util.List;

/**
 * How probably a strip inside a column is a gutter: a choice between it and none, trained on papers
 * with truth, whose weights stand in a text file.
 */
public final class HiddenGutterModel {

  private static final String RESOURCE = "hidden-gutters.txt";

  private HiddenGutterModel() {}

  /** Read once, when it is first needed. */
  private static final class Trained {
    static final Choice MODEL =
        new Choice(SignScore.read(HiddenGutterModel.class, RESOURCE, names()));
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
    PartedColumn nothing = new PartedColumn(List.of(), new Interval(0, 1), 0.5);
    new HiddenGutterSigns(nothing, List.of(), 0, 1).add(names);
    return names.names();
  }
}
