/**
 * The tables of one page, chosen among the grids that are possible: ruled or open, a box of its own
 * or part of the table beside it, turned or upright; their headers, kinds of rows, titles and
 * notes, and where each character of the page went.
 *
 * <p>Depends on nothing but the page. What other pages say comes later, in {@code document}.
 */
package dev.inlay.choose;
