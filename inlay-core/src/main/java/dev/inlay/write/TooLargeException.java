package dev.inlay.write;

/** A table that the form asked for cannot hold. */
public final class TooLargeException extends Exception {

  private static final long serialVersionUID = 1;

  TooLargeException(String message) {
    super(message);
  }
}
