package dev.inlay.compare;

import java.io.IOException;
import java.io.InputStream;
import java.math.BigDecimal;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;

/** Reads the sheets of an ODS workbook (OpenDocument 1.3): the first row holds the headings. */
final class OdsReader {

  private static final String TABLE = "urn:oasis:names:tc:opendocument:xmlns:table:1.0";
  private static final String OFFICE = "urn:oasis:names:tc:opendocument:xmlns:office:1.0";

  /** Empty cells and rows are repeated to the end of a sheet: no table is this large. */
  private static final int MOST_REPEATED = 16_384;

  private final XMLStreamReader xml;
  private final List<ResultTable> tables = new ArrayList<>();
  private TableGathering table = new TableGathering();
  private String name = "";
  private List<String> row = new ArrayList<>();
  private int place = -1;

  private OdsReader(XMLStreamReader xml) {
    this.xml = xml;
  }

  static List<ResultTable> read(Path path) throws IOException {
    XMLInputFactory factory = XMLInputFactory.newDefaultFactory();
    factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
    factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
    try (ZipFile zip = new ZipFile(path.toFile())) {
      ZipEntry content = zip.getEntry("content.xml");
      if (content == null) {
        throw new IOException("is no ODS workbook: it has no content.xml");
      }
      try (InputStream in = zip.getInputStream(content)) {
        OdsReader reader = new OdsReader(factory.createXMLStreamReader(in));
        reader.readAll();
        return reader.tables;
      }
    } catch (XMLStreamException e) {
      throw new IOException("is no ODS workbook: " + e.getMessage(), e);
    }
  }

  private void readAll() throws XMLStreamException {
    while (xml.hasNext()) {
      int event = xml.next();
      if (event == XMLStreamConstants.START_ELEMENT && TABLE.equals(xml.getNamespaceURI())) {
        switch (xml.getLocalName()) {
          case "table" -> {
            table = new TableGathering();
            name = xml.getAttributeValue(TABLE, "name");
          }
          case "table-row" -> row = new ArrayList<>();
          case "table-cell", "covered-table-cell" -> addCell();
          default -> {}
        }
      } else if (event == XMLStreamConstants.END_ELEMENT && TABLE.equals(xml.getNamespaceURI())) {
        if (xml.getLocalName().equals("table-row")) {
          endRow();
        } else if (xml.getLocalName().equals("table")
            && !WorkbookReader.ADDED_SHEETS.contains(name)) {
          tables.add(table.table(name));
        }
      }
    }
  }

  private void addCell() throws XMLStreamException {
    String repeated = xml.getAttributeValue(TABLE, "number-columns-repeated");
    int times = repeated == null ? 1 : Math.min(MOST_REPEATED, Integer.parseInt(repeated));
    String value = value();
    if (value.isEmpty() && times > 1) {
      times = Math.min(times, 256); // white up to the edge of the sheet
    }
    for (int i = 0; i < times; i++) {
      row.add(value);
    }
  }

  /** The value of a cell; reads to its end. */
  private String value() throws XMLStreamException {
    String type = xml.getAttributeValue(OFFICE, "value-type");
    String typed =
        switch (type == null ? "" : type) {
          case "float", "percentage", "currency" ->
              new BigDecimal(xml.getAttributeValue(OFFICE, "value")).toPlainString();
          case "date" -> xml.getAttributeValue(OFFICE, "date-value").replace("T00:00:00", "");
          case "boolean" -> xml.getAttributeValue(OFFICE, "boolean-value");
          default -> xml.getAttributeValue(OFFICE, "string-value");
        };
    StringBuilder shown = new StringBuilder();
    int depth = 1;
    while (depth > 0) {
      switch (xml.next()) {
        case XMLStreamConstants.START_ELEMENT -> {
          depth++;
          boolean paragraph = xml.getLocalName().equals("p") && !shown.isEmpty();
          shown.append(paragraph ? "\n" : "");
        }
        case XMLStreamConstants.END_ELEMENT -> depth--;
        case XMLStreamConstants.CHARACTERS -> shown.append(xml.getText());
        default -> {}
      }
    }
    return typed == null || typed.isEmpty() ? shown.toString() : typed;
  }

  private void endRow() {
    if (table.hasHead()) {
      WorkbookReader.without(place, row);
      table.add(row);
    } else {
      place = row.indexOf(WorkbookReader.PLACE_FIELD);
      WorkbookReader.without(place, row);
      table.head(row);
    }
  }
}
