package dev.inlay.document;

import dev.inlay.model.Decision;
import dev.inlay.model.Reason;
import dev.inlay.model.Table;
import dev.inlay.model.Warning;
import dev.inlay.model.WarningCode;
import dev.inlay.score.TableModel;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;

/**
 * Estimates how probably a table is right as a whole, and calls a person where it is too likely
 * wrong.
 */
public final class Estimate {

  /**
   * Less probable tables are flagged. Of 1,027 tables that the estimate was not trained on 3.9 %
   * are silently wrong and 7.4 % flagged though right at 0.75, 3.3 and 8.2 % here, 3.1 and 9.3 % at
   * 0.8.
   */
  private static final double LIMIT = 0.78;

  /**
   * Doubts that hold for as many right tables as wrong ones: reported where the estimate agrees.
   */
  private static final Set<WarningCode> WEAK =
      EnumSet.of(
          WarningCode.CROSSED_GUTTER,
          WarningCode.LOOSE_HEADING,
          WarningCode.TYPE_BREAK,
          WarningCode.SPARSE_COLUMN,
          WarningCode.RIVAL_COLUMNS,
          WarningCode.UNEVEN_GUTTERS,
          WarningCode.FEW_ROWS);

  /** Doubts that the model does not weigh: hardly any paper that it was trained on shows them. */
  private static final Set<WarningCode> RARE =
      EnumSet.of(
          WarningCode.OVERPRINTED_TEXT,
          WarningCode.DOUBLED_TEXT,
          WarningCode.CUT_WORD,
          WarningCode.POSSIBLE_ROWS);

  private static final List<String> NAMES = WholeTable.names();

  private static final TableModel MODEL = TableModel.trained(NAMES);

  private Estimate() {}

  /**
   * The tables of a document with the estimate as their confidence, and the warnings that it
   * leaves.
   *
   * @param tables in the order of their starts
   */
  static List<Table> of(List<TableNeighbours.Placed> tables) {
    return IntStream.range(0, tables.size())
        .mapToObj(i -> of(new TableNeighbours(tables, i)))
        .toList();
  }

  private static Table of(TableNeighbours neighbours) {
    Table table = neighbours.table();
    double[] signs = WholeTable.signs(neighbours, NAMES.size());
    double probability = MODEL.probability(signs);
    for (Warning warning : table.warnings()) {
      probability *= RARE.contains(warning.code()) ? 1 - warning.code().doubt() : 1;
    }
    boolean doubtful = isDoubtful(probability);
    List<Warning> warnings = new ArrayList<>(table.warnings());
    if (!doubtful) {
      warnings.removeIf(w -> WEAK.contains(w.code()));
    } else if (warnings.isEmpty()) {
      warnings.add(
          new Warning(
              WarningCode.UNSURE,
              table.pages().get(0),
              "of tables that look like this one, "
                  + Math.round(100 * (1 - probability))
                  + " in 100 are wrong somewhere"));
    }
    double confidence = Math.round(probability * 100) / 100.0;
    return table.estimated(confidence, Arrays.stream(signs).boxed().toList(), warnings);
  }

  /** Whether a table that is right with this probability, 0 to 1, needs a look. */
  static boolean isDoubtful(double probability) {
    return probability < LIMIT;
  }

  /** Why a table is estimated as probably as it is: its signs, each by its weight. */
  public static Decision decision(Table table) {
    double[] signs = table.signs().stream().mapToDouble(s -> s).toArray();
    double[] shares = MODEL.shares(signs);
    List<Reason> reasons = Reason.of(NAMES, shares);
    return new Decision(
        Decision.Question.TABLE,
        table.pages().get(0),
        Optional.of(table.frames().get(0).box()),
        table.id(),
        "right as a whole",
        table.confidence(),
        "wrong somewhere",
        1 - table.confidence(),
        reasons.subList(1, reasons.size())); // the first is the same for all tables
  }
}
