package dev.inlay.compare;

import java.io.IOException;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;

/** Reads the tables of an SQLite database. */
final class DatabaseReader {

  /** Tables of the digits printed, which Inlay writes beside each data set. */
  private static final String PRINTED = "_printed";

  private DatabaseReader() {}

  static List<ResultTable> read(Path path) throws IOException {
    String url = "jdbc:sqlite:file:" + path.toAbsolutePath() + "?mode=ro";
    try (Connection database = DriverManager.getConnection(url)) {
      List<ResultTable> tables = new ArrayList<>();
      for (String name : names(database)) {
        if (!name.endsWith(PRINTED)) {
          tables.add(table(database, name));
        }
      }
      return tables;
    } catch (SQLException e) {
      throw new IOException("is no SQLite database: " + e.getMessage(), e);
    }
  }

  private static List<String> names(Connection database) throws SQLException {
    List<String> names = new ArrayList<>();
    try (Statement statement = database.createStatement();
        ResultSet found =
            statement.executeQuery("select name from sqlite_master where type = 'table'")) {
      while (found.next()) {
        names.add(found.getString(1));
      }
    }
    return names;
  }

  private static ResultTable table(Connection database, String name) throws SQLException {
    TableGathering table = new TableGathering();
    String query = "select * from \"" + name.replace("\"", "\"\"") + "\"";
    try (Statement statement = database.createStatement();
        ResultSet found = statement.executeQuery(query)) {
      int columns = found.getMetaData().getColumnCount();
      List<String> head = new ArrayList<>();
      for (int c = 1; c <= columns; c++) {
        head.add(found.getMetaData().getColumnName(c));
      }
      table.head(head);
      while (found.next()) {
        List<String> row = new ArrayList<>();
        for (int c = 1; c <= columns; c++) {
          String value = found.getString(c);
          row.add(value == null ? "" : value);
        }
        table.add(row);
      }
    }
    return table.table(name);
  }
}
