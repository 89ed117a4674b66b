/**
 * Gives the rows of grids their meaning and joins the grids of one table over pages: header, row
 * kinds, title, stitching.
 *
 * <p>Texts stay texts here; types come later, in {@code record}.
 */
package dev.inlay.table;
