/**
 * What a text is: a number, a date, a unit, words; and in which order its letters are read. Decided
 * here and nowhere else.
 *
 * <p>Knows strings only; where a text stands is not looked at here.
 */
package dev.inlay.text;
