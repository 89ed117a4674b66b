package dev.inlay.write;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.time.Instant;
import java.util.Collections;
import java.util.zip.CRC32;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;

/**
 * Takes the time of writing out of a document that is a ZIP archive, so that the same data gives
 * the same bytes.
 */
final class FixedZip {

  /** The first time that the archive format can tell. */
  private static final FileTime BEGINNING = FileTime.from(Instant.parse("1980-01-01T00:00:00Z"));

  private static final String TIME = "\\d{4}-\\d\\d-\\d\\dT\\d\\d:\\d\\d:\\d\\d(\\.\\d+)?Z?";

  private FixedZip() {}

  /** Copies an archive with fixed times. */
  static void copy(Path from, OutputStream to) throws IOException {
    ZipOutputStream out = new ZipOutputStream(to);
    try (ZipFile in = new ZipFile(from.toFile())) {
      for (ZipEntry entry : Collections.list(in.entries())) {
        byte[] bytes = in.getInputStream(entry).readAllBytes();
        byte[] fixed = isProperties(entry.getName()) ? withoutTimes(bytes) : bytes;
        ZipEntry copy = new ZipEntry(entry.getName());
        copy.setLastModifiedTime(BEGINNING);
        if (entry.getName().equals("mimetype")) {
          stored(copy, fixed); // the first entry of an open document stands uncompressed
        }
        out.putNextEntry(copy);
        out.write(fixed);
        out.closeEntry();
      }
    }
    out.finish();
  }

  private static void stored(ZipEntry entry, byte[] bytes) {
    CRC32 sum = new CRC32();
    sum.update(bytes);
    entry.setMethod(ZipEntry.STORED);
    entry.setSize(bytes.length);
    entry.setCrc(sum.getValue());
  }

  private static boolean isProperties(String name) {
    return name.equals("docProps/core.xml") || name.equals("meta.xml");
  }

  private static byte[] withoutTimes(byte[] xml) {
    String text = new String(xml, StandardCharsets.UTF_8);
    return text.replaceAll(TIME, "1980-01-01T00:00:00Z").getBytes(StandardCharsets.UTF_8);
  }
}
