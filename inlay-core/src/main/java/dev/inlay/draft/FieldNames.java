package dev.inlay.draft;

import dev.inlay.draft.Layout.LayoutColumn;
import java.util.List;
import java.util.Locale;
import java.util.Set;

/** Names for fields, made of headings. */
final class FieldNames {

  private FieldNames() {}

  /**
   * A name for a column that no other field has.
   *
   * @param path the headings over it
   * @param taken the names given so far; the new one is added
   * @param all columns of the table
   */
  static String of(List<String> path, Set<String> taken, List<LayoutColumn> all) {
    String name = "column";
    if (!path.isEmpty()) {
      String last = path.get(path.size() - 1);
      long same =
          all.stream()
              .filter(c -> !c.path().isEmpty())
              .filter(c -> plain(c.path().get(c.path().size() - 1)).equals(plain(last)))
              .count();
      name = plain(same > 1 ? String.join(" ", path) : last);
    }
    String unique = name;
    for (int n = 2; !taken.add(unique); n++) {
      unique = name + "_" + n;
    }
    return unique;
  }

  /** A name for a value that no other field has; the name is taken. */
  static String ofLabel(String label, Set<String> taken) {
    String name = plain(label.replaceAll("[:.]+$", ""));
    String unique = name;
    for (int n = 2; !taken.add(unique); n++) {
      unique = name + "_" + n;
    }
    return unique;
  }

  private static String plain(String heading) {
    String words = heading.replaceAll("\\(.*?\\)", " ");
    String letters = words.isBlank() ? heading : words;
    String name =
        letters
            .toLowerCase(Locale.ROOT)
            .replace("%", " percent ")
            .replaceAll("[^\\p{L}\\p{N}]+", "_")
            .replaceAll("^_+|_+$", "");
    if (name.isEmpty()) {
      return "column";
    }
    return Character.isDigit(name.charAt(0)) ? "column_" + name : name;
  }
}
