package dev.inlay.check;

import dev.inlay.rows.DataRecord;
import dev.inlay.rows.DataSetPart;
import dev.inlay.rows.Finding;
import dev.inlay.rows.Origin;
import dev.inlay.rows.PageLine;
import dev.inlay.rows.Severity;
import dev.inlay.spec.CheckRule;
import dev.inlay.spec.CheckSpec;
import dev.inlay.spec.Expression;
import java.util.List;
import java.util.Locale;

/** Runs the checks of a spec over what one file gave. */
public final class Checks {

  /** Stands for the file of what is found in all of them together. */
  static final String ALL_FILES = "all files";

  private static final String CODE = "check";

  private Checks() {}

  /**
   * The part with its checks made: findings added, and rows held where a check wants that.
   *
   * @param lines of the file's pages; needed by checks of page numbers alone
   */
  public static DataSetPart made(
      List<CheckSpec> checks, DataSetPart part, String file, List<PageLine> lines) {
    CheckedPart checked = new CheckedPart(part, file);
    List<CheckSpec> ofFile = checks.stream().filter(CheckSpec::isOfFile).toList();
    // what proves single rows comes first: a sum that is off is not laid to them
    for (boolean ofRows : new boolean[] {true, false}) {
      for (CheckSpec check : ofFile) {
        if (provesRows(check.rule()) == ofRows) {
          checked.make(check, of(check.rule(), lines));
        }
      }
    }
    return checked.result(ofFile);
  }

  private static boolean provesRows(CheckRule rule) {
    return rule instanceof CheckRule.Equation || rule instanceof CheckRule.Balance;
  }

  /** The rows of a part that a check is asked of. */
  static DataSetPart asked(CheckSpec check, DataSetPart part) {
    return check.where().map(w -> part.only(r -> holds(w, r))).orElse(part);
  }

  /** A row without a value that the condition needs is not asked. */
  private static boolean holds(Expression where, DataRecord row) {
    try {
      return where.holds(Rows.contents(row));
    } catch (IllegalArgumentException e) {
      return true; // what cannot be calculated is no reason to leave a row unchecked
    }
  }

  /** The check of a rule that is asked of one body of rows. */
  static FileCheck of(CheckRule rule, List<PageLine> lines) {
    if (rule instanceof CheckRule.Condition condition) {
      return new ConditionCheck(condition);
    } else if (rule instanceof CheckRule.Equation equation) {
      return new EquationCheck(equation);
    } else if (rule instanceof CheckRule.PrintedSums sums) {
      return new PrintedSumsCheck(sums);
    } else if (rule instanceof CheckRule.SubtotalSums sums) {
      return new SubtotalSumsCheck(sums);
    } else if (rule instanceof CheckRule.GroupSum sum) {
      return new GroupSumCheck(sum);
    } else if (rule instanceof CheckRule.Carried carried) {
      return new CarriedCheck(carried);
    } else if (rule instanceof CheckRule.Count count) {
      return new CountCheck(count);
    } else if (rule instanceof CheckRule.Extreme extreme) {
      return new ExtremeCheck(extreme);
    } else if (rule instanceof CheckRule.Unique unique) {
      return new UniqueCheck(unique);
    } else if (rule instanceof CheckRule.Serial serial) {
      return new SerialCheck(serial);
    } else if (rule instanceof CheckRule.Rising rising) {
      return new RisingCheck(rising);
    } else if (rule instanceof CheckRule.Balance balance) {
      return new BalanceCheck(balance);
    } else if (rule instanceof CheckRule.Lookup lookup) {
      return new LookupCheck(lookup);
    } else if (rule instanceof CheckRule.Expected expected) {
      return new ExpectedCheck(expected);
    } else if (rule instanceof CheckRule.Same same) {
      return new SameCheck(same);
    } else if (rule instanceof CheckRule.Pages pages) {
      return new PagesCheck(pages, lines);
    }
    throw new IllegalArgumentException("no check over one file: " + rule);
  }

  /** A finding of a check at a place. */
  static Finding finding(CheckSpec check, String file, Flaw flaw, Origin at) {
    return Finding.at(severity(check), CODE, file, check.name() + ": " + flaw.message(), at)
        .by(check.name())
        .with(flaw.evidence());
  }

  /** A finding of a check over all files. */
  static Finding finding(CheckSpec check, String message) {
    return Finding.of(severity(check), CODE, ALL_FILES, check.name() + ": " + message)
        .by(check.name());
  }

  /** How grave the findings of a check are. */
  static Severity severity(CheckSpec check) {
    return Severity.valueOf(check.severity().toUpperCase(Locale.ROOT));
  }
}
