package dev.inlay.choose;

import dev.inlay.score.Choice;
import dev.inlay.score.SignScore;

/** The trained model of how probable each number of header rows of a grid is. */
public final class HeaderModel {

  private static final String RESOURCE = "header-rows.txt";

  private HeaderModel() {}

  /**
   * The model that ships with the program; a sign without a weight weighs nothing.
   *
   * @throws java.io.UncheckedIOException if it cannot be read
   */
  public static Choice trained() {
    return Trained.MODEL;
  }

  /** Read once, when it is first needed. */
  private static final class Trained {
    static final Choice MODEL =
        new Choice(SignScore.read(HeaderModel.class, RESOURCE, HeaderSigns.names()));
  }
}
