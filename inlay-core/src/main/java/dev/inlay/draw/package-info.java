/**
 * Proof pictures: pages with what was found drawn over them. The second package, beside {@code
 * pdf}, that knows the PDF library. Decides nothing about tables.
 */
package dev.inlay.draw;
