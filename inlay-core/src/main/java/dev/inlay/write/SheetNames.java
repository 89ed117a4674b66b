package dev.inlay.write;

import dev.inlay.model.Table;
import java.util.HashSet;
import java.util.Locale;
import java.util.Set;

/** Names for the sheets of one workbook: as the format allows them, and each one different. */
final class SheetNames {

  private static final int LONGEST = 31;

  private final Set<String> taken = new HashSet<>();

  /** A name from the table's id and title. */
  String of(Table table) {
    return unique(table.id() + table.title().map(t -> " " + t).orElse(""));
  }

  /** A name from a file's name and a table's id. */
  String of(String fileName, String tableId) {
    String stem = fileName.replaceFirst("(?i)\\.pdf$", "");
    int room = LONGEST - tableId.length() - 1;
    return unique(cut(stem, room) + " " + tableId);
  }

  /** A name as near to the one wanted as can be. */
  String of(String wanted) {
    return unique(wanted);
  }

  private String unique(String wanted) {
    String allowed = wanted.replaceAll("[\\[\\]:*?/\\\\\\p{Cntrl}]", " ").replaceAll("\\s+", " ");
    String name = cut(allowed.replaceAll("^'+|'+$", "").strip(), LONGEST);
    for (int n = 2; !taken.add(name.toLowerCase(Locale.ROOT)); n++) {
      String ending = " (" + n + ")";
      name = cut(allowed, LONGEST - ending.length()) + ending;
    }
    return name;
  }

  private static String cut(String text, int length) {
    if (text.length() <= length) {
      return text;
    }
    int end = Character.isHighSurrogate(text.charAt(length - 1)) ? length - 1 : length;
    return text.substring(0, end).strip();
  }
}
