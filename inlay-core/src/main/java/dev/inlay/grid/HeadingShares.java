package dev.inlay.grid;

import dev.inlay.geom.Interval;
import dev.inlay.grid.LineCells.Part;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.ToDoubleBiFunction;

/**
 * How headings that stand over one ruling share the columns below it: in order, none left over,
 * each as near as can be to the middle of its share. Found by dynamic programming over headings and
 * columns.
 */
final class HeadingShares {

  private HeadingShares() {}

  /**
   * Shares columns out.
   *
   * @param over the first and the last column
   * @param headings from left to right, no more than there are columns
   * @param offCentre how far a heading stands from the middle of a run of columns, in points
   * @return the run of columns of each heading
   */
  static List<Interval> of(
      Interval over, List<Part> headings, ToDoubleBiFunction<Interval, Part> offCentre) {
    int first = (int) over.from();
    int count = (int) over.length() + 1;
    double[][] cost = new double[headings.size() + 1][count + 1];
    int[][] begin = new int[headings.size() + 1][count + 1];
    for (double[] row : cost) {
      Arrays.fill(row, Double.POSITIVE_INFINITY);
    }
    cost[0][0] = 0;
    for (int h = 1; h <= headings.size(); h++) {
      for (int end = h; end <= count; end++) {
        for (int from = h - 1; from < end; from++) {
          Interval share = new Interval(first + from, first + end - 1.0);
          double sum = cost[h - 1][from] + offCentre.applyAsDouble(share, headings.get(h - 1));
          if (sum < cost[h][end]) {
            cost[h][end] = sum;
            begin[h][end] = from;
          }
        }
      }
    }
    List<Interval> shares = new ArrayList<>();
    int end = count;
    for (int h = headings.size(); h > 0; h--) {
      shares.add(0, new Interval(first + begin[h][end], first + end - 1.0));
      end = begin[h][end];
    }
    return shares;
  }
}
