package dev.inlay.bench;

import dev.inlay.extract.DocumentStatus;
import dev.inlay.extract.DocumentTables;
import dev.inlay.extract.Extractor;
import dev.inlay.model.Table;
import dev.inlay.page.PageSelection;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Damages copies of papers (cut short, eight wrong bytes in a compressed stream, 512 zero bytes
 * somewhere) and counts how they come out: none may be called whole and have other rows.
 */
final class DamageTrial {

  /** What is done to a copy. */
  enum Kind {
    CUT_SHORT,
    WRONG_BYTES,
    ZERO_BYTES
  }

  /** How a copy comes out. */
  enum Outcome {
    /** Something is said to be lost. */
    REPORTED,
    /** Nothing is said, and nothing is lost. */
    SAME,
    /** Rows changed without a word, but nothing in the file could tell. */
    UNCHECKED,
    /** Rows changed without a word. */
    SILENT
  }

  private static final int WRONG = 8;
  private static final int ZEROS = 512;

  private static final Pattern STREAM = Pattern.compile(">>\\s*stream\\r?\\n");

  /** A stream of a file; from and to in bytes. */
  private record Part(int from, int to, boolean compressed) {}

  private final Random random;

  /** Where the last copy was damaged. */
  private int from;

  private int to;

  DamageTrial(long seed) {
    random = new Random(seed);
  }

  /**
   * Damages copies of the first papers of a folder.
   *
   * @param args the folder, the number of papers, the number of copies, the seed
   */
  static void main(String[] args, PrintStream out) throws IOException, InterruptedException {
    int[][] counts = new int[Kind.values().length][Outcome.values().length];
    int papers = Integer.parseInt(args[1]);
    int copies = Integer.parseInt(args[2]);
    DamageTrial trial = new DamageTrial(Long.parseLong(args[3]));
    Path folder = Files.createTempDirectory("damage");
    List<Path> files = CaseScore.papersIn(Path.of(args[0])).stream().limit(papers).toList();
    for (int i = 0; i < copies; i++) {
      Path file = files.get(i % files.size());
      Kind kind = Kind.values()[i / files.size() % Kind.values().length];
      Outcome outcome = trial.outcome(file, kind, folder.resolve("copy.pdf"));
      counts[kind.ordinal()][outcome.ordinal()]++;
      if (outcome == Outcome.SILENT) {
        out.println(file.getFileName() + " " + kind + " at " + trial.from + ": SILENT");
      }
    }
    Files.deleteIfExists(folder.resolve("copy.pdf"));
    Files.delete(folder);
    for (Kind kind : Kind.values()) {
      StringBuilder line = new StringBuilder(String.format("%-12s", kind));
      for (Outcome outcome : Outcome.values()) {
        line.append(' ')
            .append(outcome)
            .append(' ')
            .append(counts[kind.ordinal()][outcome.ordinal()]);
      }
      out.println(line);
    }
  }

  /** Damages a copy and says how it comes out. */
  Outcome outcome(Path file, Kind kind, Path copy) throws IOException, InterruptedException {
    byte[] bytes = Files.readAllBytes(file);
    List<Part> parts = parts(bytes);
    byte[] damaged = damaged(bytes, parts, kind);
    Files.write(copy, damaged);
    DocumentTables read = new Extractor(PageSelection.ALL, "").extract(copy);
    if (read.status() != DocumentStatus.OK) {
      return Outcome.REPORTED;
    }
    if (texts(read).equals(texts(new Extractor(PageSelection.ALL, "").extract(file)))) {
      return Outcome.SAME;
    }
    boolean unchecked =
        parts.stream().anyMatch(p -> !p.compressed() && p.from() < to && p.to() > from);
    return unchecked ? Outcome.UNCHECKED : Outcome.SILENT;
  }

  private byte[] damaged(byte[] bytes, List<Part> parts, Kind kind) {
    byte[] copy = bytes.clone();
    switch (kind) {
      case CUT_SHORT -> {
        from = bytes.length / 10 + random.nextInt(bytes.length * 8 / 10);
        to = bytes.length;
        return Arrays.copyOf(bytes, from);
      }
      case WRONG_BYTES -> {
        List<Part> compressed = parts.stream().filter(Part::compressed).toList();
        if (compressed.isEmpty()) {
          from = random.nextInt(bytes.length - WRONG);
        } else {
          Part part = compressed.get(random.nextInt(compressed.size()));
          from = part.from() + random.nextInt(Math.max(1, part.to() - part.from() - WRONG));
        }
        to = from + WRONG;
        for (int i = from; i < to; i++) {
          copy[i] = (byte) random.nextInt(1 << Byte.SIZE);
        }
      }
      default -> {
        from = random.nextInt(Math.max(1, bytes.length - ZEROS));
        to = Math.min(bytes.length, from + ZEROS);
        Arrays.fill(copy, from, to, (byte) 0);
      }
    }
    return copy;
  }

  private static List<Part> parts(byte[] bytes) {
    String text = new String(bytes, StandardCharsets.ISO_8859_1);
    List<Part> parts = new ArrayList<>();
    Matcher stream = STREAM.matcher(text);
    int at = 0;
    while (stream.find(at)) {
      int end = text.indexOf("endstream", stream.end());
      if (end < 0) {
        return parts;
      }
      int object = Math.max(0, text.lastIndexOf(" obj", stream.start()));
      boolean compressed = text.substring(object, stream.start()).contains("FlateDecode");
      parts.add(new Part(stream.end(), end, compressed));
      at = end;
    }
    return parts;
  }

  private static List<String> texts(DocumentTables document) {
    List<String> texts = new ArrayList<>();
    for (Table table : document.tables()) {
      table
          .rows()
          .forEach(
              r -> texts.add(r.kind() + r.cells().stream().map(c -> c.text()).toList().toString()));
    }
    return texts;
  }
}
