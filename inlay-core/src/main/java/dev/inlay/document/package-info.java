/**
 * The tables of a document: parts joined over pages, what repeats on pages, sums that are proved,
 * doubts about whole tables and how probably each is right.
 *
 * <p>Takes pages in order and keeps rows only.
 */
package dev.inlay.document;
