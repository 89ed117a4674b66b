package dev.inlay.cli;

import dev.inlay.choose.RulingUse;
import dev.inlay.extract.TableChoice;
import dev.inlay.extract.TableHints;
import dev.inlay.geom.Length;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import picocli.CommandLine.ArgGroup;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Spec;

/** Options with which a person says where the tables are, should finding them fail. */
final class HandToolOptions {

  /** One group, so that the help shows them together. */
  @ArgGroup(validate = false, heading = "%nWhen finding fails, say where the table is:%n")
  private Given given = new Given();

  /** The options. */
  static final class Given {
    @Option(
        names = "--table",
        paramLabel = "TABLE",
        description =
            "Only this table: its id, as p2t1, or a text of its title or of a heading. May be given"
                + " several times.")
    private List<String> tables = List.of();

    @Option(
        names = "--area",
        paramLabel = "L,T,R,B",
        description =
            "Look for tables only inside this part of each page: left, top, right and bottom edge,"
                + " written as for --frame.")
    private String area;

    @Option(
        names = "--frame",
        paramLabel = "L,T,R,B",
        description =
            "The table's left, top, right and bottom edge, e.g. 20mm,10%%,190mm,80%%. Units: pt (the"
                + " default), mm, cm, in, %% of the page.")
    private String frame;

    @Option(
        names = "--below",
        paramLabel = "TEXT",
        description = "Only what stands below the line with this text, on later pages too.")
    private String below;

    @Option(
        names = "--above",
        paramLabel = "TEXT",
        description = "Only what stands above the line with this text.")
    private String above;

    @Option(
        names = "--gutters",
        paramLabel = "X,X...",
        description = "Where columns part, e.g. 60mm,95mm,130mm. A word that is cut is reported.")
    private String gutters;

    @Option(
        names = "--rulings",
        paramLabel = "USE",
        defaultValue = "weigh",
        description =
            "What rulings mean: weigh (together with the text; the default), use (cells are what"
                + " they bound, nothing else), ignore.")
    private RulingUse rulings = RulingUse.WEIGH;
  }

  @Spec(Spec.Target.MIXEE)
  private CommandSpec spec;

  TableChoice choice() {
    return new TableChoice(given.tables);
  }

  /**
   * What is said of the tables.
   *
   * @throws ParameterException where it is written wrongly
   */
  TableHints tools() {
    if (given.area != null && given.frame != null) {
      throw new ParameterException(
          spec.commandLine(),
          "--area and --frame exclude each other: a frame is the table's own box, an area is where"
              + " it is looked for");
    }
    return new TableHints(
        Optional.ofNullable(given.area).map(f -> read("--area", () -> Length.parseFrame(f))),
        Optional.ofNullable(given.frame).map(f -> read("--frame", () -> Length.parseFrame(f))),
        text("--below", given.below),
        text("--above", given.above),
        given.gutters == null
            ? List.of()
            : read("--gutters", () -> Length.parseGutters(given.gutters)),
        given.rulings);
  }

  private Optional<String> text(String option, String text) {
    if (text != null && text.isBlank()) {
      throw new ParameterException(spec.commandLine(), option + " holds no text");
    }
    return Optional.ofNullable(text);
  }

  private <T> T read(String option, Supplier<T> reading) {
    try {
      return reading.get();
    } catch (IllegalArgumentException e) {
      throw new ParameterException(spec.commandLine(), option + ": " + e.getMessage(), e);
    }
  }
}
