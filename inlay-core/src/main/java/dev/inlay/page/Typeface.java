package dev.inlay.page;

/**
 * The look of a font, as far as it tells headings from data.
 *
 * @param name the font's name in the file, without a subset tag
 * @param bold whether the strokes are heavy
 * @param italic whether the letters lean
 */
public record Typeface(String name, boolean bold, boolean italic) {}
