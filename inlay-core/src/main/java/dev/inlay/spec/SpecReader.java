package dev.inlay.spec;

import dev.inlay.page.PageSelection;
import dev.inlay.page.PlainText;
import dev.inlay.page.ReadLimits;
import dev.inlay.page.ReadLimits.Limit;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import org.snakeyaml.engine.v2.api.LoadSettings;
import org.snakeyaml.engine.v2.api.lowlevel.Compose;
import org.snakeyaml.engine.v2.exceptions.Mark;
import org.snakeyaml.engine.v2.exceptions.MarkedYamlEngineException;
import org.snakeyaml.engine.v2.nodes.MappingNode;
import org.snakeyaml.engine.v2.nodes.Node;

/** Reads a spec file. All that is wrong in it is reported at once, with its line and column. */
public final class SpecReader {

  /** Words for forms of results, which are endings of files as well. */
  private static final List<String> FORMS =
      List.of("xlsx", "ods", "csv", "tsv", "jsonl", "sqlite", "db");

  /** The names, without their endings, of what a run writes beside its data sets. */
  private static final List<String> OTHER_FILES = List.of("held", "findings", "files");

  private final Messages messages = new Messages();

  private final Path folder;

  private SpecReader(Path folder) {
    this.folder = folder;
  }

  /**
   * Reads a spec that names no other files, or names them by whole paths.
   *
   * @param yaml the text of the file
   * @throws SpecException with all that is wrong in it
   */
  public static ReportSpec read(String yaml) throws SpecException {
    return read(yaml, Path.of(""));
  }

  /**
   * Reads a spec.
   *
   * @param yaml the text of the file
   * @param folder where lists of codes that it names lie
   * @throws SpecException with all that is wrong in it
   */
  public static ReportSpec read(String yaml, Path folder) throws SpecException {
    SpecReader reader = new SpecReader(folder);
    Optional<Node> root = reader.compose(yaml);
    reader.messages.check();
    ReportSpec spec = reader.report(root.get());
    reader.messages.check();
    return spec;
  }

  private Optional<Node> compose(String yaml) {
    Optional<Node> root = Optional.empty();
    try {
      root = new Compose(LoadSettings.builder().build()).composeString(yaml);
      if (root.isEmpty()) {
        messages.add((Mark) null, "the spec is empty; begin with 'report: NAME'");
      }
    } catch (MarkedYamlEngineException e) {
      String problem = e.getProblem() == null ? e.getMessage() : e.getProblem();
      messages.add(
          e.getProblemMark().orElse(null),
          "this is no YAML: " + problem + "; texts with : # { or [ need quotation marks");
    }
    return root;
  }

  private ReportSpec report(Node root) {
    Section section = Section.of(root, SpecKeys.REPORT, messages);
    FormatReader forms = FormatReader.ofReport(section);
    String name = section.needed("report");
    List<DataSetSpec> sets = new ArrayList<>();
    if (section.has("data")) {
      severalSets(section, forms, sets);
    } else {
      section.get("report").ifPresent(n -> checkName(n, fileName(name)));
      sets.add(new DataSetReader(section, fileName(name), forms, folder).read());
    }
    return new ReportSpec(
        name,
        recognitions(section),
        password(section),
        section.read("pages", PageSelection::parse).orElse(PageSelection.ALL),
        limits(section),
        section.choice("other tables", "report", "report", "leave out").equals("leave out"),
        sets,
        results(section));
  }

  private ReadLimits limits(Section report) {
    ReadLimits limits = ReadLimits.USUAL;
    OptionalInt seconds = report.number("time limit");
    if (seconds.isPresent()) {
      limits = limits.within(Duration.ofSeconds(seconds.getAsInt()));
    }
    if (report.has("limits")) {
      Section given = Section.of(report.get("limits").orElseThrow(), SpecKeys.LIMITS, messages);
      for (Limit limit : Limit.values()) {
        OptionalInt most = given.number(limit.word());
        limits = most.isPresent() ? limits.with(limit, most.getAsInt()) : limits;
      }
    }
    return limits;
  }

