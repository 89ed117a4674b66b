package dev.inlay.choose;

import dev.inlay.geom.Box;
import java.util.List;
import java.util.Optional;

/**
 * What a person says of the tables on one page, where finding them fails.
 *
 * @param area the part of the page that holds them, in points
 * @param areaIsFrame whether the area is the frame of one table, so that there is one whatever the
 *     text in it looks like
 * @param gutters where columns part, from left to right, in points; empty where they are to be
 *     found
 * @param textsMayCross whether headings of rows may reach over the gutters, as where these are
 *     known from the page before
 * @param proposal which reading of the page is wanted
 */
public record PageHints(
    Optional<Box> area,
    boolean areaIsFrame,
    List<Double> gutters,
    boolean textsMayCross,
    Proposal proposal) {

  /** Nothing is said: tables are found. */
  public static final PageHints NONE =
      new PageHints(Optional.empty(), false, List.of(), false, Proposal.CHOSEN);

  /** Keeps a copy of the gutters that cannot change. */
  public PageHints {
    gutters = List.copyOf(gutters);
  }

  /** The same for another reading of the page. */
  public PageHints with(Proposal other) {
    return new PageHints(area, areaIsFrame, gutters, textsMayCross, other);
  }

  /** What rulings mean. */
  public RulingUse rulings() {
    return proposal.rulings();
  }

  /**
   * What is known of a table from the page before.
   *
   * @param frame where it stands, in points
   * @param gutters x of each, in points; headings of rows may reach over them
   */
  public static PageHints known(Box frame, List<Double> gutters) {
    return new PageHints(Optional.of(frame), true, gutters, true, Proposal.CHOSEN);
  }
}
