package dev.inlay.text;

import java.util.regex.Pattern;

/** Words that say of a sum that it is carried over a page break. */
public final class CarriedOver {

  private static final Pattern SAID =
      Pattern.compile(
          "(?iu)((balance |amounts? |total )?(carried|brought) (forward|down|over)|[bc]/[fd]\\b"
              + "|übertrag|(solde |montant )?(à|a) reporter|report à nouveau$|a riportare"
              + "|riporto).*");

  /** Words that say the same beside a page break, and are ordinary ones elsewhere. */
  private static final Pattern SAID_BESIDE_BREAK = Pattern.compile("(?iu)(report|transport)[:.]?");

  private CarriedOver() {}

  /** Whether the label of a sum says so wherever it stands. */
  public static boolean isSaidIn(String label) {
    return SAID.matcher(label).matches();
  }

  /** Whether the label of a sum that stands beside a page break says so. */
  public static boolean isSaidBesideBreak(String label) {
    return isSaidIn(label) || SAID_BESIDE_BREAK.matcher(label).matches();
  }
}
