package dev.inlay.bench;

import dev.inlay.evidence.LineRole;
import dev.inlay.score.HiddenUnits;
import dev.inlay.score.RoleModel;
import dev.inlay.score.RoleScores;
import dev.inlay.score.Weights;
import java.util.ArrayList;
import java.util.List;

/**
 * The slope of the loss of a {@link RoleModel} over zones whose roles are known: how much each
 * weight raises the improbability of the right roles (forward and backward sums over the chain, and
 * back through the hidden units: Rumelhart, Hinton, Williams, 1986).
 */
final class RoleSlope {

  private static final LineRole[] ROLES = LineRole.values();

  /**
   * A zone whose roles are known, as the model is shown it.
   *
   * @param lineSigns by line
   * @param stepSigns by line
   * @param inputs of the hidden units, by line
   * @param roles the number of each line's role
   */
  record Example(double[][] lineSigns, double[][] stepSigns, double[][] inputs, int[] roles) {}

  private final RoleModel model;
  private final RoleModel slope;

  /** Begins with a slope of 0. */
  RoleSlope(RoleModel model) {
    this.model = model;
    slope = new RoleModel(model.units().biases().length);
  }

  /** All weights of a model in one order. */
  static List<double[]> weightsOf(RoleModel model) {
    List<double[]> weights = new ArrayList<>(List.of(model.lineWeights()));
    for (double[][] before : model.stepWeights()) {
      weights.addAll(List.of(before));
    }
    for (double[][] place : model.units().weights()) {
      weights.addAll(List.of(place));
    }
    weights.add(model.units().biases());
    weights.addAll(List.of(model.units().outputs()));
    return weights;
  }

  /** The slope of each weight, in the same order. */
  List<double[]> slopes() {
    return weightsOf(slope);
  }

  /**
   * Adds the slope of one zone.
   *
   * @param kept for each hidden unit what its sum is multiplied by: 0 where it is left out
   * @return the loss of the zone: how improbable its roles are
   */
  double add(Example example, double[] kept) {
    double[][] sums = model.units().sums(example.inputs());
    double[][] spoken = new double[sums.length][];
    for (int i = 0; i < sums.length; i++) {
      spoken[i] = new double[kept.length];
      for (int u = 0; u < kept.length; u++) {
        spoken[i][u] = Math.max(0, sums[i][u]) * kept[u];
      }
    }
    RoleScores scores = model.scores(example.lineSigns(), example.stepSigns(), spoken);
    double[][] errors = new double[sums.length][ROLES.length];
    double loss = addChain(example, scores, errors);
    for (int i = 0; i < sums.length; i++) {
      addUnits(example, i, errors[i], spoken[i], kept);
    }
    return loss;
  }

  /** Adds the slope of the weights of lines and steps; fills in by how much each role errs. */
  private double addChain(Example example, RoleScores scores, double[][] errors) {
    double[][] forward = scores.forward();
    double[][] backward = scores.backward();
    int lines = example.roles().length;
    double all = RoleScores.logSum(forward[lines - 1]);
    double right = 0;
    for (int i = 0; i < lines; i++) {
      int role = example.roles()[i];
      right += scores.ofLine()[i][role];
      for (int r = 0; r < ROLES.length; r++) {
        double p = Math.exp(forward[i][r] + backward[i][r] - all);
        errors[i][r] = p - (r == role ? 1 : 0);
        Weights.addTimes(slope.lineWeights()[r], errors[i][r], example.lineSigns()[i]);
      }
      if (i > 0) {
        int before = example.roles()[i - 1];
        right += scores.ofStep()[i][before][role];
        for (int b = 0; b < ROLES.length; b++) {
          for (int r = 0; r < ROLES.length; r++) {
            double sum = forward[i - 1][b] + scores.ofStep()[i][b][r];
            double p = Math.exp(sum + scores.ofLine()[i][r] + backward[i][r] - all);
            double error = p - (b == before && r == role ? 1 : 0);
            Weights.addTimes(slope.stepWeights()[b][r], error, example.stepSigns()[i]);
          }
        }
      }
    }
    return all - right;
  }

  private void addUnits(
      Example example, int line, double[] errors, double[] spoken, double[] kept) {
    double[] back = new double[kept.length];
    for (int r = 0; r < ROLES.length; r++) {
      Weights.addTimes(slope.units().outputs()[r], errors[r], spoken);
      Weights.addTimes(back, errors[r], model.units().outputs()[r]);
    }
    for (int u = 0; u < back.length; u++) {
      back[u] = spoken[u] > 0 ? back[u] * kept[u] : 0;
    }
    Weights.addTimes(slope.units().biases(), 1, back);
    for (int place = 0; place < HiddenUnits.LINES; place++) {
      int from = line + place - HiddenUnits.REACH;
      if (from >= 0 && from < example.inputs().length) {
        double[] inputs = example.inputs()[from];
        for (int s = 0; s < inputs.length; s++) {
          Weights.addTimes(slope.units().weights()[place][s], inputs[s], back);
        }
      }
    }
  }
}
