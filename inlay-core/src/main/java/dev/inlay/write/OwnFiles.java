package dev.inlay.write;

import java.io.IOException;
import java.nio.file.Path;

/** Which files in a folder are a run's own, so that it may replace them. */
public interface OwnFiles {

  /** None is. */
  OwnFiles NONE =
      new OwnFiles() {
        @Override
        public boolean isOwn(Path file) {
          return false;
        }

        @Override
        public void places(Path goal, Path draft) {}
      };

  /** Whether a file was written by an earlier run with the same goal, and not changed since. */
  boolean isOwn(Path file);

  /**
   * Notes a whole file right before it is moved into place.
   *
   * @param goal where it will stand
   * @param draft where it stands now
   * @throws IOException if that cannot be noted
   */
  void places(Path goal, Path draft) throws IOException;
}
