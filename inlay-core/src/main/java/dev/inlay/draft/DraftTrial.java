package dev.inlay.draft;

import dev.inlay.model.Table;
import dev.inlay.rows.DataSetPart;
import dev.inlay.rows.DataSetReading;
import dev.inlay.rows.Finding;
import dev.inlay.rows.HeldRecord;
import dev.inlay.rows.TablesNotTaken;
import dev.inlay.spec.DataSetSpec;
import dev.inlay.spec.SpecException;
import dev.inlay.spec.SpecReader;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * What a draft makes of its own samples.
 *
 * @param accepted how many rows it reads
 * @param held how many rows it holds
 * @param unread the fields whose texts hold rows, each with the first reason; a field is known by
 *     the number of its data set and its name
 * @param notTaken what is said of tables that no data set takes
 */
record DraftTrial(int accepted, int held, Map<String, String> unread, List<String> notTaken) {

  /** Keeps copies that cannot change. */
  DraftTrial {
    unread = Map.copyOf(unread);
    notTaken = List.copyOf(notTaken);
  }

  /**
   * Runs a draft over its samples.
   *
   * @param spec the draft as text
   * @param blocks tables that it reads as values
   */
  static DraftTrial of(String spec, List<SampleFile> files, Set<Table> blocks) {
    List<DataSetSpec> sets;
    try {
      sets = SpecReader.read(spec).dataSets();
    } catch (SpecException e) {
      throw new IllegalStateException("a draft must be a spec: " + e.messages(), e);
    }
    int accepted = 0;
    int held = 0;
    Map<String, String> unread = new LinkedHashMap<>();
    List<String> notTaken = new ArrayList<>();
    for (SampleFile file : files) {
      List<TablesNotTaken.Source> sources = new ArrayList<>();
      List<Table> others = file.tables().stream().filter(t -> !blocks.contains(t)).toList();
      for (int set = 0; set < sets.size(); set++) {
        DataSetPart part =
            DataSetReading.read(sets.get(set), file.name(), file.tables(), file.lines());
        accepted += part.records().size();
        held += part.held().size();
        note(set, part.held(), unread);
        sources.add(new TablesNotTaken.Source(sets.get(set), others, part.tables()));
      }
      TablesNotTaken.of(file.name(), sources)
          .forEach(f -> notTaken.add(f.file() + ": " + f.message()));
    }
    return new DraftTrial(accepted, held, unread, notTaken);
  }

  private static void note(int set, List<HeldRecord> held, Map<String, String> unread) {
    for (HeldRecord record : held) {
      for (Finding reason : record.reasons()) {
        String field = reason.evidence().field();
        if (!field.isEmpty()) {
          unread.putIfAbsent(key(set, field), reason.message());
        }
      }
    }
  }

  /** How a field of a data set is known. */
  static String key(int set, String field) {
    return set + "/" + field;
  }
}
