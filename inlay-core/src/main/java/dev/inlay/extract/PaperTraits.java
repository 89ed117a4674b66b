package dev.inlay.extract;

/**
 * What a document is made of.
 *
 * @param producer the program that made it, as the file names it; empty where it does not
 * @param textPages how many of the pages read hold text
 * @param picturePages how many of the pages read hold pictures and no text
 */
public record PaperTraits(String producer, int textPages, int picturePages) {

  /** Of a file that could not be opened nothing is known. */
  static final PaperTraits UNKNOWN = new PaperTraits("", 0, 0);
}
