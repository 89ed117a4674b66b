package dev.inlay.cli;

import dev.inlay.batch.SpecRun;
import dev.inlay.extract.FileDigest;
import java.io.IOException;
import java.io.InputStream;
import java.net.URISyntaxException;
import java.nio.file.Path;
import java.security.CodeSource;
import java.util.Properties;
import picocli.CommandLine.IVersionProvider;

/** The version that the build put into the jar. */
final class Version implements IVersionProvider {

  @Override
  public String[] getVersion() throws IOException {
    return new String[] {"inlay " + number()};
  }

  private static String number() throws IOException {
    Properties properties = new Properties();
    try (InputStream in = Version.class.getResourceAsStream("version.properties")) {
      properties.load(in);
    }
    return properties.getProperty("version");
  }

  /**
   * The version, and the digest of the jar that reads files: two builds of one version may read
   * them differently.
   *
   * @throws IOException if either cannot be read
   */
  static String build() throws IOException {
    CodeSource source = SpecRun.class.getProtectionDomain().getCodeSource();
    try {
      return number() + " " + FileDigest.ofReadable(Path.of(source.getLocation().toURI()));
    } catch (URISyntaxException e) {
      throw new IOException("the place of Inlay's jar has no valid name", e);
    }
  }
}
