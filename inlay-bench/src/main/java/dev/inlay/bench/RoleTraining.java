package dev.inlay.bench;

import dev.inlay.choose.PageZones;
import dev.inlay.evidence.LineRole;
import dev.inlay.pdf.OpenFailure;
import dev.inlay.pdf.PageFailure;
import dev.inlay.pdf.PdfFile;
import dev.inlay.score.Aspect;
import dev.inlay.score.LineSigns;
import dev.inlay.score.RoleModel;
import dev.inlay.score.RoleReading;
import dev.inlay.score.Zone;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Trains the weights of {@link RoleModel} on papers with truth: the probability of the right roles
 * is raised step by step ({@link RoleSlope}, {@link AdaptiveSteps}). In each step some signs and
 * some units are left out by lot, so that no decision comes to rest on a single one (Srivastava and
 * others, 2014). The same papers give the same weights.
 */
final class RoleTraining {

  private static final int ROUNDS = 10;

  /** Few papers are gone over more often, until this many steps are taken. */
  private static final int LEAST_STEPS = 300;

  /**
   * How many models are trained and taken together: what each of them makes of kinds of paper that
   * it never saw differs, their mean is steadier.
   */
  private static final int MODELS = 2;

  /** How many hidden units each has: the weights of both stay below 300 kB of text. */
  private static final int UNITS = 24;

  /** Zones a step. */
  private static final int TOGETHER = 16;

  private static final double RATE = 3e-3;
  private static final double PULL = 1e-2;

  /** The share of the hidden units' signs, and of the units themselves, that a step leaves out. */
  private static final double SIGNS_LEFT_OUT = 0.2;

  private static final double UNITS_LEFT_OUT = 0.2;

  /** The share of the zones from which a step leaves out an aspect. */
  private static final double ASPECTS_LEFT_OUT = 0.1;

  /** The spread of the weights that the hidden units begin with. */
  private static final double BEGINNING = 0.05;

