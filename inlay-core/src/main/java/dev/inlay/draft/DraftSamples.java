package dev.inlay.draft;

import dev.inlay.draft.LabelValues.Labelled;
import dev.inlay.model.Table;
import dev.inlay.rows.TypeTrial;
import java.util.ArrayList;
import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** The samples of a draft, and what they have in common. */
final class DraftSamples {

  private final List<SampleFile> files;
  private final List<Layout> layouts = new ArrayList<>();
  private final List<Layout> rare = new ArrayList<>();
  private final Set<Table> blocks = Collections.newSetFromMap(new IdentityHashMap<>());
  private final VaryingLines lines;
  private final List<Labelled> labelled;
  private final Optional<Character> decimal;

  DraftSamples(List<SampleFile> files) {
    this.files = files;
    List<Layout> found = Layout.of(files);
    boolean others = found.stream().anyMatch(l -> !l.isBlockOfLabels());
    for (Layout layout : found) {
      if (others && layout.isBlockOfLabels()) {
        blocks.addAll(layout.all());
      } else {
        (2 * layout.tables().size() > files.size() ? layouts : rare).add(layout);
      }
    }
    lines = new VaryingLines(files);
    labelled =
        LabelValues.of(files, blocks).stream()
            .filter(l -> !lines.title().equals(Optional.of(l.label())))
            .toList();
    List<List<String>> texts = new ArrayList<>();
    layouts.forEach(l -> l.columns().forEach(c -> texts.addAll(c.textsByFile())));
    decimal = TypeTrial.decimalMark(texts);
  }

  List<SampleFile> files() {
    return files;
  }

  /** The tables that most files have; each becomes a data set. */
  List<Layout> layouts() {
    return layouts;
  }

  /** Those that fewer have. */
  List<Layout> rare() {
    return rare;
  }

  /** Tables that are blocks of labels and values. */
  Set<Table> blocks() {
    return blocks;
  }

  VaryingLines lines() {
    return lines;
  }

  /** Values beside labels, but for what names the report. */
  List<Labelled> labelled() {
    return labelled;
  }

  /** The decimal mark, where the numbers show it. */
  Optional<Character> decimal() {
    return decimal;
  }
}
