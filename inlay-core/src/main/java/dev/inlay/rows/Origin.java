package dev.inlay.rows;

import dev.inlay.geom.Box;

/**
 * Where a value stands in its file.
 *
 * @param page the page's number, from 1
 * @param box its place on the page, in points
 * @param table the id of its table; empty where it stands in none
 */
public record Origin(int page, Box box, String table) {}
