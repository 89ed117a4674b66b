package dev.inlay.rows;

import static org.assertj.core.api.Assertions.assertThat;

import dev.inlay.geom.Box;
import dev.inlay.model.Table;
import dev.inlay.rows.PageLine.LineWord;
import dev.inlay.spec.DataSetSpec;
import dev.inlay.spec.SpecException;
import dev.inlay.spec.SpecReader;
import java.util.ArrayList;
import java.util.List;

/** What specs make of tables and lines made by hand. */
public final class ReadRows {

  private ReadRows() {}

  static DataSetSpec set(String yaml) {
    try {
      return SpecReader.read("report: R\n" + yaml).dataSets().get(0);
    } catch (SpecException e) {
      throw new AssertionError(e.messages().toString(), e);
    }
  }

  static DataSetPart read(String yaml, Table table, String... lines) {
    List<PageLine> all = new ArrayList<>();
    for (int i = 0; i < lines.length; i++) {
      all.add(line(lines[i], 20 + 15 * i));
    }
    DataSetPart part = DataSetReading.read(set(yaml), "a.pdf", List.of(table), all);
    assertThat(part.ledger().balances()).isTrue();
    return part;
  }

  /** A line whose words stand a space apart; two spaces are a wide gap. */
  public static PageLine line(String text, double top) {
    List<LineWord> words = new ArrayList<>();
    double x = 50;
    for (String word : text.split(" ")) {
      if (word.isEmpty()) {
        x += 60;
      } else {
        words.add(new LineWord(word, new Box(x, top, x + 5 * word.length(), top + 10)));
        x += 5 * word.length() + 3;
      }
    }
    String plain = text.replaceAll(" +", " ");
    return new PageLine(1, plain, new Box(50, top, x, top + 10), words);
  }

  static List<String> texts(DataSetPart part, String field) {
    return part.records().stream().map(r -> String.valueOf(r.value(field).content())).toList();
  }

  static List<String> codes(DataSetPart part) {
    return part.findings().stream().map(Finding::code).toList();
  }
}
