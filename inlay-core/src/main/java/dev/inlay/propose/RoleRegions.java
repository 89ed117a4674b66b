package dev.inlay.propose;

import dev.inlay.evidence.ChunkLine;
import dev.inlay.evidence.Frame;
import dev.inlay.evidence.LineRole;
import dev.inlay.evidence.Ruling;
import dev.inlay.geom.Box;
import dev.inlay.geom.Interval;
import dev.inlay.model.Certainty;
import dev.inlay.page.TextLine;
import dev.inlay.score.RoleChoice;
import dev.inlay.score.RoleReading;
import dev.inlay.score.Zone;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;

/**
 * Proposes the regions of open and part-ruled tables: the lines of a zone that together are read as
 * headings, records, group headings and notes.
 */
public final class RoleRegions {

  /** How far above and below its lines a region's outer rulings stand, in type sizes. */
  private static final double RULING_REACH = 1.8;

  /** A ruling belongs to a region that it does not reach beyond by more, in type sizes. */
  private static final double BEYOND = 3;

  /** This share of a ruling lies over the region it belongs to. */
  private static final double RULING_OVER_REGION = 0.7;

  /** Lines of one text stand further apart than this, in type sizes. */
  public static final double BESIDE = 0.75;

  /** In the box of a table at most this share of the lines is read as standing outside. */
  private static final double MOST_OUTSIDE = 0.3;

  /**
   * White this many times as high as the lines of a table are apart, or as type is high, ends it:
   * rows that were left out, or a break between groups, take less.
   */
  private static final double FAR_BELOW = 5;

  /** In a list or form this share of the lines begins with a bullet or a label with a colon. */
  private static final double MOST_BULLETS = 0.6;

  private final int page;
  private final Zone zone;
  private final List<TextLine> turned;
  private final RoleChoice choice;
  private final RoleReading reading;
  private final List<HiddenGutter> hidden = new ArrayList<>();

  private RoleRegions(int page, Zone zone, List<TextLine> turned, RoleChoice choice) {
    this.page = page;
    this.zone = zone;
    this.turned = turned;
    this.choice = choice;
    reading = RoleReading.of(zone, choice);
  }

  /**
   * The regions of a zone.
   *
   * @param page the page's number, from 1
   * @param zone its lines, with what is drawn around them
   * @param turned lines turned by a quarter, which may be headings of columns
   * @return from top to bottom
   */
  public static List<OpenFrame> of(int page, Zone zone, List<TextLine> turned) {
    return in(page, zone, turned, RoleChoice.BEST).regions();
  }

  /** Reads the roles of a zone; parameters as for {@link #of}, and which roles are wanted. */
  public static RoleRegions in(int page, Zone zone, List<TextLine> turned, RoleChoice choice) {
    return new RoleRegions(page, zone, turned, choice);
  }

  /** The regions of the zone, from top to bottom. */
  public List<OpenFrame> regions() {
    return regions(reading.roles());
  }

  /** The strips inside columns that were looked at for the regions so far: for training. */
  public List<HiddenGutter> hiddenGutters() {
    return hidden;
  }

  /** How the roles of the zone's lines are read. */
  public RoleReading reading() {
    return reading;
  }

  /**
   * The regions of a box that rulings draw around lines: all of them belong to tables, where most
   * lines are read so.
   *
   * @return empty where the box holds something else
   */
  public static List<OpenFrame> ofBox(
      int page, Zone zone, List<TextLine> turned, RoleChoice choice) {
    if (zone.lines().isEmpty()) {
      return List.of();
    }
    RoleRegions proposing = new RoleRegions(page, zone, turned, choice);
    long outside = proposing.reading.roles().stream().filter(r -> r == LineRole.OUTSIDE).count();
    return outside > MOST_OUTSIDE * zone.lines().size()
        ? List.of()
        : proposing.regions(proposing.reading.inside());
  }

  /** The region of lines that a person says are one table; empty where they leave no gutter. */
  public static Optional<OpenFrame> whole(int page, Zone zone) {
    RoleRegions proposing = new RoleRegions(page, zone, List.of(), RoleChoice.BEST);
    List<LineRole> roles = proposing.reading.inside();
    Optional<OpenFrame> region = proposing.region(0, roles.size(), roles);
    return region.isPresent()
        ? region
        : proposing.region(0, roles.size(), Collections.nCopies(roles.size(), LineRole.RECORD));
  }

