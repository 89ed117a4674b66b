/**
 * Weighs what is possible: named signs of lines, white strips and tables, and small models that
 * were trained on papers with truth and stand in text files.
 *
 * <p>Signs are pure functions of what is printed, relative to the page's own measures. Nothing is
 * chosen here.
 */
package dev.inlay.score;
