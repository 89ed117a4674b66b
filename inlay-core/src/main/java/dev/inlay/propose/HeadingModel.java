package dev.inlay.propose;

import dev.inlay.evidence.ChunkLine;
import dev.inlay.geom.Interval;
import dev.inlay.score.SampleZone;
import dev.inlay.score.SignScore;
import dev.inlay.score.Signs;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * How well each step of a placing of headings fits: over a column without heading, or past a
 * heading over its columns. The weights were trained on papers with truth and stand in a text file.
 */
public final class HeadingModel {

  private static final String RESOURCE = "heading-lines.txt";

  /** How one heading follows the next: words parted or not, columns left out. */
  enum Way {
    WORDS_APART_INSIDE,
    PARTED_AT_A_SPACE,
    PARTED_NEARLY_AT_A_SPACE,
    NO_HEADING_OVER_A_HEADED_COLUMN,
    NO_HEADING_BESIDE_SPANNERS,
    NO_HEADING_OVER_A_COLUMN_HEADED_BELOW,
    NO_HEADING_OVER_THE_FIRST_COLUMN,
    NO_HEADING_AT_ALL,
    NO_HEADING_OVER_ONE_OF_A_KIND
  }

  private HeadingModel() {}

  /** Read once, when it is first needed. */
  private static final class Trained {
    static final SignScore MODEL = SignScore.read(HeadingModel.class, RESOURCE, names());
  }

  /**
   * The trained model that ships with the program.
   *
   * @throws java.io.UncheckedIOException if it cannot be read
   */
  public static SignScore trained() {
    return Trained.MODEL;
  }

  /** The names of all signs, in the order of their weights: the ways, then those of a heading. */
  public static List<String> names() {
    return Names.ALL;
  }

  /** Gathered once: the ways, then the signs of a heading. */
  private static final class Names {
    static final List<String> ALL;

    static {
      List<String> names = new ArrayList<>();
      for (Way way : Way.values()) {
        names.add(way.name().toLowerCase(Locale.ROOT).replace('_', ' '));
      }
      Signs signs = Signs.ofNames();
      sample().add(signs, 0, 0, 0, 0, false);
      names.addAll(signs.names());
      ALL = List.copyOf(names);
    }

    private static HeadingSigns sample() {
      List<ChunkLine> lines = SampleZone.TWO_LINES.lines();
      List<Interval> column = List.of(lines.get(0).box().horizontal());
      HeaderLayout layout = new HeaderLayout(lines, List.of(), column, column, List.of());
      HeadingColumns columns = new HeadingColumns(column, column);
      return new HeadingSigns(lines.get(0), columns, new HeadingRulings(layout), 1);
    }
  }
}
