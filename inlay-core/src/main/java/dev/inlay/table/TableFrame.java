package dev.inlay.table;

import dev.inlay.geom.Box;

/**
 * The part of a page that a table fills.
 *
 * @param page the page's number, from 1
 * @param box in points
 * @param rulings how far rulings bound its cells
 */
public record TableFrame(int page, Box box, RulingExtent rulings) {}
