/**
 * What is possible on a page: regions that may be tables, with their lines, columns and roles.
 *
 * <p>Several proposals may lie over each other; none is chosen here.
 */
package dev.inlay.propose;
