package dev.inlay.bench;

import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * Times whole processes of {@code inlay extract} beside the floor, the PDF library walking the same
 * files in a process with the same options for Java, and how both grow with pages and with files.
 * Ratios of one run can be compared; seconds of a shared machine cannot.
 */
final class Performance {

  /** Runs of each, one after the other in turn; the median counts. */
  private static final int ROUNDS = 5;

  private static final int PAGES_OF_SHORT = 2;
  private static final int PAGES_OF_LONG = 715;
  private static final int FEWEST = 10;

  /** How often the processor time of a process is looked at, in milliseconds. */
  private static final long LOOK = 5;

  /** Exit statuses of a process that read what it could. */
  private static final Set<Integer> READ = Set.of(0, 1, 3);

  private static final Pattern FLAGS = Pattern.compile("(?m)^flags=\"([^\"]*)\"");

  /** What a process took, in seconds. */
  record Took(double wall, double processor) {}

  private final Path launcher;
  private final Path folder;
  private final List<String> floor = new ArrayList<>();
  private final PrintStream out;

  private Performance(Path launcher, Path folder, PrintStream out) throws IOException {
    this.launcher = launcher.toAbsolutePath();
    this.folder = folder;
    this.out = out;
    floor.add(Path.of(System.getProperty("java.home"), "bin", "java").toString());
    floor.addAll(flagsOf(Files.readString(launcher)));
    floor.addAll(List.of("-cp", System.getProperty("java.class.path")));
    floor.add(LibraryFloor.class.getName());
  }

  /** The options for Java that a launcher gives. */
  static List<String> flagsOf(String launcher) {
    Matcher flags = FLAGS.matcher(launcher);
    if (!flags.find()) {
      throw new IllegalArgumentException("the launcher has no line flags=\"...\"");
    }
    return List.of(flags.group(1).split(" "));
  }

  /**
   * Measures.
   *
   * @param args the launcher, the largest count of pages and files, and folders of papers
   * @throws IOException if a process or a file fails
   * @throws InterruptedException if stopped from outside
   */
  static void main(String[] args, PrintStream out) throws IOException, InterruptedException {
    Path work = Files.createTempDirectory("performance");
    try {
      Performance performance = new Performance(Path.of(args[0]), work, out);
      performance.measure(Integer.parseInt(args[1]), List.of(args).subList(2, args.length));
    } finally {
      try (Stream<Path> all = Files.walk(work)) {
        for (Path file : all.sorted((a, b) -> b.compareTo(a)).toList()) {
          Files.delete(file);
        }
      }
    }
  }

  private void measure(int largest, List<String> folders) throws IOException, InterruptedException {
    out.println("medians of " + ROUNDS + " runs, floor and Inlay in turn; seconds and ratios");
    out.println("                              floor    inlay    wall  processor");
    row("one file of 2 pages", List.of(report(PAGES_OF_SHORT)));
    row("one file of 715 pages", List.of(report(PAGES_OF_LONG)));
    for (String papers : folders) {
      row("folder " + Path.of(papers).getFileName(), CaseScore.papersIn(Path.of(papers)));
    }
    for (int pages = FEWEST; pages <= largest; pages *= 10) {
      row(pages + " pages", List.of(report(pages)));
    }
    for (int files = FEWEST; files <= largest; files *= 10) {
      row(files + " files of 2 pages", copies(files));
    }
  }

  private Path report(int pages) throws IOException {
    Path file = folder.resolve("report-" + pages + ".pdf");
    if (!Files.exists(file)) {
      MadeReport.write(file, pages);
    }
    return file;
  }

  private List<Path> copies(int count) throws IOException {
    Path copies = Files.createDirectories(folder.resolve("files-" + count));
    List<Path> files = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      files.add(copies.resolve(String.format(Locale.ROOT, "report-%05d.pdf", i)));
      Files.copy(report(PAGES_OF_SHORT), files.get(i));
    }
    return files;
  }

  private void row(String name, List<Path> files) throws IOException, InterruptedException {
    Path list =
        Files.write(folder.resolve("files.txt"), files.stream().map(Path::toString).toList());
    Path result = folder.resolve("result.json");
    List<String> walk = new ArrayList<>(floor);
    walk.add(list.toString());
    List<String> extract =
        List.of(
            launcher.toString(),
            "extract",
            "--from",
            list.toString(),
            "--to",
            "json",
            "--quiet",
            "-o",
            result.toString(),
            "--overwrite");
    Took[] walked = new Took[ROUNDS];
    Took[] extracted = new Took[ROUNDS];
    for (int round = 0; round < ROUNDS; round++) {
      walked[round] = time(walk);
      extracted[round] = time(extract);
    }
    Took low = median(walked);
    Took high = median(extracted);
    out.printf(
        Locale.ROOT,
        "%-26s %8.2f %8.2f %7.2f %10.2f%n",
        name,
        low.wall(),
        high.wall(),
        high.wall() / low.wall(),
        high.processor() / low.processor());
  }

  /** The medians of the wall and of the processor times. */
  static Took median(Took... all) {
    double[] wall = Arrays.stream(all).mapToDouble(Took::wall).sorted().toArray();
    double[] processor = Arrays.stream(all).mapToDouble(Took::processor).sorted().toArray();
    return new Took(wall[wall.length / 2], processor[processor.length / 2]);
  }

  private static Took time(List<String> command) throws IOException, InterruptedException {
    ProcessBuilder builder = new ProcessBuilder(command);
    builder.redirectErrorStream(true).redirectOutput(ProcessBuilder.Redirect.DISCARD);
    long from = System.nanoTime();
    Process process = builder.start();
    Duration processor = Duration.ZERO;
    while (!process.waitFor(LOOK, TimeUnit.MILLISECONDS)) {
      processor = process.info().totalCpuDuration().orElse(processor);
    }
    double wall = (System.nanoTime() - from) / 1e9;
    if (!READ.contains(process.exitValue())) {
      throw new IOException("exit status " + process.exitValue() + " of " + command);
    }
    return new Took(wall, processor.toNanos() / 1e9);
  }
}
