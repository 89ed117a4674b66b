package dev.inlay.pdf;

import dev.inlay.page.ReadLimits;
import java.io.IOException;
import java.io.InputStream;
import java.util.List;
import java.util.stream.IntStream;
import java.util.zip.Adler32;
import java.util.zip.DataFormatException;
import java.util.zip.Inflater;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSBase;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.cos.COSStream;
import org.apache.pdfbox.pdmodel.common.PDStream;

/**
 * Asks of a compressed stream whether it is whole. The library decodes what it can of a damaged one
 * and does not compare its checksum (RFC 1950), so that lost rows would not show.
 */
final class FlateCheck {

  /** A zlib stream begins with two bytes about itself and ends with four of a checksum. */
  private static final int HEADER = 2;

  private static final List<String> FLATE = List.of("FlateDecode", "Fl");

  private static final int CHECKSUM = 4;
  private static final int BUFFER = 1 << 15;

  private FlateCheck() {}

  /** Whether a stream is compressed so that its checksum tells, and does not agree with it. */
  static boolean isDamaged(COSStream stream, ReadLimits limits) {
    if (!isFlate(stream.getFilters())) {
      return false;
    }
    // filters before it, as characters for bytes, are undone
    try (InputStream compressed = new PDStream(stream).createInputStream(FLATE)) {
      return !isWhole(compressed.readAllBytes(), limits);
    } catch (IOException e) {
      return true; // what cannot be fetched is lost
    }
  }

  private static boolean isFlate(COSBase filters) {
    if (filters instanceof COSArray all) {
      return IntStream.range(0, all.size()).anyMatch(i -> isFlate(all.getObject(i)));
    }
    return filters instanceof COSName name && FLATE.contains(name.getName());
  }

  /**
   * Whether some bytes are a whole zlib stream; one whose checksum is cut off passes.
   *
   * @throws PageLimits.Reached if they are more than a page may have when they are inflated
   */
  static boolean isWhole(byte[] bytes, ReadLimits most) {
    if (bytes.length <= HEADER) {
      return bytes.length == 0;
    }
    Inflater inflater = new Inflater(true);
    PageLimits limits = new PageLimits(most);
    try {
      inflater.setInput(bytes, HEADER, bytes.length - HEADER);
      Adler32 sum = new Adler32();
      byte[] buffer = new byte[BUFFER];
      while (!inflater.finished()) {
        int count = inflater.inflate(buffer);
        if (count == 0 && !inflater.finished()) {
          return false; // it ends before its end
        }
        sum.update(buffer, 0, count);
        limits.decoded(count);
      }
      int at = bytes.length - inflater.getRemaining();
      return at + CHECKSUM > bytes.length || printed(bytes, at) == sum.getValue();
    } catch (DataFormatException e) {
      return false;
    } finally {
      inflater.end();
    }
  }

  private static long printed(byte[] bytes, int at) {
    long sum = 0;
    for (int i = at; i < at + CHECKSUM; i++) {
      sum = sum << Byte.SIZE | Byte.toUnsignedLong(bytes[i]);
    }
    return sum;
  }
}
