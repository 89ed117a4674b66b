package dev.inlay.write;

import dev.inlay.geom.Box;
import dev.inlay.geom.Length.Unit;
import dev.inlay.page.TextLine;
import java.io.BufferedWriter;
import java.io.IOException;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** Writes the lines of pages with their places, as text, as CSV or as JSON. */
public final class LinesFile {

  private static final String FORMAT = "inlay-lines/1";

  /**
   * The lines of one page.
   *
   * @param number from 1
   * @param width in points
   * @param height in points
   * @param lines in the order in which they are read
   */
  public record PageText(int number, double width, double height, List<TextLine> lines) {

    /** Keeps a copy of the lines that cannot change. */
    public PageText {
      lines = List.copyOf(lines);
    }
  }

  private final Unit unit;

  /**
   * Prepares writing.
   *
   * @param unit in which places are given
   */
  public LinesFile(Unit unit) {
    this.unit = unit;
  }

  /** A page's lines as text. */
  public List<String> text(PageText page) {
    List<String> lines = new ArrayList<>();
    lines.add(
        "page "
            + page.number()
            + "  "
            + place(page.width(), page.width())
            + " × "
            + place(page.height(), page.height())
            + " "
            + unit.sign());
    TextColumns columns = new TextColumns(">>>><");
    columns.add("left", "top", "right", "bottom", "text");
    for (TextLine line : page.lines()) {
      List<String> places = places(line.box(), page);
      columns.add(places.get(0), places.get(1), places.get(2), places.get(3), line.text());
    }
    lines.addAll(columns.lines("", 0));
    return lines;
  }

  /**
   * Writes CSV and leaves the stream open.
   *
   * @throws IOException if the stream fails
   */
  public void csv(List<PageText> pages, OutputStream out) throws IOException {
    Writer writer = new BufferedWriter(new OutputStreamWriter(out, StandardCharsets.UTF_8));
    CsvLine.write(List.of("page", "left", "top", "right", "bottom", "text"), writer);
    for (PageText page : pages) {
      for (TextLine line : page.lines()) {
        List<String> values = new ArrayList<>(List.of(String.valueOf(page.number())));
        values.addAll(places(line.box(), page));
        values.add(line.text());
        CsvLine.write(values, writer);
      }
    }
    writer.flush();
  }

  /** Writes JSON of the form {@code inlay-lines/1}, in points, and leaves the stream open. */
  public void json(List<PageText> pages, OutputStream out) {
    JsonOutput.write(
        out,
        json -> {
          json.writeStringProperty("format", FORMAT);
          json.writeArrayPropertyStart("pages");
          for (PageText page : pages) {
            JsonOutput.newLine(json, " ");
            json.writeStartObject();
            json.writeNumberProperty("page", page.number());
            json.writeNumberProperty("width", JsonOutput.rounded(page.width()));
            json.writeNumberProperty("height", JsonOutput.rounded(page.height()));
            json.writeArrayPropertyStart("lines");
            for (TextLine line : page.lines()) {
              JsonOutput.newLine(json, "  ");
              json.writeStartObject();
              json.writeStringProperty("text", line.text());
              JsonOutput.box(json, line.box());
              json.writeEndObject();
            }
            json.writeEndArray();
            json.writeEndObject();
          }
          json.writeEndArray();
        });
  }

  private List<String> places(Box box, PageText page) {
    return List.of(
        place(box.left(), page.width()),
        place(box.top(), page.height()),
        place(box.right(), page.width()),
        place(box.bottom(), page.height()));
  }

  private String place(double points, double whole) {
    return String.format(Locale.ROOT, "%.1f", unit.of(points, whole));
  }
}
