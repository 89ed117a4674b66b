/**
 * Opens PDF files and yields their pages. The PDF library lives here and nowhere else in the core;
 * nothing here knows what a table is.
 */
package dev.inlay.pdf;
