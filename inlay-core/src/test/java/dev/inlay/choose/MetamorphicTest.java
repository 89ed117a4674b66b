package dev.inlay.choose;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.PageBuilder;
import dev.inlay.document.Stitcher;
import dev.inlay.model.Table;
import dev.inlay.model.TableCell;
import dev.inlay.page.Glyph;
import dev.inlay.page.Page;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What is done to a page changes its table as it must, and not otherwise. */
class MetamorphicTest {

  private static final String[] VESSELS = {"Skua", "Tern", "Gull", "Auk", "Petrel", "Fulmar"};
  private static final String[] PORTS = {"Oyle", "Brennick", "Vane Ness", "Skarrholm"};

  /** A table as a page shows it: at a place, at a scale, with some rows, under a heading. */
  private record Drawing(double left, double top, double scale, String second, List<Integer> rows) {

    Drawing(String second, List<Integer> rows) {
      this(50, 100, 1, second, rows);
    }

    PageBuilder on(int number, boolean ruled) {
      PageBuilder page = new PageBuilder(number).proportional().bold();
      line(page, 0, "Vessel", second, "Boxed", "Bulk");
      page.plain();
      for (int i = 0; i < rows.size(); i++) {
        int r = rows.get(i);
        String bulk = (3 + r * 11 % 17) + ".25";
        line(page, i + 1, VESSELS[r % 6], PORTS[r % 4], 10 + r * 7 % 90 + ".5", bulk);
      }
      if (ruled) {
        for (int i = -1; i <= rows.size(); i++) {
          double y = top + (i * 16 + 5) * scale;
          page.horizontal(y, left - 5, left + 395 * scale);
        }
      }
      return page;
    }

    private void line(PageBuilder page, int line, String... texts) {
      for (int c = 0; c < texts.length; c++) {
        page.text(texts[c], left + 100 * c * scale, top + 16 * line * scale, 10 * scale);
      }
    }
  }

  private static List<Integer> numbers(int count) {
    List<Integer> numbers = new ArrayList<>();
    for (int r = 0; r < count; r++) {
      numbers.add(r);
    }
    return numbers;
  }

  private static List<Table> tables(Page... pages) {
    Stitcher stitcher = new Stitcher();
    for (Page page : pages) {
      stitcher.add(PageTables.of(page));
    }
    return stitcher.finish();
  }

  private static List<List<String>> texts(Table table) {
    return table.rows().stream()
        .map(r -> r.cells().stream().map(TableCell::text).filter(t -> !t.isEmpty()).toList())
        .toList();
  }

  private static Table one(Page page) {
    List<Table> tables = tables(page);
    assertThat(tables).hasSize(1);
    return tables.get(0);
  }

  @ParameterizedTest
  @MethodSource("dev.inlay.Seeds#some")
  void thePlaceTheScaleAndTheOrderOfDrawingChangeNothing(long seed) {
    Random random = new Random(seed);
    boolean ruled = random.nextBoolean();
    List<Integer> rows = numbers(5 + random.nextInt(10));
    Table plain = one(new Drawing("Home", rows).on(1, ruled).build());
    assertThat(plain.headerRows()).isEqualTo(1);
    Drawing other =
        new Drawing(
            20 + random.nextInt(60),
            60 + random.nextInt(120),
            0.7 + random.nextInt(5) / 10.0,
            "Home",
            rows);
    Page drawn = other.on(1, ruled).build();
    List<Glyph> shuffled = new ArrayList<>(drawn.glyphs());
    Collections.shuffle(shuffled, random);
    Page mixed =
        new Page(1, 600, 800, shuffled, drawn.strokes(), drawn.fills(), List.of(), List.of());
    assertThat(texts(one(mixed))).isEqualTo(texts(plain));
  }

  @ParameterizedTest
  @MethodSource("dev.inlay.Seeds#some")
  void aRowDroppedIsTheOnlyRowMissing(long seed) {
    Random random = new Random(seed);
    boolean ruled = random.nextBoolean();
    List<Integer> rows = numbers(6 + random.nextInt(8));
    List<List<String>> whole =
        new ArrayList<>(texts(one(new Drawing("Home", rows).on(1, ruled).build())));
    int dropped = random.nextInt(rows.size());
    rows.remove(dropped);
    whole.remove(1 + dropped);
    assertThat(texts(one(new Drawing("Home", rows).on(1, ruled).build()))).isEqualTo(whole);
  }

  @Test
  void aHeadingRenamedChangesThatHeadingAlone() {
    List<List<String>> home = texts(one(new Drawing("Home", numbers(8)).on(1, false).build()));
    List<List<String>> port = texts(one(new Drawing("Port", numbers(8)).on(1, false).build()));
    assertThat(port.get(0)).containsExactly("Vessel", "Port", "Boxed", "Bulk");
    assertThat(port.subList(1, 9)).isEqualTo(home.subList(1, 9));
  }

  @ParameterizedTest
  @MethodSource("dev.inlay.Seeds#some")
  void aTableSplitOverTwoPagesIsTheSameTable(long seed) {
    Random random = new Random(seed);
    List<Integer> rows = numbers(9 + random.nextInt(8));
    int first = 4 + random.nextInt(rows.size() - 8);
    boolean ruled = random.nextBoolean();
    Table whole = one(new Drawing("Home", rows).on(1, ruled).build());
    // facing pages have mirrored margins
    Drawing behind =
        new Drawing(50 + 14 * random.nextInt(2), 100, 1, "Home", rows.subList(first, rows.size()));
    List<Table> split =
        tables(
            new Drawing("Home", rows.subList(0, first)).on(1, ruled).build(),
            behind.on(2, ruled).build());
    assertThat(split).hasSize(1);
    assertThat(texts(split.get(0))).isEqualTo(texts(whole));
    assertThat(split.get(0).pages()).containsExactly(1, 2);
  }
}
