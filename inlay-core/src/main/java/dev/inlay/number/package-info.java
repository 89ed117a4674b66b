/** Values: what the text of a cell is as a number. Reads texts, never pages. */
package dev.inlay.number;
