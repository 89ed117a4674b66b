package dev.inlay.pdf;

/** A PDF that could not be opened, with the reason in words a person can act on. */
public final class OpenFailure extends Exception {

  private static final long serialVersionUID = 1;

  /** Why a file could not be opened. */
  public enum Reason {
    /** There is no file of this name. */
    MISSING,
    /** The name is a folder's. */
    FOLDER,
    /** The name is that of a pipe or a device, which may have no end. */
    NO_FILE,
    /** The operating system does not let it be read. */
    FORBIDDEN,
    /** It holds no bytes. */
    EMPTY,
    /** Its bytes are not those of a PDF. */
    NOT_PDF,
    /** It needs a password, and none or a wrong one was given. */
    LOCKED,
    /** It begins as a PDF and cannot be made sense of. */
    BROKEN
  }

  private final Reason reason;

  OpenFailure(Reason reason, String message, Throwable cause) {
    super(message, cause);
    this.reason = reason;
  }

  /** What kind of failure it is. */
  public Reason reason() {
    return reason;
  }
}
