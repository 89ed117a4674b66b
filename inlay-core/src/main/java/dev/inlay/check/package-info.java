/**
 * Checks: what must hold of records, why it does not, and what happens to the rows. Works on
 * records alone, in exact decimals.
 */
package dev.inlay.check;
