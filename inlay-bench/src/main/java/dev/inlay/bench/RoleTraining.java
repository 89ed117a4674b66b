package dev.inlay.bench;

import dev.inlay.choose.PageZones;
import dev.inlay.evidence.LineRole;
import dev.inlay.pdf.OpenFailure;
import dev.inlay.pdf.PageFailure;
import dev.inlay.pdf.PdfFile;
import dev.inlay.score.LineSigns;
import dev.inlay.score.RoleModel;
import dev.inlay.score.RoleReading;
import dev.inlay.score.RoleScores;
import dev.inlay.score.Zone;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Trains the weights of {@link RoleModel} on papers with truth: the probability of the right roles
 * is raised by gradient steps whose size adapts to each weight (Duchi, Hazan, Singer, 2011), with a
 * pull of all weights towards 0. The same papers give the same weights.
 */
final class RoleTraining {

  private static final LineRole[] ROLES = LineRole.values();
  private static final int ROUNDS = 14;

  /** The weights are the mean of those after the last rounds: single steps leave them unsteady. */
  private static final int AVERAGED = 8;

  private static final double RATE = 0.25;
  private static final double PULL = 5e-4;

  /** A zone whose roles are known. */
  private record Example(double[][] lineSigns, double[][] stepSigns, int[] roles) {}

  private final RoleModel model = new RoleModel();
  private final int lineCount = LineSigns.lineNames().size();
  private final int stepCount = LineSigns.stepNames().size();
  private final double[][] lineSquares = new double[ROLES.length][lineCount];
  private final double[][][] stepSquares = new double[ROLES.length][ROLES.length][stepCount];
  private final List<Example> examples = new ArrayList<>();
  private int skipped;

  private RoleTraining() {}

  /**
   * Trains on folders of papers and writes the weights.
   *
   * @param args the file to write, then folders
   */
  static void main(String[] args, PrintStream out) throws IOException {
    RoleTraining training = new RoleTraining();
    for (int i = 1; i < args.length; i++) {
      training.read(Path.of(args[i]));
      out.println(
          args[i] + ": " + training.examples.size() + " zones, left out " + training.skipped);
    }
    training.train(out);
    Files.writeString(
        Path.of(args[0]),
        "# Weights of the roles of lines, trained by inlay-bench on "
            + training.examples.size()
            + " zones of made papers\n"
            + training.model.text());
  }

  private void read(Path folder) throws IOException {
    for (Path truth : CaseScore.casesIn(folder)) {
      JsonNode json = JsonMapper.shared().readTree(truth.toFile());
      List<Zone> zones = new ArrayList<>();
      List<RoleLabels.PaperLine> lines = new ArrayList<>();
      try (PdfFile file = PdfFile.open(CaseScore.pdfOf(truth), "")) {
        for (int p = 1; p <= file.pageCount(); p++) {
          for (Zone printed : PageZones.of(file.page(p))) {
            Zone zone = RoleReading.asRead(printed);
            zones.add(zone);
            int page = p;
            zone.lines().forEach(l -> lines.add(new RoleLabels.PaperLine(page, l)));
          }
        }
      } catch (OpenFailure | PageFailure e) {
        throw new IOException("cannot read " + truth, e);
      }
      add(zones, RoleLabels.of(lines, json));
    }
  }

  private void add(List<Zone> zones, List<LineRole> roles) {
    int at = 0;
    for (Zone zone : zones) {
      List<LineRole> own = roles.subList(at, at + zone.lines().size());
      at += zone.lines().size();
      if (own.contains(null)) {
        skipped++;
        continue;
      }
      LineSigns signs = new LineSigns(zone);
      int[] labels = own.stream().mapToInt(LineRole::ordinal).toArray();
      examples.add(new Example(signs.ofLines(), signs.ofSteps(), labels));
    }
  }

  private void train(PrintStream out) {
    Random random = new Random(7);
    RoleModel sum = new RoleModel();
    for (int round = 1; round <= ROUNDS; round++) {
      Collections.shuffle(examples, random);
      double loss = 0;
      int right = 0;
      int all = 0;
      int whole = 0;
      for (Example example : examples) {
        RoleScores scores = model.scores(example.lineSigns(), example.stepSigns());
        List<LineRole> best = scores.best(1).get(0);
        boolean perfect = true;
        for (int i = 0; i < example.roles().length; i++) {
          boolean hit = best.get(i).ordinal() == example.roles()[i];
          right += hit ? 1 : 0;
          perfect &= hit;
          all++;
        }
        whole += perfect ? 1 : 0;
        loss += step(example, scores);
      }
      if (round > ROUNDS - AVERAGED) {
        addTo(sum);
      }
      out.printf(
          "round %d: loss %.4f a line, %.2f %% of lines right, %.1f %% of zones%n",
          round, loss / all, 100.0 * right / all, 100.0 * whole / examples.size());
    }
    for (int r = 0; r < ROLES.length; r++) {
      setMean(model.lineWeights()[r], sum.lineWeights()[r]);
      for (int b = 0; b < ROLES.length; b++) {
        setMean(model.stepWeights()[b][r], sum.stepWeights()[b][r]);
      }
    }
  }

  private void addTo(RoleModel sum) {
    for (int r = 0; r < ROLES.length; r++) {
      add(model.lineWeights()[r], sum.lineWeights()[r]);
      for (int b = 0; b < ROLES.length; b++) {
        add(model.stepWeights()[b][r], sum.stepWeights()[b][r]);
      }
    }
  }

  private static void add(double[] weights, double[] sum) {
    for (int f = 0; f < weights.length; f++) {
      sum[f] += weights[f];
    }
  }

  private static void setMean(double[] weights, double[] sum) {
    for (int f = 0; f < weights.length; f++) {
      weights[f] = sum[f] / AVERAGED;
    }
  }

  /** One gradient step on one zone; gives the loss before it. */
  private double step(Example example, RoleScores scores) {
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
        double error = p - (r == role ? 1 : 0);
        move(model.lineWeights()[r], lineSquares[r], example.lineSigns()[i], error);
      }
      if (i > 0) {
        int before = example.roles()[i - 1];
        right += scores.ofStep()[i][before][role];
        for (int b = 0; b < ROLES.length; b++) {
          for (int r = 0; r < ROLES.length; r++) {
            double p =
                Math.exp(
                    forward[i - 1][b]
                        + scores.ofStep()[i][b][r]
                        + scores.ofLine()[i][r]
                        + backward[i][r]
                        - all);
            double error = p - (b == before && r == role ? 1 : 0);
            move(model.stepWeights()[b][r], stepSquares[b][r], example.stepSigns()[i], error);
          }
        }
      }
    }
    return all - right;
  }

  private static void move(double[] weights, double[] squares, double[] signs, double error) {
    if (Math.abs(error) < 1e-5) {
      return;
    }
    for (int f = 0; f < weights.length; f++) {
      if (signs[f] != 0) {
        double gradient = error * signs[f] + PULL * weights[f];
        squares[f] += gradient * gradient;
        weights[f] -= RATE * gradient / (1e-6 + Math.sqrt(squares[f]));
      }
    }
  }
}
