package dev.inlay.cli;

import dev.inlay.batch.FileBatch;
import dev.inlay.extract.DocumentTables;
import dev.inlay.extract.Extractor;
import dev.inlay.survey.PaperSummary;
import dev.inlay.write.SurveyFile;
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
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

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
      "",
      "Exit status: 0 all well, 2 wrong use, 3 some input could not be read, 4 an",
      "output could not be written."
    })
final class SurveyCommand implements Callable<Integer> {

  /** Of one group so many files are named on a screen. */
  private static final int PAPERS_ON_SCREEN = 12;

  @Parameters(arity = "1..*", paramLabel = "FILE|FOLDER", description = "PDF files, or folders.")
  private List<Path> named;

  @Mixin private ListOutput output;

  @Mixin private InputOptions input;

  @Mixin private GeneralOptions general;

  @Spec private CommandSpec spec;

  private final Terminal terminal;

  SurveyCommand(Terminal terminal) {
    this.terminal = terminal;
  }

  @Override
  public Integer call() throws InterruptedException, IOException {
    TableFormat format = output.format();
    List<Path> files = InputFiles.of(named);
    if (files.isEmpty()) {
      throw new ParameterException(spec.commandLine(), "no PDF file in " + named.get(0));
    }
    Extractor extractor = new Extractor(input.pages(), input.password()).within(input.timeLimit());
    Outcome outcome = new Outcome(terminal);
    if (!output.isFree(outcome)) {
      return outcome.exitCode();
    }
    List<PaperSummary> papers = new ArrayList<>();
    int workers = Runtime.getRuntime().availableProcessors();
    FileBatch.extract(files, extractor, workers, document -> take(document, papers, outcome));
    if (output.write(to -> write(format, papers, to), terminal, outcome) && !output.isShown()) {
      outcome.wrote(output.file(), papers.stream().mapToInt(p -> p.tables().size()).sum());
    }
    return outcome.exitCode();
  }

  private static void take(DocumentTables document, List<PaperSummary> papers, Outcome outcome) {
    outcome.tellProblems(document.path(), document.status(), document.problems());
    papers.add(PaperSummary.of(document));
  }

  private void write(TableFormat format, List<PaperSummary> papers, OutputStream to)
      throws IOException {
    switch (format) {
      case CSV -> new SurveyFile(papers).csv(to);
      case JSON -> new SurveyFile(papers).json(to);
      default -> {
        int most = terminal.isScreen() && output.isShown() ? PAPERS_ON_SCREEN : 0;
        int width = output.isShown() ? terminal.width() : 0;
        String text = TextTables.joined(SurveyText.lines(papers, width, most));
        to.write(text.getBytes(StandardCharsets.UTF_8));
      }
    }
  }
}
