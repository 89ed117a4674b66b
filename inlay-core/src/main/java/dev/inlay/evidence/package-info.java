/**
 * What is drawn and printed on a page, before anybody says what it means: rulings and the frames
 * they make, lines in chunks, the columns in which a page is printed.
 *
 * <p>What a line is to a table, and what stands inside a frame, is not decided here.
 */
package dev.inlay.evidence;
