package dev.inlay.score;

import dev.inlay.evidence.Chunk;
import dev.inlay.evidence.ChunkLine;
import dev.inlay.text.TextShape;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;

/** What one line says, as far as its role shows in its words alone. */
final class LineText {

  private static final Pattern CAPTION =
      Pattern.compile(
          "(?iu)(table|tab\\.|tabelle|tableau|tabla|tabela|taulukko|πίνακας|таблица|表|figure|fig\\.|"
              + "abbildung|abb\\.|figura|kuva|rysunek|рисунок|graf|chart|exhibit|annex)"
              + "\\s*([\\divxlca-z]{1,4}([.\\-–]\\d+)*)?\\s*[.:–—\\-]?.*");

  private static final Pattern NOTE =
      Pattern.compile(
          "(?iu)([*†‡§¹²³]|[\\d]{1,2}\\)|\\([a-z\\d]\\) |source|note|quelle|anmerkung|hinweis|fuente|nota|lähde"
              + "|huom|źródło|uwaga|πηγή|σημείωση|источник|примечание|資料|注).*");

  private static final Pattern CONTINUED =
      Pattern.compile(
          "(?iu).*\\((continued|cont\\.?|cont’d|fortsetzung|forts\\.|suite|continuación|cont|jatkuu|jatkoa|c\\.d\\."
              + "|cd\\.|συνέχεια|продолжение)\\).*|.*(continued|fortsetzung)\\b.*");

  private static final Pattern SUM =
      Pattern.compile(
          "(?iu)(sub-?\\s?totals?|totals?|grand total|zwischensumme|summe|gesamt|insgesamt|sous-total|total"
              + "|subtotal|suma|razem|ogółem|yhteensä|välisumma|σύνολο|μερικό|итого|всего|小計|合計|総計).*");

  private final ChunkLine line;
  private final List<TextShape> shapes;
  private final String text;

  LineText(ChunkLine line) {
    this.line = line;
    shapes = new ArrayList<>();
    line.chunks().forEach(p -> shapes.add(TextShape.of(p.text())));
    text = line.line().text();
  }

  /** The shape of each chunk, from left to right. */
  List<TextShape> shapes() {
    return shapes;
  }

  void addTo(Signs signs, double zoneWidth) {
    int chunks = shapes.size();
    int words = line.words().size();
    signs.about(Aspect.ALIGNMENT);
    signs.add("any line", 1);
    signs.add("one text", chunks == 1);
    signs.add("two texts", chunks == 2);
    signs.add("three texts", chunks == 3);
    signs.add("four or more texts", chunks >= 4);
    signs.add("texts", Math.min(1, chunks / 10.0));
    signs.add("words in a text", Math.min(1, (double) words / chunks / 10));
    long values = shapes.stream().filter(TextShape::isValue).count();
    long quantities = shapes.stream().filter(TextShape::isQuantity).count();
    signs.about(Aspect.CONTENT);
    signs.add("share of values", (double) values / chunks);
    signs.add("share of quantities", (double) quantities / chunks);
    signs.add("no values", values == 0);
    signs.add("values behind the first", chunks > 1 && values >= chunks - 1);
    signs.add("first is words", shapes.get(0) == TextShape.WORDS);
    signs.about(Aspect.ALIGNMENT);
    signs.add("prose", line.isProse());
    signs.about(Aspect.PLACE);
    signs.add("prose of the zone's width", prose(zoneWidth));
    signs.about(Aspect.CONTENT);
    signs.add("share of units", share(TextShape.UNIT));
    signs.add("share of years", years());
    signs.add("numbers of columns", areNumbersOfColumns());
    addEnds(signs);
  }

  private double prose(double zoneWidth) {
    return line.isProse() ? line.box().width() / Math.max(1, zoneWidth) : 0;
  }

  private void addEnds(Signs signs) {
    int first = text.codePointAt(0);
    int last = text.codePointBefore(text.length());
    signs.add("begins in lower case", Character.isLowerCase(first));
    signs.add("ends with a full stop", last == '.' || last == '。');
    signs.add("ends with a colon", last == ':');
    signs.add("ends with a comma or hyphen", last == ',' || last == '-');
    signs.about(Aspect.WORDING);
    signs.add("caption", CAPTION.matcher(text).matches() && startsLikeCaption());
    signs.add("note", NOTE.matcher(text).matches());
    signs.add("continued", CONTINUED.matcher(text).matches());
    signs.add("sum", SUM.matcher(text).matches());
    boolean bullet = ChunkLine.isBullet(line.words().get(0).text());
    signs.add("bullet", bullet && line.words().size() > 1);
    signs.add("leader", line.hasLeader());
    signs.add("label with a colon", line.chunks().get(0).text().endsWith(":"));
    String end = line.words().get(line.words().size() - 1).text();
    boolean whole = end.length() <= 4 && end.chars().allMatch(Character::isDigit);
    signs.add("ends with a page number", line.hasLeader() && whole);
    signs.about(Aspect.TYPE);
    signs.add("bold", line.isBold());
    signs.add("italic", line.line().isItalic());
    boolean capitals = text.equals(text.toUpperCase(Locale.ROOT));
    boolean letters = text.chars().filter(Character::isLetter).count() > 3;
    signs.add("capitals", capitals && letters);
  }

  /** A caption names its kind and then a number; a label of a row may begin with the same word. */
  private boolean startsLikeCaption() {
    return text.chars().limit(14).anyMatch(Character::isDigit)
        || text.length() > 6 && text.indexOf(':') > 0 && text.indexOf(':') < 12;
  }

  private double share(TextShape shape) {
    return (double) shapes.stream().filter(s -> s == shape).count() / shapes.size();
  }

  private double years() {
    long years = line.chunks().stream().filter(p -> TextShape.isYear(p.text())).count();
    return (double) years / shapes.size();
  }

  /** Whether the chunks are numbers that follow each other by one, perhaps in brackets. */
  private boolean areNumbersOfColumns() {
    int expected = -1;
    int count = 0;
    for (Chunk chunk : line.chunks()) {
      String bare = chunk.text().replaceAll("[()\\[\\].]", "");
      if (bare.isEmpty() || bare.length() > 2 || !bare.chars().allMatch(Character::isDigit)) {
        return false;
      }
      int number = Integer.parseInt(bare);
      if (expected >= 0 && number != expected) {
        return false;
      }
      expected = number + 1;
      count++;
    }
    return count >= 2;
  }
}
