package dev.inlay.propose;

import dev.inlay.evidence.Chunk;
import dev.inlay.geom.Box;
import dev.inlay.geom.Interval;
import dev.inlay.page.Word;
import dev.inlay.propose.ColumnedLine.Part;
import dev.inlay.text.TextShape;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.OptionalInt;
import java.util.regex.Pattern;

/**
 * Finds a gutter that parts what a reader sees as one value: a currency sign set apart from its
 * number, a bracket behind a value, thousands set off by a space, the groups of a telephone number.
 * Such white runs down the page as gutters do; what tells it is that the part beside it never
 * stands alone, and has no heading of its own.
 */
final class NeedlessGutter {

  /** Of the texts of a column of signs or brackets this share are such. */
  private static final double NEARLY_ALL = 0.85;

  /** White of at most this many spaces is hardly wider than one. */
  private static final double NARROW = 1.8;

  /** A heading and the texts below it end at one place where they differ by less, in type sizes. */
  private static final double SAME_EDGE = 0.15;

  private static final Pattern SIGN =
      Pattern.compile(
          "[$€£¥₽¢+\\-−–±]|kr\\.?|zł|EUR|USD|GBP|CHF|PLN|SEK|Kč|Fr\\.|R\\$|р\\.|руб\\.?|元|円");

  private static final Pattern BEHIND =
      Pattern.compile(
          "%|‰|[*†‡]{1,3}|[(\\[±].*|[$€£¥₽]|kr\\.?|zł|EUR|USD|GBP|CHF|PLN|SEK|руб\\.?|円");

  /** A value that ends with its sign is whole. */
  private static final Pattern PERCENT = Pattern.compile(".*\\d\\s?[%‰]");

  /** Two amounts with two decimals each are two values. */
  private static final Pattern DECIMAL = Pattern.compile("\\S*\\d[.,]\\d{2}");

  private static final Pattern THOUSANDS = Pattern.compile("\\d{3}([.,]\\d+)?[)%*-]?(\\s\\S+)?");

  private static final Pattern BEFORE_THOUSANDS = Pattern.compile("\\S*\\s?[(+\\-−–]?\\d{1,3}");

  private final List<ColumnedLine> body;
  private final List<Interval> columns;
  private final boolean[] headed;
  private final double[] headingGaps;
  private final boolean[] underOne;
  private final Part[][] texts;

  /**
   * @param body the lines below the header
   * @param columns the stretches between boundaries
   * @param headed which columns have a heading of their own
   * @param headingGaps between the heading of each column and that of the next where they stand in
   *     one line, in points
   * @param underOne whether the texts of each column and those of the next stand under one heading
   */
  NeedlessGutter(
      List<ColumnedLine> body,
      List<Interval> columns,
      boolean[] headed,
      double[] headingGaps,
      boolean[] underOne) {
    this.headingGaps = headingGaps;
    this.underOne = underOne;
    this.body = body;
    this.columns = columns;
    this.headed = headed;
    texts = new Part[body.size()][columns.size()];
    for (int i = 0; i < texts.length; i++) {
      for (Part part : body.get(i).parts()) {
        if (!part.spans()) {
          texts[i][part.first()] = part;
        }
      }
    }
  }

  /** The number of a gutter that parts no columns, from 0; empty where all do. */
  OptionalInt find() {
    for (int c = 0; c + 1 < columns.size(); c++) {
      if (joins(c)) {
        return OptionalInt.of(c);
      }
    }
    return OptionalInt.empty();
  }

