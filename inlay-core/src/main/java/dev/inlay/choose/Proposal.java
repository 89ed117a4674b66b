package dev.inlay.choose;

import dev.inlay.geom.Interval;
import dev.inlay.propose.OpenFrame;
import dev.inlay.score.RoleChoice;
import java.util.ArrayList;
import java.util.List;

/**
 * One possible reading of a page: which of the answers that are possible each stage takes. The
 * reading that is chosen takes the most probable answer everywhere; a rival takes another one
 * somewhere.
 *
 * @param rulings what rulings mean
 * @param roles which roles the lines have
 * @param rivalGutters whether a strip that is nearly a gutter parts columns
 * @param headerRank which number of header rows: 0 for the most probable one, 1 for the next
 */
public record Proposal(RulingUse rulings, RoleChoice roles, boolean rivalGutters, int headerRank) {

  /** The reading that is chosen. */
  public static final Proposal CHOSEN = of(RulingUse.WEIGH);

  /** The chosen reading where rulings mean this. */
  public static Proposal of(RulingUse rulings) {
    return new Proposal(rulings, RoleChoice.BEST, false, 0);
  }

  /** The same with other roles of the lines. */
  public Proposal with(RoleChoice others) {
    return new Proposal(rulings, others, rivalGutters, headerRank);
  }

  /** The same with a strip that is nearly a gutter taken for one. */
  public Proposal withRivalGutters() {
    return new Proposal(rulings, roles, true, headerRank);
  }

  /** The same with the second most probable number of header rows. */
  public Proposal withOtherHeader() {
    return new Proposal(rulings, roles, rivalGutters, 1);
  }

  /** The columns of a region as this reading has them. */
  OpenFrame columnsOf(OpenFrame region) {
    if (!rivalGutters || region.rival().isEmpty()) {
      return region;
    }
    List<Interval> gutters = new ArrayList<>(region.gutters());
    gutters.add(region.rival().get());
    gutters.sort((a, b) -> Double.compare(a.from(), b.from()));
    return region.withGutters(gutters);
  }
}
