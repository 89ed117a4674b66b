package dev.inlay.draft;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/** Writes a first spec from sample files of one kind. */
public final class SpecDraft {

  private static final int MOST_REPORTED = 3;

  private final DraftSamples samples;
  private final Corrections corrections = new Corrections();

  private SpecDraft(List<SampleFile> files) {
    samples = new DraftSamples(files);
  }

  /**
   * A spec as text, with comments that say what was seen and what is open to choice.
   *
   * @param files at least one
   * @throws IllegalArgumentException where no table is common to most of them
   */
  public static String of(List<SampleFile> files) {
    SpecDraft draft = new SpecDraft(files);
    if (draft.samples.layouts().isEmpty()) {
      throw new IllegalArgumentException(
          "no table is common to most of the files; inlay survey shows what they hold");
    }
    return draft.tried();
  }

  /** The draft, corrected by what it makes of its samples until nothing new comes of that. */
  private String tried() {
    String text = text();
    DraftTrial trial = trial(text);
    while (corrections.readAsText(trial.unread())) {
      text = text();
      trial = trial(text);
    }
    List<Relations.Shown> shown = relations(text);
    for (int set = 0; set < shown.size(); set++) {
      for (String field : shown.get(set).zeros()) {
        corrections.isZeroWhereBlank(set, field);
      }
    }
    return withOutcome(withChecks(text(), shown), trial);
  }

  private DraftTrial trial(String text) {
    return DraftTrial.of(text, samples.files(), samples.blocks());
  }

  private List<Relations.Shown> relations(String text) {
    List<Relations.Shown> shown = new ArrayList<>();
    for (int set = 0; set < samples.layouts().size(); set++) {
      shown.add(Relations.of(text, set, samples.files()));
    }
    return shown;
  }

  /** Says at the top what the draft reads from its own samples. */
  private static String withOutcome(String text, DraftTrial trial) {
    StringBuilder outcome = new StringBuilder("# It reads ");
    outcome.append(trial.accepted()).append(trial.accepted() == 1 ? " row" : " rows");
    outcome.append(" from them, and holds ").append(trial.held() == 0 ? "none" : trial.held());
    outcome.append(".\n");
    int reported = Math.min(MOST_REPORTED, trial.notTaken().size());
    trial.notTaken().subList(0, reported).forEach(t -> outcome.append("# ").append(t).append('\n'));
    if (trial.notTaken().size() > reported) {
      int more = trial.notTaken().size() - reported;
      outcome.append("# ").append(more).append(" more tables were not taken.\n");
    }
    int second = text.indexOf('\n') + 1;
    return text.substring(0, second) + outcome + text.substring(second);
  }

  private String withChecks(String text, List<Relations.Shown> shown) {
    String spec = text;
    for (int set = 0; set < samples.layouts().size(); set++) {
      List<String> checks = shown.get(set).checks();
      String indent = "  ".repeat(samples.layouts().size() > 1 ? 2 : 0);
      StringBuilder lines = new StringBuilder(checks.isEmpty() ? "" : "checks:");
      checks.forEach(c -> lines.append("\n").append(indent).append("  ").append(c));
      String place = indent + Relations.marker(set) + "\n";
      spec = spec.replace(place, checks.isEmpty() ? "" : indent + lines + "\n");
    }
    return spec;
  }

  private String text() {
    YamlText yaml = new YamlText();
    String names = String.join(", ", samples.files().stream().map(SampleFile::name).toList());
    yaml.comment(0, "Drafted from " + names + ".");
    Optional<String> title = samples.lines().title();
    yaml.entry(0, "report", title.orElse("Report"));
    title.ifPresent(t -> yaml.entry(0, "recognised by", t));
    if (title.isPresent() && samples.files().size() == 1) {
      yaml.comment(0, "One sample does not show which words change from report to report:");
      yaml.comment(0, "take those out of the text above, or draft from two.");
    }
    for (Layout layout : samples.rare()) {
      String where = String.join(", ", layout.tables().keySet());
      yaml.comment(0, "Left out: a table that only " + where + " has: " + headings(layout));
    }
    if (!samples.blocks().isEmpty()) {
      yaml.line(0, "other tables: leave out  # blocks of labels, whose values are read below");
    }
    samples.decimal().ifPresent(mark -> yaml.line(0, "numbers: {decimal: \"" + mark + "\"}"));
    dataSets(yaml);
    return yaml.toString();
  }

  private void dataSets(YamlText yaml) {
    if (samples.layouts().size() == 1) {
      yaml.blank();
      new DataSetDraft(samples, corrections, 0, yaml, 0).write();
      return;
    }
    yaml.line(0, "data:");
    Set<String> taken = new LinkedHashSet<>();
    for (int set = 0; set < samples.layouts().size(); set++) {
      yaml.blank();
      yaml.line(1, name(samples.layouts().get(set), taken) + ":");
      new DataSetDraft(samples, corrections, set, yaml, 2).write();
    }
  }

  private static String headings(Layout layout) {
    return String.join(
        ", ", layout.columns().stream().map(c -> String.join(" / ", c.path())).toList());
  }

  private static String name(Layout layout, Set<String> taken) {
    String title = layout.tables().values().iterator().next().title().orElse("table");
    String words = NumberedTitle.withoutNumber(title).replaceFirst(",.*", "");
    String plain = words.toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\p{N}]+", " ").strip();
    String name = plain.isEmpty() ? "table" : plain;
    for (int n = 2; !taken.add(name); n++) {
      name = plain + " " + n;
    }
    return name;
  }
}
