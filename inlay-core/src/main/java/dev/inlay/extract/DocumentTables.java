package dev.inlay.extract;

import dev.inlay.document.PlainList;
import dev.inlay.document.WideParts;
import dev.inlay.geom.Box;
import dev.inlay.model.Table;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/**
 * What a document gave.
 *
 * @param path the file as it was named
 * @param sha256 the digest of its bytes in hexadecimal digits; empty where it could not be read
 * @param pages how many pages it has; 0 where it could not be opened
 * @param status how far it could be read
 * @param problems what kept Inlay from reading all of it
 * @param tables in the order of their starts
 * @param traits what it is made of
 * @param ledgers where the characters of each page ended; pages without text have none
 */
public record DocumentTables(
    Path path,
    String sha256,
    int pages,
    DocumentStatus status,
    List<Problem> problems,
    List<Table> tables,
    PaperTraits traits,
    List<PageLedger> ledgers) {

  /** Keeps copies that cannot change. */
  public DocumentTables {
    problems = List.copyOf(problems);
    tables = List.copyOf(tables);
    ledgers = List.copyOf(ledgers);
  }

  /** A document of which nothing more is known than its tables. */
  public DocumentTables(
      Path path,
      String sha256,
      int pages,
      DocumentStatus status,
      List<Problem> problems,
      List<Table> tables) {
    this(path, sha256, pages, status, problems, tables, PaperTraits.UNKNOWN, List.of());
  }

  /** The same document with one more problem. */
  DocumentTables withProblem(Problem problem) {
    List<Problem> more = new ArrayList<>(problems);
    more.add(problem);
    return new DocumentTables(path, sha256, pages, status, more, tables, traits, ledgers);
  }

  /** The same document with other tables. */
  DocumentTables withTables(List<Table> others) {
    return new DocumentTables(path, sha256, pages, status, problems, others, traits, ledgers);
  }

  /** The same document, its wide parts put together. */
  public DocumentTables withPartsJoined() {
    return withTables(WideParts.join(tables));
  }

  /** The same document, its tables as plain lists. */
  public DocumentTables asLists(PlainList list) {
    return withTables(tables.stream().map(list::of).toList());
  }

  /** The file's name without its folder. */
  public String fileName() {
    Path name = path.getFileName();
    return name == null ? path.toString() : name.toString();
  }

  /** The places of furniture on a page, in points. */
  public List<Box> furnitureOn(int page) {
    return ledgers.stream()
        .filter(l -> l.page() == page)
        .flatMap(l -> l.furniture().stream())
        .toList();
  }
}
