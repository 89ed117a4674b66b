package dev.inlay.page;

/**
 * A character of a page's description that is no text a reader sees.
 *
 * @param glyph the character at its place
 * @param reason why it was left aside
 */
public record DroppedGlyph(Glyph glyph, DropReason reason) {}
