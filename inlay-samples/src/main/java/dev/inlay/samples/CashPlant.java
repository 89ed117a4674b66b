package dev.inlay.samples;

/** An error planted in a cash book, and what a check is to say of it. */
public enum CashPlant {
  /** None: a sound book. */
  NONE("", ""),
  /** A number is left out. */
  SERIAL_GAP("numbers", "225 follows 223; 1 missing"),
  /** A balance goes wrong, and all below it go on from there. */
  BALANCE_OFF("balance", "printed is"),
  /** The sign of an amount is turned. */
  SIGN_TURNED("balance", "its sign is turned round"),
  /** A page brings forward another balance than the one before carries. */
  CARRIED_OFF("carried", "(difference 9.00)"),
  /** An entry names the sheet before. */
  OTHER_SHEET("sheets", "'31' stands beside '32' in one page"),
  /** More entries are said to be there than are. */
  COUNT_OFF("entries", "there are 61 rows, printed is 64");

  private final String check;
  private final String says;

  CashPlant(String check, String says) {
    this.check = check;
    this.says = says;
  }

  /** The name of the check that finds it. */
  public String check() {
    return check;
  }

  /** What the check says of it. */
  public String says() {
    return says;
  }
}
