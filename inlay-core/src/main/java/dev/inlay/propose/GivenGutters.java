package dev.inlay.propose;

import dev.inlay.evidence.ChunkLine;
import dev.inlay.evidence.Frame;
import dev.inlay.geom.Box;
import dev.inlay.geom.Interval;
import dev.inlay.page.Glyph;
import dev.inlay.page.TextLine;
import dev.inlay.page.Word;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * The frame of a table whose gutters a person gives: words that a gutter runs through are parted
 * there, and each is reported.
 *
 * @param frame the frame with its lines
 * @param cuts the words that were parted
 */
public record GivenGutters(OpenFrame frame, List<Cut> cuts) {

  /**
   * A word that a gutter runs through.
   *
   * @param word what it reads
   * @param at x of the gutter, in points
   * @param box where the word stands, in points
   */
  public record Cut(String word, double at, Box box) {}

  /** Keeps a copy of the cuts that cannot change. */
  public GivenGutters {
    cuts = List.copyOf(cuts);
  }

  /**
   * Lays gutters over lines.
   *
   * @param frame the frame of the table
   * @param lines those inside it
   * @param gutters x of each, in points; those outside the frame part nothing
   */
  public static GivenGutters over(Frame frame, List<TextLine> lines, List<Double> gutters) {
    List<Interval> places =
        gutters.stream()
            .filter(x -> x > frame.box().left() && x < frame.box().right())
            .sorted()
            .map(x -> new Interval(x, x))
            .toList();
    List<Cut> cuts = new ArrayList<>();
    List<TextLine> parted = new ArrayList<>();
    for (TextLine line : lines) {
      List<Word> words = new ArrayList<>();
      line.words().forEach(w -> words.addAll(parted(w, places, cuts)));
      parted.add(new TextLine(words, line.box(), line.baseline(), line.size()));
    }
    parted.sort(Comparator.comparingDouble(TextLine::baseline));
    OpenFrame open =
        new OpenFrame(frame, ChunkLine.of(parted), List.of(), places, true, Optional.empty());
    return new GivenGutters(open, cuts);
  }

  /**
   * The frame of lines whose gutters are known from elsewhere; texts may reach over them.
   *
   * @param frame the frame of the table
   * @param lines those inside it
   * @param places x of each gutter, in points; those outside the frame part nothing
   */
  public static OpenFrame known(Frame frame, List<TextLine> lines, List<Double> places) {
    List<Double> gutters =
        places.stream().filter(x -> x > frame.box().left() && x < frame.box().right()).toList();
    List<ChunkLine> sorted =
        ChunkLine.of(
            lines.stream().sorted(Comparator.comparingDouble(TextLine::baseline)).toList());
    List<Interval> whites = gutters.stream().map(x -> whiteAround(x, frame, sorted)).toList();
    List<Interval> strips = new ArrayList<>();
    for (int i = 0; i < whites.size(); i++) {
      Interval white = whites.get(i);
      double x = gutters.get(i);
      // Beside an empty column two gutters share one white strip, and stay where they were.
      boolean shared =
          i > 0 && white.overlap(whites.get(i - 1)) > 0
              || i + 1 < whites.size() && white.overlap(whites.get(i + 1)) > 0;
      strips.add(shared ? new Interval(x, x) : white);
    }
    return new OpenFrame(frame, sorted, List.of(), strips, false, Optional.empty());
  }

  /** The white round a place between the texts of lines that have several. */
  private static Interval whiteAround(double x, Frame frame, List<ChunkLine> lines) {
    double from = frame.box().left();
    double to = frame.box().right();
    for (ChunkLine line : lines) {
      for (Word word : line.isTabular() ? line.words() : List.<Word>of()) {
        from = word.box().right() <= x ? Math.max(from, word.box().right()) : from;
        to = word.box().left() >= x ? Math.min(to, word.box().left()) : to;
      }
    }
    return new Interval(from, to);
  }

  private static List<Word> parted(Word word, List<Interval> gutters, List<Cut> cuts) {
    List<Word> parts = new ArrayList<>();
    List<Glyph> open = new ArrayList<>();
    int column = -1;
    for (Glyph glyph : word.glyphs()) {
      int here = OpenFrame.columnAt(glyph.box().centreX(), gutters);
      if (column >= 0 && here != column) {
        parts.add(word(open));
        cuts.add(new Cut(word.text(), gutters.get(Math.min(column, here)).from(), word.box()));
        open.clear();
      }
      column = here;
      open.add(glyph);
    }
    if (parts.isEmpty()) {
      return List.of(word);
    }
    parts.add(word(open));
    return parts;
  }

  private static Word word(List<Glyph> glyphs) {
    Box box = glyphs.stream().map(Glyph::box).reduce(Box::union).orElseThrow();
    return new Word(glyphs.stream().map(Glyph::text).collect(Collectors.joining()), box, glyphs);
  }
}
