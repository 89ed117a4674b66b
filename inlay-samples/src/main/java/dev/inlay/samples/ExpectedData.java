package dev.inlay.samples;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/** The data sets that the specs beside the samples make of each family, as CSV. */
final class ExpectedData {

  private static final String LINE_END = "\r\n";

  private final StringBuilder csv = new StringBuilder();

  private ExpectedData(String... fields) {
    line(List.of(fields));
  }

  private void line(List<String> values) {
    csv.append(
            values.stream()
                .map(v -> v.contains(",") ? '"' + v + '"' : v)
                .collect(Collectors.joining(",")))
        .append(LINE_END);
  }

  /**
   * All data sets by the names of their files.
   *
   * @param samples of all families
   */
  static Map<String, String> of(List<Sample> samples) {
    Map<String, String> files = new LinkedHashMap<>();
    files.put("quay-prices.csv", prices(family("quay-prices", samples)));
    files.put("dues.csv", dues(family("dues-statement", samples)));
    files.put("landings.csv", landings(family("landings", samples)));
    files.put("length-classes.csv", lengths(family("landings", samples)));
    files.put("season.csv", season(family("season-summary", samples)));
    files.put("cash-book.csv", cash(family("cash-book", samples)));
    files.put("vessel-register.csv", register(family("vessel-register", samples)));
    return files;
  }

  private static List<Sample> family(String name, List<Sample> samples) {
    return samples.stream().filter(s -> s.name().startsWith(name)).toList();
  }

  /** The rows of a kind, as texts, with merged labels in each row they cover. */
  private static List<List<String>> rows(SampleTable table, String... kinds) {
    int columns = table.widths().size();
    String[] merged = new String[columns];
    int[] left = new int[columns];
    List<List<String>> rows = new ArrayList<>();
    for (SampleRow row : table.rows()) {
      String[] texts = new String[columns];
      for (int c = 0; c < columns; c++) {
        texts[c] = left[c]-- > 0 ? merged[c] : "";
      }
      for (SampleCell cell : row.cells()) {
        texts[cell.column()] = cell.text();
        merged[cell.column()] = cell.text();
        left[cell.column()] = cell.rowSpan() - 1;
      }
      if (List.of(kinds).contains(row.kind())) {
        rows.add(List.of(texts));
      }
    }
    return rows;
  }

  private static String plain(String number) {
    return number.replace(",", "");
  }

  private static String prices(List<Sample> lists) {
    ExpectedData data = new ExpectedData("week", "code", "species", "grade", "price");
    for (Sample list : lists) {
      String week = list.name().substring(list.name().length() - 2);
      for (SampleTable table : list.tables()) {
        int width = table.widths().size() / 3;
        for (int block = 0; block < 3; block++) {
          for (List<String> row : rows(table, "body")) {
            List<String> cells = row.subList(block * width, (block + 1) * width);
            String price = cells.get(width - 1);
            if (!cells.get(0).isEmpty() && !price.equals("by tender")) {
              String[] article = cells.get(1).split(", ");
              data.line(List.of(week, cells.get(0), article[0], article[1], price));
            }
          }
        }
      }
    }
    return data.csv.toString();
  }

  private static String dues(List<Sample> statements) {
    ExpectedData data =
        new ExpectedData(
            "harbour",
            "month",
            "vessel",
            "registration",
            "date",
            "particulars",
            "quantity",
            "rate",
            "amount");
    for (Sample statement : statements) {
      String harbour = statement.name().endsWith("oyle") ? "Oyle" : "Brennick";
      List<String> vessel = List.of();
      for (SampleRow row : statement.tables().get(0).rows()) {
        List<String> texts = row.cells().stream().map(SampleCell::text).toList();
        if (row.kind().equals("group")) {
          vessel = List.of(texts.get(0).split(", "));
        } else if (row.kind().equals("body")) {
          List<String> line = new ArrayList<>(List.of(harbour, "2025-03"));
          line.addAll(vessel);
          line.addAll(texts.subList(0, 2));
          texts.subList(2, 5).forEach(n -> line.add(plain(n)));
          data.line(line);
        }
      }
    }
    return data.csv.toString();
  }

  private static String landings(List<Sample> bulletins) {
    ExpectedData data =
        new ExpectedData(
            "year", "months", "harbour", "species", "landings", "boxed", "bulk", "value");
    for (Sample bulletin : bulletins) {
      SampleTable table = bulletin.tables().get(0);
      for (List<String> row : rows(table, "body")) {
        List<String> line = new ArrayList<>(period(table));
        line.add(row.get(0));
        line.add(row.get(1).replace("\u00B9", ""));
        row.subList(2, 6).forEach(n -> line.add(plain(n)));
        data.line(line);
      }
    }
    return data.csv.toString();
  }

  private static List<String> period(SampleTable table) {
    String period = table.title().substring(table.title().lastIndexOf(", ") + 2);
    int space = period.lastIndexOf(' ');
    return List.of(period.substring(space + 1), period.substring(0, space));
  }

  private static String lengths(List<Sample> bulletins) {
    ExpectedData data =
        new ExpectedData("year", "months", "length_class", "vessels", "landings", "weight");
    for (Sample bulletin : bulletins) {
      SampleTable table = bulletin.tables().get(1);
      for (List<String> row : rows(table, "body")) {
        List<String> line = new ArrayList<>(period(table));
        line.add(row.get(0));
        row.subList(1, 4).forEach(n -> line.add(plain(n)));
        data.line(line);
      }
    }
    return data.csv.toString();
  }

  private static String season(List<Sample> summaries) {
    ExpectedData data =
        new ExpectedData("season", "harbour", "half", "measure", "unit", "kind", "amount");
    for (Sample summary : summaries) {
      SampleTable table = summary.tables().get(0);
      List<SampleRow> header = table.rows().subList(0, 3);
      String season = summary.name().substring(summary.name().length() - 4);
      for (List<String> row : rows(table, "body")) {
        for (int c = 1; c < row.size() && !row.get(0).equals("per cent"); c++) {
          String[] measure = over(c, header.get(1)).split(" \\(|\\)");
          String half = over(c, header.get(0));
          String kind = over(c, header.get(2));
          data.line(
              List.of(season, row.get(0), half, measure[0], measure[1], kind, plain(row.get(c))));
        }
      }
    }
    return data.csv.toString();
  }

  private static String cash(List<Sample> books) {
    ExpectedData data =
        new ExpectedData("number", "sheet", "date", "particulars", "amount", "balance");
    for (Sample book : books) {
      for (List<String> row : rows(book.tables().get(0), "body")) {
        List<String> line = new ArrayList<>(row.subList(0, 4));
        row.subList(4, 6).forEach(n -> line.add(plain(n)));
        data.line(line);
      }
    }
    return data.csv.toString();
  }

  private static String over(int column, SampleRow heads) {
    return heads.cells().stream()
        .filter(h -> h.column() <= column && column < h.column() + h.columnSpan())
        .map(SampleCell::text)
        .findFirst()
        .orElseThrow();
  }

  private static String register(List<Sample> registers) {
    ExpectedData data =
        new ExpectedData("Mark", "Name", "Home port", "Built", "Length (m)", "Power (kW)", "Owner");
    for (Sample register : registers) {
      rows(register.tables().get(0), "body").forEach(data::line);
    }
    return data.csv.toString();
  }
}
