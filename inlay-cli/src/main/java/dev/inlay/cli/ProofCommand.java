package dev.inlay.cli;

import dev.inlay.draw.Proof;
import dev.inlay.extract.DocumentTables;
import dev.inlay.extract.Explanation;
import dev.inlay.extract.Extractor;
import dev.inlay.extract.PageWalk;
import dev.inlay.extract.Problem;
import dev.inlay.page.Page;
import dev.inlay.page.PageSelection;
import dev.inlay.write.TableFiles;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.regex.Pattern;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Draws over pages what was found on them. */
@Command(
    name = "proof",
    header = "Draw over pages what was found on them.",
    description = {
      "",
      "Makes a picture of each page: frames, edges of cells (drawn rulings or inferred gutters),"
          + " headers, merged cells, group headings, totals, furniture, text outside tables, dropped"
          + " text and warnings, with a legend, and rulers in points and percent to read positions"
          + " off for --frame and --gutters.",
      ""
    },
    sortOptions = false,
    optionListHeading = "%nOptions:%n",
    footer = {
      "",
      "Examples:",
      "  inlay proof report.pdf                     report-p1.png, report-p2.png ...",
      "  inlay proof report.pdf --pages 2 -o proof/",
      "  inlay proof report.pdf --to pdf            report-proof.pdf, marks on a layer",
      "",
      "Exit status: 0 all well, 2 wrong use, 3 some input could not be read, 4 an",
      "output could not be written."
    })
final class ProofCommand implements Callable<Integer> {

  private static final int LEAST_DPI = 20;
  private static final int MOST_DPI = 600;

  /** What a person calls a picture, and no folder. */
  private static final Pattern FILE_NAME = Pattern.compile("(?i).+\\.(png|pdf)");

  @Parameters(arity = "0..*", paramLabel = InputFiles.LABEL, description = InputFiles.DESCRIPTION)
  private List<String> named;

  @Option(
      names = {"-o", "--out"},
      paramLabel = "FOLDER",
      defaultValue = ".",
      description = "Write into this folder (default: the current one).")
  private Path folder;

  @Option(
      names = "--to",
      paramLabel = "FORMAT",
      defaultValue = "png",
      description = "png (a picture of each page; the default) or pdf (one file).")
  private String to;

  @Option(
      names = "--dpi",
      paramLabel = "N",
      defaultValue = "110",
      description = "Dots per inch of pictures, 20 to 600 (default: ${DEFAULT-VALUE}).")
  private int dpi;

  @Option(names = "--overwrite", description = "Replace files that exist.")
  private boolean overwrite;

  @Mixin private InputFiles inputs;

  @Mixin private InputOptions input;

  @Mixin private ProgressOptions progress;

  @Mixin private HandToolOptions hand;

  @Mixin private GeneralOptions general;

  @Spec private CommandSpec spec;

  private final Terminal terminal;

  ProofCommand(Terminal terminal) {
    this.terminal = terminal;
  }

  @Override
  public Integer call() throws InterruptedException {
    if (!to.equalsIgnoreCase("png") && !to.equalsIgnoreCase("pdf")) {
      throw new ParameterException(spec.commandLine(), "--to: '" + to + "' is none of png, pdf");
    }
    if (dpi < LEAST_DPI || dpi > MOST_DPI) {
      throw new ParameterException(
          spec.commandLine(), "--dpi: " + dpi + " is not between 20 and 600");
    }
    String name = folder.getFileName() == null ? "" : folder.getFileName().toString();
    if (FILE_NAME.matcher(name).matches() && !Files.isDirectory(folder)) {
      throw new ParameterException(
          spec.commandLine(),
          "-o: '"
              + folder
              + "' names a file; pictures are written into a folder, one for each page");
    }
    PageSelection pages = input.pages();
    Extractor extractor =
        new Extractor(pages, input.password(), hand.tools(), hand.choice()).within(input.limits());
    Outcome outcome = new Outcome(terminal, progress.isQuiet());
    List<Path> files = inputs.of(named, outcome);
    try {
      Files.createDirectories(folder);
    } catch (IOException e) {
      outcome.outputFailed(folder, e);
      return outcome.exitCode();
    }
    Progress shown = new Progress(terminal, progress.mode(), files.size());
    for (Path file : files) {
      Explanation explained = extractor.onThreads(inputs.jobs()).explain(file, shown);
      DocumentTables document = explained.document();
      shown.end();
      outcome.reportProblems(file, document.status(), document.problems());
      if (document.pages() > 0) {
        draw(explained, pages, outcome);
      }
      shown.done(file, document.status().word());
    }
    shown.end();
    return outcome.exitCode();
  }

  private void draw(Explanation explained, PageSelection pages, Outcome outcome)
      throws InterruptedException {
    DocumentTables document = explained.document();
    Path file = document.path();
    try (Proof proof = new Proof(explained, input.password(), hand.tools().rulings())) {
      boolean png = to.equalsIgnoreCase("png");
      PageWalk.WalkResult walked =
          PageWalk.over(
              file,
              input.password(),
              pages,
              page -> {
                int sheet = add(proof, page);
                if (png) {
                  writePng(proof, sheet, page.number(), outcome);
                }
              },
              input.limits());
      // The walk keeps what fails on a page; what was reported at extracting is not again.
      List<Problem> fresh = new ArrayList<>(walked.problems());
      fresh.removeAll(document.problems());
      outcome.reportProblems(file, walked.status(), fresh);
      Path goal = folder.resolve(TableFiles.stem(file) + "-proof.pdf");
      if (!png && OutputFile.write(goal, overwrite, proof::writePdf, outcome)) {
        outcome.wrote(goal);
      }
    } catch (IOException e) {
      terminal.message(file + ": cannot be drawn: " + e.getMessage());
      outcome.inputFailed();
    }
  }

  private void writePng(Proof proof, int sheet, int page, Outcome outcome) {
    Path goal = folder.resolve(TableFiles.stem(proof.path()) + "-p" + page + ".png");
    if (OutputFile.write(goal, overwrite, out -> proof.writePng(sheet, dpi, out), outcome)) {
      outcome.wrote(goal);
    }
  }

  private static int add(Proof proof, Page page) {
    try {
      return proof.add(page);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
