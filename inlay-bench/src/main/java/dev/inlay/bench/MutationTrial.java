package dev.inlay.bench;

import dev.inlay.extract.DocumentTables;
import dev.inlay.extract.Extractor;
import dev.inlay.extract.PageLedger;
import dev.inlay.extract.Problem;
import dev.inlay.page.PageSelection;
import dev.inlay.page.ReadLimits;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.cos.COSObjectKey;
import org.apache.pdfbox.cos.COSStream;
import org.apache.pdfbox.pdfwriter.compress.CompressParameters;
import org.apache.pdfbox.pdmodel.PDDocument;

/**
 * Changes papers at random, where nothing is compressed any more so that a change reaches what
 * explains the page, and reads each through the whole path: whatever stands in a file, it is read
 * or refused in bounded time, every character is accounted for, and nothing is thrown.
 */
final class MutationTrial {

  /** How a changed paper comes out. */
  enum Outcome {
    READ,
    REFUSED,
    /** It took too long, which is reported and bounds the harm. */
    TIME_OVER,
    /** Characters are lost or used twice. */
    UNBALANCED,
    /** Inlay hit a defect of its own. */
    DEFECT;

    boolean isFault() {
      return this == UNBALANCED || this == DEFECT;
    }
  }

  private static final ReadLimits LIMITS = ReadLimits.USUAL.within(Duration.ofSeconds(30));
  private static final int MOST_BYTES = 8;
  private static final int MOST_SLICE = 200;
  private static final int MOST_CHANGES = 4;

  private static final Pattern NUMBER =
      Pattern.compile("(?<=[\\s\\[])-?\\d+(\\.\\d+)?(?=[\\s\\]])");

  private static final Pattern OPERATOR =
      Pattern.compile(
          "(?<=\\s)(q|Q|cm|re|m|l|S|f|W|n|BT|ET|Tf|Td|Tm|Tj|TJ|T\\*|Tz|Tc|Tw|Do|gs)(?=\\s)");

  private static final List<String> NUMBERS =
      List.of("0", "-1", "1e9", "-99999999", "2147483648", "0.00000001", "--5", "1.2.3", "99999");

  private final Random random;

  MutationTrial(long seed) {
    random = new Random(seed);
  }

  /**
   * Changes copies of the papers of a folder.
   *
   * @param args the folder, the number of copies, the seed
   * @throws IOException if a file cannot be read or written
   * @throws InterruptedException if stopped from outside
   */
  static void main(String[] args, PrintStream out) throws IOException, InterruptedException {
    System.setProperty("org.slf4j.simpleLogger.defaultLogLevel", "off"); // each is damaged
    int copies = Integer.parseInt(args[1]);
    long seed = Long.parseLong(args[2]);
    Path folder = Files.createTempDirectory("mutations");
    Path copy = folder.resolve("copy.pdf");
    List<byte[]> papers = plainPapers(Path.of(args[0]), Integer.MAX_VALUE);
    Map<Outcome, Integer> counts = new EnumMap<>(Outcome.class);
    for (int i = 0; i < copies; i++) {
      byte[] changed = new MutationTrial(seed + i).changed(papers.get(i % papers.size()));
      Outcome outcome = outcome(changed, copy);
      counts.merge(outcome, 1, Integer::sum);
      if (outcome.isFault() || outcome == Outcome.TIME_OVER) {
        Path kept = Path.of("mutation-" + (seed + i) + ".pdf");
        Files.write(kept, changed);
        out.println(outcome + ": paper " + i % papers.size() + ", kept as " + kept);
      }
    }
    Files.deleteIfExists(copy);
    Files.delete(folder);
    out.println(copies + " changed copies of " + papers.size() + " papers, seed " + seed + ":");
    counts.forEach((outcome, count) -> out.println(outcome + " " + count));
  }

  /** The smallest papers of a folder, nothing in them compressed. */
  static List<byte[]> plainPapers(Path folder, int most) throws IOException {
    List<byte[]> papers = new ArrayList<>();
    for (Path paper : CaseScore.papersIn(folder)) {
      papers.add(plain(paper));
    }
    papers.sort(Comparator.comparingInt(p -> p.length));
    return papers.subList(0, Math.min(most, papers.size()));
  }

