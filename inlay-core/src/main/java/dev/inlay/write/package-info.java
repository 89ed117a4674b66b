/**
 * Writes tables to files and streams, one form a class, and puts files in place whole or not at
 * all.
 *
 * <p>Decides nothing about tables.
 */
package dev.inlay.write;
