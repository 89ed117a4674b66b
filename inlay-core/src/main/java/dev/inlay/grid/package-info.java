/**
 * Turns a frame or a region into a grid: the boundaries of its rows and columns, its headings and
 * cells with their spans, and the text in them. Which lines are header or record is known already;
 * what each heading stands over is settled here, by trained costs.
 */
package dev.inlay.grid;
