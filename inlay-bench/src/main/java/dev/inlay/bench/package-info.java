/**
 * Measures accuracy against cases with truth, and speed against the time that the PDF library alone
 * takes. No part of the product.
 */
package dev.inlay.bench;
