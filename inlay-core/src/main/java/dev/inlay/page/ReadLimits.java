package dev.inlay.page;

import java.time.Duration;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * What one file may ask for. Files that ask for more are made to use the machine up, or are broken:
 * what is beyond a limit is left out with the limit named, and the rest is read.
 *
 * @param time how long all of a file may take
 * @param changed the limits that are not the usual ones
 */
public record ReadLimits(Duration time, Map<Limit, Integer> changed) {

  /**
   * What is limited, with its usual limit. The largest page of all papers seen has 400,000
   * characters and 90,000 commands.
   */
  public enum Limit {
    PAGES(Integer.MAX_VALUE, "pages of a file that are read"),
    COMMANDS(10_000_000, "drawing commands of a page, those of forms each time they are drawn"),
    CHARACTERS(2_000_000, "characters of a page"),
    FORMS(50_000, "forms that a page draws, one inside another or not"),
    DEPTH(40, "forms inside each other"),
    STATES(5_000, "graphics states saved and not restored"),
    MEGABYTES(256, "millions of bytes of one part of a file when it is inflated");

    private final int usual;
    private final String words;

    Limit(int usual, String words) {
      this.usual = usual;
      this.words = words;
    }

    /** As options and specs name it. */
    public String word() {
      return name().toLowerCase(Locale.ROOT);
    }

    /** The limit where nothing else is said. */
    public int usual() {
      return usual;
    }

    /** What is limited, for a person. */
    public String words() {
      return words;
    }

    /** The limit of a name; empty where there is none. */
    public static Optional<Limit> of(String word) {
      return Arrays.stream(values()).filter(l -> l.word().equals(word)).findFirst();
    }

    /** All names, in their order. */
    public static List<String> allWords() {
      return Arrays.stream(values()).map(Limit::word).toList();
    }
  }

  /** Ten times as long as a file of 5,000 pages takes, and the usual limits. */
  public static final ReadLimits USUAL = new ReadLimits(Duration.ofMinutes(10), Map.of());

  /** Keeps a copy that cannot change. */
  public ReadLimits {
    changed = Map.copyOf(changed);
  }

  /** The most that a file may have of something. */
  public int most(Limit limit) {
    return changed.getOrDefault(limit, limit.usual());
  }

  /**
   * The same with another limit.
   *
   * @param most at least 1
   */
  public ReadLimits with(Limit limit, int most) {
    Map<Limit, Integer> all = new EnumMap<>(Limit.class);
    all.putAll(changed);
    all.put(limit, most);
    return new ReadLimits(time, all);
  }

  /** The same with another time. */
  public ReadLimits within(Duration other) {
    return new ReadLimits(other, changed);
  }
}
