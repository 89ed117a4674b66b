package dev.inlay.propose;

import dev.inlay.evidence.ChunkLine;
import dev.inlay.geom.Box;
import dev.inlay.geom.Interval;
import dev.inlay.page.Word;
import dev.inlay.propose.HeadingModel.Way;
import dev.inlay.score.SignScore;
import dev.inlay.score.Signs;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * Parts one line of a header into headings and gives each to the columns that it stands over.
 * Words, headings and columns keep their order; of all ways to part and to place them the most
 * probable is taken: a conditional random field over stretches of words (Sarawagi, Cohen, 2004),
 * whose weights were trained ({@link HeadingModel}).
 */
public final class HeadingLine {

  /** Words beyond this many spaces from each other are seldom in one heading. */
  private static final double WIDE_SPACES = 2.8;

  /** Words at up to this many spaces stand at an ordinary one. */
  private static final double SPACE = 1.5;

  /** Words further apart than this many type sizes are in two headings. */
  private static final double LEAST_HEADING_GAP = 1.6;

  /** A heading ends at most this many type sizes before its column begins. */
  private static final double FURTHEST = 8;

  private final HeadingColumns columns;
  private final HeadingSigns signs;
  private final List<Word> words;
  private final double size;
  private final double space;

  /** How many columns most spanners of the line have; 0 where that is not known yet. */
  private int usualWidth;

  /** Whether several spanners stand in the line: then they share the columns among them. */
  private boolean hasSpanners;

  private double probability = 1;

  /**
   * A step of a placing, from some words and columns passed to more: past a column that has no
   * heading, or some words over some columns.
   *
   * @param signs in the order of the names of the model
   */
  public record Step(int word, int column, int toWord, int toColumn, double[] signs) {}

  /**
   * Prepares the placing of a line's headings.
   *
   * @param layout of the header
   * @param number of the line, from 0
   * @param below the headings of the lines below it, as far as they are placed
   */
  public HeadingLine(HeaderLayout layout, int number, List<List<Heading>> below) {
    ChunkLine line = layout.lines().get(number);
    columns = new HeadingColumns(layout.columns(), layout.texts());
    for (ChunkLine any : layout.lines()) {
      any.chunks().forEach(p -> columns.noteTextAt(p.box().centreX()));
    }
    layout.turned().forEach(t -> columns.noteTurnedAt(t.box().centreX()));
    for (int i = below.size() - 1; i >= 0; i--) {
      ChunkLine at = layout.lines().get(number + 1 + i);
      below.get(i).forEach(h -> columns.add(h, at));
    }
    space = line.ordinarySpace();
    signs = new HeadingSigns(line, columns, new HeadingRulings(layout), space);
    words = line.words();
    size = line.line().size();
  }

  /**
   * The most probable placing.
   *
   * @return from left to right
   */
  public List<Heading> best(SignScore model) {
    usualWidth = 0;
    hasSpanners = false;
    List<Heading> first = placed(model);
    usualWidth = usualWidth(first);
    hasSpanners = first.stream().filter(Heading::isSpanner).count() > 1;
    return hasSpanners ? placed(model) : first;
  }

  /** The most probable placing but for the best, asked for after it; empty where none is. */
  List<Heading> secondBest(SignScore model) {
    return headings(placings(model, true).secondBest());
  }

  /** How probable the best placing is among all, 0 to 1; asked for after the best one. */
  public double probability() {
    return probability;
  }

  /** How probable a placing is among all, 0 to 1; asked for after the best one. */
  double probability(List<Heading> placed, SignScore model) {
    double cost = -way(placed).stream().mapToDouble(s -> model.of(s.signs())).sum();
    return placings(model, false).probability(cost);
  }

  /**
   * The steps of all placings whose odds against the best are above a limit; asked for after the
   * best one.
   *
   * @param leastOdds above 0, at most 1
   */
  public List<Step> steps(SignScore model, double leastOdds) {
    return placings(model, true).near(-Math.log(leastOdds)).stream()
        .map(s -> s.placed() == null ? skip(s.word(), s.column()) : place(s.placed()))
        .toList();
  }

  /** The steps of a placing; asked for after the best one. */
  public List<Step> way(List<Heading> placed) {
    List<Step> way = new ArrayList<>();
    int word = 0;
    int column = 0;
    for (Heading heading : placed) {
      for (; column < heading.first(); column++) {
        way.add(skip(word, column));
      }
      int end = word + heading.words().size();
      way.add(place(new Placings.Placed(word, end, heading.first(), heading.last())));
      word = end;
      column = heading.last() + 1;
    }
    for (; column < columns.count(); column++) {
      way.add(skip(word, column));
    }
    return way;
  }

  private Step skip(int word, int column) {
    double[] values = new double[HeadingModel.names().size()];
    values[skipping(column).ordinal()] = 1;
    values[Way.NO_HEADING_OVER_ONE_OF_A_KIND.ordinal()] = columns.isOneOfAKind(column) ? 1 : 0;
    return new Step(word, column, word, column + 1, values);
  }

  private Step place(Placings.Placed placed) {
    double[] values = signsOf(placed.word(), placed.endWord() - 1, placed.first(), placed.last());
    return new Step(placed.word(), placed.first(), placed.endWord(), placed.last() + 1, values);
  }

