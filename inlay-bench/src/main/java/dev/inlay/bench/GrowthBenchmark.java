package dev.inlay.bench;

import dev.inlay.choose.PageTables;
import dev.inlay.geom.Box;
import dev.inlay.geom.Interval;
import dev.inlay.page.Glyph;
import dev.inlay.page.Page;
import dev.inlay.page.Stroke;
import dev.inlay.page.Turn;
import dev.inlay.page.Typeface;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** How the time for one page grows with what is on it: glyphs in open columns, or rulings. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SingleShotTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 5)
@Measurement(iterations = 5)
@Fork(1)
public class GrowthBenchmark {

  private static final Typeface FACE = new Typeface("Plain", false, false);
  private static final int GLYPHS_IN_ROW = 40;
  private static final int COLUMNS = 8;

  @Param({"1000", "10000", "100000"})
  private int count;

  private Page glyphs;
  private Page lattice;

  /** Makes the pages. */
  @Setup
  public void make() {
    glyphs = new Page(1, 600, count, glyphs(), List.of(), List.of(), List.of(), List.of());
    lattice = new Page(1, 600, count, glyphs(), strokes(), List.of(), List.of(), List.of());
  }

  /** Rows of eight columns, five figures each. */
  private List<Glyph> glyphs() {
    List<Glyph> all = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      int row = i / GLYPHS_IN_ROW;
      int column = i % GLYPHS_IN_ROW / (GLYPHS_IN_ROW / COLUMNS);
      int place = i % (GLYPHS_IN_ROW / COLUMNS);
      double x = 20 + column * 70 + place * 5;
      double baseline = 20 + row * 14;
      String text = row == 0 ? "abcde".substring(place, place + 1) : String.valueOf(i * 7 % 10);
      Box box = new Box(x, baseline - 8, x + 5, baseline + 2);
      all.add(new Glyph(text, box, baseline, 10, Turn.UPRIGHT, FACE));
    }
    return all;
  }

  /** A box round each group of figures, each side a stroke of its own. */
  private List<Stroke> strokes() {
    List<Stroke> all = new ArrayList<>();
    for (int i = 0; i < count / 2; i++) {
      double left = 14 + i % COLUMNS * 70;
      double top = 9 + i / COLUMNS * 14.0;
      all.add(new Stroke(true, top, new Interval(left, left + 70), 0.5));
      all.add(new Stroke(false, left, new Interval(top, top + 14), 0.5));
    }
    return all;
  }

  /** Glyphs alone. */
  @Benchmark
  public PageTables openColumns() {
    return PageTables.of(glyphs);
  }

  /** As many rulings as glyphs. */
  @Benchmark
  public PageTables rulings() {
    return PageTables.of(lattice);
  }
}
