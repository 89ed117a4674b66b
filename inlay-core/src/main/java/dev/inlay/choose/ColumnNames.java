package dev.inlay.choose;

import dev.inlay.score.Weights;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;

/** The words by which columns are named wherever tables are printed, as "Name" or "Datum". */
final class ColumnNames {

  private static final Pattern WHITE = Pattern.compile("\\s+");

  /** What stands behind a word without being part of it. */
  private static final Pattern AROUND = Pattern.compile("^[(\\[]+|[:,;)\\]*]+$");

  /** A longer text tells something; it names no column. */
  private static final int MOST_WORDS = 4;

  private static final Set<String> WORDS = read();

  private ColumnNames() {}

  private static Set<String> read() {
    Set<String> words = new HashSet<>();
    for (String[] line : Weights.read(ColumnNames.class, "column-names.txt")) {
      words.addAll(List.of(WHITE.split(line[0])));
    }
    return Set.copyOf(words);
  }

  /** Whether a text of few words holds one by which columns are named. */
  static boolean holds(String text) {
    String[] words = WHITE.split(text.toLowerCase(Locale.ROOT));
    for (String word : words) {
      if (words.length <= MOST_WORDS && WORDS.contains(AROUND.matcher(word).replaceAll(""))) {
        return true;
      }
    }
    return false;
  }
}
