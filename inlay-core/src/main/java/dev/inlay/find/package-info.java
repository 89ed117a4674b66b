/**
 * Finds where on a page tables are: rulings, and the frames they make.
 *
 * <p>What stands inside a frame is not looked at here.
 */
package dev.inlay.find;
