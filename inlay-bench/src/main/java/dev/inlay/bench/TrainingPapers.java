package dev.inlay.bench;

import dev.inlay.score.SignScore;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;

/**
 * What the training of a score is given.
 *
 * @param weights the file to write
 * @param shown folders of papers to train on
 * @param unseen folders of papers for testing only
 */
record TrainingPapers(Path weights, List<Path> shown, List<Path> unseen) {

  /** From arguments: the file, then folders; those behind a dash are for testing only. */
  static TrainingPapers of(String[] args) {
    List<String> folders = Arrays.asList(args).subList(1, args.length);
    int dash = folders.indexOf("-");
    int shown = dash < 0 ? folders.size() : dash;
    return new TrainingPapers(
        Path.of(args[0]),
        folders.stream().limit(shown).map(Path::of).toList(),
        folders.stream().skip(shown + 1L).map(Path::of).toList());
  }

  /**
   * Writes the weights of a score.
   *
   * @param what they are weights of, and what they were trained on
   * @param names of the signs, in the order of their weights
   */
  void write(String what, SignScore score, List<String> names) throws IOException {
    Files.writeString(weights, "# Weights of the signs of " + what + "\n" + score.text(names));
  }
}
