package dev.inlay.pdf;

import java.util.Set;
import org.apache.pdfbox.pdmodel.interactive.annotation.PDAnnotation;

/** Says which annotations of a page are text on it, as values filled into a form are. */
final class Annotations {

  /** Fields of forms, and texts and stamps put on the page. Marks on text and links are none. */
  private static final Set<String> WITH_TEXT = Set.of("Widget", "FreeText", "Stamp");

  private Annotations() {}

  /** Whether a reader sees its text on the page. */
  static boolean holdsText(PDAnnotation annotation) {
    return WITH_TEXT.contains(String.valueOf(annotation.getSubtype()))
        && !annotation.isHidden()
        && !annotation.isNoView()
        && annotation.getNormalAppearanceStream() != null;
  }
}
