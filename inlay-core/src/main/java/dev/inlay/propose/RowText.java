package dev.inlay.propose;

import dev.inlay.geom.Box;
import dev.inlay.geom.Interval;
import dev.inlay.propose.ColumnedLine.Part;
import java.util.List;

/**
 * A text of a row and the columns that it may stand over: what training and whoever asks why need
 * to know of it.
 *
 * @param place of its row, in points
 * @param row the texts of its row
 * @param parts the text, parted where its words stand in several columns
 * @param homes the column of each part, from 0
 * @param candidates the columns that it may stand over, the way its words stand first
 * @param signs of each candidate
 * @param columns how many the table has
 */
public record RowText(
    Box place,
    List<String> row,
    List<String> parts,
    List<Integer> homes,
    List<Reach> candidates,
    double[][] signs,
    int columns) {

  static RowText of(TextReach text, ColumnedLine line, double[][] signs, List<Interval> columns) {
    List<String> row = line.parts().stream().map(Part::text).toList();
    List<String> parts = text.parts().stream().map(Part::text).toList();
    List<Integer> homes = text.parts().stream().map(p -> ColumnedLine.home(p, columns)).toList();
    return new RowText(
        line.line().line().box(), row, parts, homes, text.candidates(), signs, columns.size());
  }
}
