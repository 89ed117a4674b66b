/**
 * What is printed on one page: glyphs, strokes and fills, and the words and lines they make up.
 *
 * <p>No type of the PDF library appears here, and nothing here knows what a table is.
 */
package dev.inlay.page;
