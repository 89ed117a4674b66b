package dev.inlay.bench;

import dev.inlay.page.Page;
import dev.inlay.score.Choice;
import dev.inlay.score.SignScore;
import java.io.PrintStream;
import java.util.List;
import tools.jackson.databind.JsonNode;

/** A kind of choice that is trained: where its examples come from, and how its score is made. */
interface ChoiceTask {

  /** The names of the signs, in the order of their weights. */
  List<String> names();

  /**
   * Adds the choices on a page of which the truth says what is right.
   *
   * @param tables of the paper's truth
   * @param number of the page, from 1
   */
  void read(Page page, JsonNode tables, int number, ChoiceTraining into);

  /** The score that is trained on examples. */
  SignScore train(ChoiceTraining shown, PrintStream out);

  /** What the weights are of, and how many examples they were trained on. */
  String trainedOn(int count);

  /** Says how well a model chooses. */
  void report(ChoiceTraining training, Choice model, PrintStream out);
}
