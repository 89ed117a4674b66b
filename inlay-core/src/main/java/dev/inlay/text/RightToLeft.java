package dev.inlay.text;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.function.Function;

/**
 * Puts what stands from left to right on paper into the order in which it is read, where it holds
 * letters of scripts that run from right to left, as Hebrew and Arabic. Figures and words of other
 * scripts among them run from left to right.
 *
 * <p>The inverse of the order of display in the Unicode Bidirectional Algorithm (Unicode Standard
 * Annex 9) for lines without explicit marks of direction.
 */
public final class RightToLeft {

  /** Brackets that are displayed as each other between letters that run from right to left. */
  private static final String MIRRORED = "()[]{}<>«»‹›";

  /** Which way a piece runs; one that runs neither way runs as those around it. */
  private enum Way {
    LEFT,
    RIGHT,
    NEITHER
  }

  private RightToLeft() {}

  /** Whether a text holds a letter that runs from right to left. */
  public static boolean isIn(CharSequence text) {
    for (int i = 0; i < text.length(); i++) {
      if (text.charAt(i) >= '\u0590' && runsLeft(text.charAt(i))) {
        return true; // before that no script runs so
      }
    }
    return false;
  }

  /**
   * The characters of a word in the order in which they are read.
   *
   * @param displayed from left to right
   */
  public static String word(String displayed) {
    if (!isIn(displayed)) {
      return displayed;
    }
    List<String> pieces = new ArrayList<>();
    displayed
        .codePoints()
        .forEach(
            c -> {
              boolean mark = Character.getType(c) == Character.NON_SPACING_MARK;
              if (mark && !pieces.isEmpty()) {
                pieces.add(pieces.remove(pieces.size() - 1) + Character.toString(c));
              } else {
                pieces.add(Character.toString(c));
              }
            });
    List<Way> ways = ways(pieces);
    StringBuilder read = new StringBuilder();
    for (int i : order(ways, main(pieces))) {
      read.append(ways.get(i) == Way.LEFT ? mirrored(pieces.get(i)) : pieces.get(i));
    }
    return read.toString();
  }

  /**
   * The words of a line in the order in which they are read.
   *
   * @param displayed from left to right
   * @param text of each
   */
  public static <T> List<T> words(List<T> displayed, Function<T, String> text) {
    if (displayed.stream().noneMatch(w -> isIn(text.apply(w)))) {
      return displayed;
    }
    List<String> pieces = displayed.stream().map(text).toList();
    return order(ways(pieces), main(pieces)).stream().map(displayed::get).toList();
  }

  /** Which piece is read first, which next, and so on: runs of one way each are turned. */
  private static List<Integer> order(List<Way> ways, Way main) {
    List<List<Integer>> runs = new ArrayList<>();
    for (int i = 0; i < ways.size(); i++) {
      if (i == 0 || ways.get(i) != ways.get(i - 1)) {
        runs.add(new ArrayList<>());
      }
      runs.get(runs.size() - 1).add(i);
    }
    for (List<Integer> run : runs) {
      if (ways.get(run.get(0)) == Way.LEFT) {
        Collections.reverse(run);
      }
    }
    if (main == Way.LEFT) {
      Collections.reverse(runs);
    }
    return runs.stream().flatMap(List::stream).toList();
  }

  /** The way that most letters run. */
  private static Way main(List<String> pieces) {
    return pieces.stream().mapToInt(RightToLeft::letters).sum() > 0 ? Way.LEFT : Way.RIGHT;
  }

  private static List<Way> ways(List<String> pieces) {
    List<Way> ways = new ArrayList<>(pieces.stream().map(RightToLeft::way).toList());
    resolve(ways, main(pieces));
    return ways;
  }

  /** Lets pieces that run neither way run as those on both sides of them, else as the line does. */
  private static void resolve(List<Way> ways, Way main) {
    for (int i = 0; i < ways.size(); i++) {
      int from = i;
      while (i < ways.size() && ways.get(i) == Way.NEITHER) {
        i++;
      }
      Way before = from == 0 ? main : ways.get(from - 1);
      Way behind = i == ways.size() ? main : ways.get(i);
      Collections.fill(ways.subList(from, i), before == behind ? before : main);
    }
  }

  private static Way way(String text) {
    Way way = Way.NEITHER;
    for (int i = 0; i < text.length(); i++) {
      if (runsLeft(text.charAt(i))) {
        return Way.LEFT;
      }
      way = Character.isLetterOrDigit(text.charAt(i)) ? Way.RIGHT : way;
    }
    return way;
  }

  /** How many more letters run to the left than to the right. */
  private static int letters(String text) {
    int balance = 0;
    for (int i = 0; i < text.length(); i++) {
      boolean letter = Character.isLetter(text.charAt(i));
      balance += !letter ? 0 : runsLeft(text.charAt(i)) ? 1 : -1;
    }
    return balance;
  }

  private static boolean runsLeft(char c) {
    byte direction = Character.getDirectionality(c);
    return direction == Character.DIRECTIONALITY_RIGHT_TO_LEFT
        || direction == Character.DIRECTIONALITY_RIGHT_TO_LEFT_ARABIC;
  }

  private static String mirrored(String character) {
    int at = MIRRORED.indexOf(character);
    return at < 0 ? character : String.valueOf(MIRRORED.charAt(at ^ 1));
  }
}
