package dev.inlay.write;

import dev.inlay.rows.DataRecord;
import dev.inlay.rows.DataSet;
import dev.inlay.rows.Origin;
import dev.inlay.rows.Value;
import dev.inlay.spec.FieldType;
import java.io.IOException;
import java.math.BigDecimal;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/**
 * Writes data sets as an SQLite database: a table for each, with numbers that compare and add up,
 * and beside it one that ends in {@code _printed} with the digits of each value and its origin,
 * since the database's numbers are binary. A number of more than 15 digits is text in both.
 */
final class ResultDatabase {

  private static final List<String> ORIGIN =
      List.of("source_file", "source_page", "source_table", "source_box");

  private ResultDatabase() {}

  /**
   * Writes a database into an empty file.
   *
   * @throws IOException if it cannot be written
   */
  static void write(List<DataSet> sets, Path file) throws IOException {
    try (Connection database = DriverManager.getConnection("jdbc:sqlite:" + file)) {
      try (Statement statement = database.createStatement()) {
        statement.execute("pragma journal_mode = memory");
      }
      database.setAutoCommit(false);
      for (DataSet data : sets) {
        if (!data.fields().isEmpty()) { // no file fitted: there is no table without columns
          write(database, data);
        }
      }
      database.commit();
    } catch (SQLException e) {
      throw new IOException("the database refused: " + e.getMessage(), e);
    }
  }

  private static void write(Connection database, DataSet data) throws SQLException {
    List<String> typed = new ArrayList<>();
    List<String> printed = new ArrayList<>();
    for (DataSet.Field field : data.fields()) {
      typed.add(quoted(field.name()) + " " + affinity(field.type()));
      printed.add(quoted(field.name()) + " text");
    }
    ORIGIN.forEach(o -> printed.add(quoted(o) + " text"));
    String other = data.name() + "_printed";
    try (Statement statement = database.createStatement()) {
      statement.execute(create(data.name(), typed));
      statement.execute(create(other, printed));
    }
    int fields = data.fields().size();
    try (PreparedStatement first = insert(database, data.name(), fields);
        PreparedStatement second = insert(database, other, fields + ORIGIN.size())) {
      for (int i = 0; i < data.records().size(); i++) {
        row(data, data.records().get(i), first, second);
      }
      first.executeBatch();
      second.executeBatch();
    }
  }

  private static String create(String table, List<String> columns) {
    return "create table " + quoted(table) + " (" + String.join(", ", columns) + ")";
  }

  private static PreparedStatement insert(Connection database, String table, int columns)
      throws SQLException {
    String places = String.join(", ", Collections.nCopies(columns, "?"));
    return database.prepareStatement("insert into " + quoted(table) + " values (" + places + ")");
  }

  private static void row(
      DataSet data, DataRecord record, PreparedStatement typed, PreparedStatement printed)
      throws SQLException {
    int at = 1;
    for (DataSet.Field field : data.fields()) {
      Value value = record.value(field.name());
      typed.setObject(at, binary(value.content()));
      printed.setString(at, value.isNothing() ? null : ValueText.of(value.content()));
      at++;
    }
    Origin origin = record.origin();
    printed.setString(at, record.file());
    printed.setString(at + 1, String.valueOf(origin.page()));
    printed.setString(at + 2, origin.table());
    printed.setString(
        at + 3,
        JsonOutput.rounded(origin.box().left())
            + ","
            + JsonOutput.rounded(origin.box().top())
            + ","
            + JsonOutput.rounded(origin.box().right())
            + ","
            + JsonOutput.rounded(origin.box().bottom()));
    typed.addBatch();
    printed.addBatch();
  }

  private static Object binary(Object content) {
    if (content instanceof BigDecimal number) {
      if (!ValueText.fitsBinary(number)) {
        return number.toPlainString();
      }
      return number.scale() <= 0 ? (Object) number.longValueExact() : number.doubleValue();
    }
    return content instanceof Boolean truth ? (truth ? 1 : 0) : text(content);
  }

  private static String text(Object content) {
    return content == null ? null : ValueText.of(content);
  }

  private static String affinity(FieldType type) {
    return switch (type) {
      case INTEGER, BOOLEAN, YEAR -> "integer";
      case NUMBER, PERCENT -> "numeric";
      default -> "text";
    };
  }

  private static String quoted(String name) {
    return '"' + name.replace("\"", "\"\"") + '"';
  }
}
