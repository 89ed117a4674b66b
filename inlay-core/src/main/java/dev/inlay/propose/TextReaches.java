package dev.inlay.propose;

import dev.inlay.evidence.Chunk;
import dev.inlay.geom.Interval;
import dev.inlay.page.Word;
import dev.inlay.propose.ColumnedLine.Part;
import dev.inlay.score.Choice;
import dev.inlay.score.Signs;
import dev.inlay.text.TextShape;
import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;

/**
 * Chooses the columns that the texts of a row stand over, as the label of a sum does, or "not
 * recorded" in place of several figures: of the columns around a text that hold nothing else, those
 * that its place fits best.
 */
final class TextReaches {

  /** Shorter words may stand for a figure that there is not, unless a sign is a word. */
  private static final int LETTERS_OF_LABEL = 3;

  /** A less probable choice of columns is doubtful. */
  private static final double SURE = 0.9;

  private static final int SIGNS = ReachModel.names().size();

  private final List<ColumnEdges> columns;
  private final ColumnedLine last;
  private final Map<ColumnedLine, List<Chosen>> chosen = new IdentityHashMap<>();
  private double certainty = 1;

  /**
   * A text that stands over several columns.
   *
   * @param first the first column, from 0
   * @param width how many
   * @param probability of these columns, 0 to 1
   */
  record Chosen(List<Word> words, int first, int width, double probability) {}

  /**
   * Looks at the columns of a table.
   *
   * @param lines those below the header
   * @param columns the stretches between boundaries
   */
  TextReaches(List<ColumnedLine> lines, List<Interval> columns) {
    this.columns = ColumnEdges.of(lines, columns);
    last = lines.isEmpty() ? null : lines.get(lines.size() - 1);
  }

  /** The texts of a row of one line that most probably stand over several columns each. */
  List<Chosen> chosen(ColumnedLine line) {
    return chosen.computeIfAbsent(line, this::choose);
  }

  /** Whether texts of a row of one line are known to stand over several columns. */
  boolean isSure(ColumnedLine line) {
    List<Chosen> over = chosen(line);
    return !over.isEmpty() && over.stream().allMatch(t -> t.probability() >= SURE);
  }

  /** How probable the least probable of all choices so far is, 0 to 1. */
  double certainty() {
    return certainty;
  }

  private List<Chosen> choose(ColumnedLine line) {
    List<Chosen> over = new ArrayList<>();
    for (TextReach text : open(line)) {
      double[] probabilities = ReachModel.trained().probabilities(signs(text, line));
      int best = Choice.best(probabilities);
      certainty = Math.min(certainty, probabilities[best]);
      Reach reach = text.candidates().get(best);
      if (reach.spans()) {
        over.add(new Chosen(text.words(reach), reach.first(), reach.width(), probabilities[best]));
      }
    }
    return over;
  }

  /** The texts of a row of one line that may stand over several columns. */
  List<TextReach> open(ColumnedLine line) {
    List<TextReach> texts = new ArrayList<>();
    for (Chunk chunk : line.line().chunks()) {
      TextReach text = isLabel(chunk.text()) ? text(chunk, line.parts()) : null;
      if (text != null && text.candidates().size() > 1) {
        texts.add(text);
      }
    }
    return texts;
  }

  /** A text that shares no part with others; null where it does. */
  private TextReach text(Chunk chunk, List<Part> parts) {
    int first = -1;
    int end = -1;
    int words = 0;
    for (int p = 0; p < parts.size(); p++) {
      boolean own = chunk.words().containsAll(parts.get(p).words());
      first = own && first < 0 ? p : first;
      end = own ? p : end;
      words += own ? parts.get(p).words().size() : 0;
    }
    if (first < 0 || words < chunk.words().size()) {
      return null;
    }
    int from = first == 0 ? 0 : parts.get(first - 1).last() + 1;
    int to = end + 1 == parts.size() ? columns.size() - 1 : parts.get(end + 1).first() - 1;
    boolean free = from <= parts.get(first).first() && to >= parts.get(end).last();
    return free ? TextReach.of(parts.subList(first, end + 1), from, to) : null;
  }

  /** The signs of each candidate of a text. */
  double[][] signs(TextReach text, ColumnedLine line) {
    List<Reach> candidates = text.candidates();
    double[][] signs = new double[candidates.size()][SIGNS];
    ReachSigns reader = new ReachSigns(columns, line, text, line == last);
    for (int c = 0; c < signs.length; c++) {
      reader.add(Signs.into(signs[c]), candidates.get(c));
    }
    return signs;
  }

  /** Whether a text names something; a date says what its own column says, whatever is free. */
  private static boolean isLabel(String text) {
    if (TextShape.of(text).isValue()) {
      return false;
    }
    int[] letters = text.codePoints().takeWhile(Character::isLetter).toArray();
    return isWord(letters)
        || isWord(text.codePoints().filter(Character::isLetter).toArray())
            && !NumericTexts.isFigure(text);
  }

  private static boolean isWord(int[] letters) {
    return letters.length >= LETTERS_OF_LABEL
        || letters.length > 1 && Character.isIdeographic(letters[0]);
  }
}
