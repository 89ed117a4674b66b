package dev.inlay.samples;

/**
 * A cell as it is printed, at the row and column where it starts.
 *
 * @param text what is printed; {@code ¹²³} are printed as small raised figures
 * @param column from 0
 * @param columnSpan how many columns it covers
 * @param rowSpan how many rows it covers
 */
public record SampleCell(String text, int column, int columnSpan, int rowSpan) {

  static SampleCell of(String text, int column) {
    return new SampleCell(text, column, 1, 1);
  }
}
