package dev.inlay.samples;

import java.util.List;

/**
 * A sample paper.
 *
 * @param name its file name without an ending
 * @param pdf the file's bytes
 * @param truth what a right reading of its tables gives, as JSON; empty where nothing is to be read
 * @param tables printed in it
 */
public record Sample(String name, byte[] pdf, byte[] truth, List<SampleTable> tables) {

  /** Keeps a copy of the tables that cannot change. */
  public Sample {
    tables = List.copyOf(tables);
  }
}
