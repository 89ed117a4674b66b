package dev.inlay.pdf;

import java.io.IOException;
import org.apache.pdfbox.io.RandomAccessRead;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDResources;

/**
 * A page whose description is read as a whole before it is followed. The parser steps to and fro by
 * single bytes, which costs more on the library's own sources than all else that it does.
 */
final class PageContents extends PDPage {

  private final PDPage page;

  PageContents(PDPage page) {
    super(page.getCOSObject());
    this.page = page;
  }

  /** Those of the page itself, which keeps fonts for the pages that follow. */
  @Override
  public PDResources getResources() {
    return page.getResources();
  }

  @Override
  public RandomAccessRead getContentsForStreamParsing() throws IOException {
    try (RandomAccessRead source = page.getContentsForStreamParsing()) {
      return ByteSource.of(source);
    }
  }
}
