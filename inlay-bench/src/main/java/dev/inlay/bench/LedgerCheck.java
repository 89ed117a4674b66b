package dev.inlay.bench;

import dev.inlay.extract.PageSelection;
import dev.inlay.extract.PageWalk;
import dev.inlay.table.PageTables;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/** Checks that the text ledger of every page balances: no character lost, none used twice. */
final class LedgerCheck {

  private int pages;
  private final List<String> unbalanced = new ArrayList<>();

  void add(Path pdf) throws InterruptedException {
    PageWalk.over(
        pdf,
        "",
        PageSelection.ALL,
        page -> {
          pages++;
          if (!PageTables.of(page).ledger().balances()) {
            unbalanced.add(pdf.getFileName() + " page " + page.number());
          }
        });
  }

  boolean balances() {
    return pages > 0 && unbalanced.isEmpty();
  }

  String line() {
    String outcome = unbalanced.isEmpty() ? "all balance" : "NOT BALANCED: " + unbalanced;
    return "text ledger: " + pages + " pages, " + outcome;
  }
}
