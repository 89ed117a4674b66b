package dev.inlay.model;

/**
 * Where the characters of a page ended. Each is counted once: {@code printed} is the sum of the
 * others, or a character was lost or used twice.
 *
 * @param printed characters that a reader sees, blanks not counted
 * @param inCells those in cells of tables
 * @param leaders leader dots and rules made of characters inside tables, and boxes made of
 *     characters: they are no text
 * @param stray those inside the frame of a table that fit no cell; the table has a warning
 * @param furniture those of running heads, page numbers and the like
 * @param outside the others outside tables
 * @param doubled how many were taken into two cells; 0 unless something went wrong
 */
public record TextLedger(
    int printed, int inCells, int leaders, int stray, int furniture, int outside, int doubled) {

  /** Nothing printed. */
  public static final TextLedger EMPTY = new TextLedger(0, 0, 0, 0, 0, 0, 0);

  /** Both together. */
  public TextLedger plus(TextLedger other) {
    return new TextLedger(
        printed + other.printed,
        inCells + other.inCells,
        leaders + other.leaders,
        stray + other.stray,
        furniture + other.furniture,
        outside + other.outside,
        doubled + other.doubled);
  }

  /** This ledger and what ended in the frames of tables that were read apart. */
  public TextLedger with(TextLedger apart) {
    return new TextLedger(
        printed + apart.inCells + apart.leaders + apart.stray,
        inCells + apart.inCells,
        leaders + apart.leaders,
        stray + apart.stray,
        furniture,
        outside,
        doubled + apart.doubled);
  }

  /** This ledger and this many more characters that draw boxes. */
  public TextLedger withMarks(int more) {
    return new TextLedger(
        printed + more, inCells, leaders + more, stray, furniture, outside, doubled);
  }

  /** This ledger and this many more characters outside tables. */
  public TextLedger withOutside(int more) {
    return new TextLedger(
        printed + more, inCells, leaders, stray, furniture, outside + more, doubled);
  }

  /** This ledger, with this many of the characters outside tables known to be furniture. */
  public TextLedger withFurniture(int characters) {
    return new TextLedger(
        printed, inCells, leaders, stray, furniture + characters, outside - characters, doubled);
  }

  /** Whether every character ended in exactly one place. */
  public boolean balances() {
    return doubled == 0
        && outside >= 0
        && printed == inCells + leaders + stray + furniture + outside;
  }
}
