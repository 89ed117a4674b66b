package dev.inlay.extract;

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
    MessageDigest digest = sha256();
    try (InputStream in = new DigestInputStream(Files.newInputStream(path), digest)) {
      in.transferTo(OutputStream.nullOutputStream());
    }
    return HexFormat.of().formatHex(digest.digest());
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
    return HexFormat.of().formatHex(sha256().digest(text.getBytes(StandardCharsets.UTF_8)));
  }

  private static MessageDigest sha256() {
    try {
      return MessageDigest.getInstance("SHA-256");
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException("every Java platform has SHA-256", e);
    }
  }
}
