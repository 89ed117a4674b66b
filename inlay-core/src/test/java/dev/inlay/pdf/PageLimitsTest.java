package dev.inlay.pdf;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import dev.inlay.page.ReadLimits;
import dev.inlay.page.ReadLimits.Limit;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Pages that ask for more than a page may: they are left out, and the others are read. */
class PageLimitsTest {

  private static final String CATALOG = "<</Type/Catalog/Pages 2 0 R>>";
  private static final String FONT = "<</Type/Font/Subtype/Type1/BaseFont/Helvetica>>";

  @TempDir private Path folder;

  /** A file of these objects, numbered from 1, with its table. */
  private PdfFile open(List<String> objects) throws Exception {
    return open(objects, ReadLimits.USUAL);
  }

  private PdfFile open(List<String> objects, ReadLimits limits) throws Exception {
    StringBuilder file = new StringBuilder("%PDF-1.7\n");
    List<Integer> places = new ArrayList<>();
    for (int i = 0; i < objects.size(); i++) {
      places.add(file.length());
      file.append(i + 1).append(" 0 obj\n").append(objects.get(i)).append("\nendobj\n");
    }
    int table = file.length();
    file.append("xref\n0 ").append(objects.size() + 1).append("\n0000000000 65535 f \n");
    places.forEach(p -> file.append(String.format("%010d 00000 n \n", p)));
    file.append("trailer\n<</Size ")
        .append(objects.size() + 1)
        .append("/Root 1 0 R>>\nstartxref\n");
    file.append(table).append("\n%%EOF\n");
    Path path = folder.resolve("a.pdf");
    Files.write(path, file.toString().getBytes(StandardCharsets.ISO_8859_1));
    return PdfFile.open(path, "", limits);
  }

  private static String stream(String dictionary, String content) {
    return "<<"
        + dictionary
        + "/Length "
        + content.length()
        + ">>\nstream\n"
        + content
        + "\nendstream";
  }

  private static String page(int contents) {
    return "<</Type/Page/Parent 2 0 R/MediaBox[0 0 600 800]/Contents "
        + contents
        + " 0 R/Resources<</Font<</F 7 0 R>>/XObject<</X 8 0 R>>>>>>";
  }

  /** Two pages, the first with such a content. */
  private PdfFile open(String content, String form) throws Exception {
    return open(content, form, ReadLimits.USUAL);
  }

  private PdfFile open(String content, String form, ReadLimits limits) throws Exception {
    return open(
        List.of(
            CATALOG,
            "<</Type/Pages/Kids[3 0 R 4 0 R]/Count 2>>",
            page(5),
            page(6),
            stream("", content),
            stream("", "BT /F 10 Tf 50 700 Td (Cod) Tj ET"),
            FONT,
            stream(
                "/Type/XObject/Subtype/Form/BBox[0 0 600 800]/Resources<</XObject<</X 8 0 R>>>>",
                form)),
        limits);
  }

  @Test
  void aFormThatDrawsItselfEndsItsPageAndNoOther() throws Exception {
    try (PdfFile file = open("/X Do", "/X Do /X Do")) {
      assertThatThrownBy(() -> file.page(1))
          .isInstanceOf(PageFailure.class)
          .hasMessageContaining(
              "page 1 cannot be read: it has more than 40 forms inside each other");
      assertThat(file.page(2).glyphs()).hasSize(3);
    }
  }

  @Test
  void graphicsStatesAreSavedUpToALimit() throws Exception {
    try (PdfFile file = open("q ".repeat(Limit.STATES.usual() - 1), "0 0 m")) {
      assertThat(file.page(1).glyphs()).isEmpty();
    }
    try (PdfFile file = open("q ".repeat(Limit.STATES.usual()), "0 0 m")) {
      assertThatThrownBy(() -> file.page(1)).hasMessageContaining("saved graphics states");
    }
  }

  @Test
  void formsThatFanOutAreCounted() throws Exception {
    String many = "/X Do ".repeat(Limit.FORMS.usual() + 1);
    try (PdfFile file = open(many, "0 0 m")) {
      assertThatThrownBy(() -> file.page(1)).hasMessageContaining("more than 50000 forms");
    }
  }

  @Test
  void aFileHasNoMorePagesThanCanBeFound() throws Exception {
    try (PdfFile file =
        open(
            List.of(
                CATALOG,
                "<</Type/Pages/Kids[3 0 R 2 0 R]/Count 2147483647>>",
                page(4),
                stream("", ""),
                "<<>>",
                "<<>>",
                FONT,
                "<<>>"))) {
      assertThat(file.pageCount()).isLessThan(1000);
      assertThat(file.damage().orElseThrow()).contains("says that it has 2147483647");
    }
  }

  @Test
  void partsThatInflateToMoreThanAPageNeedsAreRefused() {
    PageLimits limits = new PageLimits(ReadLimits.USUAL);
    limits.decoded(256_000_000);
    assertThatThrownBy(() -> limits.decoded(1))
        .hasMessageStartingWith(
            "it has more than 256 million bytes in one part; --limit megabytes=");
  }

  @Test
  void aPersonMayAllowLessOrMore() throws Exception {
    PageLimits less = new PageLimits(ReadLimits.USUAL.with(Limit.CHARACTERS, 2));
    less.character();
    less.character();
    assertThatThrownBy(less::character)
        .hasMessage("it has more than 2 characters; --limit characters=NUMBER allows more");
    String deep = "q ".repeat(Limit.STATES.usual());
    try (PdfFile file = open(deep, "0 0 m", ReadLimits.USUAL.with(Limit.STATES, 6_000))) {
      assertThat(file.page(1).glyphs()).isEmpty();
    }
  }

  /** A page whose font gives widths from one character to another. */
  private PdfFile withWidths(String from, String to) throws Exception {
    return open(
        List.of(
            CATALOG,
            "<</Type/Pages/Kids[3 0 R]/Count 1>>",
            page(4),
            stream("", "BT /F 10 Tf 50 700 Td <00430044> Tj ET"),
            "<</Type/Font/Subtype/CIDFontType2/BaseFont/Helvetica/FontDescriptor 6 0 R"
                + "/CIDSystemInfo<</Registry(Adobe)/Ordering(Identity)/Supplement 0>>"
                + "/W["
                + String.join(" ", from, to, "500")
                + "]>>",
            "<</Type/FontDescriptor/FontName/Helvetica/Flags 4>>",
            "<</Type/Font/Subtype/Type0/BaseFont/Helvetica/Encoding/Identity-H"
                + "/DescendantFonts[5 0 R]>>",
            "<<>>"));
  }

  @Test
  void widthsAreKeptOfCharactersThatThereCanBe() throws Exception {
    for (String[] range : new String[][] {{"0", "2147483647"}, {"-2147483647", "9"}}) {
      try (PdfFile file = withWidths(range[0], range[1])) {
        Set<String> damaged = new TreeSet<>();
        assertThat(file.page(1, damaged).glyphs()).hasSize(2);
        assertThat(damaged).contains("a font, with widths of characters that cannot be");
      }
    }
    try (PdfFile file = withWidths("0", "65535")) {
      Set<String> damaged = new TreeSet<>();
      assertThat(file.page(1, damaged).glyphs().get(0).box().width()).isEqualTo(5);
      assertThat(damaged).isEmpty();
    }
  }
}
