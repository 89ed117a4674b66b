package dev.inlay.pdf;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class GlyphNamesTest {

  @Test
  void namesOfSymbolFontsAreKnown() {
    assertThat(GlyphNames.character("arrowhookright")).isEqualTo("↪");
    assertThat(GlyphNames.character("lessorequalslant")).isEqualTo("⩽");
  }

  @Test
  void aSizeBehindANameDoesNotChangeIt() {
    assertThat(GlyphNames.character("angbracketleftBig")).isEqualTo("⟨");
    assertThat(GlyphNames.character("summationdisplay")).isEqualTo("∑");
    assertThat(GlyphNames.character("parenleftbigg")).isEqualTo("(");
  }

  @Test
  void otherNamesStayUnknown() {
    assertThat(GlyphNames.character("Big")).isNull();
    assertThat(GlyphNames.character("g1234")).isNull();
    assertThat(GlyphNames.character(".notdef")).isNull();
  }
}
