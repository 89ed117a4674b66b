package dev.inlay.propose;

import dev.inlay.evidence.ChunkLine;
import dev.inlay.page.Word;
import dev.inlay.score.Signs;
import dev.inlay.text.TextShape;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.function.Predicate;
import java.util.function.ToDoubleFunction;
import java.util.regex.Pattern;

/**
 * The signs of a strip inside a column: how the texts before and behind it are set and what they
 * are, and whether headings stand over both. Lengths are in type sizes, gaps in spaces.
 */
final class HiddenGutterSigns {

  /** What is set to the same place is less than this far off. */
  private static final double EXACT = 0.1;

  /** Gaps count up to this many spaces. */
  private static final double GAP_LIMIT = 6;

  /** Shorter texts of letters may be units or signs. */
  private static final int LETTERS_OF_WORD = 3;

  private static final Pattern THREE_DIGITS = Pattern.compile("\\d{3}([.,].*)?");

  private final PartedColumn column;
  private final List<PartedColumn.Parted> rows;
  private final List<ChunkLine> headings;
  private final int number;
  private final int columns;
  private final double size;

  /**
   * @param column parted at the strip
   * @param headings the lines of the header
   * @param number of the column, from 0
   * @param columns how many there are
   */
  HiddenGutterSigns(PartedColumn column, List<ChunkLine> headings, int number, int columns) {
    this.column = column;
    this.headings = headings;
    this.number = number;
    this.columns = columns;
    rows = column.parted();
    size = rows.isEmpty() ? 1 : rows.get(0).line().line().size();
  }

  void add(Signs signs) {
    signs.add("any strip", 1);
    signs.add("parts its rows", column.share());
    signs.add("parts all its rows", column.share() == 1);
    signs.add("rows parted", Math.log(1 + rows.size()) / 4);
    signs.add("two rows parted", rows.size() == 2);
    signs.add("crossed", 20 * column.crossed());
    signs.add("first column", number == 0);
    signs.add("last column", number == columns - 1);
    signs.add("columns", Math.log(1 + columns) / 4);
    addGaps(signs);
    addPlaces(signs);
    addTexts(signs);
    addHeadings(signs);
  }

  private void addGaps(Signs signs) {
    double[] gaps = rows.stream().mapToDouble(PartedColumn.Parted::spaces).sorted().toArray();
    int count = gaps.length;
    signs.add("least gap", count == 0 ? 0 : Math.min(GAP_LIMIT, gaps[0]));
    signs.add("usual gap", count == 0 ? 0 : Math.min(GAP_LIMIT, gaps[count / 2]));
    signs.add("widest gap", count == 0 ? 0 : Math.min(GAP_LIMIT, gaps[count - 1]));
    signs.add("a space in all rows", count > 0 && gaps[count - 1] < 1.3);
    signs.add("white strip", Math.min(2, column.strip().length() / size));
    double[] others =
        rows.stream().flatMapToDouble(r -> Arrays.stream(innerSpaces(r))).sorted().toArray();
    double usual = others.length == 0 ? 1 : Math.max(0.5, others[others.length / 2]);
    signs.add("gap to other gaps", count == 0 ? 0 : Math.min(GAP_LIMIT, gaps[0] / usual));
    signs.add("the only gap", others.length == 0);
  }

  /** The gaps of a row in the column that the strip is not in, in spaces. */
  private static double[] innerSpaces(PartedColumn.Parted row) {
    double space = Math.max(0.01, row.line().ordinarySpace());
    double[] before = gaps(row.before());
    double[] behind = gaps(row.behind());
    double[] all = Arrays.copyOf(before, before.length + behind.length);
    System.arraycopy(behind, 0, all, before.length, behind.length);
    return Arrays.stream(all).map(g -> g / space).toArray();
  }

  private static double[] gaps(List<Word> words) {
    double[] gaps = new double[words.size() - 1];
    Arrays.setAll(gaps, w -> words.get(w + 1).box().left() - words.get(w).box().right());
    return gaps;
  }

  private void addPlaces(Signs signs) {
    signs.add("before, begins at one place", atOnePlace(r -> r.before().get(0).box().left()));
    signs.add("before, ends at one place", atOnePlace(r -> last(r.before()).box().right()));
    signs.add("behind, begins at one place", atOnePlace(r -> r.behind().get(0).box().left()));
    signs.add("behind, ends at one place", atOnePlace(r -> last(r.behind()).box().right()));
    signs.add("before, of one width", atOnePlace(r -> width(r.before())));
    signs.add("behind, of one width", atOnePlace(r -> width(r.behind())));
  }

  private static Word last(List<Word> words) {
    return words.get(words.size() - 1);
  }

