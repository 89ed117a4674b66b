package dev.inlay.rows;

import dev.inlay.model.TextLedger;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/**
 * What a run made of one file.
 *
 * @param path the file as it was named
 * @param sha256 the digest of its bytes; empty where it could not be read
 * @param pages how many pages it has
 * @param tables how many tables its data came from
 * @param status how it ended
 * @param reason why it was set aside or could not be read; else empty
 * @param parts what it gave, one for each data set of the spec; none where it was set aside
 * @param findings of the file as a whole
 * @param characters where its characters ended
 */
public record FileRun(
    Path path,
    String sha256,
    int pages,
    int tables,
    Status status,
    String reason,
    List<DataSetPart> parts,
    List<Finding> findings,
    TextLedger characters) {

  /** How a file ended. */
  public enum Status {
    /** All of it was read. */
    READ("read"),
    /** All of it was read, but some of its tables are in no data set. */
    INCOMPLETE("incomplete"),
    /** Some of its pages could not be read. */
    PARTIAL("partial"),
    /** It is of another kind, or has no table that fits. */
    SET_ASIDE("set aside"),
    /** It needs a password. */
    LOCKED("locked"),
    /** Its pages are pictures. */
    NO_TEXT("no text"),
    /** It cannot be read. */
    UNREADABLE("unreadable");

    private final String word;

    Status(String word) {
      this.word = word;
    }

    /** The word for it in files. */
    public String word() {
      return word;
    }

    /** Whether some of the input could not be read. */
    public boolean isFailure() {
      return this != READ && this != INCOMPLETE && this != SET_ASIDE;
    }
  }

  /** Keeps copies that cannot change. */
  public FileRun {
    parts = List.copyOf(parts);
    findings = List.copyOf(findings);
  }

  /** The name without its folder. */
  public String fileName() {
    Path name = path.getFileName();
    return name == null ? path.toString() : name.toString();
  }

  /** Where its rows ended, over all data sets. */
  public RowLedger rows() {
    return parts.stream().map(DataSetPart::ledger).reduce(RowLedger.EMPTY, RowLedger::plus);
  }

  /** Whether its ledgers of rows and of characters balance. */
  public boolean balances() {
    return rows().balances() && characters.balances();
  }

  /** All findings, those of the file first; what several data sets say of one table stands once. */
  public List<Finding> allFindings() {
    Set<Finding> all = new LinkedHashSet<>(findings);
    parts.forEach(p -> all.addAll(p.findings()));
    return List.copyOf(all);
  }

  /** The same, a check counted with one of its parts. */
  public FileRun counted(int part, String check, CheckCount count) {
    List<DataSetPart> all = new ArrayList<>(parts);
    all.set(part, parts.get(part).counted(check, count));
    return new FileRun(path, sha256, pages, tables, status, reason, all, findings, characters);
  }

  /** The same with more findings of the file. */
  public FileRun with(List<Finding> more) {
    List<Finding> all = new ArrayList<>(findings);
    all.addAll(more);
    return new FileRun(path, sha256, pages, tables, status, reason, parts, all, characters);
  }
}
