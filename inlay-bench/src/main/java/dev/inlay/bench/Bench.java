package dev.inlay.bench;

import java.io.IOException;
import java.util.Arrays;
import java.util.List;

/**
 * Chooses what is measured: {@code accuracy FOLDER...}, {@code cases} against their expected
 * states, {@code oracle} for what the possible readings hold, {@code performance} for whole
 * processes beside the PDF library alone, {@code survivors} of a mutation run against the cases,
 * {@code train} for all weights or {@code train-roles}, {@code train-headings}, {@code
 * train-header-rows}, {@code train-gutters}, {@code train-reach} and {@code train-tables} for those
 * of one model, or {@code speed} with options of JMH.
 */
public final class Bench {

  private static final String USE =
      "use: accuracy [-v] FOLDER...   or: cases [--record [--reason TEXT]] [FOLDER]"
          + "   or: damage FOLDER PAPERS COPIES SEED"
          + "   or: mutations FOLDER COPIES SEED"
          + "   or: oracle FOLDER..."
          + "   or: performance LAUNCHER LARGEST [FOLDER...]"
          + "   or: survivors MUTATIONS.xml CASES [COUNT [SEED]]"
          + "   or: train WEIGHTS_FOLDER FOLDER..."
          + "   or: train-roles | train-headings | train-gutters | train-header-rows | train-reach |"
          + " train-tables WEIGHTS FOLDER..."
          + "   or: speed [options of JMH, as -p folder=PATH]";

  private Bench() {}

  /**
   * Measures.
   *
   * @param args what, and its arguments
   * @throws IOException if a file cannot be read
   * @throws InterruptedException if stopped from outside
   */
  public static void main(String[] args) throws IOException, InterruptedException {
    if (List.of(args).contains("--help")) {
      System.out.println(USE);
      return;
    }
    String what = args.length == 0 ? "" : args[0];
    String[] rest = args.length == 0 ? args : Arrays.copyOfRange(args, 1, args.length);
    switch (what) {
      case "accuracy" -> {
        if (List.of(rest).stream().allMatch("-v"::equals)) {
          throw new IllegalArgumentException(USE);
        }
        Accuracy.main(rest);
      }
      case "cases" -> {
        if (!Cases.main(rest, System.out)) {
          System.exit(1);
        }
      }
      case "oracle" -> Oracle.main(rest, System.out);
      case "survivors" -> Survivors.main(rest, System.out);
      case "mutations" -> MutationTrial.main(rest, System.out);
      case "performance" -> {
        if (rest.length < 2) {
          throw new IllegalArgumentException(USE);
        }
        Performance.main(rest, System.out);
      }
      case "damage" -> DamageTrial.main(rest, System.out);
      case "train" -> Training.main(rest, System.out);
      case "train-tables" -> TableTraining.main(rest, System.out);
      case "train-headings" -> HeadingTraining.main(rest, System.out);
      case "train-header-rows" -> HeaderRowTraining.main(rest, System.out);
      case "train-gutters" -> HiddenGutterTraining.main(rest, System.out);
      case "train-reach" -> ReachTraining.main(rest, System.out);
      case "train-roles" -> RoleTraining.main(rest, System.out);
      case "speed" -> org.openjdk.jmh.Main.main(rest);
      default -> throw new IllegalArgumentException(USE);
    }
  }
}
