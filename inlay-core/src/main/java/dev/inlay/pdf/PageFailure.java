package dev.inlay.pdf;

/** A page of an open PDF that could not be read. */
public final class PageFailure extends Exception {

  private static final long serialVersionUID = 1;

  PageFailure(int page, Throwable cause) {
    super("page " + page + " cannot be read: " + plain(cause), cause);
  }

  private static String plain(Throwable cause) {
    String message = cause.getMessage();
    return message == null ? cause.getClass().getSimpleName() : message.replaceAll("\\s+", " ");
  }
}