  /** Whether the texts of a column and of the next one are one value each. */
  private boolean joins(int c) {
    if (c == 0 && RunningNumbers.are(textsOf(c))) {
      return false;
    }
    boolean both = headed[c] && headed[c + 1];
    double space = body.get(0).line().ordinarySpace();
    boolean oneHeading = both && headingGaps[c] < NARROW * space;
    boolean signsBefore = share(c, SIGN) >= NEARLY_ALL && !standsAlone(c, c + 1);
    if (signsBefore && (!headed[c] || oneHeading) && isNumeric(c + 1)) {
      return true;
    }
    boolean signsOfNext = c + 2 < columns.size() && share(c + 1, SIGN) >= NEARLY_ALL;
    if (signsOfNext && signsLead()) {
      return false;
    }
    boolean behind = share(c + 1, BEHIND) >= NEARLY_ALL && !standsAlone(c + 1, c);
    if (behind && (!headed[c + 1] || oneHeading) && isNumeric(c)) {
      return true;
    }
    if (white(c) > NARROW) {
      return false;
    }
    if (underOne[c] && !standsAlone(c, c + 1) && !standsAlone(c + 1, c)) {
      return true;
    }
    boolean thousands = matchesTogether(c, BEFORE_THOUSANDS, THOUSANDS) && !standsAlone(c, c + 1);
    if (both) {
      boolean whole =
          share(c, PERCENT) >= NEARLY_ALL
              || share(c, DECIMAL) >= NEARLY_ALL && share(c + 1, DECIMAL) >= NEARLY_ALL;
      boolean numbers = oneHeading && isNumeric(c) && isNumeric(c + 1) && !whole;
      return numbers || thousands && standsAlone(c + 1, c);
    }
    boolean noHeading = !headed[c + 1] && headed[c] || c > 0 && !headed[c] && headed[c + 1];
    return thousands || noHeading;
  }

  /** Whether in most lines with a sign it stands before the first quantity behind the label. */
  private boolean signsLead() {
    int lines = 0;
    int leading = 0;
    for (ColumnedLine line : body) {
      boolean quantity = false;
      boolean sign = false;
      boolean leads = false;
      for (Part part : line.parts()) {
        for (Word word : part.first() > 0 ? part.words() : List.<Word>of()) {
          boolean isSign = SIGN.matcher(word.text()).matches();
          leads |= isSign && !sign && !quantity;
          sign |= isSign;
          quantity |= TextShape.of(word.text()).isQuantity();
        }
      }
      lines += sign ? 1 : 0;
      leading += leads ? 1 : 0;
    }
    return 2 * leading > lines;
  }

  /** The texts of a column. */
  private List<String> textsOf(int column) {
    List<String> own = new ArrayList<>();
    for (Part[] line : texts) {
      if (line[column] != null) {
        own.add(line[column].text());
      }
    }
    return own;
  }

  /** Which share of a column's texts match a pattern; 0 where it has none. */
  private double share(int column, Pattern pattern) {
    int all = 0;
    int matching = 0;
    for (Part[] line : texts) {
      if (line[column] != null) {
        all++;
        matching += pattern.matcher(line[column].text()).matches() ? 1 : 0;
      }
    }
    return all == 0 ? 0 : (double) matching / all;
  }

  /** Whether texts of a column often stand without one of the other. */
  private boolean standsAlone(int column, int other) {
    int all = 0;
    int alone = 0;
    for (Part[] line : texts) {
      all += line[column] == null ? 0 : 1;
      alone += line[column] != null && line[other] == null ? 1 : 0;
    }
    return alone > (1 - NEARLY_ALL) * all;
  }

  private boolean isNumeric(int column) {
    int all = 0;
    int values = 0;
    for (Part[] line : texts) {
      if (line[column] != null) {
        all++;
        values += TextShape.of(line[column].text()).isValue() ? 1 : 0;
      }
    }
    return values > 0 && values >= NEARLY_ALL * all;
  }

  private boolean matchesTogether(int c, Pattern left, Pattern right) {
    int pairs = 0;
    int matching = 0;
    for (Part[] line : texts) {
      if (line[c] != null && line[c + 1] != null) {
        pairs++;
        boolean match =
            left.matcher(line[c].text()).matches() && right.matcher(line[c + 1].text()).matches();
        matching += match ? 1 : 0;
      }
    }
    return pairs > 0 && matching >= NEARLY_ALL * pairs;
  }

