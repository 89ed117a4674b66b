package dev.inlay;

import dev.inlay.check.Checks;
import dev.inlay.model.TextLedger;
import dev.inlay.rows.DataSetPart;
import dev.inlay.rows.DataSetReading;
import dev.inlay.rows.FileRun;
import dev.inlay.spec.DataSetSpec;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/** Files that a run read: of one page and one table each. */
public final class ReadFiles {

  private ReadFiles() {}

  /** What was read from tables with the checks made, each in a file: {@code a.pdf} and so on. */
  public static List<FileRun> checked(DataSetSpec set, List<TableBuilder> tables) {
    List<FileRun> runs = new ArrayList<>();
    for (TableBuilder table : tables) {
      String file = (char) ('a' + runs.size()) + ".pdf";
      DataSetPart read = DataSetReading.read(set, file, List.of(table.build()), List.of());
      runs.add(of(file, Checks.made(set.checks(), read, file, List.of())));
    }
    return runs;
  }

  /** A file of this name that gave this part. */
  public static FileRun of(String file, DataSetPart part) {
    return new FileRun(
        Path.of(file),
        "",
        1,
        1,
        FileRun.Status.READ,
        "",
        List.of(part),
        List.of(),
        TextLedger.EMPTY);
  }
}
