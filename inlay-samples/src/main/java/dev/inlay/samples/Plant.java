package dev.inlay.samples;

/** An error planted in a statement of dues, and what a check is to say of it. */
public enum Plant {
  /** A subtotal that is not the sum of its rows. */
  WRONG_SUBTOTAL(
      "dues of a vessel",
      "(difference 1.00); 'quantity times rate' proves its rows right: the printed sum is wrong"),
  /** A row that is printed twice and summed once. */
  DOUBLED_ROW("dues of a vessel", "is there twice"),
  /** Two digits of an amount exchanged. */
  EXCHANGED_DIGITS("quantity times rate", "two digits are exchanged"),
  /** The decimal mark of an amount shifted. */
  SHIFTED_MARK("quantity times rate", "its decimal mark is shifted"),
  /** A quantity that does not give the amount. */
  PRODUCT_OFF("quantity times rate", "quantity * rate is"),
  /** A row that is summed and not printed. */
  LOST_ROW("dues of a vessel", "the printed sum is wrong, or a row is missing"),
  /** An amount that is no number. */
  UNREADABLE("dues of a vessel", "could not be read; it would be"),
  /** A row that its sum does not hold. */
  NOT_SUMMED("dues of a vessel", " is not in the printed sum"),
  /** A row that its sum holds twice. */
  COUNTED_TWICE("dues of a vessel", " is in the printed sum twice"),
  /** A total that holds a subtotal along with its rows. */
  SUM_AMONG_ROWS("total dues", "the sum 'Dues of Fulmar' was added along with its rows"),
  /** The page in the middle is missing. */
  LOST_PAGE("total dues", "a page or rows between them are missing"),
  /** The page in the middle is there and blank. */
  BLANK_PAGE("total dues", "page 2 between them gave no rows");

  private final String check;
  private final String says;

  Plant(String check, String says) {
    this.check = check;
    this.says = says;
  }

  /** The name of the check that finds it. */
  public String check() {
    return check;
  }

  /** What the check says of the cause. */
  public String says() {
    return says;
  }
}