  /** The usual white between the texts of a column and those of the next, in spaces. */
  private double white(int c) {
    List<Double> gaps = new ArrayList<>();
    for (int i = 0; i < texts.length; i++) {
      if (texts[i][c] != null && texts[i][c + 1] != null) {
        double gap = texts[i][c + 1].box().left() - texts[i][c].box().right();
        gaps.add(gap / body.get(i).line().ordinarySpace());
      }
    }
    double[] sorted = gaps.stream().mapToDouble(g -> g).sorted().toArray();
    return sorted.length == 0 ? Double.MAX_VALUE : sorted[sorted.length / 2];
  }

  /** Which columns have a heading that stands over no other. */
  static boolean[] headed(List<HeaderCells.Head> heads, int columns) {
    boolean[] headed = new boolean[columns];
    if (heads.isEmpty()) {
      Arrays.fill(headed, true); // nothing says which columns belong together
    }
    for (HeaderCells.Head head : heads) {
      if (head.first() == head.last()) {
        headed[head.first()] = true;
      }
    }
    return headed;
  }

  /**
   * For each column whether one heading stands over its texts and over those of the next, and no
   * other over either: a code of two groups, a telephone number.
   *
   * @param texts what the texts of each column fill
   */
  static boolean[] underOne(List<HeaderCells.Head> heads, List<Interval> texts) {
    boolean[] underOne = new boolean[texts.size()];
    for (int c = 0; c + 1 < texts.size(); c++) {
      int left = c;
      List<HeaderCells.Head> over =
          heads.stream().filter(h -> h.last() >= left && h.first() <= left + 1).toList();
      Interval first = texts.get(c);
      Interval second = texts.get(c + 1);
      if (over.size() == 1 && over.get(0).first() >= c && over.get(0).last() <= c + 1) {
        Box box = Chunk.around(over.get(0).words());
        underOne[c] = box.left() < first.middle() && box.right() > second.from();
      }
    }
    return underOne;
  }

  /**
   * The white between headings of neighbouring columns that stand in one line, in points; where
   * each of two keeps to the edge of its own texts they are no phrase, however near they stand.
   *
   * @param texts what the texts of each column fill
   */
  static double[] gaps(List<HeaderCells.Head> heads, List<Interval> texts) {
    double[] gaps = new double[texts.size()];
    Arrays.fill(gaps, Double.MAX_VALUE);
    for (HeaderCells.Head left : heads) {
      for (HeaderCells.Head right : heads) {
        if (left.first() == left.last()
            && right.first() == right.last()
            && right.first() == left.last() + 1
            && !(keepsToItsTexts(left, texts) && keepsToItsTexts(right, texts))) {
          gaps[left.first()] = Math.min(gaps[left.first()], gap(left, right));
        }
      }
    }
    return gaps;
  }

  /**
   * Whether a heading of words ends where the texts of its column do, and is no part of a bracket.
   */
  private static boolean keepsToItsTexts(HeaderCells.Head head, List<Interval> texts) {
    String text = Word.join(head.words());
    long open = text.chars().filter(c -> c == '(').count();
    if (TextShape.of(text).isValue() || open != text.chars().filter(c -> c == ')').count()) {
      return false;
    }
    Word last = head.words().get(head.words().size() - 1);
    double end = texts.get(head.first()).to();
    return Math.abs(last.box().right() - end) < SAME_EDGE * last.glyphs().get(0).size();
  }

  private static double gap(HeaderCells.Head left, HeaderCells.Head right) {
    double least = Double.MAX_VALUE;
    for (Word a : left.words()) {
      for (Word b : right.words()) {
        boolean line = a.glyphs().get(0).baseline() == b.glyphs().get(0).baseline();
        least = line ? Math.min(least, b.box().left() - a.box().right()) : least;
      }
    }
    return least;
  }
}
