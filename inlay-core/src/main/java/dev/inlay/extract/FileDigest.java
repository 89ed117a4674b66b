package dev.inlay.extract;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.DigestInputStream;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;

/** The digest that names a file's bytes. */
final class FileDigest {

  private FileDigest() {}

  /** The SHA-256 digest in hexadecimal digits; empty where the file cannot be read. */
  static String ofReadable(Path path) {
    if (!Files.isRegularFile(path) || !Files.isReadable(path)) {
      return "";
    }
    try (InputStream bytes = Files.newInputStream(path)) {
      MessageDigest digest = MessageDigest.getInstance("SHA-256");
      try (DigestInputStream in = new DigestInputStream(bytes, digest)) {
        in.transferTo(OutputStream.nullOutputStream());
      }
      return HexFormat.of().formatHex(digest.digest());
    } catch (IOException e) {
      return ""; // it went away or became unreadable meanwhile: there are no bytes to name
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException("every Java platform has SHA-256", e);
    }
  }
}