  private static double width(List<Word> words) {
    return last(words).box().right() - words.get(0).box().left();
  }

  /** The share of rows whose place is that of the middle row. */
  private double atOnePlace(ToDoubleFunction<PartedColumn.Parted> place) {
    double usual = median(place);
    return share(r -> Math.abs(place.applyAsDouble(r) - usual) < EXACT * size);
  }

  private double share(Predicate<PartedColumn.Parted> is) {
    return (double) rows.stream().filter(is).count() / Math.max(1, rows.size());
  }

  private void addTexts(Signs signs) {
    List<String> before = rows.stream().map(r -> Word.join(r.before())).toList();
    List<String> behind = rows.stream().map(r -> Word.join(r.behind())).toList();
    addTexts(signs, "before", before);
    addTexts(signs, "behind", behind);
    signs.add("one word before", share(r -> r.before().size() == 1));
    signs.add("one word behind", share(r -> r.behind().size() == 1));
    signs.add("values on both sides", share(r -> isValue(r.before()) && isValue(r.behind())));
    signs.add("a value, then words", share(r -> isValue(r.before()) && isWords(r.behind())));
    signs.add("words, then a value", share(r -> isWords(r.before()) && isValue(r.behind())));
    signs.add("words on both sides", share(r -> isWords(r.before()) && isWords(r.behind())));
    signs.add("may be one number", share(HiddenGutterSigns::mayBeOneNumber));
    signs.add("before, counts on", !rows.isEmpty() && RunningNumbers.are(before));
    signs.add("behind, in brackets", share(r -> first(r.behind()).startsWith("(")));
    signs.add(
        "behind, in lower case", share(r -> Character.isLowerCase(first(r.behind()).charAt(0))));
  }

  private static void addTexts(Signs signs, String side, List<String> texts) {
    double count = Math.max(1, texts.size());
    signs.add(
        side + ", values", texts.stream().filter(t -> TextShape.of(t).isValue()).count() / count);
    signs.add(
        side + ", dates",
        texts.stream().filter(t -> TextShape.of(t) == TextShape.DATE).count() / count);
    signs.add(side + ", units", texts.stream().filter(HiddenGutterSigns::isUnit).count() / count);
    signs.add(side + ", differ", new HashSet<>(texts).size() / count);
    signs.add(side + ", all the same", new HashSet<>(texts).size() == 1);
  }

  private static boolean isUnit(String text) {
    TextShape shape = TextShape.of(text);
    return shape == TextShape.UNIT || shape == TextShape.MARK;
  }

  private static boolean isValue(List<Word> words) {
    return TextShape.of(Word.join(words)).isValue();
  }

  private static boolean isWords(List<Word> words) {
    return Word.join(words).codePoints().filter(Character::isLetter).count() >= LETTERS_OF_WORD
        && !isValue(words);
  }

  private static String first(List<Word> words) {
    return words.get(0).text();
  }

  /** Whether both sides together may be one number, its groups of three digits parted by spaces. */
  private static boolean mayBeOneNumber(PartedColumn.Parted row) {
    String before = last(row.before()).text();
    return Character.isDigit(before.charAt(before.length() - 1))
        && before.length() <= 4
        && THREE_DIGITS.matcher(first(row.behind())).matches();
  }

  private void addHeadings(Signs signs) {
    boolean crossed = false;
    boolean both = false;
    boolean begins = false;
    boolean ends = false;
    boolean wide = false;
    double at = column.strip().middle();
    double left = median(r -> r.behind().get(0).box().left());
    double right = median(r -> last(r.before()).box().right());
    for (ChunkLine line : headings) {
      PartedColumn over = new PartedColumn(List.of(line), column.bounds(), at);
      crossed |= over.crossed() > 0;
      both |= !over.parted().isEmpty();
      for (PartedColumn.Parted parted : over.parted()) {
        wide |= parted.spaces() > 1.5;
        begins |= Math.abs(parted.behind().get(0).box().left() - left) < EXACT * size;
        ends |= Math.abs(last(parted.before()).box().right() - right) < EXACT * size;
      }
    }
    signs.add("headings", !headings.isEmpty());
    signs.add("a heading crosses it", crossed);
    signs.add("headings on both sides", both);
    signs.add("headings on both sides, none across", both && !crossed);
    signs.add("headings apart", wide);
    signs.add("a heading begins as what is behind", begins);
    signs.add("a heading ends as what is before", ends);
  }

  /** The place in the middle row; 0 where there is none. */
  private double median(ToDoubleFunction<PartedColumn.Parted> place) {
    double[] places = rows.stream().mapToDouble(place).sorted().toArray();
    return places.length == 0 ? 0 : places[places.length / 2];
  }
}
