package dev.inlay.model;

import dev.inlay.geom.Box;
import java.util.List;

/**
 * The part of a page that a table fills.
 *
 * @param page the page's number, from 1
 * @param box in points
 * @param rulings how far rulings bound its cells
 * @param columnEdges x of the boundaries between columns, in points; empty where the table lies
 *     sideways
 * @param rowEdges y of the boundaries between rows, in points; empty where the table lies sideways
 * @param endsOpen whether rulings part its rows and none ends the last: it may go on behind the
 *     page break
 * @param certainty how probable the roles of its lines are
 */
public record TableFrame(
    int page,
    Box box,
    RulingExtent rulings,
    List<Double> columnEdges,
    List<Double> rowEdges,
    boolean endsOpen,
    Certainty certainty) {

  /** Keeps copies that cannot change. */
  public TableFrame {
    columnEdges = List.copyOf(columnEdges);
    rowEdges = List.copyOf(rowEdges);
  }

  /** A frame whose boundaries are not known. */
  public TableFrame(int page, Box box, RulingExtent rulings) {
    this(page, box, rulings, List.of(), List.of(), false, Certainty.FULL);
  }

  /** The same frame, as sure, at another place where its boundaries lie sideways. */
  public TableFrame at(Box place) {
    return new TableFrame(page, place, rulings, List.of(), List.of(), false, certainty);
  }
}
