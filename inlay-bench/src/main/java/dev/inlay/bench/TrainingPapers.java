package dev.inlay.bench;

import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;

/**
 * What the training of a choice is given.
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
}
