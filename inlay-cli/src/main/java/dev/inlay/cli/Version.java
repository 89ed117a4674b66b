package dev.inlay.cli;

import java.io.IOException;
import java.io.InputStream;
import java.util.Properties;
import picocli.CommandLine.IVersionProvider;

/** The version that the build put into the jar. */
final class Version implements IVersionProvider {

  @Override
  public String[] getVersion() throws IOException {
    Properties properties = new Properties();
    try (InputStream in = Version.class.getResourceAsStream("version.properties")) {
      properties.load(in);
    }
    return new String[] {"inlay " + properties.getProperty("version")};
  }
}
