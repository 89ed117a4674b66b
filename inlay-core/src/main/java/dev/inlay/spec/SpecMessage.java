package dev.inlay.spec;

/**
 * What is wrong at a place of a spec file.
 *
 * @param line from 1
 * @param column from 1
 * @param text what it is, and what was probably meant
 */
public record SpecMessage(int line, int column, String text) implements Comparable<SpecMessage> {

  @Override
  public int compareTo(SpecMessage other) {
    return line != other.line
        ? Integer.compare(line, other.line)
        : Integer.compare(column, other.column);
  }
}
