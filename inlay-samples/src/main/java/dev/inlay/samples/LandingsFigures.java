package dev.inlay.samples;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;

/** The made-up figures of one quarterly landings bulletin, and its two tables. */
final class LandingsFigures {

  private static final List<String> HARBOURS =
      List.of("Brennick", "Oyle", "Skarrholm", "Vane Ness");

  private static final List<String> SPECIES =
      List.of(
          "Cod",
          "Haddock",
          "Saithe",
          "Whiting",
          "Ling",
          "Tusk",
          "Hake",
          "Monkfish",
          "Plaice",
          "Lemon sole",
          "Turbot",
          "Herring",
          "Mackerel",
          "Lobster",
          "Brown crab",
          "Prawn");

  /** Species landed loose in the hold as well as in boxes. */
  private static final List<String> BULK = List.of("Saithe", "Herring", "Mackerel", "Whiting");

  private static final List<String> CLASSES =
      List.of("under 10 m", "10 to 15 m", "15 to 24 m", "24 m and over");

  private final int speciesCount;
  private final Random random;
  private long tenthsBoxed;
  private long tenthsBulk;
  private long crowns;
  private int landings;

  /**
   * Figures for one quarter.
   *
   * @param seed the same seed gives the same figures
   * @param speciesCount how many species each harbour lands
   */
  LandingsFigures(long seed, int speciesCount) {
    this.speciesCount = speciesCount;
    random = new Random(seed);
  }

  /** Landings by harbour and species, with their total. */
  SampleTable byHarbour(String period) {
    List<SampleRow> rows = new ArrayList<>();
    rows.add(
        new SampleRow(
            "header",
            List.of(
                new SampleCell("Harbour", 0, 1, 2),
                new SampleCell("Species", 1, 1, 2),
                new SampleCell("Landings", 2, 1, 2),
                new SampleCell("Landed weight (kg)", 3, 2, 1),
                new SampleCell("Value (crowns)", 5, 1, 2))));
    rows.add(new SampleRow("header", List.of(SampleCell.of("Boxed", 3), SampleCell.of("Bulk", 4))));
    for (String harbour : HARBOURS) {
      addHarbour(harbour, rows);
    }
    rows.add(
        new SampleRow(
            "total",
            List.of(
                new SampleCell("Total, all harbours", 0, 2, 1),
                SampleCell.of(whole(landings), 2),
                SampleCell.of(tenths(tenthsBoxed), 3),
                SampleCell.of(tenths(tenthsBulk), 4),
                SampleCell.of(whole(crowns), 5))));
    return new SampleTable(
        "Table 1. Landings by harbour and species, " + period,
        List.of(78f, 92f, 62f, 80f, 80f, 79f),
        2,
        2,
        rows);
  }

  private void addHarbour(String harbour, List<SampleRow> rows) {
    for (int s = 0; s < speciesCount; s++) {
      String species = SPECIES.get(s);
      int count = 3 + random.nextInt(60);
      long boxed = 200 + random.nextInt(180_000);
      boolean inBulk = BULK.contains(species) && !harbour.equals("Vane Ness");
      long bulk = inBulk ? 5_000 + random.nextInt(900_000) : 0;
      long value = (boxed * (18 + random.nextInt(40)) + bulk * 6) / 100;
      landings += count;
      tenthsBoxed += boxed;
      tenthsBulk += bulk;
      crowns += value;
      // The one figure with a marker: its footnote says what is special about it.
      String marked = species.equals("Saithe") && harbour.equals("Oyle") ? species + "¹" : species;
      List<SampleCell> cells = new ArrayList<>();
      if (s == 0) {
        cells.add(new SampleCell(harbour, 0, 1, speciesCount));
      }
      cells.add(SampleCell.of(marked, 1));
      cells.add(SampleCell.of(whole(count), 2));
      cells.add(SampleCell.of(tenths(boxed), 3));
      cells.add(SampleCell.of(inBulk ? tenths(bulk) : "", 4));
      cells.add(SampleCell.of(whole(value), 5));
      rows.add(new SampleRow("body", cells));
    }
  }

  /** Vessels by length; its landings and weights add up to those of the first table. */
  SampleTable byLength(String period) {
    List<SampleRow> rows = new ArrayList<>();
    rows.add(
        new SampleRow(
            "header",
            List.of(
                SampleCell.of("Length class", 0),
                SampleCell.of("Vessels", 1),
                SampleCell.of("Landings", 2),
                SampleCell.of("Landed weight (kg)", 3))));
    int vesselsLeft = 120 + random.nextInt(70);
    int vessels = vesselsLeft;
    long weight = tenthsBoxed + tenthsBulk;
    long weightLeft = weight;
    int landingsLeft = landings;
    for (int i = 0; i < CLASSES.size(); i++) {
      boolean last = i == CLASSES.size() - 1;
      int part = last ? vesselsLeft : vesselsLeft * (30 + random.nextInt(15)) / 100;
      long partWeight = last ? weightLeft : weightLeft * (10 + 8L * i + random.nextInt(8)) / 100;
      int partLandings = last ? landingsLeft : landingsLeft * (35 + random.nextInt(20)) / 100;
      vesselsLeft -= part;
      weightLeft -= partWeight;
      landingsLeft -= partLandings;
      rows.add(lengthRow("body", CLASSES.get(i), part, partLandings, partWeight));
    }
    rows.add(lengthRow("total", "Total", vessels, landings, weight));
    return new SampleTable(
        "Table 2. Vessels by length class, " + period, List.of(110f, 70f, 70f, 110f), 1, 1, rows);
  }

  private static SampleRow lengthRow(
      String kind, String label, int vessels, int landings, long weight) {
    return new SampleRow(
        kind,
        List.of(
            SampleCell.of(label, 0),
            SampleCell.of(whole(vessels), 1),
            SampleCell.of(whole(landings), 2),
            SampleCell.of(tenths(weight), 3)));
  }

  /** All that was landed, in whole tonnes. */
  long tonnes() {
    return (tenthsBoxed + tenthsBulk) / 10_000;
  }

  static String whole(long n) {
    return String.format(Locale.ROOT, "%,d", n);
  }

  private static String tenths(long n) {
    return String.format(Locale.ROOT, "%,d.%d", n / 10, n % 10);
  }
}
