package dev.inlay.spec;

import java.util.List;

/** A spec that cannot be used, with all that is wrong in it. */
public final class SpecException extends Exception {

  private static final long serialVersionUID = 1;

  private final transient List<SpecMessage> messages;

  /** Takes what is wrong, in the order of the file. */
  SpecException(List<SpecMessage> messages) {
    super(messages.get(0).text());
    this.messages = List.copyOf(messages);
  }

  /** What is wrong, in the order of the file; at least one. */
  public List<SpecMessage> messages() {
    return messages;
  }
}
