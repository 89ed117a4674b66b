package dev.inlay.write;

import dev.inlay.geom.Box;
import dev.inlay.rows.Origin;
import java.net.URI;
import java.net.URISyntaxException;
import java.nio.file.Path;
import java.util.Locale;

/** Links to places in PDF files, in the open fragment syntax of RFC 8118. */
final class PlaceLink {

  private PlaceLink() {}

  /** A link to a place in a file, for a document that stands in a folder. */
  static String of(Path file, Origin origin, Path folder) {
    return of(file, folder) + "#" + fragment(origin);
  }

  /** A link to a file, relative to the folder where that can be. */
  static String of(Path file, Path folder) {
    Path target = file.toAbsolutePath().normalize();
    Path base = folder.toAbsolutePath().normalize();
    boolean sameRoot = target.getRoot() != null && target.getRoot().equals(base.getRoot());
    String path = (sameRoot ? base.relativize(target) : target).toString().replace('\\', '/');
    try {
      return new URI(null, null, path, null).toASCIIString();
    } catch (URISyntaxException e) {
      throw new IllegalStateException("any path can be quoted", e);
    }
  }

  private static String fragment(Origin origin) {
    Box box = origin.box();
    return String.format(
        Locale.ROOT,
        "page=%d&viewrect=%.0f,%.0f,%.0f,%.0f",
        origin.page(),
        Math.floor(box.left()),
        Math.floor(box.top()),
        Math.ceil(box.width()),
        Math.ceil(box.height()));
  }
}