  /** A paper of which nothing is compressed. */
  private static byte[] plain(Path paper) throws IOException {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try (PDDocument document = Loader.loadPDF(paper.toFile())) {
      for (COSObjectKey key : document.getDocument().getXrefTable().keySet()) {
        if (document.getDocument().getObjectFromPool(key).getObject() instanceof COSStream stream
            && stream.getFilters() != null
            && !COSName.IMAGE.equals(stream.getCOSName(COSName.SUBTYPE))) {
          inflate(stream);
        }
      }
      document.save(bytes, CompressParameters.NO_COMPRESSION);
    }
    return bytes.toByteArray();
  }

  private static void inflate(COSStream stream) throws IOException {
    byte[] content;
    try (InputStream in = stream.createInputStream()) {
      content = in.readAllBytes();
    }
    stream.removeItem(COSName.FILTER);
    stream.removeItem(COSName.DECODE_PARMS);
    try (OutputStream out = stream.createOutputStream()) {
      out.write(content);
    }
  }

  /** A copy of a paper with one to four changes. */
  byte[] changed(byte[] paper) {
    byte[] changed = paper;
    for (int i = random.nextInt(MOST_CHANGES); i >= 0; i--) {
      changed =
          switch (random.nextInt(5)) {
            case 0 -> withOtherBytes(changed);
            case 1 -> withOtherText(changed, NUMBER, NUMBERS);
            case 2 -> withOtherText(changed, OPERATOR, List.of());
            case 3 -> withoutSlice(changed);
            default -> withSliceTwice(changed);
          };
    }
    return changed;
  }

  private byte[] withOtherBytes(byte[] paper) {
    byte[] copy = paper.clone();
    for (int i = random.nextInt(MOST_BYTES); i >= 0; i--) {
      copy[random.nextInt(copy.length)] = (byte) random.nextInt(1 << Byte.SIZE);
    }
    return copy;
  }

  /** One place that fits a pattern replaced by one of some texts, or by what another place has. */
  private byte[] withOtherText(byte[] paper, Pattern pattern, List<String> texts) {
    String text = new String(paper, StandardCharsets.ISO_8859_1);
    List<MatchResult> places = pattern.matcher(text).results().toList();
    if (places.isEmpty()) {
      return paper;
    }
    MatchResult place = places.get(random.nextInt(places.size()));
    String other =
        texts.isEmpty()
            ? places.get(random.nextInt(places.size())).group()
            : texts.get(random.nextInt(texts.size()));
    String changed = text.substring(0, place.start()) + other + text.substring(place.end());
    return changed.getBytes(StandardCharsets.ISO_8859_1);
  }

  private byte[] withoutSlice(byte[] paper) {
    int length = 1 + random.nextInt(Math.min(MOST_SLICE, paper.length / 2));
    int at = random.nextInt(paper.length - length);
    byte[] copy = new byte[paper.length - length];
    System.arraycopy(paper, 0, copy, 0, at);
    System.arraycopy(paper, at + length, copy, at, copy.length - at);
    return copy;
  }

  private byte[] withSliceTwice(byte[] paper) {
    int length = 1 + random.nextInt(Math.min(MOST_SLICE, paper.length / 2));
    int from = random.nextInt(paper.length - length);
    int at = random.nextInt(paper.length);
    byte[] copy = new byte[paper.length + length];
    System.arraycopy(paper, 0, copy, 0, at);
    System.arraycopy(paper, from, copy, at, length);
    System.arraycopy(paper, at, copy, at + length, paper.length - at);
    return copy;
  }

  /** Reads a changed paper. */
  static Outcome outcome(byte[] paper, Path copy) throws IOException, InterruptedException {
    Files.write(copy, paper);
    DocumentTables read = new Extractor(PageSelection.ALL, "").within(LIMITS).extract(copy);
    CaseReading.asJson(read);
    if (read.problems().stream().anyMatch(p -> p.code().equals(Problem.DEFECT))) {
      return Outcome.DEFECT;
    }
    if (!read.ledgers().stream().map(PageLedger::ledger).allMatch(l -> l.balances())) {
      return Outcome.UNBALANCED;
    }
    if (read.problems().stream().anyMatch(p -> p.code().equals(Problem.TIME_OVER))) {
      return Outcome.TIME_OVER;
    }
    return read.pages() > 0 ? Outcome.READ : Outcome.REFUSED;
  }
}
