package dev.inlay.cli;

import dev.inlay.batch.FileBatch;
import dev.inlay.extract.DocumentTables;
import dev.inlay.extract.Extractor;
import dev.inlay.extract.TextSearch;
import dev.inlay.survey.PaperSummary;
import dev.inlay.write.SurveyFile;
import dev.inlay.write.SurveyOverview;
import dev.inlay.write.SurveyText;
import dev.inlay.write.TableFormat;
import dev.inlay.write.TextTables;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.function.Function;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** Looks over PDF files: what they are made of, which tables they hold, which look alike. */
@Command(
    name = "survey",
    header = "Look over PDF files: what is in them, and which look alike.",
    description = {
      "",
      "Names for each file its pages, its kind (text, mixed, pictures, blank, locked, broken), the"
          + " program that made it and its tables. Files whose tables have the same headings are"
          + " shown as one group, with the tables of its first file.",
      ""
    },
    sortOptions = false,
    optionListHeading = "%nOptions:%n",
    footer = {
      "",
      "Examples:",
      "  inlay survey reports/                      all PDF files in a folder",
      "  inlay survey reports/ -o survey.csv        a line for each table",
      "  inlay survey reports/ --find 'ice landed'  where a table is",
      "",
      "Exit status: 0 all well, 1 no table holds the text looked for, 2 wrong use, 3",
      "some input could not be read, 4 an output could not be written."
    })
final class SurveyCommand implements Callable<Integer> {

  /** Of one group this many files are named on a screen. */
  private static final int PAPERS_ON_SCREEN = 12;

  /** More lines are shown as an overview. */
  private static final int MOST_LINES = 60;

  @Parameters(arity = "0..*", paramLabel = InputFiles.LABEL, description = InputFiles.DESCRIPTION)
  private List<String> named;

  @Option(
      names = "--find",
      paramLabel = "TEXT",
      description =
          "Show only the tables that hold this text, in capitals or not: in a title, a heading, a cell"
              + " or a note.")
  private String find;

  @Option(
      names = "--details",
      description = "Show every file and table on a screen, however many there are.")
  private boolean details;

  @Mixin private ListOutput output;

  @Mixin private InputFiles inputs;

  @Mixin private InputOptions input;

  @Mixin private ProgressOptions progress;

  @Mixin private GeneralOptions general;

  private final Terminal terminal;

  SurveyCommand(Terminal terminal) {
    this.terminal = terminal;
  }

  @Override
  public Integer call() throws InterruptedException, IOException {
    TableFormat format = output.format();
    Outcome outcome = new Outcome(terminal, progress.isQuiet());
    List<Path> files = inputs.of(named, outcome);
    Extractor extractor = new Extractor(input.pages(), input.password()).within(input.limits());
    if (!output.isFree(outcome)) {
      return outcome.exitCode();
    }
    List<PaperSummary> papers = new ArrayList<>();
    Progress shown = new Progress(terminal, progress.mode(), files.size());
    FileBatch.extract(
        files,
        extractor,
        inputs.jobs(),
        shown,
        shown.around(Function.identity(), document -> take(document, papers, outcome)));
    shown.end();
    if (find != null && papers.isEmpty()) {
      terminal.message("no table holds '" + find + "'");
      outcome.findings();
    }
    if (output.write(to -> write(format, papers, to), terminal, outcome) && !output.isShown()) {
      outcome.wrote(output.file(), papers.stream().mapToInt(p -> p.tables().size()).sum());
    }
    return outcome.exitCode();
  }

  private void take(DocumentTables document, List<PaperSummary> papers, Outcome outcome) {
    outcome.reportProblems(document.path(), document.status(), document.problems());
    PaperSummary paper = PaperSummary.of(find == null ? document : TextSearch.in(document, find));
    if (find == null || !paper.tables().isEmpty()) {
      papers.add(paper);
    }
  }

  /** On a screen the overview where all would not fit, unless all is asked for. */
  private List<String> lines(List<PaperSummary> papers) {
    int width = output.isShown() ? terminal.width() : 0;
    if (details || !terminal.isScreen() || !output.isShown()) {
      return SurveyText.lines(papers, width, 0);
    }
    List<String> lines = SurveyText.lines(papers, width, PAPERS_ON_SCREEN);
    return lines.size() <= MOST_LINES ? lines : SurveyOverview.lines(papers, width);
  }

  private void write(TableFormat format, List<PaperSummary> papers, OutputStream to)
      throws IOException {
    switch (format) {
      case CSV -> new SurveyFile(papers).csv(to);
      case JSON -> new SurveyFile(papers).json(to);
      default -> {
        String text = TextTables.joined(lines(papers));
        to.write(text.getBytes(StandardCharsets.UTF_8));
      }
    }
  }
}
