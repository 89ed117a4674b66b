/**
 * What is drawn and printed on a page, before anybody says what it means: rulings and the frames
 * they make, lines in pieces, the white strips between columns, columns of the page, what repeats
 * on pages.
 *
 * <p>What a line is to a table, and what stands inside a frame, is not decided here.
 */
package dev.inlay.find;
