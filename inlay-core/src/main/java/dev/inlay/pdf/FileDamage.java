package dev.inlay.pdf;

import dev.inlay.page.ReadLimits;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSBase;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSDocument;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.cos.COSObjectKey;
import org.apache.pdfbox.cos.COSStream;
import org.apache.pdfbox.io.RandomAccessRead;

/**
 * What is damaged of a file's structure. The library rebuilds what it can without a word, so the
 * bytes are asked: whether the file has its end, whether its table of objects (the cross-reference)
 * leads to them, and whether any of them was overwritten.
 *
 * @param lost what may be lost, in words that follow "is damaged: "; empty where nothing is
 * @param repaired what was put right without loss, in words; empty where nothing was
 * @param pages how many pages can be found
 */
record FileDamage(Optional<String> lost, Optional<String> repaired, int pages) {

  /** The end of a file, with the place of its table of objects. */
  private static final int TAIL = 2048;

  private static final Pattern END = Pattern.compile("startxref\\s+(\\d+)\\s+%%EOF");

  private static final Pattern OBJECT = Pattern.compile("\\s*(\\d+)\\s+(\\d+)\\s+obj");

  /** A table of objects in plain text: a heading for each run of objects, then their places. */
  private static final Pattern SECTION = Pattern.compile("\\s*(\\d+)\\s+(\\d+)\\s*[\\r\\n]+");

  private static final int ENTRY = 20;

  /** A place that is none. */
  private static final String NOWHERE = "0000000000";

  /** This many bytes hold the heading of an object, and tell whether it is there. */
  private static final int HEADING = 40;

  /** The description of an object is looked at up to here. */
  private static final int DESCRIPTION = 1 << 12;

  /** Most descriptions are shorter. */
  private static final int SHORT_DESCRIPTION = 300;

  /** This many zero bytes in a row stand in no description of an object. */
  private static final String ZEROS = "\0".repeat(16);

  /** Page trees have no more branches; one that has runs in a circle. */
  private static final int MOST_NODES = 2_000_000;

  private static final int MOST_DEPTH = 60;

  /**
   * Looks at a file that is open.
   *
   * @param bytes of the file
   * @param document as the library opened it
   * @param limits how much may be inflated to look at it
   */
  static FileDamage of(
      RandomAccessRead bytes, COSDocument document, COSDictionary pageTree, ReadLimits limits)
      throws IOException {
    int[] pages = pages(pageTree);
    long table = endOf(bytes);
    List<long[]> astray = astray(bytes, table);
    Optional<String> lost =
        table < 0
            ? Optional.of("its end is missing")
            : lost(bytes, document, pages, astray, limits);
    boolean misled = lost.isEmpty() && (!astray.isEmpty() || isElsewhere(bytes, table));
    String what = "its table of objects is wrong; all that it names was found";
    return new FileDamage(lost, misled ? Optional.of(what) : Optional.empty(), pages[0]);
  }

  private static Optional<String> lost(
      RandomAccessRead bytes,
      COSDocument document,
      int[] pages,
      List<long[]> astray,
      ReadLimits limits)
      throws IOException {
    Optional<String> overwritten = overwritten(bytes, document, limits);
    if (overwritten.isPresent()) {
      return overwritten;
    }
    if (pages[0] != pages[1]) {
      return Optional.of(
          pages[0] + " of its pages can be found, and it says that it has " + pages[1]);
    }
    for (long[] entry : astray) {
      COSObjectKey key = new COSObjectKey(entry[0], (int) entry[2]);
      if (!document.getXrefTable().containsKey(key)) {
        return Optional.of("object " + entry[0] + " is not where the file says");
      }
    }
    return Optional.empty();
  }

  /** Where the table of objects is said to be, in bytes; -1 where the file has no end. */
  private static long endOf(RandomAccessRead bytes) throws IOException {
    Matcher end = END.matcher(text(bytes, Math.max(0, bytes.length() - TAIL), TAIL));
    long table = -1;
    while (end.find()) {
      table = Long.parseLong(end.group(1));
    }
    return table;
  }

  /** Objects with zero bytes in their description, and damaged streams of objects. */
  private static Optional<String> overwritten(
      RandomAccessRead bytes, COSDocument document, ReadLimits limits) throws IOException {
    TreeSet<Long> streams = new TreeSet<>();
    for (Map.Entry<COSObjectKey, Long> entry : document.getXrefTable().entrySet()) {
      long at = entry.getValue();
      if (at < 0) {
        streams.add(-at);
      } else {
        if (description(bytes, at).contains(ZEROS)) {
          return Optional.of("object " + entry.getKey().getNumber() + " is overwritten");
        }
      }
    }
    for (long number : streams) {
      COSBase stream = document.getObjectFromPool(new COSObjectKey(number, 0)).getObject();
      if (!(stream instanceof COSStream s) || FlateCheck.isDamaged(s, limits)) {
        return Optional.of("a stream of objects (" + number + ") is damaged or missing");
      }
    }
    return Optional.empty();
  }

