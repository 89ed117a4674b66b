package dev.inlay.pdf;

/**
 * What the codes of the text fonts of TeX stand for, by the published tables of its encodings OT1
 * (the original one), T1 (for European languages) and TS1 (signs that go with T1).
 */
enum TexEncoding {
  OT1,
  T1,
  /** A text font that shows no sign which of the two it is. */
  OT1_OR_T1,
  /** As {@link #OT1_OR_T1}, with all characters of one width: these keep all signs of ASCII. */
  TYPEWRITER,
  TS1;

  private static final String OT1_START =
      "ΓΔΘΛΞΠΣΥΦΨΩ\uFB00\uFB01\uFB02\uFB03\uFB04ıȷ`´ˇ˘¯˚¸ßæœøÆŒØ";

  private static final String T1_START =
      "`´ˆ˜¨˝˚ˇ˘¯˙¸˛‚‹›“”„«»–—\0\0ıȷ\uFB00\uFB01\uFB02\uFB03\uFB04";

  private static final String T1_FROM_128 =
      "ĂĄĆČĎĚĘĞĹĽŁŃŇŊŐŔŘŚŠŞŤŢŰŮŸŹŽŻĲİđ§ăąćčďěęğĺľłńňŋőŕřśšşťţűůÿźžżĳ¡¿£";

  /** The signs of ASCII that OT1 replaces by others. */
  private static final String NOT_ASCII_IN_OT1 = "\"<>\\^_{|}~";

  private static final String INSTEAD_IN_OT1 = "”¡¿“^˙–—˝~";

  private static final int BULLET = 136;
  private static final int TRADE_MARK = 151;

  /** The text of a code, or null where the encoding leaves it open. */
  String text(int code) {
    if (this == TS1) {
      return sign(code);
    }
    if (code == '\'') {
      return "’";
    }
    if (code == '`') {
      return "‘";
    }
    if (code > ' ' && code < 127) {
      return ascii((char) code);
    }
    if (code < ' ') {
      return this == OT1 ? at(OT1_START, code) : this == T1 ? at(T1_START, code) : null;
    }
    return code < 128 || this == OT1 ? null : european(code);
  }

  private String ascii(char code) {
    int replaced = NOT_ASCII_IN_OT1.indexOf(code);
    if (replaced < 0 || this == T1 || this == TYPEWRITER) {
      return String.valueOf(code);
    }
    return this == OT1 ? INSTEAD_IN_OT1.substring(replaced, replaced + 1) : null;
  }

  private static String european(int code) {
    if (code < 128 + T1_FROM_128.length()) {
      return at(T1_FROM_128, code - 128);
    }
    return switch (code) {
      case 0xD7 -> "Œ";
      case 0xDF -> "SS";
      case 0xF7 -> "œ";
      case 0xFF -> "ß";
      default -> code >= 0xC0 && code < 0x100 ? Character.toString(code) : null;
    };
  }

  private static String sign(int code) {
    return switch (code) {
      case '*' -> "*";
      case BULLET -> "•";
      case TRADE_MARK -> "™";
      case 162, 163, 164, 165, 167, 169, 174, 176, 177, 181, 182, 183 -> Character.toString(code);
      default -> null;
    };
  }

  private static String at(String signs, int index) {
    char sign = signs.charAt(index);
    return sign == 0 ? null : String.valueOf(sign);
  }
}
