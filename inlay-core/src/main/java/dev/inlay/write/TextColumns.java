package dev.inlay.write;

import java.util.ArrayList;
import java.util.List;

/** Lines of cells set under each other, each column as wide as its widest cell. */
final class TextColumns {

  private static final String GAP = "  ";

  private final boolean[] right;
  private final List<List<String>> lines = new ArrayList<>();

  /**
   * Begins a block.
   *
   * @param alignment for each column {@code <} or {@code >}: at the left or right edge
   */
  TextColumns(String alignment) {
    right = new boolean[alignment.length()];
    for (int i = 0; i < right.length; i++) {
      right[i] = alignment.charAt(i) == '>';
    }
  }

  void add(String... cells) {
    lines.add(List.of(cells));
  }

  /**
   * The lines.
   *
   * @param indent what stands before each
   * @param width the places in a line, 0 for as many as it takes; what is longer is cut
   */
  List<String> lines(String indent, int width) {
    int[] widths = new int[right.length];
    for (List<String> line : lines) {
      for (int c = 0; c < line.size(); c++) {
        widths[c] = Math.max(widths[c], DisplayWidth.of(line.get(c)));
      }
    }
    List<String> result = new ArrayList<>();
    for (List<String> line : lines) {
      StringBuilder text = new StringBuilder(indent);
      for (int c = 0; c < line.size(); c++) {
        text.append(c == 0 ? "" : GAP);
        text.append(DisplayWidth.pad(line.get(c), widths[c], right[c]));
      }
      String whole = text.toString().stripTrailing();
      result.add(width > 0 ? DisplayWidth.cut(whole, width) : whole);
    }
    return result;
  }
}