  private final List<RoleSlope.Example> examples = new ArrayList<>();
  private final Random random = new Random(7);
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
    List<RoleModel> models = new ArrayList<>();
    for (int m = 1; m <= MODELS; m++) {
      out.println("model " + m);
      models.add(training.train(out));
    }
    Files.writeString(
        Path.of(args[0]),
        "# Weights of the roles of lines, trained by inlay-bench on "
            + training.examples.size()
            + " zones of papers with truth\n"
            + mean(models).text());
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
      double[][] ofLines = signs.ofLines();
      double[][] ofSteps = signs.ofSteps();
      double[][] inputs = RoleModel.inputs(ofLines, ofSteps);
      examples.add(new RoleSlope.Example(ofLines, ofSteps, inputs, labels));
    }
  }

  /** A model whose scores are the mean of those of others: it has all their hidden units. */
  private static RoleModel mean(List<RoleModel> models) {
    RoleModel mean = new RoleModel(UNITS * models.size());
    for (int m = 0; m < models.size(); m++) {
      RoleModel model = models.get(m);
      addShare(model.lineWeights(), models.size(), mean.lineWeights(), 0);
      for (int before = 0; before < model.stepWeights().length; before++) {
        addShare(model.stepWeights()[before], models.size(), mean.stepWeights()[before], 0);
      }
      int at = m * UNITS;
      for (int place = 0; place < model.units().weights().length; place++) {
        addShare(model.units().weights()[place], 1, mean.units().weights()[place], at);
      }
      System.arraycopy(model.units().biases(), 0, mean.units().biases(), at, UNITS);
      addShare(model.units().outputs(), models.size(), mean.units().outputs(), at);
    }
    return mean;
  }

  private static void addShare(double[][] weights, int parts, double[][] sum, int at) {
    for (int k = 0; k < weights.length; k++) {
      for (int f = 0; f < weights[k].length; f++) {
        sum[k][at + f] += weights[k][f] / parts;
      }
    }
  }

  private RoleModel train(PrintStream out) {
    RoleModel model = new RoleModel(UNITS);
    for (double[][] place : model.units().weights()) {
      for (double[] sign : place) {
        Arrays.setAll(sign, u -> BEGINNING * random.nextGaussian());
      }
    }
    for (double[] role : model.units().outputs()) {
      Arrays.setAll(role, u -> BEGINNING * random.nextGaussian());
    }
    int batches = (examples.size() + TOGETHER - 1) / TOGETHER;
    int rounds = Math.max(ROUNDS, (LEAST_STEPS + batches - 1) / batches);
    AdaptiveSteps steps =
        new AdaptiveSteps(RoleSlope.weightsOf(model), rounds * batches, RATE, PULL);
    for (int round = 1; round <= rounds; round++) {
      Collections.shuffle(examples, random);
      double loss = 0;
      int lines = 0;
      for (int b = 0; b < batches; b++) {
        int from = b * TOGETHER;
        RoleSlope slope = new RoleSlope(model);
        int own = 0;
        for (RoleSlope.Example example :
            examples.subList(from, Math.min(examples.size(), from + TOGETHER))) {
          loss += slope.add(withoutSome(example), keptUnits());
          own += example.roles().length;
        }
        steps.take(slope.slopes(), own);
        lines += own;
      }
      report(out, model, round, loss / lines);
    }
    return model;
  }

  private void report(PrintStream out, RoleModel model, int round, double loss) {
    int right = 0;
    int all = 0;
    int whole = 0;
    for (RoleSlope.Example example : examples) {
      List<LineRole> best = model.scores(example.lineSigns(), example.stepSigns()).best(1).get(0);
      int hits = 0;
      for (int i = 0; i < best.size(); i++) {
        hits += best.get(i).ordinal() == example.roles()[i] ? 1 : 0;
      }
      right += hits;
      all += best.size();
      whole += hits == best.size() ? 1 : 0;
    }
    out.printf(
        "round %d: loss %.4f a line, %.2f %% of lines right, %.1f %% of zones%n",
        round, loss, 100.0 * right / all, 100.0 * whole / examples.size());
  }

  /** What each unit is multiplied by: those that stay make up for those left out. */
  private double[] keptUnits() {
    double[] kept = new double[UNITS];
    Arrays.setAll(kept, u -> keptTimes(UNITS_LEFT_OUT));
    return kept;
  }

  private double keptTimes(double leftOut) {
    return random.nextDouble() < leftOut ? 0 : 1 / (1 - leftOut);
  }

  /** The example without some aspects, and with some signs of the hidden units left out. */
  private RoleSlope.Example withoutSome(RoleSlope.Example example) {
    boolean[] shown = shownSigns();
    int lineCount = LineSigns.lineNames().size();
    int lines = example.roles().length;
    double[][] ofLines = new double[lines][];
    double[][] ofSteps = new double[lines][];
    double[][] inputs = new double[lines][];
    for (int i = 0; i < lines; i++) {
      double[] line = example.lineSigns()[i];
      double[] step = example.stepSigns()[i];
      double[] all = example.inputs()[i];
      ofLines[i] = new double[line.length];
      ofSteps[i] = new double[step.length];
      inputs[i] = new double[all.length];
      Arrays.setAll(ofLines[i], s -> shown[s] ? line[s] : 0);
      Arrays.setAll(ofSteps[i], s -> shown[lineCount + s] ? step[s] : 0);
      Arrays.setAll(
          inputs[i], s -> shown[s] && all[s] != 0 ? all[s] * keptTimes(SIGNS_LEFT_OUT) : 0);
    }
    return new RoleSlope.Example(ofLines, ofSteps, inputs, example.roles());
  }

  private boolean[] shownSigns() {
    Set<Aspect> shown = EnumSet.allOf(Aspect.class);
    shown.removeIf(a -> a != Aspect.ALIGNMENT && random.nextDouble() < ASPECTS_LEFT_OUT);
    List<Aspect> aspects = LineSigns.aspects();
    boolean[] signs = new boolean[aspects.size()];
    for (int s = 0; s < signs.length; s++) {
      signs[s] = shown.contains(aspects.get(s));
    }
    return signs;
  }
}
