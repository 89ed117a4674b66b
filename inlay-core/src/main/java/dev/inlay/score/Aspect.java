package dev.inlay.score;

/**
 * What a sign looks at. Papers of one producer have their habits in one of these, so training
 * leaves out whole aspects by lot: papers of other producers are read the better for it.
 */
public enum Aspect {
  /** How texts stand to each other: they are what a table is, and never left out. */
  ALIGNMENT,
  /** Numbers or words, and which of them stand over which. */
  CONTENT,
  /** Single words and signs: captions, notes, sums, colons. */
  WORDING,
  /** Size, weight and slope of type. */
  TYPE,
  /** Rulings and shades. */
  DRAWINGS,
  /** The distances of lines. */
  SPACING,
  /** Where in a line's neighbourhood it begins and ends. */
  INDENT,
  /** Where on the page. */
  PLACE
}