  private void severalSets(Section section, FormatReader forms, List<DataSetSpec> sets) {
    for (String key : SpecKeys.DATA_SET.names()) {
      section
          .get(key)
          .ifPresent(
              n -> messages.add(n, "'" + key + "' belongs under one of the names in 'data'"));
    }
    Section data = Section.ofAny(section.get("data").orElseThrow(), messages);
    if (data.values().isEmpty()) {
      messages.add(data.node(), "'data' names no data set");
    }
    for (Map.Entry<String, Node> entry : data.values().entrySet()) {
      Section set = Section.of(entry.getValue(), SpecKeys.DATA_SET, messages);
      String name = fileName(entry.getKey());
      checkName(entry.getValue(), name);
      if (sets.stream().anyMatch(s -> s.name().equalsIgnoreCase(name))) {
        messages.add(
            entry.getValue(),
            "another data set is written to '" + name + "', too; name it otherwise");
      }
      sets.add(new DataSetReader(set, fileName(entry.getKey()), forms, folder).read());
    }
  }

  /** Some files are written beside those of the data sets. */
  private void checkName(Node at, String name) {
    if (OTHER_FILES.contains(name.toLowerCase(Locale.ROOT))) {
      messages.add(
          at, "a run writes other things to a file called '" + name + "'; name it otherwise");
    }
  }

  /** A name as files bear it. */
  private static String fileName(String name) {
    String plain = PlainText.fileName(name);
    return plain.isEmpty() ? "data" : plain;
  }

  private List<ReportSpec.Recognition> recognitions(Section section) {
    List<ReportSpec.Recognition> all = new ArrayList<>();
    for (Node item : section.items("recognised by")) {
      if (!(item instanceof MappingNode)) {
        String text = section.textOf(item, "'recognised by'");
        all.add(new ReportSpec.Recognition(text, 0, false));
        continue;
      }
      Section one = Section.of(item, SpecKeys.RECOGNITION, messages);
      boolean missing = one.has("missing");
      if (missing == one.has("text")) {
        messages.add(item, "give either 'text' or 'missing' here");
      }
      String text = missing ? one.needed("missing") : one.needed("text");
      all.add(new ReportSpec.Recognition(text, one.number("page").orElse(0), missing));
    }
    return all;
  }

  private Optional<ReportSpec.PasswordSource> password(Section section) {
    Optional<Node> node = section.get("password");
    if (node.isEmpty()) {
      return Optional.empty();
    }
    if (!(node.get() instanceof MappingNode)) {
      messages.add(
          node.get(),
          "a password does not stand in a spec: name its place, as {variable: DUES_PASSWORD} or"
              + " {file: dues.password}");
      return Optional.empty();
    }
    Section place = Section.of(node.get(), SpecKeys.PASSWORD, messages);
    if (place.has("variable") == place.has("file")) {
      messages.add(node.get(), "give either 'variable' or 'file' here");
    }
    return Optional.of(
        new ReportSpec.PasswordSource(
            place.text("variable").orElse(""), place.text("file").orElse("")));
  }

  private List<ResultFile> results(Section section) {
    List<ResultFile> files = new ArrayList<>();
    for (Node item : section.items("results")) {
      if (!(item instanceof MappingNode)) {
        String name = section.textOf(item, "'results'");
        checkForm(item, name, FORMS);
        files.add(new ResultFile(name, Optional.empty(), false));
        continue;
      }
      Section one = Section.of(item, SpecKeys.RESULT, messages);
      boolean append = one.choice("rows", "append", "append", "replace").equals("append");
      String name = one.needed("file");
      checkForm(item, name, one.has("sheet") ? List.of("xlsx") : FORMS);
      files.add(new ResultFile(name, one.text("sheet"), append));
    }
    return files;
  }

  private void checkForm(Node at, String name, List<String> forms) {
    String ending = name.substring(name.lastIndexOf('.') + 1).toLowerCase(Locale.ROOT);
    if (!forms.contains(ending)) {
      messages.add(
          at,
          "'"
              + name
              + "' is no result"
              + Wording.nearest(ending, forms)
                  .map(f -> "; probably '" + name.replace(ending, f) + "'")
                  .orElse("; name a file, or a format: " + String.join(", ", forms)));
    }
  }
}
