package dev.inlay.model;

/**
 * How sure the finder was of what it made of one frame.
 *
 * @param header how probable the least probable role is among the lines of the header and the first
 *     line below it, 0 to 1
 * @param rows the same among the other lines
 * @param edges how probably the lines right above and below stand outside, the less sure one, 0 to
 *     1
 * @param wrongLines how many lines are expected to have another role
 * @param headings how probable the least sure placing of a line of headings is among all placings,
 *     0 to 1
 * @param headerRows how probable the number of header rows is, 0 to 1
 * @param texts how probable the least sure choice of the columns of a text of a row is, 0 to 1
 * @param gutter the width of the narrowest strip between columns, in type sizes; {@link #WIDE} and
 *     more say nothing
 * @param strips how probable the least sure choice is whether a strip hardly wider than a space
 *     parts columns, 0 to 1
 */
public record Certainty(
    double header,
    double rows,
    double edges,
    double wrongLines,
    double headings,
    double headerRows,
    double texts,
    double gutter,
    double strips) {

  /** No gutter of this width, in type sizes, is doubtful. */
  public static final double WIDE = 3;

  /** Nothing is doubtful: rulings or a person say it. */
  public static final Certainty FULL = new Certainty(1, 1, 1, 0, 1, 1, 1, WIDE, 1);

  /**
   * Of the roles of lines; what stands over what is known.
   *
   * @see Certainty
   */
  public static Certainty ofRoles(double header, double rows, double edges, double wrongLines) {
    return new Certainty(header, rows, edges, wrongLines, 1, 1, 1, WIDE, 1);
  }

  /** The same roles, with headings placed in columns that gutters part. */
  public Certainty withColumns(double placing, double narrowest) {
    double narrow = Math.min(WIDE, narrowest);
    return new Certainty(
        header, rows, edges, wrongLines, placing, headerRows, texts, narrow, strips);
  }

  /** The same, with the probability of the number of header rows. */
  public Certainty withHeaderRows(double probability) {
    return new Certainty(
        header, rows, edges, wrongLines, headings, probability, texts, gutter, strips);
  }

  /** The same, with the probability of the columns of the texts of rows. */
  public Certainty withTexts(double probability) {
    return new Certainty(
        header, rows, edges, wrongLines, headings, headerRows, probability, gutter, strips);
  }

  /** The same, with the probability of the choices about narrow strips. */
  public Certainty withStrips(double probability) {
    return new Certainty(
        header, rows, edges, wrongLines, headings, headerRows, texts, gutter, probability);
  }

  /** Of two frames of one table, what is less sure of each; the header is that of the first. */
  public Certainty and(Certainty other) {
    return new Certainty(
        Math.min(header, other.header),
        Math.min(rows, other.rows),
        Math.min(edges, other.edges),
        wrongLines + other.wrongLines,
        Math.min(headings, other.headings),
        headerRows,
        Math.min(texts, other.texts),
        Math.min(gutter, other.gutter),
        Math.min(strips, other.strips));
  }
}