  /** The regions where the lines have such roles. */
  List<OpenFrame> regions(List<LineRole> roles) {
    List<OpenFrame> regions = new ArrayList<>();
    int from = 0;
    for (int i = 0; i <= roles.size(); i++) {
      if (i > from && standsBeside(from, i, roles)) {
        continue;
      }
      boolean ends = i == roles.size() || roles.get(i) == LineRole.OUTSIDE;
      boolean begins =
          !ends
              && i > from
              && (roles.get(i) == LineRole.HEADER && roles.get(i - 1) != LineRole.HEADER
                  || isFarBelow(i, from));
      if (ends || begins) {
        if (i > from) {
          region(from, i, roles).ifPresent(r -> addSides(r, regions));
        }
        from = ends ? i + 1 : i;
      }
    }
    return regions;
  }

  /** Whether the white above a line is far higher than the lines of the region are apart. */
  private boolean isFarBelow(int line, int from) {
    List<ChunkLine> lines = zone.lines();
    double white = lines.get(line).box().top() - lines.get(line - 1).box().bottom();
    double usual = ChunkLine.medianStep(lines.subList(from, line));
    return white > FAR_BELOW * Math.max(usual, lines.get(line).line().size());
  }

  /**
   * Whether a line outside tables only stands beside the lines of a table that go on below it, as
   * running text in the next column of the page does: then it does not end the table.
   *
   * @param from the table's first line
   * @param line the line outside
   */
  private boolean standsBeside(int from, int line, List<LineRole> roles) {
    if (line == roles.size() || roles.get(line) != LineRole.OUTSIDE) {
      return false;
    }
    int next = line;
    while (next < roles.size() && roles.get(next) == LineRole.OUTSIDE) {
      next++;
    }
    if (next == roles.size() || roles.get(next) == LineRole.HEADER) {
      return false;
    }
    Interval table = zone.lines().get(next).box().horizontal();
    for (int i = from; i < line; i++) {
      if (roles.get(i) != LineRole.OUTSIDE) {
        table = table.union(zone.lines().get(i).box().horizontal());
      }
    }
    return zone.lines().get(line).box().horizontal().overlap(table) <= 0;
  }

  /** Adds a region, or those of the tables that stand side by side in it. */
  private void addSides(OpenFrame region, List<OpenFrame> regions) {
    List<List<TextLine>> sides = SideBySide.part(region);
    if (sides.isEmpty()) {
      sides = SideBySide.partUnderTitles(region, zone.lines());
    }
    if (sides.isEmpty()) {
      regions.add(region);
      return;
    }
    for (List<TextLine> side : sides) {
      List<ChunkLine> lines = ChunkLine.of(side);
      if (!lines.isEmpty()) {
        RoleRegions inside = new RoleRegions(page, zone.withLines(lines), turned, choice);
        regions.addAll(inside.regions(inside.reading.inside()));
      }
    }
  }

