package dev.inlay.page;

import java.util.ArrayList;
import java.util.List;

/** A line in the making. */
final class DraftLine {

  /** Type at most this large beside other type is a raised or lowered character. */
  static final double SMALL_TYPE = 0.92;

  /** More small characters in a row are a text that happens to have another line's baseline. */
  private static final int MOST_OF_MARK = 4;

  /** More marks on one baseline are a text of small type; this bounds the work, too. */
  private static final int MOST_MARKS = 50;

  /** How far, in type sizes of the line, a small character may stand beside its line. */
  private static final double SMALL_GAP = 0.3;

  /** A character beside others shares at most this much of its width with one of them. */
  private static final double MOST_OVER = 0.4;

  /** How far, in type sizes, a shifted character may reach over the one beside it. */
  private static final double SHIFTED_OVERLAP = 0.25;

  /** More characters together, on a baseline of their own, are a word of another line. */
  private static final int MOST_SHIFTED = 2;

  /** An operator between two words leaves at most this much, in type sizes, on either side. */
  private static final double OPERATOR_GAP = 0.8;

  final double baseline;
  final List<Placed> members = new ArrayList<>();
  double size;

  DraftLine(double baseline) {
    this.baseline = baseline;
  }

  void add(Placed p) {
    members.add(p);
    if (!p.glyph().isBlank()) {
      size = Math.max(size, p.size());
    }
  }

  boolean hasText() {
    return members.stream().anyMatch(p -> !p.glyph().isBlank());
  }

  /**
   * Takes the other line's glyphs that are small beside this line's type and close to it.
   *
   * @param withRoom whether only those that stand over none of this line's
   */
  void takeFrom(DraftLine other, boolean withRoom) {
    if (other.members.isEmpty() || other.size == 0 || other.size > SMALL_TYPE * size) {
      return;
    }
    // A marker of several characters leans on the line through its first or last one.
    List<Placed> taken = new ArrayList<>();
    boolean grown = true;
    while (grown) {
      List<Placed> near =
          other.members.stream()
              .filter(p -> leansOn(p, taken) && !(withRoom && isOverOne(p)))
              .toList();
      members.addAll(near);
      taken.addAll(near);
      other.members.removeAll(near);
      grown = !near.isEmpty() && !other.members.isEmpty();
    }
  }

  /**
   * Parts from this line small characters that lean on nothing in it: marks of another line, whose
   * raised baseline happens to be this one's, as where two blocks stand beside each other.
   *
   * @return the marks, each a line of its own
   */
  List<DraftLine> partMarks() {
    List<DraftLine> marks = new ArrayList<>();
    if (members.stream().noneMatch(this::isSmall)) {
      return marks;
    }
    members.sort((a, b) -> Double.compare(a.from(), b.from()));
    List<Placed> all = members.stream().filter(p -> !p.glyph().isBlank()).toList();
    for (int from = 0, to; from < all.size(); from = to) {
      to = endOfWord(all, from);
      List<Placed> word = all.subList(from, to);
      if (word.size() <= MOST_OF_MARK && word.stream().allMatch(this::isSmall)) {
        DraftLine mark = new DraftLine(baseline);
        word.forEach(mark::add);
        marks.add(mark);
      }
    }
    if (marks.size() > MOST_MARKS) {
      return List.of();
    }
    marks.forEach(mark -> members.removeAll(mark.members));
    return marks;
  }

  /** Behind the last of the characters that stand close to each other. */
  private int endOfWord(List<Placed> all, int from) {
    int to = from + 1;
    while (to < all.size() && all.get(to).from() - all.get(to - 1).to() < SMALL_GAP * size) {
      to++;
    }
    return to;
  }

  private boolean isSmall(Placed p) {
    return !p.glyph().isBlank() && p.size() <= SMALL_TYPE * size;
  }

  private boolean isFullSize(Placed p) {
    return !p.glyph().isBlank() && p.size() > SMALL_TYPE * size;
  }

  /** Takes the other line's characters that stand within words of this one, or between two. */
  void takeShifted(DraftLine other) {
    List<Placed> shifted =
        other.members.stream()
            .filter(p -> !p.glyph().isBlank())
            .filter(
                p ->
                    isAccentOfThis(p)
                        || near(p, LineComposer.WORD_GAP) > 0
                            && other.near(p, OPERATOR_GAP) < MOST_SHIFTED
                        || isBetween(p) && other.near(p, OPERATOR_GAP) == 0)
            .toList();
    members.addAll(shifted);
    other.members.removeAll(shifted);
  }

  /** Accents over capitals stand higher than others. */
  private boolean isAccentOfThis(Placed one) {
    return Accents.isAccent(one) && members.stream().anyMatch(p -> Accents.isOver(one, p));
  }

  /** How many of this line's characters, of a size with one, stand no further from it. */
  private long near(Placed one, double most) {
    return members.stream().filter(p -> p != one && gap(p, one) < most).count();
  }

  private boolean isBetween(Placed one) {
    return members.stream().anyMatch(p -> p.from() < one.from() && gap(p, one) < OPERATOR_GAP)
        && members.stream().anyMatch(p -> p.from() > one.from() && gap(p, one) < OPERATOR_GAP);
  }

  /** The white between two characters, in type sizes; infinite where they cannot be of one word. */
  private static double gap(Placed a, Placed b) {
    double size = Math.max(a.size(), b.size());
    double white = Math.max(b.from() - a.to(), a.from() - b.to()) / size;
    boolean apart = a.glyph().isBlank() || Math.min(a.size(), b.size()) < SMALL_TYPE * size;
    return apart || white < -SHIFTED_OVERLAP ? Double.POSITIVE_INFINITY : white;
  }

  /** Whether a small character and one of this line's full size share most of its width. */
  private boolean isOverOne(Placed small) {
    double most = MOST_OVER * (small.to() - small.from());
    return members.stream()
        .filter(this::isFullSize)
        .anyMatch(p -> Math.min(p.to(), small.to()) - Math.max(p.from(), small.from()) > most);
  }

  /** Whether a character stands beside a larger one of this line, or beside one it took. */
  private boolean leansOn(Placed small, List<Placed> taken) {
    return taken.stream().anyMatch(p -> isBeside(p, small))
        || members.stream()
            .filter(p -> !p.glyph().isBlank() && small.size() <= SMALL_TYPE * p.size())
            .anyMatch(p -> isBeside(p, small));
  }

  private boolean isBeside(Placed p, Placed small) {
    double reach = SMALL_GAP * size;
    return small.from() <= p.to() + reach && p.from() <= small.to() + reach;
  }
}
