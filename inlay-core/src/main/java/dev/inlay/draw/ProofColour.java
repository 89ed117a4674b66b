package dev.inlay.draw;

import java.awt.Color;

/**
 * The colours of a proof. They differ in lightness as well as in hue, so that they can be known
 * apart without seeing red and green as two colours, and each mark has a shape of its own besides.
 */
enum ProofColour {
  FRAME(0x17, 0x3F, 0x8A),
  RULING(0x00, 0x7A, 0x87),
  GUTTER(0xD9, 0x6B, 0x00),
  GROUP(0x7A, 0x2E, 0x9E),
  TOTAL(0x7A, 0x5A, 0x00),
  OUTSIDE(0x6E, 0x76, 0x80),
  WARNING(0xC0, 0x14, 0x2B),
  DOUBT(0xB0, 0x1E, 0x8C),
  TEXT(0x22, 0x26, 0x2B),
  PAPER(0xFF, 0xFF, 0xFF),
  MARGIN(0xF3, 0xF2, 0xEE);

  private final Color colour;

  ProofColour(int red, int green, int blue) {
    colour = new Color(red, green, blue);
  }

  Color colour() {
    return colour;
  }
}
