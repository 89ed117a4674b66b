/**
 * What is possible on a page: regions that may be tables, the white strips that may part their
 * columns, and the grids that frames and regions make: boundaries, cells with their spans, headings
 * and what these stand over.
 *
 * <p>Grids may lie over each other; which of them a page shows is not chosen here.
 */
package dev.inlay.propose;
