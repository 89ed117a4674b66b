package dev.inlay.survey;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;

/**
 * Groups documents that look alike: whose tables have the same headings, or nearly, in as many
 * columns. Figures in headings do not count, since they change from one period to the next.
 *
 * <p>Each document joins the first group whose first document it is like enough to, by the share of
 * traits that both have (Jaccard's index). The order of the documents decides ties, so the same
 * documents give the same groups.
 */
public final class LookAlikes {

  /** Documents that share this much of what their tables' headings say are alike. */
  private static final double ALIKE = 0.6;

  /**
   * Documents that look alike.
   *
   * @param papers at least one, in the order given
   */
  public record Group(List<PaperSummary> papers) {

    /** Keeps a copy that cannot change. */
    public Group {
      papers = List.copyOf(papers);
    }

    /** The one the others are like. */
    public PaperSummary first() {
      return papers.get(0);
    }
  }

  private LookAlikes() {}

  /**
   * Groups the documents that hold tables.
   *
   * @return the largest group first, those of one size in the order of their first documents
   */
  public static List<Group> group(List<PaperSummary> papers) {
    List<List<PaperSummary>> groups = new ArrayList<>();
    List<Set<String>> traits = new ArrayList<>();
    for (PaperSummary paper : papers) {
      if (paper.tables().isEmpty()) {
        continue;
      }
      Set<String> own = traitsOf(paper);
      int at = 0;
      while (at < groups.size() && likeness(own, traits.get(at)) < ALIKE) {
        at++;
      }
      if (at == groups.size()) {
        groups.add(new ArrayList<>());
        traits.add(own);
      }
      groups.get(at).add(paper);
    }
    groups.sort((a, b) -> Integer.compare(b.size(), a.size()));
    return groups.stream().map(Group::new).toList();
  }

  private static Set<String> traitsOf(PaperSummary paper) {
    Set<String> traits = new HashSet<>();
    for (TableSummary table : paper.tables()) {
      boolean named = false;
      for (String heading : table.headings()) {
        String plain = heading.toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}]+", " ").strip();
        named |= !plain.isEmpty() && traits.add(plain);
      }
      traits.add(table.columns() + " columns" + (named ? "" : ", " + table.rulings().word()));
    }
    return traits;
  }

  private static double likeness(Set<String> a, Set<String> b) {
    Set<String> both = new HashSet<>(a);
    both.retainAll(b);
    return (double) both.size() / (a.size() + b.size() - both.size());
  }
}
