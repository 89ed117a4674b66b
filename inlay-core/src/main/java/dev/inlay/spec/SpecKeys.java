package dev.inlay.spec;

import dev.inlay.page.ReadLimits.Limit;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Stream;

/**
 * The keys of each section of a spec, with what they take and say; reader and schema go by them.
 */
enum SpecKeys {
  /** Of one data set; at the top of the file, where there is only one. */
  DATA_SET(
      key("table", "text|TABLE", "which table: a text of its title, or more"),
      key("records", "RECORDS", "rows read from lines of text by patterns"),
      key("columns", "map:text|COLUMN", "each field and the heading it comes from"),
      key("values", "map:VALUE", "values printed outside the columns"),
      key("headings", "list:text|HEADING", "headings among the rows, carried into fields"),
      key("leave out", "list:text|LEAVE_OUT", "rows that are left out, each rule counted"),
      key("continued rows", "CONTINUED", "rows that go on with the row above"),
      key("fold", "text|FOLD", "side-by-side repeats as one list: down or across"),
      key("unpivot", "UNPIVOT", "headings as rows"),
      key("checks", "list:CHECK", "what must hold of the rows"),
      key("compute", "map:text|COMPUTED", "fields that are calculated"),
      key("pivot", "PIVOT", "rows as columns"),
      key("sums", "SUMS", "rows with equal keys as one"),
      key("sort", "texts", "fields to sort by; add 'falling' for the greatest first"),
      key("fields", "list:any", "the fields of the result in their order, renamed or not")),
  /** The whole file. */
  REPORT(
      DATA_SET,
      key("report", "text", "what this kind of report is called"),
      key(
          "recognised by",
          "list:text|RECOGNITION",
          "texts by which a file of this kind is recognised"),
      key("password", "PASSWORD", "where the password of locked files is found"),
      key("pages", "text", "pages to read, as 2-5,7 or 3-"),
      key("time limit", "number", "how many seconds one file may take; 600 where nothing is said"),
      key("limits", "LIMITS", "what one file may ask for"),
      key("other tables", "choice:report,leave out", "what becomes of tables that fit no data set"),
      key("numbers", "NUMBERS", "how all numbers are written"),
      key("nothing", "texts", "marks that mean that there is no value"),
      key("dates", "texts", "formats of all dates, as d MMMM yyyy"),
      key("languages", "texts", "languages of the names of months, as en or de"),
      key("data", "map:DATA_SET", "several data sets, each under its name"),
      key("results", "list:text|RESULT", "files that a run writes")),
  /** What tells a file. */
  RECOGNITION(
      key("text", "text", "part of a line"),
      key("page", "number", "the page that it stands on"),
      key("missing", "text", "part of a line that must not be there")),
  /** A password's place. */
  PASSWORD(
      key("variable", "text", "an environment variable"),
      key("file", "text", "a file that holds nothing else")),
  /** What one file may ask for. */
  LIMITS(
      Arrays.stream(Limit.values())
          .map(l -> key(l.word(), "number", l.words()))
          .toArray(Key[]::new)),
  /** How numbers are written. */
  NUMBERS(
      key("decimal", "text", "the decimal mark: . or ,"),
      key("groups", "text", "the mark that sets off thousands")),
  /** Which tables. */
  TABLE(
      key("title", "texts", "a text of the title, or several wordings"),
      key("headings", "texts", "headings that it has, in any order"),
      key("similar", "share", "how alike they must be, as 80 %"),
      key("order", "any", "the n-th that fits: 1, 2 ... or last; or '1 on each page'"),
      key("pages", "text", "only on these pages"),
      key("below", "text", "a text of the line above the table"),
      key("above", "text", "a text of the line below the table"),
      key("area", "text", "looked for only inside it: left, top, right, bottom"),
      key("frame", "text", "left, top, right, bottom: 20mm,10%,190mm,80%"),
      key("gutters", "text", "where columns part: 60mm,95mm"),
      key("later pages", "PLACE", "area, frame and gutters on later pages"),
      key("rulings", "choice:weigh,use,ignore", "what rulings mean")),
  /** A table's place on a page. */
  PLACE(
      key("area", "text", "looked for only inside it: left, top, right, bottom"),
      key("frame", "text", "left, top, right, bottom"),
      key("gutters", "text", "where columns part; left out: found anew on each page")),
  /** How texts become values. */
  FORM(
      key("type", "choice:" + String.join(",", FieldType.words()), "the type of the values"),
      key("decimal", "text", "the decimal mark: . or ,"),
      key("groups", "text", "the mark that sets off thousands"),
      key("nothing", "texts", "marks that mean that there is no value"),
      key("format", "texts", "patterns of dates, as d MMMM yyyy"),
      key("language", "texts", "languages of the names of months"),
      key("true", "texts", "words that mean true"),
      key("false", "texts", "words that mean false"),
      key("unit", "texts", "words at a number that belong to it"),
      key("markers", "text", "footnote markers: off, or the field that gets them"),
      key("replace", "map:text", "patterns and what stands in their place"),
      key("means", "map:text", "each text that there may be, and what it means"),
      key("year from", "text", "the field with the date or month that completes the year"),
      key("lines", "texts", "fields that the printed lines of a cell become"),
      key("split", "pattern", "a pattern whose groups become fields"),
      key("default", "text", "what stands where nothing is printed"),
      key("fill down", "flag", "whether a value goes on to the rows below"),
      key("required", "flag", "whether a row without a value is held"),
      key("minimum", "number", "the least number"),
      key("maximum", "number", "the greatest number"),
      key("looks like", "pattern", "what each text must look like"),
      key("one of", "texts", "the only texts that there may be")),
  /** A field of a column. */
  COLUMN(
      FORM,
      key("from", "texts", "the heading, or several wordings of it"),
      key("position", "number", "the column's place, from 1"),
      key("similar", "share", "how alike the heading must be, as 80 %"),
      key("optional", "flag", "whether the column may be missing")),
  /** A value outside the columns. */
  VALUE(
      FORM,
      key("beside", "text", "the text that it stands beside"),
      key("below", "text", "the text that it stands below"),
      key("pattern", "pattern", "what it looks like; its group is the value"),
      key("per", "choice:file,page,table,next,above", "for which rows it holds"),
      key("optional", "flag", "whether a file may lack it"),
      key("origin", "choice:file,page,title,row", "where the row comes from, instead of a text")),
  /** Headings among rows. */
  HEADING(
      key("field", "text", "the field that gets the heading"),
      key("pattern", "pattern", "what the heading looks like; its groups become fields")),
  /** Rows left out. */
  LEAVE_OUT(
      key("name", "text", "for the summary"),
      key("where", "expression", "a condition over the fields"),
      key("text", "pattern", "found in the row"),
      key("before", "pattern", "all rows above the one that holds it"),
      key("after", "pattern", "all rows below the one that holds it")),
  /** Rows that go on. */
  CONTINUED(
      key("empty", "texts", "fields that are empty in them"),
      key("text", "pattern", "found in them")),
  /** Side-by-side repeats. */
  FOLD(
      key("order", "choice:down,across", "block by block, or row by row"),
      key("every", "number", "how many columns make a block"),
      key("shared", "number", "how many columns at the left belong to all blocks"),
      key("heading to", "text", "the field that gets the heading over a block")),
  /** Headings as rows. */
  UNPIVOT(
      key("columns", "patterns", "which headings, in one wording or more; groups become fields"),
      key("value", "text", "the field that gets the cell"),
      key("heading to", "text", "the field that gets the heading"),
      key("keep empty", "flag", "whether empty cells give rows")),
  /** A reckoned field. */
  COMPUTED(
      key("is", "expression", "what it is"),
      key("type", "choice:" + String.join(",", FieldType.words()), "the type of the values")),
  /** What must hold. */
  CHECK(
      key("name", "text", "for findings"),
      key("row", "expression", "a condition over the fields of each row"),
      key("within", "number", "how far both sides may differ"),
      key("where", "expression", "a condition on the rows that are asked"),
      key("sum", "text", "the field that is added up"),
      key("of", "choice:rows,subtotals", "what is added up"),
      key("carried", "text", "the field whose sum goes on from page to page"),
      key("count", "text", "rows, or a field whose different values are counted"),
      key("by", "texts", "the fields of a group"),
      key(
          "is",
          "text",
          "subtotals, totals, a field with the printed value, or how many: 12, 10 to 60"),
      key("unique", "texts", "fields that no two rows share"),
      key(
          "over",
          "choice:file,batch,result",
          "each file, all of them together, or the rows that are written"),
      key("serial", "text", "a field of numbers without gap"),
      key("step", "number", "how far they are apart"),
      key("rising", "text", "a field whose values never fall"),
      key("pages", "pattern", "printed page numbers without gap; groups: number, number of pages"),
      key("balance", "text", "a field that is the one above and an amount"),
      key("plus", "expression", "the amount: a field, or calculated"),
      key("lowest", "text", "the field whose smallest value is printed"),
      key("highest", "text", "the field whose largest value is printed"),
      key("lookup", "text", "a field whose values stand in a list of codes"),
      key("expected", "text", "a field in which some texts must all be there"),
      key("values", "texts", "those texts, or the codes"),
      key("in", "text", "a CSV file beside the spec that lists them"),
      key("column", "text", "its column with them; the first one otherwise"),
      key("same", "text", "a field that has one value"),
      key("on", "choice:page,table,file", "where it has one value, or is added up"),
      key("one file each", "text", "a field whose values no two files share, as a period"),
      key("change", "text", "a field that is compared with the period before"),
      key("along", "text", "the field with the period"),
      key("severity", "choice:note,warning,error", "how much it matters"),
      key(
          "effect",
          "choice:report,hold row,hold group,hold table,hold file",
          "what happens to the rows")),
  /** Rows as columns. */
  PIVOT(
      key("by", "text", "the field whose values become fields"),
      key("value", "text", "the field whose values stand in them")),
  /** Rows added up. */
  SUMS(
      key("by", "texts", "the keys"),
      key("add", "texts", "the fields that are added up"),
      key("count", "text", "the field that gets the number of rows")),
  /** Lines as rows. */
  RECORDS(
      key("from", "pattern", "the line after which the listing starts"),
      key("until", "pattern", "the line at which it ends"),
      key("record", "pattern", "a line with a row; its groups become fields"),
      key("continued", "patterns", "lines that go on with the row above"),
      key("subtotals", "patterns", "lines that print sums of a group; groups: the fields"),
      key("totals", "patterns", "lines that print sums of all rows; groups: the fields"),
      key(
          "spaces",
          "choice:one,kept",
          "whether wide gaps in a line are two spaces to the patterns"),
      key("leave out", "patterns", "lines that are left out"),
      key("other lines", "choice:report,leave out", "what becomes of lines that fit no pattern")),
  /** A file that is written. */
  RESULT(
      key("file", "text", "its name; the ending says the format"),
      key("sheet", "text", "the sheet of an existing workbook that is filled"),
      key("rows", "choice:append,replace", "whether rows are added to those of the sheet"));

  /**
   * A key.
   *
   * @param name as it is written
   * @param takes what stands behind it
   * @param says what it is for
   */
  record Key(String name, String takes, String says) {}

  private final List<Key> keys;

  SpecKeys(Key... keys) {
    this.keys = List.of(keys);
  }

  SpecKeys(SpecKeys base, Key... more) {
    keys = Stream.concat(Arrays.stream(more), base.keys.stream()).filter(distinctName()).toList();
  }

  private static Predicate<Key> distinctName() {
    Set<String> seen = new HashSet<>();
    return k -> seen.add(k.name());
  }

  private static Key key(String name, String takes, String says) {
    return new Key(name, takes, says);
  }

  List<Key> keys() {
    return keys;
  }

  List<String> names() {
    return keys.stream().map(Key::name).toList();
  }

  /** The section's name in the schema. */
  String word() {
    return name().toLowerCase(Locale.ROOT).replace('_', '-');
  }
}
