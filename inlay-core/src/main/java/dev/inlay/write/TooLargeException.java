package dev.inlay.write;

/** What the format asked for cannot hold; the message says what to do. */
public final class TooLargeException extends Exception {

  private static final long serialVersionUID = 1;

  TooLargeException(String message) {
    super(message);
  }
}
