package dev.inlay.choose;

import dev.inlay.propose.Cell;
import dev.inlay.propose.Grid;
import dev.inlay.text.ProgramText;
import dev.inlay.text.TextShape;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Recognises text that is set in columns and yet no table, by what it says: program text, the index
 * of a book, its contents, a numbered list. Only for grids without any ruling; all but program text
 * only where nothing heads the columns. A part of a table that goes on from the page before has no
 * header either: a list or contents are known by their first number alone.
 */
final class PlainText {

  /**
   * At least this share of the rows of program text reads so; tables of files and commands hold
   * such signs in some rows. Of 2,400 tables of made papers and the corpus the highest share is
   * below 0.3, of the listings of 80 manuals most are above 0.7.
   */
  private static final double ROWS_OF_PROGRAM = 0.6;

  /** Nearly all entries of an index end with numbers of pages. */
  private static final double ENTRIES_OF_INDEX = 0.8;

  /** Fewer entries are none. */
  private static final int LEAST_ENTRIES = 6;

  /** A list or contents of fewer items is not known by its numbers. */
  private static final int LEAST_ITEMS = 2;

  /** A text of a list holds at least this many words, in the mean; less may be a value. */
  private static final double WORDS_OF_ITEM = 4;

  private static final Pattern INDEX_ENTRY =
      Pattern.compile(
          ".*[^\\d\\s].*, ?\\d{1,4}([-\u2013]\\d{1,4})?(, ?\\d{1,4}([-\u2013]\\d{1,4})?)*,?");

  private static final Pattern ITEM_NUMBER = Pattern.compile("[(\\[]?(\\d{1,3})[.)\\]]");

  private static final Pattern CHAPTER_NUMBER = Pattern.compile("(\\d{1,2})\\.?");

  private static final Pattern PAGE_NUMBER = Pattern.compile("\\d{1,4}");

  private final Grid grid;
  private final List<List<String>> rows;

  private PlainText(Grid grid) {
    this.grid = grid;
    rows = grid.rows().stream().map(PlainText::texts).toList();
  }

  /** Whether a grid of open lines is no table. */
  static boolean is(Grid grid) {
    if (!grid.frame().horizontals().isEmpty() || !grid.frame().verticals().isEmpty()) {
      return false;
    }
    PlainText text = new PlainText(grid);
    return text.isProgram()
        || (text.isIndex() || text.isContents() || text.isNumberedList())
            && HeaderRows.of(grid).count() == 0;
  }

  private static List<String> texts(List<Cell> row) {
    return row.stream().map(Cell::text).filter(t -> !t.isEmpty()).toList();
  }

  private boolean isProgram() {
    long program = rows.stream().filter(r -> ProgramText.is(String.join(" ", r))).count();
    return program >= ROWS_OF_PROGRAM * rows.size();
  }

  private boolean isIndex() {
    List<String> all = rows.stream().flatMap(List::stream).toList();
    long entries = all.stream().filter(t -> INDEX_ENTRY.matcher(t).matches()).count();
    return all.size() >= LEAST_ENTRIES && entries >= ENTRIES_OF_INDEX * all.size();
  }

  /** Numbers from 1 on, each with a text of several words behind it and nothing else. */
  private boolean isNumberedList() {
    if (grid.columns() != 2 || !countsUp(ITEM_NUMBER)) {
      return false;
    }
    double words = rows.stream().mapToInt(r -> r.get(r.size() - 1).split(" ").length).sum();
    return rows.stream().allMatch(r -> r.size() == 2) && words >= WORDS_OF_ITEM * rows.size();
  }

  /** Chapters from 1 on, each with its title and a page that is not before the last one's. */
  private boolean isContents() {
    if (grid.columns() != 3 || !countsUp(CHAPTER_NUMBER)) {
      return false;
    }
    int page = 0;
    for (List<String> row : rows) {
      if (row.size() != 3
          || TextShape.of(row.get(1)) != TextShape.WORDS
          || !PAGE_NUMBER.matcher(row.get(2)).matches()
          || Integer.parseInt(row.get(2)) < page) {
        return false;
      }
      page = Integer.parseInt(row.get(2));
    }
    return true;
  }

  private boolean countsUp(Pattern number) {
    int next = 1;
    for (List<String> row : rows) {
      Matcher first = number.matcher(row.isEmpty() ? "" : row.get(0));
      if (!first.matches() || Integer.parseInt(first.group(1)) != next) {
        return false;
      }
      next++;
    }
    return next > LEAST_ITEMS;
  }
}
