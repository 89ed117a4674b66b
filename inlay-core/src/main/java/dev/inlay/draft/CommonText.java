package dev.inlay.draft;

import java.util.List;

/** The words that several texts have in common. */
final class CommonText {

  private static final int LEAST_LETTERS = 4;

  private CommonText() {}

  /** The longest run of words that stands in all texts; a number in front of it is left out. */
  static String of(List<String> texts) {
    String[] words = NumberedTitle.withoutNumber(texts.get(0)).split("\\s+");
    String best = "";
    for (int from = 0; from < words.length; from++) {
      for (int to = words.length; to > from; to--) {
        String run = String.join(" ", List.of(words).subList(from, to));
        if (run.length() > best.length() && texts.stream().allMatch(t -> t.contains(run))) {
          best = run;
        }
      }
    }
    String trimmed = best.replaceAll("[,;:]$", "");
    return trimmed.chars().filter(Character::isLetter).count() >= LEAST_LETTERS ? trimmed : "";
  }
}
