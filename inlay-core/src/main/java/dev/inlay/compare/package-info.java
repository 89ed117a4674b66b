/**
 * Two results held against each other: read from files of any format that {@code run} writes, their
 * rows matched by key or by likeness, their values compared as what they are.
 *
 * <p>Knows nothing of pages and specs: an expected list that a person wrote is a result as well.
 */
package dev.inlay.compare;
