package dev.inlay.pdf;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.apache.pdfbox.pdmodel.font.encoding.GlyphList;

/**
 * The characters of glyph names that the Adobe Glyph List does not hold: those of the mathematical
 * and symbol fonts of TeX, which name a sign once for each size that it is drawn in.
 */
final class GlyphNames {

  private static final String RESOURCE = "glyph-names.txt";

  private static final Pattern SIZED =
      Pattern.compile("(.+?)(big|Big|bigg|Bigg|text|display|tp|bt|ex|mid)");

  /** Read where the first name is asked for that the library does not know. */
  private static final class Names {
    static final Map<String, String> ALL = read();

    private static Map<String, String> read() {
      Map<String, String> names = new HashMap<>();
      try (InputStream in = GlyphNames.class.getResourceAsStream(RESOURCE);
          BufferedReader lines =
              new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8))) {
        lines
            .lines()
            .filter(l -> !l.startsWith("#"))
            .map(l -> l.split("\t"))
            .forEach(p -> names.put(p[0], Character.toString(Integer.parseInt(p[1], 16))));
      } catch (IOException e) {
        throw new UncheckedIOException("cannot read " + RESOURCE, e);
      }
      return Map.copyOf(names);
    }
  }

  private GlyphNames() {}

  /** The character of a glyph's name, or null. */
  static String character(String name) {
    String whole = Names.ALL.get(name);
    if (whole != null) {
      return whole;
    }
    Matcher sized = SIZED.matcher(name);
    if (!sized.matches()) {
      return null;
    }
    String stem = sized.group(1);
    String known = Names.ALL.get(stem);
    return known != null ? known : GlyphList.getAdobeGlyphList().toUnicode(stem);
  }
}
