/**
 * What was found: tables, their rows, cells, columns and notes, the reasons to look at them, and
 * the count of characters. Plain records that know nothing of how they were found.
 *
 * <p>Texts stay texts here; types come later, in {@code rows}.
 */
package dev.inlay.model;
