package dev.inlay.bench;

import dev.inlay.evidence.ChunkLine;
import dev.inlay.geom.Box;
import dev.inlay.page.Glyph;
import dev.inlay.page.LineComposer;
import dev.inlay.page.TextLine;
import dev.inlay.page.Turn;
import dev.inlay.page.Typeface;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Lines of a page, printed in type whose characters are 5 points wide. */
final class PrintedLines {

  private final List<Glyph> glyphs = new ArrayList<>();

  /** Prints a text from x on. */
  PrintedLines text(String text, double x, double baseline) {
    Typeface face = new Typeface("Plain", false, false);
    for (int i = 0; i < text.length(); i++) {
      Box box = new Box(x + 5 * i, baseline - 8, x + 5 * i + 5, baseline + 2);
      glyphs.add(new Glyph(text.substring(i, i + 1), box, baseline, 10, Turn.UPRIGHT, face));
    }
    return this;
  }

  /** The lines from top to bottom. */
  List<ChunkLine> lines() {
    List<TextLine> lines =
        LineComposer.compose(glyphs).stream()
            .sorted(Comparator.comparingDouble(TextLine::baseline))
            .toList();
    return ChunkLine.of(lines);
  }
}
