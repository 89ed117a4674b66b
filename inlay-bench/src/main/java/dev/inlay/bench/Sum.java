package dev.inlay.bench;

import dev.inlay.bench.TableScore.Counts;
import java.util.Locale;

/** Adds up scores and shows them as a line. */
final class Sum {

  static final String HEADING =
      String.format(
          Locale.ROOT,
          "%-18s %6s %6s %11s %7s %7s %7s %8s %7s %10s %11s",
          "",
          "tables",
          "found",
          "extra(sil)",
          "rel.F1",
          "row.F1",
          "headers",
          "perfect",
          "silent",
          "flagged ok",
          "sums P/R");

  private int tables;
  private int found;
  private int extra;
  private int extraUnflagged;
  private int headings;
  private int perfect;
  private int silent;
  private int flaggedRight;
  private final int[] relations = new int[3];
  private final int[] records = new int[3];
  private final int[] sums = new int[3];

  void add(CaseScore score) {
    extra += score.extra();
    extraUnflagged += score.extraUnflagged();
    score.tables().forEach(this::add);
  }

  /** Adds one table of a case. */
  void add(TableScore score) {
    tables++;
    found += score.found() ? 1 : 0;
    headings += score.headings() ? 1 : 0;
    perfect += score.perfect() ? 1 : 0;
    silent += score.silent() ? 1 : 0;
    flaggedRight += score.perfect() && score.flagged() ? 1 : 0;
    add(score.relations(), relations);
    add(score.records(), records);
    add(score.sums(), sums);
  }

  private static void add(Counts counts, int[] sums) {
    sums[0] += counts.right();
    sums[1] += counts.due();
    sums[2] += counts.given();
  }

  int tables() {
    return tables;
  }

  /** The share of tables that are right in every cell, heading and group, 0 to 1. */
  double perfect() {
    return share(perfect);
  }

  private double share(int count) {
    return tables == 0 ? 0 : (double) count / tables;
  }

  String line(String name) {
    return String.format(
        Locale.ROOT,
        "%-18s %6d %5.1f%% %11s %7.4f %7.4f %6.1f%% %7.1f%% %6.1f%% %9.1f%% %11s",
        name,
        tables,
        100 * share(found),
        extra + "(" + extraUnflagged + ")",
        Counts.f1(relations[0], relations[1], relations[2]),
        Counts.f1(records[0], records[1], records[2]),
        100 * share(headings),
        100 * perfect(),
        100 * share(silent),
        100 * share(flaggedRight),
        String.format(
            Locale.ROOT,
            "%.1f/%.1f",
            100.0 * sums[0] / Math.max(1, sums[2]),
            100.0 * sums[0] / Math.max(1, sums[1])));
  }
}