  private Optional<OpenFrame> region(int from, int to, List<LineRole> roles) {
    List<ChunkLine> lines = new ArrayList<>();
    List<LineRole> own = new ArrayList<>();
    for (int i = from; i < to; i++) {
      if (roles.get(i) != LineRole.OUTSIDE) {
        lines.add(zone.lines().get(i));
        own.add(roles.get(i));
      }
    }
    List<ChunkLine> records = new ArrayList<>();
    List<ChunkLine> tabular = new ArrayList<>();
    for (int i = 0; i < own.size(); i++) {
      boolean record = own.get(i) == LineRole.RECORD;
      if (record || own.get(i) == LineRole.GOES_ON) {
        records.add(lines.get(i));
      }
      boolean beside = own.get(i) == LineRole.GOES_ON && isBeside(lines, i);
      if (record && lines.get(i).isTabular() || beside) {
        tabular.add(lines.get(i));
      }
    }
    if (records.isEmpty()) {
      return Optional.empty();
    }
    Box box = Box.around(lines, ChunkLine::box);
    List<Ruling> across = rulingsOf(box, lines.get(0).line().size());
    List<Ruling> rulings = across.stream().filter(Ruling::isDrawn).toList();
    List<Ruling> edges = across.stream().filter(r -> !r.isDrawn()).toList();
    int header = (int) own.stream().takeWhile(r -> r == LineRole.HEADER).count();
    List<Interval> dashed = DashedHeads.gutters(rulings, lines.subList(0, header), records);
    RegionGutters finder = new RegionGutters(zone, lines.subList(0, header), records, tabular);
    List<Interval> gutters = dashed.isEmpty() ? finder.all() : dashed;
    hidden.addAll(finder.hidden());
    if (gutters.isEmpty() || header == 0 && isListOrForm(records, gutters)) {
      return Optional.empty();
    }
    List<TextLine> heads = turnedHeadings(box);
    Box whole = box;
    for (Ruling ruling : rulings) {
      whole = whole.union(ruling.box());
    }
    for (TextLine head : heads) {
      whole = whole.union(head.box());
    }
    Frame frame = new Frame(page, whole, rulings, List.of());
    Optional<Interval> rival =
        dashed.isEmpty() ? GutterFinder.rival(tabular, gutters) : Optional.empty();
    Certainty certainty =
        Certainty.ofRoles(
                reading.leastProbable(from, Math.min(to, from + header + 1)),
                reading.leastProbable(Math.min(to, from + header + 1), to),
                Math.min(outside(from - 1), outside(to)),
                reading.wrongLines(from, to))
            .withStrips(finder.certainty());
    return Optional.of(
        new OpenFrame(
            frame,
            lines,
            heads,
            gutters,
            !dashed.isEmpty(),
            rival,
            own,
            certainty,
            edges,
            finder.hidden()));
  }

  /** How probably a line at the edge of a region stands outside, as it is read; 0 to 1. */
  private double outside(int line) {
    boolean read =
        line >= 0 && line < zone.lines().size() && reading.roles().get(line) == LineRole.OUTSIDE;
    return read ? reading.probability(line, LineRole.OUTSIDE) : 1;
  }

  /** Whether the first of few columns holds the bullets of a list, or the labels of a form. */
  private static boolean isListOrForm(List<ChunkLine> records, List<Interval> gutters) {
    int bullets = 0;
    int labels = 0;
    for (ChunkLine record : records) {
      String first = record.chunks().get(0).text();
      bullets += ChunkLine.isBullet(first) ? 1 : 0;
      labels += first.endsWith(":") ? 1 : 0;
    }
    double most = MOST_BULLETS * records.size();
    return gutters.size() == 1 && bullets > most || gutters.size() <= 2 && labels > most;
  }

  /**
   * Whether a line overlaps the one above it in height: a label centred in the height of its row.
   */
  private static boolean isBeside(List<ChunkLine> lines, int i) {
    return i > 0
        && lines.get(i).line().baseline() - lines.get(i - 1).line().baseline()
            < BESIDE * lines.get(i).line().size();
  }

  private List<Ruling> rulingsOf(Box box, double size) {
    List<Ruling> own = new ArrayList<>();
    for (Ruling ruling : zone.horizontals()) {
      Interval extent = ruling.extent();
      boolean near =
          ruling.at() > box.top() - RULING_REACH * size
              && ruling.at() < box.bottom() + RULING_REACH * size;
      boolean within =
          extent.overlap(box.horizontal()) >= RULING_OVER_REGION * extent.length()
              || extent.from() > box.left() - BEYOND * size
                  && extent.to() < box.right() + BEYOND * size;
      if (near && within && extent.overlap(box.horizontal()) > 0) {
        own.add(ruling);
      }
    }
    return own;
  }

  /** Turned lines that stand on the upper edge of a region are headings of its columns. */
  private List<TextLine> turnedHeadings(Box region) {
    double reach = 2.2 * zone.typeSize();
    List<TextLine> heads = new ArrayList<>();
    for (TextLine line : turned) {
      Box box = line.box();
      boolean atTop = box.top() < region.top() + reach && box.bottom() > region.top() - reach;
      if (atTop && box.horizontal().overlap(region.horizontal()) > 0) {
        heads.add(line);
      }
    }
    heads.sort((a, b) -> Double.compare(a.box().left(), b.box().left()));
    return heads;
  }
}
