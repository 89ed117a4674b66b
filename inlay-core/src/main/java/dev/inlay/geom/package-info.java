/**
 * Plane geometry: boxes and intervals, in PDF points with the origin at the upper left of the page.
 *
 * <p>Nothing here knows of pages, text or tables.
 */
package dev.inlay.geom;
