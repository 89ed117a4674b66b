package dev.inlay.score;

import dev.inlay.evidence.Chunk;
import dev.inlay.evidence.ChunkLine;
import dev.inlay.evidence.LineRole;
import dev.inlay.geom.Box;
import dev.inlay.page.TextLine;
import dev.inlay.page.Word;
import dev.inlay.text.TextShape;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Lines that the eye joins to rows by their places alone, before it reads them: rows whose cells
 * are centred in their height, or stand on its last line. Such a row is read as one line.
 */
final class RowsOfLines {

  private final Zone zone;

  /** For each line or row of lines the first of its lines, and the number of all at the end. */
  private final List<Integer> starts;

  private RowsOfLines(Zone zone, List<Integer> starts) {
    this.zone = zone;
    this.starts = starts;
  }

  /** Finds such rows in a zone; where there are none, each line stands for itself. */
  static RowsOfLines in(Zone zone) {
    RowsOfLines centred = new RowsOfLines(zone, CentredRows.starts(zone.lines()));
    return centred.exist() ? centred : new RowsOfLines(zone, RowsOnLastLine.starts(zone.lines()));
  }

  /** Whether two texts stand above each other, at least in part. */
  static boolean areInOneColumn(Chunk a, Chunk b) {
    return a.box().horizontal().overlap(b.box().horizontal()) > 0;
  }

  /** Whether a value stands above another in some of the lines. */
  static boolean haveValuesInOneColumn(List<ChunkLine> lines) {
    List<Chunk> values =
        lines.stream()
            .flatMap(l -> l.chunks().stream())
            .filter(c -> TextShape.of(c.text()).isValue())
            .toList();
    for (int i = 0; i < values.size(); i++) {
      for (int k = i + 1; k < values.size(); k++) {
        if (areInOneColumn(values.get(i), values.get(k))) {
          return true;
        }
      }
    }
    return false;
  }

  /** Whether there are rows of several lines. */
  boolean exist() {
    return starts.size() <= zone.lines().size();
  }

  /** The zone with a line for each row. */
  Zone asLines() {
    List<ChunkLine> lines = new ArrayList<>();
    for (int i = 0; i + 1 < starts.size(); i++) {
      List<ChunkLine> row = zone.lines().subList(starts.get(i), starts.get(i + 1));
      lines.add(row.size() == 1 ? row.get(0) : joined(row));
    }
    return zone.withLines(lines);
  }

  private static ChunkLine joined(List<ChunkLine> row) {
    List<List<Word>> columns = new ArrayList<>();
    List<Box> boxes = new ArrayList<>();
    for (ChunkLine line : row) {
      for (Chunk chunk : line.chunks()) {
        int at = 0;
        while (at < boxes.size()
            && boxes.get(at).horizontal().overlap(chunk.box().horizontal()) <= 0) {
          at++;
        }
        if (at == boxes.size()) {
          columns.add(new ArrayList<>());
          boxes.add(chunk.box());
        }
        columns.get(at).addAll(chunk.words());
        boxes.set(at, boxes.get(at).union(chunk.box()));
      }
    }
    List<Chunk> chunks = new ArrayList<>();
    for (int i = 0; i < boxes.size(); i++) {
      chunks.add(new Chunk(columns.get(i), boxes.get(i)));
    }
    chunks.sort(Comparator.comparingDouble(c -> c.box().left()));
    List<Word> words = chunks.stream().flatMap(c -> c.words().stream()).toList();
    TextLine middle = row.get(row.size() / 2).line();
    Box around = Box.around(chunks, Chunk::box);
    boolean leader = row.stream().anyMatch(ChunkLine::hasLeader);
    return new ChunkLine(
        new TextLine(words, around, middle.baseline(), middle.size()), words, chunks, leader);
  }

  /** The reading of the lines that make the rows: the first begins one, the others go on. */
  RoleReading ofAllLines(RoleReading ofRows) {
    List<LineRole> roles = new ArrayList<>();
    double[][] probabilities = new double[zone.lines().size()][];
    for (int i = 0; i + 1 < starts.size(); i++) {
      LineRole role = ofRows.roles().get(i);
      for (int line = starts.get(i); line < starts.get(i + 1); line++) {
        boolean stays =
            line == starts.get(i) || role == LineRole.HEADER || role == LineRole.OUTSIDE;
        LineRole own = stays ? role : LineRole.GOES_ON;
        roles.add(own);
        probabilities[line] = withProbability(ofRows, i, role, own);
      }
    }
    return new RoleReading(roles, probabilities);
  }

  /** The probabilities of a row's roles, that of its own given to the role of one of its lines. */
  private static double[] withProbability(RoleReading rows, int row, LineRole role, LineRole own) {
    double[] ofRow = rows.probabilities()[row];
    double[] ofLine = ofRow.clone();
    ofLine[own.ordinal()] = ofRow[role.ordinal()];
    ofLine[role.ordinal()] = ofRow[own.ordinal()];
    return ofLine;
  }
}
