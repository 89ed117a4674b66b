package dev.inlay.bench;

import dev.inlay.extract.DocumentTables;
import dev.inlay.extract.PageLedger;
import java.util.ArrayList;
import java.util.List;

/** Checks that the text ledger of every page balances: no character lost, none used twice. */
final class LedgerCheck {

  private int pages;
  private final List<String> unbalanced = new ArrayList<>();

  void add(DocumentTables document) {
    for (PageLedger page : document.ledgers()) {
      pages++;
      if (!page.ledger().balances()) {
        unbalanced.add(document.fileName() + " page " + page.page());
      }
    }
  }

  boolean balances() {
    return pages > 0 && unbalanced.isEmpty();
  }

  String line() {
    String outcome = unbalanced.isEmpty() ? "all balance" : "NOT BALANCED: " + unbalanced;
    return "text ledger: " + pages + " pages, " + outcome;
  }
}
