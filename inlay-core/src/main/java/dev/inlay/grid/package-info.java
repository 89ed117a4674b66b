/**
 * Turns a frame into a grid: the boundaries of its rows and columns, its cells with their spans,
 * and the text in them. What a row means (heading, record, total) is not decided here.
 */
package dev.inlay.grid;