  /** How many columns at least two spanners, and most of them, have; 0 where there are none. */
  private static int usualWidth(List<Heading> placed) {
    Map<Integer, Integer> counts = new TreeMap<>();
    int spanners = 0;
    for (Heading one : placed) {
      if (one.isSpanner()) {
        counts.merge(one.last() - one.first() + 1, 1, Integer::sum);
        spanners++;
      }
    }
    for (Map.Entry<Integer, Integer> count : counts.entrySet()) {
      if (count.getValue() > 1 && 2 * count.getValue() > spanners) {
        return count.getKey();
      }
    }
    return 0;
  }

  private List<Heading> placed(SignScore model) {
    Placings placings = placings(model, false);
    probability = placings.probabilityOfBest();
    return placings.isReached(words.size(), columns.count())
        ? headings(placings.best())
        : fallback();
  }

  /** All placings, each with its cost. */
  private Placings placings(SignScore model, boolean keepsSteps) {
    Placings placings = new Placings(words.size(), columns.count(), keepsSteps);
    for (int i = 0; i <= words.size(); i++) {
      for (int c = 0; c <= columns.count(); c++) {
        if (c > 0) {
          placings.skip(i, c, -model.of(skip(i, c - 1).signs()));
        }
        if (i < words.size() && c < columns.count() && placings.isReached(i, c)) {
          extend(model, i, c, placings);
        }
      }
    }
    return placings;
  }

  private List<Heading> headings(List<Placings.Placed> placed) {
    return placed.stream()
        .map(p -> new Heading(words.subList(p.word(), p.endWord()), p.first(), p.last()))
        .toList();
  }

  /** Tries all headings that begin with a word and stand over columns from one on. */
  private void extend(SignScore model, int i, int c, Placings placings) {
    for (int j = i; j < words.size() && (j == i || mayGoOn(j)); j++) {
      Interval extent = Heading.extent(words, i, j);
      for (int last = c; last < columns.count() && mayReach(last, extent, c); last++) {
        placings.place(i, j + 1, c, last, -model.of(signsOf(i, j, c, last)));
      }
    }
  }

  /**
   * Whether a heading may stand over the columns from one to another: it stands not far before
   * their middle, or, as one set to the left does, over the first of them.
   */
  private boolean mayReach(int column, Interval heading, int first) {
    double furthest = heading.to() + FURTHEST * size;
    Interval begin = columns.bounds(first, first);
    if (column == first) {
      return begin.from() <= furthest;
    }
    boolean overFirst = heading.from() >= begin.from() && heading.to() <= begin.to();
    return overFirst || columns.bounds(first, column).middle() <= furthest;
  }

  /** Where nothing fits, all words go to the column at their middle. */
  private List<Heading> fallback() {
    int column = columns.at(Box.around(words, Word::box).centreX());
    return List.of(new Heading(words, column, column));
  }

  private double[] signsOf(int i, int j, int first, int last) {
    double[] heading = new double[HeadingModel.names().size() - Way.values().length];
    signs.add(Signs.into(heading), i, j, first, last, last - first + 1 == usualWidth);
    double[] all = new double[HeadingModel.names().size()];
    System.arraycopy(heading, 0, all, Way.values().length, heading.length);
    Way parting = i == 0 ? null : parting(i);
    if (parting != null) {
      all[parting.ordinal()] = 1;
    }
    for (int w = i + 1; w <= j; w++) {
      all[Way.WORDS_APART_INSIDE.ordinal()] += isWideBefore(w) ? 1 : 0;
    }
    return all;
  }

  /** Whether a word may stand in one heading with the one before it. */
  private boolean mayGoOn(int word) {
    return gapBefore(word) <= LEAST_HEADING_GAP * size && !isBetweenDashes(word);
  }

  /** Whether dashes end one heading before a word, and others begin the next one with it. */
  private boolean isBetweenDashes(int word) {
    return Heading.isDashes(words.get(word - 1)) && Heading.isDashes(words.get(word));
  }

  private double gapBefore(int word) {
    return words.get(word).box().left() - words.get(word - 1).box().right();
  }

  private boolean isWideBefore(int word) {
    return gapBefore(word) > WIDE_SPACES * space;
  }

  /**
   * The way from the word before in one heading to a word in the next; null where it costs none.
   */
  private Way parting(int word) {
    double gap = gapBefore(word);
    if (isBetweenDashes(word)) {
      return null;
    }
    return gap < SPACE * space
        ? Way.PARTED_AT_A_SPACE
        : gap < WIDE_SPACES * space ? Way.PARTED_NEARLY_AT_A_SPACE : null;
  }

  /** The way past a column that has no heading in this line. */
  private Way skipping(int column) {
    if (columns.isHeaded(column)) {
      return hasSpanners ? Way.NO_HEADING_BESIDE_SPANNERS : Way.NO_HEADING_OVER_A_HEADED_COLUMN;
    }
    if (column == 0) {
      return Way.NO_HEADING_OVER_THE_FIRST_COLUMN;
    }
    return columns.isHeadedElsewhere(column)
        ? Way.NO_HEADING_OVER_A_COLUMN_HEADED_BELOW
        : Way.NO_HEADING_AT_ALL;
  }
}
