package dev.inlay.geom;

/**
 * Disjoint sets of the numbers 0 to n-1, with union by size and path halving (Tarjan and van
 * Leeuwen, Worst-case Analysis of Set Union Algorithms, 1984). Not safe for several threads.
 */
public final class Groups {

  private final int[] parent;
  private final int[] size;

  /** Each number in a set of its own. */
  public Groups(int n) {
    parent = new int[n];
    size = new int[n];
    for (int i = 0; i < n; i++) {
      parent[i] = i;
      size[i] = 1;
    }
  }

  /** The number that stands for the set of i. */
  public int of(int i) {
    int at = i;
    while (parent[at] != at) {
      parent[at] = parent[parent[at]];
      at = parent[at];
    }
    return at;
  }

  /** Makes one set of the sets of a and b. */
  public void join(int a, int b) {
    int large = of(a);
    int small = of(b);
    if (large == small) {
      return;
    }
    if (size[large] < size[small]) {
      int swap = large;
      large = small;
      small = swap;
    }
    parent[small] = large;
    size[large] += size[small];
  }
}
