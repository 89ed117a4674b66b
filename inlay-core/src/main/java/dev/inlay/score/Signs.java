package dev.inlay.score;

import java.util.ArrayList;
import java.util.List;

/** Gathers named numbers in one fixed order: the names are asked for once, the numbers often. */
public final class Signs {

  private final List<String> names = new ArrayList<>();
  private final List<Aspect> aspects = new ArrayList<>();
  private final double[] values;
  private int count;
  private Aspect aspect = Aspect.ALIGNMENT;

  /** Gathers numbers, and names where {@code values} is null. */
  private Signs(double[] values) {
    this.values = values;
  }

  /** Gathers names. */
  public static Signs ofNames() {
    return new Signs(null);
  }

  /** Gathers numbers into an array that has room for all. */
  public static Signs into(double[] values) {
    return new Signs(values);
  }

  /** Says what the numbers added from here on look at. */
  void about(Aspect now) {
    aspect = now;
  }

  /** Adds a number; most lie between 0 and 1. */
  public void add(String name, double value) {
    if (values == null) {
      names.add(name);
      aspects.add(aspect);
    } else {
      values[count++] = value;
    }
  }

  /** Adds 1 for true, 0 for false. */
  public void add(String name, boolean value) {
    add(name, value ? 1 : 0);
  }

  /** The names in the order of their numbers. */
  public List<String> names() {
    return List.copyOf(names);
  }

  /** What the numbers look at, in their order. */
  List<Aspect> aspects() {
    return List.copyOf(aspects);
  }
}
