package dev.inlay.rows;

import dev.inlay.spec.ValueFormat;
import dev.inlay.text.NumberFormat;
import java.math.BigDecimal;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Reads numbers as reports print them: with units and signs of currency, and with a minus in front,
 * behind, as brackets or as the letters for credit. Whatever is not surely a number is none.
 *
 * @param value exact, with the decimals printed
 * @param grouped whether the thousands are set off
 * @param percent whether a per cent sign stands at it
 */
record NumberText(BigDecimal value, boolean grouped, boolean percent) {

  private static final Pattern SIGNED =
      Pattern.compile(
          "(?<open>\\()?(?<sign>[-+\u2212\u2013])?\\s*(?<core>\\d.*?|[.,]\\d+)\\s*"
              + "(?<close>\\))?(?<behind>[-\u2212\u2013]|CR|Cr|DR|Dr)?");

  private static final Pattern CURRENCY = Pattern.compile("\\p{Sc}|^[A-Z]{3}\\b|\\b[A-Z]{3}$");

  /** A space of any width between groups of three digits. */
  private static final Pattern GROUP_SPACE =
      Pattern.compile("(?<=\\d)[ \u00A0\u2009\u202F](?=\\d{3}(?!\\d))");

  private static final int GROUP = 3;

  /** What a text is with signs of currency and units taken off. */
  private static String bare(String text, List<String> units) {
    String bare = text.strip();
    for (String unit : units) {
      if (bare.endsWith(unit)) {
        bare = bare.substring(0, bare.length() - unit.length()).strip();
      } else if (bare.startsWith(unit)) {
        bare = bare.substring(unit.length()).strip();
      }
    }
    return mayHoldCurrency(bare) ? CURRENCY.matcher(bare).replaceAll("").strip() : bare;
  }

  /** Most numbers hold none, and are many. */
  private static boolean mayHoldCurrency(String text) {
    for (int i = 0; i < text.length(); i++) {
      char c = text.charAt(i);
      if (Character.isUpperCase(c) || Character.getType(c) == Character.CURRENCY_SYMBOL) {
        return true;
      }
    }
    return false;
  }

  private static String withoutPercent(String bare) {
    if (bare.startsWith("%")) {
      return bare.substring(1).strip();
    }
    return bare.endsWith("%") ? bare.substring(0, bare.length() - 1).strip() : bare;
  }

  /** The digits and marks of a number, without its sign and units; empty where it is none. */
  static Optional<String> core(String text, ValueFormat form) {
    Matcher m = SIGNED.matcher(withoutPercent(bare(text, form.units())));
    return m.matches() ? Optional.of(m.group("core").strip()) : Optional.empty();
  }

  /**
   * Reads a number.
   *
   * @param fallback how its column writes numbers, where the form does not say
   * @throws IllegalArgumentException with a message that says why it is none
   */
  static NumberText read(String text, ValueFormat form, NumberFormat fallback) {
    String bare = bare(text, form.units());
    boolean percent = bare.startsWith("%") || bare.endsWith("%");
    Matcher m = SIGNED.matcher(withoutPercent(bare));
    if (!m.matches() || (m.group("open") == null) != (m.group("close") == null)) {
      throw notA("number", text);
    }
    String behind = m.group("behind") == null ? "" : m.group("behind").toUpperCase(Locale.ROOT);
    boolean front = m.group("sign") != null && !m.group("sign").equals("+");
    boolean brackets = m.group("open") != null;
    boolean back = !behind.isEmpty() && !behind.equals("DR");
    if ((front ? 1 : 0) + (brackets ? 1 : 0) + (back ? 1 : 0) > 1) {
      throw notA("number", text);
    }
    String core =
        GROUP_SPACE.matcher(m.group("core").strip()).replaceAll("'").replace('\u2019', '\'');
    Optional<Character> decimal = form.decimal().or(fallback::decimalMark);
    char mark = decimal.isPresent() ? decimal.get() : decimalIn(core, text);
    String value = plain(core, mark, form.groups(), text);
    BigDecimal number = new BigDecimal(value);
    boolean grouped = core.indexOf('\'') >= 0 || core.indexOf(mark == '.' ? ',' : '.') >= 0;
    return new NumberText(front || brackets || back ? number.negate() : number, grouped, percent);
  }

  /** The number with a point and nothing else between its digits. */
  private static String plain(String core, char mark, Optional<Character> groups, String text) {
    int at = core.indexOf(mark);
    String whole = at < 0 ? core : core.substring(0, at);
    String decimals = at < 0 ? "" : core.substring(at + 1);
    String digits = ungrouped(whole, groups);
    boolean fits = digits != null && areDigits(decimals) && digits.length() + decimals.length() > 0;
    if (!fits) {
      throw new IllegalArgumentException(
          "'" + text + "' is not a valid number with the decimal mark " + mark);
    }
    return (digits.isEmpty() ? "0" : digits) + (decimals.isEmpty() ? "" : "." + decimals);
  }

  /**
   * The digits of a whole number, whose groups of three one mark may set off; null if it has
   * others.
   */
  private static String ungrouped(String whole, Optional<Character> groups) {
    if (areDigits(whole)) {
      return whole;
    }
    char group = 0;
    int sinceMark = 0;
    StringBuilder digits = new StringBuilder();
    for (int i = 0; i < whole.length(); i++) {
      char c = whole.charAt(i);
      if (Character.isDigit(c)) {
        digits.append(c);
        sinceMark++;
        continue;
      }
      boolean first = group == 0;
      boolean sizeFits = first ? sinceMark >= 1 && sinceMark <= GROUP : sinceMark == GROUP;
      if (!sizeFits || ".,'".indexOf(c) < 0 || !first && c != group) {
        return null;
      }
      group = c;
      sinceMark = 0;
    }
    boolean wanted = groups.isEmpty() || sameGroup(groups.get(), group);
    return sinceMark == GROUP && wanted ? digits.toString() : null;
  }

  private static boolean areDigits(String text) {
    for (int i = 0; i < text.length(); i++) {
      if (!Character.isDigit(text.charAt(i))) {
        return false;
      }
    }
    return true;
  }

  private static boolean sameGroup(char wanted, char printed) {
    return wanted == printed || (wanted == ' ' || wanted == '\u2019') && printed == '\'';
  }

  /** The decimal mark that a number shows by itself. */
  private static char decimalIn(String core, String text) {
    int point = core.lastIndexOf('.');
    int comma = core.lastIndexOf(',');
    int last = Math.max(point, comma);
    if (last < 0) {
      return '.';
    }
    char mark = core.charAt(last);
    char other = mark == '.' ? ',' : '.';
    if (Math.min(point, comma) >= 0) {
      return core.indexOf(mark) == last ? mark : other;
    }
    if (core.indexOf(mark) != last) {
      return other;
    }
    boolean three = core.length() - last - 1 == GROUP;
    if (three && last <= GROUP && core.charAt(0) != '0' && last > 0) {
      String digits = core.replace(String.valueOf(mark), "");
      throw new IllegalArgumentException(
          "'"
              + text
              + "' may be "
              + digits
              + " or "
              + core.replace(mark, '.')
              + "; say which with 'decimal'");
    }
    return mark;
  }

  static IllegalArgumentException notA(String type, String text) {
    boolean mark = text.codePoints().noneMatch(Character::isLetterOrDigit);
    return new IllegalArgumentException(
        "'"
            + text
            + "' is not a valid "
            + type
            + (mark ? "; 'nothing' names marks for no value, 'default' what they stand for" : ""));
  }
}
