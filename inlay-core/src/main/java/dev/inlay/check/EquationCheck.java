package dev.inlay.check;

import dev.inlay.rows.Evidence;
import dev.inlay.spec.CheckRule;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Checks an equation, with a tolerance, over the fields of each row. */
record EquationCheck(CheckRule.Equation rule) implements RowCheck {

  @Override
  public Optional<Flaw> flaw(Map<String, Object> contents) {
    Optional<BigDecimal> off = off(contents);
    return off.map(o -> isNear(o) ? NONE : difference(contents, o));
  }

  /** Two sides that agree prove the figures of both. */
  @Override
  public Set<String> proven() {
    return Set.copyOf(rule.fields());
  }

  private Flaw difference(Map<String, Object> contents, BigDecimal off) {
    BigDecimal left = (BigDecimal) rule.left().evaluate(contents);
    BigDecimal right = (BigDecimal) rule.right().evaluate(contents);
    String slip = slip(contents);
    String message =
        rule.left()
            + " is "
            + plain(left)
            + ", "
            + rule.right()
            + " is "
            + right.toPlainString()
            + " (difference "
            + plain(off)
            + ")"
            + (slip.isEmpty() ? "" : "; " + slip);
    Evidence evidence = Evidence.of(rule.right().toString(), right, left.stripTrailingZeros());
    return new Flaw(message, evidence.because(slip));
  }

  private static String plain(BigDecimal number) {
    return number.stripTrailingZeros().toPlainString();
  }

  /** The right side less the left, where both are numbers. */
  private Optional<BigDecimal> off(Map<String, Object> contents) {
    boolean numbers = rule.left().evaluate(contents) instanceof BigDecimal;
    return numbers && rule.right().evaluate(contents) instanceof BigDecimal right
        ? Optional.of(right.subtract((BigDecimal) rule.left().evaluate(contents)))
        : Optional.empty();
  }

  private boolean isNear(BigDecimal off) {
    return off.abs().compareTo(rule.within()) <= 0;
  }

  /** Which one field, with a slip of its digits mended, would make the equation hold. */
  private String slip(Map<String, Object> contents) {
    List<String> fits = new ArrayList<>();
    for (String field : rule.fields()) {
      if (contents.get(field) instanceof BigDecimal value) {
        for (NumberSlips.Slip slip : NumberSlips.of(value)) {
          Map<String, Object> mended = new HashMap<>(contents);
          mended.put(field, slip.value());
          if (off(mended).filter(this::isNear).isPresent()) {
            fits.add(field + " would be " + slip.value().toPlainString() + ": " + slip.words());
          }
        }
      }
    }
    return fits.size() == 1 ? fits.get(0) : "";
  }
}
