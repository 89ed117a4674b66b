package dev.inlay.extract;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.DigestInputStream;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;

/** The digest that names bytes: SHA-256 in hexadecimal digits. */
public final class FileDigest {

  private FileDigest() {}

  /**
   * The digest of a file's bytes.
   *
   * @throws IOException if it cannot be read
   */
  public static String of(Path path) throws IOException {
    try (InputStream bytes = Files.newInputStream(path)) {
      return of(bytes);
    }
  }

  /** The digest of a file's bytes; empty where it is no file that can be read. */
  public static String ofReadable(Path path) {
    if (!Files.isRegularFile(path) || !Files.isReadable(path)) {
      return "";
    }
    try {
      return of(path);
    } catch (IOException e) {
      return ""; // it went away or became unreadable meanwhile: there are no bytes to name
    }
  }

  /** The digest of a text in UTF-8. */
  public static String ofText(String text) {
    try {
      return of(new ByteArrayInputStream(text.getBytes(StandardCharsets.UTF_8)));
    } catch (IOException e) {
      throw new IllegalStateException("bytes in memory can be read", e);
    }
  }

  private static String of(InputStream bytes) throws IOException {
    try {
      MessageDigest digest = MessageDigest.getInstance("SHA-256");
      try (DigestInputStream in = new DigestInputStream(bytes, digest)) {
        in.transferTo(OutputStream.nullOutputStream());
      }
      return HexFormat.of().formatHex(digest.digest());
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException("every Java platform has SHA-256", e);
    }
  }
}
