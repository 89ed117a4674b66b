package dev.inlay.bench;

import java.text.Normalizer;

/**
 * Texts in the form in which they are compared: no white space, one kind of dash and of quote, no
 * dot leaders, words hyphenated at a line end joined or not.
 */
final class ComparedText {

  private ComparedText() {}

  static String of(String text) {
    return Normalizer.normalize(text, Normalizer.Form.NFKC)
        .replaceAll("[\\u2010-\\u2014\\u2212]", "-")
        .replaceAll("[\\u2018\\u2019]", "'")
        .replaceAll("[\\u201C\\u201D]", "\"")
        .replaceAll("\\u2206", "\u0394")
        .replaceAll("(?U)[\\s\\u00AD]+", "")
        .replaceAll("\\.{4,}|\\u2026{2,}|\\u00B7{3,}", "")
        .replaceAll("(?<=\\p{L})-(?=\\p{L})", "");
  }
}