  private static String description(RandomAccessRead bytes, long at) throws IOException {
    String text = text(bytes, at, SHORT_DESCRIPTION);
    if (endOfDescription(text) < 0) {
      text = text(bytes, at, DESCRIPTION);
    }
    int end = endOfDescription(text);
    return end < 0 ? text : text.substring(0, end);
  }

  private static int endOfDescription(String text) {
    int stream = text.indexOf("stream");
    int object = text.indexOf("endobj");
    return stream < 0 || object >= 0 && object < stream ? object : stream;
  }

  /** How many pages a tree leads to, and how many it says that it has. */
  private static int[] pages(COSDictionary tree) {
    int[] counted = new int[2];
    count(tree, 0, counted);
    int said = tree.getInt(COSName.COUNT, counted[0]);
    return new int[] {counted[0], said};
  }

  private static void count(COSDictionary node, int depth, int[] counted) {
    COSArray kids = node.getCOSArray(COSName.KIDS);
    if (kids == null) {
      counted[0]++;
      return;
    }
    for (int i = 0; i < kids.size() && counted[1] < MOST_NODES && depth < MOST_DEPTH; i++) {
      counted[1]++;
      if (kids.getObject(i) instanceof COSDictionary kid) {
        count(kid, depth + 1, counted);
      }
    }
  }

  /** Whether neither a table of objects nor a stream of them is where the file says. */
  private static boolean isElsewhere(RandomAccessRead bytes, long table) throws IOException {
    String start = text(bytes, table, HEADING);
    return !OBJECT.matcher(start).lookingAt() && !start.strip().startsWith("xref");
  }

  /**
   * The entries of the table of objects that lead to no such object. Some programs let numbers that
   * they do not use share the place of another object: these lead to none, and lose nothing.
   */
  private static List<long[]> astray(RandomAccessRead bytes, long table) throws IOException {
    List<long[]> entries = entries(bytes, table);
    Map<Long, Long> places = new HashMap<>();
    entries.forEach(entry -> places.put(entry[0], entry[1]));
    List<long[]> astray = new ArrayList<>();
    for (long[] entry : entries) {
      Matcher object = OBJECT.matcher(text(bytes, entry[1], HEADING));
      long there = object.lookingAt() ? Long.parseLong(object.group(1)) : -1;
      if (there != entry[0] && places.getOrDefault(there, -1L) != entry[1]) {
        astray.add(entry);
      }
    }
    return astray;
  }

  /** Number, place and generation of the objects of a table in plain text. */
  private static List<long[]> entries(RandomAccessRead bytes, long table) throws IOException {
    List<long[]> entries = new ArrayList<>();
    long at = table;
    String start = text(bytes, at, HEADING);
    if (!start.strip().startsWith("xref")) {
      return entries;
    }
    at += start.indexOf("xref") + "xref".length();
    while (true) {
      String head = text(bytes, at, HEADING);
      Matcher section = SECTION.matcher(head);
      if (!section.lookingAt()) {
        return entries;
      }
      long first = Long.parseLong(section.group(1));
      int count = (int) Math.min(Integer.parseInt(section.group(2)), bytes.length() / ENTRY);
      at += section.end();
      String run = text(bytes, at, count * ENTRY);
      for (int i = 0; i < count && (i + 1) * ENTRY <= run.length(); i++) {
        String entry = run.substring(i * ENTRY, (i + 1) * ENTRY);
        // some programs write place 0, where no object can stand, for numbers that they do not use
        if (entry.matches("(?s)\\d{10} \\d{5} n.*") && !entry.startsWith(NOWHERE)) {
          entries.add(
              new long[] {
                first + i,
                Long.parseLong(entry.substring(0, 10)),
                Long.parseLong(entry.substring(11, 16))
              });
        }
      }
      at += (long) count * ENTRY;
    }
  }

  private static String text(RandomAccessRead bytes, long at, int most) throws IOException {
    if (at < 0 || at >= bytes.length()) {
      return "";
    }
    byte[] read = new byte[(int) Math.min(most, bytes.length() - at)];
    bytes.seek(at);
    bytes.readFully(read);
    return new String(read, StandardCharsets.ISO_8859_1);
  }
}
